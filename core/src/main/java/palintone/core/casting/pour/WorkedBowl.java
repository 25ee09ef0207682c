package palintone.core.casting.pour;

import palintone.core.figure.Band;
import palintone.core.figure.Source;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.method.TemperCurve;

/**
 * The bowl a station works from: as warm, as seeded and as fluid as this house's own curve makes
 * it, in the middle of its use. Shells, coats, lines, sheets, pieces and batches all ask here.
 *
 * <p>The curve says how many crystals it has when work begins, and how they multiply until half of
 * its window has gone, ten minutes at the most. A bowl with more than {@link #MOST_STABLE} is
 * thick: it is warmed a little, and goes on with so many.
 */
public final class WorkedBowl {

    /** How much is tempered where nobody says, g: what one stands in a bowl by hand. */
    public static final double PLANNED_G = 2000;

    public static final Source SOURCE =
            Source.calibrated(
                    "seed in the middle of its use, of this house's own curve; a bowl with more than"
                            + " 4 % is warmed until it pours");

    /** Share of the fat; calibrated to shells of 1.3 to 2 mm after a minute. */
    private static final double MOST_STABLE = 0.04;

    private static final double LEAST_STABLE = 0.01;

    /** Per cent of the fat, of a bowl of which nobody says how it was tempered: by seed. */
    public static final double USUAL_PERCENT = MOST_STABLE * 100;

    /** To the quarter of a per cent: a bowl a little larger is not another casting. */
    private static final double STEP = 0.0025;

    private static final double LONGEST_MIN = 10;

    private WorkedBowl() {}

    /** The bowl a curve ends in, as it is worked. */
    public static BowlAt of(final TemperCurve curve) {
        final double atS =
                60 * (curve.ready().value() + Math.min(LONGEST_MIN, curve.window().value() / 2));
        double stable = curve.stable().value() / 100;
        for (final BowlState state : curve.path()) {
            if (state.timeS() <= atS) {
                stable = state.crystals().stable();
            }
        }
        final Band work = curve.worked();
        return new BowlAt(
                curve.order().couverture(),
                curve.order().fluidity(),
                work.middle(),
                new Crystals(
                        Math.max(
                                LEAST_STABLE,
                                Math.min(MOST_STABLE, Math.round(stable / STEP) * STEP)),
                        0));
    }
}
