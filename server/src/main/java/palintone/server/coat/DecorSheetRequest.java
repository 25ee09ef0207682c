package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.flow.FluidityClass;

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
        @NotNull String couverture,
        @Nullable FluidityClass fluidity,
        @Nullable Double bowlC,
        @Nullable Double stablePercent,
        @Nullable Double roomC,
        double lengthMm,
        double widthMm,
        double thickMm,
        @NotNull Cut cut,
        double acrossMm,
        @Nullable Double otherMm,
        @Nullable Double gapMm,
        @Nullable Integer rounds,
        @Nullable Double stripMm,
        @Nullable Double stripAcrossMm,
        @Nullable Double cutAtMin) {

    /** The shape of a piece. */
    public enum Cut {
        ROUNDS,
        RECTANGLES,
        /** Rounds, and strips beside them. */
        BOTH
    }
}
