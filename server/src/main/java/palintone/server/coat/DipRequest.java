package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.coat.Powder;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Centres to be dipped.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param bowlC of the bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param centreC as it is dipped
 * @param underS pressed under; 2 where left out
 * @param tappedS lifted and tapped; 6 where left out
 * @param blown whether its top is blown off; not where left out
 * @param wantedG weight of a coat; then the tapping is found
 * @param pieces in all; 40 where left out
 * @param everyS from one to the next; 10 where left out
 * @param bowlG in the bowl; as much as it takes where left out
 * @param powder rolled in; none where left out
 * @param roomC that of House rules where left out
 */
public record DipRequest(
        @NotNull @Longest(64) String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bowlC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @NotNull @Valid CentreRequest centre,
        @Within(low = -25, high = 35, unit = "°C") double centreC,
        @Nullable @Within(low = 0.5, high = 30, unit = "s") Double underS,
        @Nullable @Within(low = 0, high = 60, unit = "s") Double tappedS,
        @Nullable Boolean blown,
        @Nullable @Within(low = 0, above = true, high = 500, unit = "g") Double wantedG,
        @Nullable @Within(low = 1, high = 5000) Integer pieces,
        @Nullable @Within(low = 2, high = 600, unit = "s") Double everyS,
        @Nullable @Within(low = 20, high = 200_000, unit = "g") Double bowlG,
        @Nullable Powder powder,
        @Nullable @Within(low = 5, high = 40, unit = "°C") Double roomC) {}
