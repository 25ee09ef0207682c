package palintone.core.filling.layer;

import java.util.List;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * What logged crunch checks say about how fast water moves in this piece: the factor on the
 * permeance that is most likely, the model being believed within a factor of two or so (log-normal)
 * and a bite being called crisp the more surely the further below the critical water activity.
 */
public final class CrunchChecks {

    public static final Source SOURCE =
            Source.workshop("crunch checks of this workshop, weighed against the model");

    private static final double PRIOR_LOG = 0.8;
    private static final double BITE = 0.03;

    /** Looked through on both sides of the model, logarithm of the factor. */
    private static final double WIDEST_LOG = 3.4;

    private static final double STEP_LOG = 0.1;

    /** A bite, so many days after making. */
    public record Check(double days, boolean crisp) {

        public Check {
            Require.between("day of the check", days, 0, 400, "days");
        }
    }

    private CrunchChecks() {}

    /**
     * @param layer which of the layers is the crisp one
     * @return factor, 0.03 to 30; 1 without any check
     */
    public static double factor(
            final List<MoistureLayer> layers,
            final List<MoistureBetween.Face> faces,
            final int layer,
            final List<Check> checks) {
        if (checks.isEmpty()) {
            return 1;
        }
        final double last = checks.stream().mapToDouble(Check::days).max().orElse(1);
        final MoisturePath path =
                MoistureBetween.path(layers, faces, Math.max(1, last) * Math.exp(WIDEST_LOG));
        double best = 1;
        double most = Double.NEGATIVE_INFINITY;
        for (double log = -WIDEST_LOG; log <= WIDEST_LOG; log += STEP_LOG) {
            final double factor = Math.exp(log);
            double likely = -log * log / (2 * PRIOR_LOG * PRIOR_LOG);
            for (final Check check : checks) {
                final double activity = path.activity(check.days() * factor)[layer];
                final double soft =
                        1 / (1 + Math.exp(-(activity - MoistureBetween.SOFT_AT) / BITE));
                likely += Math.log(Math.max(1e-9, check.crisp() ? 1 - soft : soft));
            }
            if (likely > most) {
                most = likely;
                best = factor;
            }
        }
        return best;
    }
}
