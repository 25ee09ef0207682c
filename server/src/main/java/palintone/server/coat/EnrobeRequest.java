package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

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
        @NotNull @Longest(64) String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bowlC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @NotNull @Valid CentreRequest centre,
        @Within(low = -25, high = 35, unit = "°C") double centreC,
        @Within(low = 0.1, high = 10, unit = "m/min") double beltMPerMin,
        @Within(low = 50, high = 1500, unit = "mm") double beltMm,
        @Nullable @Within(low = 50, high = 5000, unit = "mm") Double stretchMm,
        @Nullable @Within(low = 2, high = 200, unit = "mm") Double gapMm,
        @Nullable @Within(low = -5, high = 25, unit = "°C") Double tunnelC) {}
