package palintone.core.piece;

import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * How many pieces are made, in whole and part-filled moulds, or on whole and part-cut sheets.
 *
 * @param pieces of the batch
 * @param cavitiesPerMould pieces of one mould or sheet; 0 where they are made one by one
 */
public record BatchSize(int pieces, int cavitiesPerMould) {

    /** Nobody casts more in one batch. */
    public static final int MOST_MOULDS = 200;

    static final int MOST_LOOSE = 5000;

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

    /**
     * Made one by one.
     *
     * @param pieces 1 to 5000
     * @throws palintone.core.figure.OutOfRangeException when the number is outside that
     */
    public static BatchSize oneByOne(final int pieces) {
        Require.between("pieces", pieces, 1, MOST_LOOSE, "");
        return new BatchSize(pieces, 0);
    }

    /**
     * The same, as it is asked for.
     *
     * @throws OutOfRangeException when moulds are asked for, or nothing
     */
    static BatchSize oneByOne(final Optional<Integer> moulds, final Optional<Integer> pieces) {
        if (moulds.isPresent() || pieces.isEmpty()) {
            throw new OutOfRangeException(
                    "size",
                    moulds.isPresent() ? moulds.get() + " moulds" : "not given",
                    "pieces: it comes out of no mould");
        }
        return oneByOne(pieces.get());
    }

    /** Moulds or sheets needed; the last may be part-filled. None where it is made without. */
    public int moulds() {
        return cavitiesPerMould == 0 ? 0 : (pieces + cavitiesPerMould - 1) / cavitiesPerMould;
    }
}
