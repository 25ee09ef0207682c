package palintone.core.casting.shell;

import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * What the workshop's own weighings say of this mould, couverture and vibration, against the model:
 * factors, one where nothing is known.
 *
 * @param yieldFactor on the yield value as it drains, 0.1 to 10
 * @param heatFactor on the growth of what sets while it waits, 0.1 to 10
 * @param yieldSpread one standard deviation of the logarithm of the first, 0 to 2
 * @param heatSpread of the second
 * @param weighings it rests on
 */
public record Learned(
        double yieldFactor,
        double heatFactor,
        double yieldSpread,
        double heatSpread,
        int weighings) {

    /** Before anything is weighed: a yield value off by a third either way is common. */
    public static final Learned NOTHING =
            new Learned(
                    1, 1, CalibratedCasting.YIELD_UNKNOWN, CalibratedCasting.SETTING_UNKNOWN, 0);

    public static final Source PRIOR =
            Source.calibrated(
                    "before any weighing the yield value is uncertain by a third, the setting by a"
                            + " quarter (one standard deviation)");

    /**
     * @throws palintone.core.figure.OutOfRangeException when a factor is impossible
     */
    public Learned {
        Require.between("yield factor", yieldFactor, 0.1, 10, "");
        Require.between("setting factor", heatFactor, 0.1, 10, "");
        Require.between("spread of the yield factor", yieldSpread, 0, 2, "");
        Require.between("spread of the setting factor", heatSpread, 0, 2, "");
    }

    /** The same, found in another size of the form: as likely, less sure. */
    public Learned inAnotherSize() {
        return new Learned(
                yieldFactor,
                heatFactor,
                Math.min(2, Math.hypot(yieldSpread, CalibratedCasting.SIZES_DIFFER)),
                Math.min(2, Math.hypot(heatSpread, CalibratedCasting.SIZES_DIFFER)),
                weighings);
    }

    /**
     * The same for a bowl whose yield value and heat to be lost are so many times as large, without
     * unit.
     */
    public Learned times(final double yieldTimes, final double heatTimes) {
        return new Learned(
                clamp(yieldFactor * yieldTimes),
                clamp(heatFactor * heatTimes),
                yieldSpread,
                heatSpread,
                weighings);
    }

    private static double clamp(final double factor) {
        return Math.max(0.1, Math.min(10, factor));
    }
}
