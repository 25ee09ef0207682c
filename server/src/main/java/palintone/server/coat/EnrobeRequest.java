package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;

/**
 * Centres through a small enrobing machine.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param bowlC of its bath; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param centreC as it goes in
 * @param beltMPerMin speed of the belt
 * @param beltMm width of the belt
 * @param stretchMm from curtain to tunnel, with the blower and the shaker; 400 where left out
 * @param gapMm between two centres; 15 where left out
 * @param tunnelC air of the tunnel; 14 where left out
 */
public record EnrobeRequest(
        @NotNull String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable Double bowlC,
        @Nullable Double stablePercent,
        @NotNull @Valid CentreRequest centre,
        double centreC,
        double beltMPerMin,
        double beltMm,
        @Nullable Double stretchMm,
        @Nullable Double gapMm,
        @Nullable Double tunnelC) {}
