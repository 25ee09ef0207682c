package palintone.core.piece;

import java.util.Optional;
import palintone.core.casting.CastPlan;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/** A piece whose shell is cast by filling a mould and turning it over. */
public sealed interface ShelledPiece extends CastPiece permits MouldedPiece, HollowFigure {

    /** Thickness of the shell, mm. */
    double shellMm();

    @Override
    ShelledMasses masses();

    /**
     * The same with another shell.
     *
     * @throws palintone.core.figure.OutOfRangeException where what is in it no longer fits
     */
    ShelledPiece withShell(double mm);

    @Override
    default ShelledPiece asItWillBe(final Materials needs, final Workplace place) {
        final double willMm = casting(needs, place).wallMm();
        if (Math.abs(willMm - shellMm()) <= SAME_SHARE * shellMm()) {
            return this;
        }
        try {
            return withShell(willMm);
        } catch (final OutOfRangeException tooThick) {
            return this;
        }
    }

    @Override
    default Optional<Sentence> wishedOtherwise(final Piece made) {
        return made instanceof ShelledPiece will && will.shellMm() != shellMm()
                ? Optional.of(
                        Sentence.of(
                                        "A shell of {wish} is wished; this bowl makes it {will}, and all else here is"
                                                + " reckoned with that.")
                                .with("wish", shellMm(), Unit.MILLIMETRE)
                                .with("will", will.shellMm(), Unit.MILLIMETRE))
                : Optional.empty();
    }

    /** What of it is of another couverture and cast first; empty where there is no such coat. */
    default Optional<HollowFigure.Second> outer() {
        return Optional.empty();
    }

    /** What of another couverture stays in one as its outer coat, g. */
    default double outerG() {
        return 0;
    }

    /** What is poured in for that, all cavities of one, g. */
    default double outerBrimG() {
        return 0;
    }

    /** Nearer than this to the wish nobody weighs a difference. */
    double SAME_SHARE = 0.05;

    /** How its shells are to be cast at that place. */
    CastPlan casting(Materials needs, Workplace place);
}
