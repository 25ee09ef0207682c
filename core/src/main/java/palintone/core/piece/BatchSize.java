package palintone.core.piece;

import palintone.core.figure.Require;

/**
 * How many pieces are cast, in whole and part-filled moulds.
 *
 * @param pieces cavities cast
 * @param cavitiesPerMould of the mould used
 */
public record BatchSize(int pieces, int cavitiesPerMould) {

    /** Nobody casts more in one batch. */
    public static final int MOST_MOULDS = 200;

    /**
     * @param moulds 1 to 200
     * @throws palintone.core.figure.OutOfRangeException when the number is outside that
     */
    public static BatchSize ofMoulds(final int moulds, final int cavitiesPerMould) {
        Require.between("moulds", moulds, 1, MOST_MOULDS, "");
        return new BatchSize(moulds * cavitiesPerMould, cavitiesPerMould);
    }

    /**
     * @param pieces 1 to what 200 moulds hold
     * @throws palintone.core.figure.OutOfRangeException when the number is outside that
     */
    public static BatchSize ofPieces(final int pieces, final int cavitiesPerMould) {
        Require.between("pieces", pieces, 1, MOST_MOULDS * cavitiesPerMould, "");
        return new BatchSize(pieces, cavitiesPerMould);
    }

    /** Moulds needed; the last may be part-filled. */
    public int moulds() {
        return (pieces + cavitiesPerMould - 1) / cavitiesPerMould;
    }
}
