package palintone.core.piece;

import palintone.core.casting.CastPlan;
import palintone.core.figure.OutOfRangeException;

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

    /**
     * The piece as it will be: where the shell that is wished cannot be had of the bowl that is
     * there, with the one that will be, so that masses, filling, cap and weight are its own. The
     * wish stays where nothing else would fit.
     */
    default ShelledPiece asItWillBe(final Materials needs, final Workplace place) {
        final double willMm = casting(needs, place).coats().together().meanMm();
        if (Math.abs(willMm - shellMm()) <= SAME_SHARE * shellMm()) {
            return this;
        }
        try {
            return withShell(willMm);
        } catch (final OutOfRangeException tooThick) {
            return this;
        }
    }

    /** Nearer than this to the wish nobody weighs a difference. */
    double SAME_SHARE = 0.05;

    /** How its shells are to be cast at that place. */
    CastPlan casting(Materials needs, Workplace place);
}
