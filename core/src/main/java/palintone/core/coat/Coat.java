package palintone.core.coat;

import palintone.core.casting.crust.CrustPath;
import palintone.core.figure.Source;

/**
 * The coat of a dipped centre, and what happens to it until it has set.
 *
 * <p>While it is under, heat goes from still chocolate into the centre, and what sets there is a
 * crust. Drawn out it takes a film ({@link Withdrawal}) that drains by its own law while it is
 * tapped. Set down, both cool to the room and into each other; the model of castings turned inside
 * out.
 *
 * @param filmMm mean all round
 * @param sidesMm on its sides
 * @param topMm on its top
 * @param crustMm of it, set to the centre as it was drawn out
 * @param massG of chocolate on it
 * @param tookJ heat the centre took from the bowl while it was under
 * @param tackyS after it is set down, powder no longer drowns; infinite where not in the hour
 * @param skinS nothing sticks to it any more; the same
 * @param liftsS it may be lifted; the same
 * @param stretch of the coat by the centre that warms inside it to the room, share of its length
 */
public record Coat(
        double filmMm,
        double sidesMm,
        double topMm,
        double crustMm,
        double massG,
        double tookJ,
        double tackyS,
        double skinS,
        double liftsS,
        double stretch) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals between centre and chocolate, film drawn out and draining;"
                            + " tapping halves the yield value, a skin is 18 % of the fat solid");

    private static final double SET_AT_C = 20;

    /**
     * @throws palintone.core.figure.OutOfRangeException when it cannot be dipped so
     */
    public static Coat of(final DipOrder order) {
        return of(order, DrawnCentre.of(order));
    }

    /** The same of a centre that was followed already, tapped as the order says. */
    static Coat of(final DipOrder order, final DrawnCentre drawn) {
        final DrawnCentre.Film film = drawn.tapped(order.tappedS());
        final CrustPath set = drawn.setting(film.meanMm());
        final double whole =
                CalibratedCoat.LIFTS_SHARE * order.bowl().couverture().curve().solidAt(SET_AT_C);
        return new Coat(
                film.meanMm(),
                film.sidesMm(),
                film.topMm(),
                Math.min(film.meanMm(), film.crustMm()),
                film.massG(),
                drawn.tookJ(),
                skinS(set, CalibratedCoat.TACKY_SOLID),
                skinS(set, CalibratedCoat.SKIN_SOLID),
                set.firstS(s -> set.meanSolid(0, s) >= whole),
                drawn.stretch(set));
    }

    /** Whether the centre, warming in a set coat, tears it. */
    public boolean tears() {
        return stretch > CalibratedCoat.TEARS_SHARE;
    }

    /** When so much of the fat of the face is solid, s; infinite where it is not. */
    static double skinS(final CrustPath set, final double solid) {
        return set.firstS(s -> set.stable(0, s) + set.unstable(0, s) >= solid);
    }
}
