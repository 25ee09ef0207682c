package palintone.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.mould.Mould;
import palintone.core.mould.Release;

/** A piece that comes out of the cavities of a mould. */
public sealed interface CastPiece extends TemperedPiece permits ShelledPiece, SolidPiece {

    /** What it is cast in. */
    Mould mould();

    /** Cavities that one of it takes. */
    default int cavitiesEach() {
        return 1;
    }

    /**
     * Whether its bowl can be topped up for another turn: not where what is stirred into it stays
     * in what is left.
     */
    default boolean inTurns() {
        return true;
    }

    @Override
    default int atOnce() {
        return mould().usable() / cavitiesEach();
    }

    /** Of the mould first: what does not come out need not be filled. */
    @Override
    default List<Sentence> remarks(final Materials needs) {
        final List<Sentence> remarks = new ArrayList<>();
        final Release release = mould().release();
        if (release.answer() != Release.Answer.COMES_OUT) {
            remarks.add(release.words());
        }
        if (mould().state().scratched()) {
            remarks.add(
                    Sentence.of("This mould is scratched: every piece shows it, and some stick."));
        }
        final String unwashed = CastingTasks.unwashed(this, needs);
        if (!unwashed.isEmpty()) {
            remarks.add(Sentence.of(unwashed));
        }
        remarks.addAll(remarks());
        return remarks;
    }

    @Override
    default BatchSize batchOf(final Optional<Integer> moulds, final Optional<Integer> pieces) {
        if (moulds.isPresent() == pieces.isPresent()) {
            throw new OutOfRangeException(
                    "size", moulds.isEmpty() ? "not given" : "given twice", "moulds or pieces");
        }
        final int cavities = atOnce();
        return moulds.map(m -> BatchSize.ofMoulds(m, cavities))
                .orElseGet(() -> BatchSize.ofPieces(pieces.orElseThrow(), cavities));
    }
}
