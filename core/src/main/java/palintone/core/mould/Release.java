package palintone.core.mould;

import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * Whether a set piece comes out of its cavity, judged by the shape alone: a piece shrinks by about
 * a hundredth and lifts straight out, so a wall must never lean over it. Common practice, no
 * source.
 *
 * @param undercutMm how far the wall leans over what lies deeper, mm
 * @param uprightShare share of the depth along which the wall is within two degrees of upright, 0
 *     to 1
 * @param answer what follows
 * @param words the same for the maker
 */
public record Release(double undercutMm, double uprightShare, Answer answer, Sentence words) {

    private static final int STEPS = 200;

    /** A wall within so much of upright holds on to the piece; practice. */
    private static final double UPRIGHT_DEGREES = 2;

    /** Contraction frees a piece where no more of its wall than this is upright; practice. */
    private static final double MOSTLY = 0.6;

    /** Shrinking frees a ledge of this share of the width, 1.2 % of the half width; models.md D. */
    private static final double SHRINKS = 0.012;

    /** What the shape lets it do. */
    public enum Answer {
        COMES_OUT,
        TIGHT,
        STAYS_IN
    }

    /** What a cavity of a mould made so lets its pieces do. */
    public static Release of(final Cavity cavity, final MouldBody body) {
        double narrowest = cavity.halfWidthMm(0);
        double undercut = 0;
        int upright = 0;
        double last = narrowest;
        final double step = cavity.depthMm() / STEPS;
        for (int i = 1; i <= STEPS; i++) {
            final double half = cavity.halfWidthMm(i * step);
            undercut = Math.max(undercut, half - narrowest);
            narrowest = Math.min(narrowest, half);
            if (Math.toDegrees(Math.atan2(last - half, step)) < UPRIGHT_DEGREES) {
                upright++;
            }
            last = half;
        }
        return judged(undercut, upright / (double) STEPS, cavity.halfWidthMm(0), body);
    }

    private static Release judged(
            final double undercutMm,
            final double uprightShare,
            final double rimMm,
            final MouldBody body) {
        if (body.bends() || body.opens()) {
            return new Release(
                    undercutMm,
                    uprightShare,
                    Answer.COMES_OUT,
                    Sentence.of(
                            body.opens()
                                    ? "The halves open: it comes out whatever the wall does."
                                    : "The mould is peeled off: it comes out whatever the wall"
                                            + " does."));
        }
        if (undercutMm > SHRINKS * rimMm) {
            return new Release(
                    undercutMm,
                    uprightShare,
                    Answer.STAYS_IN,
                    Sentence.of(
                                    "The wall leans over by {undercut}: a rigid mould keeps the"
                                            + " piece. Silicone or closing halves let it go.")
                            .with("undercut", undercutMm, Unit.MILLIMETRE));
        }
        if (uprightShare > MOSTLY) {
            return new Release(
                    undercutMm,
                    uprightShare,
                    Answer.TIGHT,
                    Sentence.of(
                                    "{upright} of the wall is upright: only shrinking frees it."
                                            + " Polish well, and give it time in the cold.")
                            .with("upright", uprightShare * 100, Unit.PERCENT));
        }
        return new Release(
                undercutMm,
                uprightShare,
                Answer.COMES_OUT,
                Sentence.of("The walls lean outwards: it comes out when it has shrunk."));
    }
}
