package palintone.core.casting.cold;

import java.util.List;
import org.hipparchus.distribution.continuous.NormalDistribution;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * What this workshop's demoulded moulds say of the time its shells take to let go: a factor on it,
 * one where nothing is known. A polished mould lets go sooner, a worn one later.
 *
 * @param factor on the time in the cold, 0.1 to 10
 * @param spread one standard deviation of its logarithm, 0 to 2
 * @param checks it rests on
 */
public record Released(double factor, double spread, int checks) {

    /** Before anything was turned out: a third either way is common. */
    public static final Released NOTHING = new Released(1, 0.35, 0);

    public static final Source SOURCE =
            Source.calibrated(
                    "time to let go against the model: lognormal, uncertain by a third before any"
                            + " mould was turned out; cavities of one mould differ by a fifth and"
                            + " count as six");

    private static final double WIDEST = 2;
    private static final int POINTS = 401;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Released {
        Require.between("release factor", factor, 0.1, 10, "");
        Require.between("spread of the release factor", spread, 0, 2, "");
    }

    /**
     * A mould turned out.
     *
     * @param foretoldS by the model alone, above 0, up to two hours
     * @param coldS it was in the cold, above 0, up to a day
     * @param share of its cavities that came out, 0 to 1
     */
    public record Check(double foretoldS, double coldS, double share) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when a number is impossible
         */
        public Check {
            Require.positive("time foretold", foretoldS, 7200, "s");
            Require.positive("time in the cold", coldS, 86_400, "s");
            Require.between("share that came out", share * 100, 0, 100, "%");
        }
    }

    /** The posterior over a grid of the factor's logarithm. */
    public static Released of(final List<Check> checks) {
        if (checks.isEmpty()) {
            return NOTHING;
        }
        final double[] log = new double[POINTS];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < POINTS; i++) {
            final double x = at(i);
            double sum = -0.5 * Math.pow(x / NOTHING.spread, 2);
            for (final Check check : checks) {
                final double out =
                        normal(
                                (Math.log(check.coldS / check.foretoldS) - x)
                                        / CalibratedCasting.CAVITIES_DIFFER);
                sum +=
                        CalibratedCasting.COUNT_AS
                                * (check.share * Math.log(out)
                                        + (1 - check.share) * Math.log(1 - out));
            }
            log[i] = sum;
            most = Math.max(most, sum);
        }
        double all = 0;
        double mean = 0;
        double square = 0;
        for (int i = 0; i < POINTS; i++) {
            final double weight = Math.exp(log[i] - most);
            all += weight;
            mean += weight * at(i);
            square += weight * at(i) * at(i);
        }
        mean /= all;
        return new Released(
                Math.exp(mean), Math.sqrt(Math.max(0, square / all - mean * mean)), checks.size());
    }

    private static double at(final int point) {
        return -WIDEST + 2 * WIDEST * point / (POINTS - 1);
    }

    private static double normal(final double z) {
        return Math.max(1e-6, Math.min(1 - 1e-6, NORMAL.cumulativeProbability(z)));
    }

    /** The same, found in another size of the form: as likely, less sure. */
    public Released inAnotherSize() {
        return new Released(
                factor, Math.min(2, Math.hypot(spread, CalibratedCasting.SIZES_DIFFER)), checks);
    }

    /** A time to let go as this workshop has it. */
    public Range of(final Range modelS) {
        return new Range(modelS.low() * factor, modelS.high() * factor);
    }
}
