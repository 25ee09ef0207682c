package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A decoration sheet.
 *
 * @param fluidity as poured; that of its bag where left out
 * @param bowlC of the bowl; the middle of its window where left out
 * @param stablePercent stable crystals, per cent of the fat; as this house works it where left out
 * @param roomC that of House rules where left out
 * @param cut what is cut from it
 * @param acrossMm of a round, or one side of a rectangle
 * @param otherMm the other side of a rectangle
 * @param gapMm between two rounds; 1 where left out
 * @param rounds wanted, where strips are cut beside them
 * @param stripMm a strip's longer side
 * @param stripAcrossMm its other side
 * @param cutAtMin when it is to be cut; only said where it is too soon or too late
 */
public record DecorSheetRequest(
        @NotNull @Longest(64) String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable @Within(low = 20, high = 50, unit = "°C") Double bowlC,
        @Nullable @Within(low = 0, high = 20, unit = "% of the fat") Double stablePercent,
        @Nullable @Within(low = 5, high = 40, unit = "°C") Double roomC,
        @Within(low = 10, high = 2000, unit = "mm") double lengthMm,
        @Within(low = 10, high = 2000, unit = "mm") double widthMm,
        @Within(low = 0.1, high = 10, unit = "mm") double thickMm,
        @NotNull Cut cut,
        @Within(low = 5, high = 500, unit = "mm") double acrossMm,
        @Nullable @Within(low = 5, high = 500, unit = "mm") Double otherMm,
        @Nullable @Within(low = 0, high = 50, unit = "mm") Double gapMm,
        @Nullable @Within(low = 1, high = 5000) Integer rounds,
        @Nullable @Within(low = 5, high = 500, unit = "mm") Double stripMm,
        @Nullable @Within(low = 5, high = 500, unit = "mm") Double stripAcrossMm,
        @Nullable @Within(low = 0, high = 600, unit = "min") Double cutAtMin) {

    /** The shape of a piece. */
    public enum Cut {
        ROUNDS,
        RECTANGLES,
        /** Rounds, and strips beside them. */
        BOTH
    }
}
