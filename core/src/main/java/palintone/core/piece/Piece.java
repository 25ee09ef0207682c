package palintone.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.figure.Figure;
import palintone.core.figure.Sentence;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.process.Process;
import palintone.core.substance.Portion;
import palintone.core.temper.Couverture;

/**
 * Something a workshop makes and sells by the piece. Each kind knows what it weighs, how it looks
 * cut through, what a batch of it needs and how it is made; nobody else asks of which kind it is.
 */
public sealed interface Piece permits TemperedPiece, RolledPiece {

    /** Short name used in files. */
    String id();

    /** As the maker says it. */
    String name();

    /** What is brought into temper for it: cast, or coated with; empty where nothing is. */
    Optional<Couverture> tempered();

    /** What it is filled with, first in first; nothing in a piece cast full. */
    default List<Filling> fillings() {
        return List.of();
    }

    /** What a maker should know of it, though nothing forbids it. */
    default List<Sentence> remarks() {
        return List.of();
    }

    /**
     * What matters of one while it is thought out, with its bands; common practice, no source.
     *
     * @param roomC where it is made, 5 to 26 °C
     */
    default List<Figure> qualities(final double roomC) {
        return List.of();
    }

    /**
     * The piece as it will be: where shell or coat that is wished cannot be had of the bowl that is
     * there, with the one that will be, so that masses and weights are its own. The wish stays
     * where nothing else would fit.
     */
    default Piece asItWillBe(final Materials needs, final Workplace place) {
        return this;
    }

    /** What is said of the difference; empty where there is none. */
    default Optional<Sentence> wishedOtherwise(final Piece made) {
        return Optional.empty();
    }

    /** What it wears: colours in the mould, finishings on it. */
    Decoration dress();

    /** What one of it holds, g. */
    PieceMasses masses();

    /** The chocolate that stays in one, each kind of it. */
    List<Portion> chocolate();

    /** Cut through, to scale. */
    Section section();

    /**
     * What a batch of it needs.
     *
     * @param size how many
     * @param habits how this workshop casts
     * @param conditions where each filling is kept, and what was measured of it
     */
    Materials materials(
            BatchSize size, BatchHabits habits, Function<Filling, Conditions> conditions);

    /** The same, its fillings kept as usual and nothing measured of them. */
    default Materials materials(final BatchSize size, final BatchHabits habits) {
        return materials(size, habits, filling -> Conditions.USUAL);
    }

    /**
     * How a batch of it is made.
     *
     * @param needs what {@link #materials} says of it
     * @param place where it is made
     */
    Process process(Materials needs, Workplace place);

    /** As many as are made at once at the least: of one mould. */
    int atOnce();

    /**
     * What a maker should know of a batch of it, though nothing forbids it.
     *
     * @param needs what {@link #materials} says of it
     */
    default List<Sentence> remarks(final Materials needs) {
        return remarks();
    }

    /**
     * So many moulds or so many pieces of it, one of the two.
     *
     * @throws palintone.core.figure.OutOfRangeException when neither is given, or both, or the
     *     number is impossible
     */
    BatchSize batchOf(Optional<Integer> moulds, Optional<Integer> pieces);
}
