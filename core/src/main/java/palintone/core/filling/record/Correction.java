package palintone.core.filling.record;

import java.util.List;
import palintone.core.figure.Source;

/**
 * What a workshop's own measurements of a recipe say about the model of that recipe: the model is
 * off by an amount believed to be 0 ± prior; each measurement tells it within its own margin; the
 * two are weighed by their precision (normal distributions).
 *
 * @param offset to be added to what the model says
 * @param margin standard deviation that is left, above 0
 * @param measurements how many there were
 */
public record Correction(double offset, double margin, int measurements) {

    public static final Source SOURCE =
            Source.workshop("measured by the workshop on this recipe, weighed against the model");

    /** What is measured, with the standard deviation of model and of one measurement. */
    public enum Of {
        /** Margins calibrated here: models of water activity differ by about 0.02. */
        WATER_ACTIVITY(0.02, 0.006),
        PH(0.3, 0.08),
        /** Steps of firmness, as judged after a day. */
        FIRMNESS(0.8, 0.6);

        private final double prior;
        private final double measured;

        Of(final double prior, final double measured) {
            this.prior = prior;
            this.measured = measured;
        }

        public double prior() {
            return prior;
        }
    }

    /** Nothing was measured: the model stands as it is. */
    public static Correction none(final Of what) {
        return new Correction(0, what.prior, 0);
    }

    /**
     * @param differences measured minus computed, each for the recipe as it then was
     */
    public static Correction of(final Of what, final List<Double> differences) {
        if (differences.isEmpty()) {
            return none(what);
        }
        final double trust = 1 / (what.prior * what.prior);
        final double each = 1 / (what.measured * what.measured);
        final double sum = differences.stream().mapToDouble(Double::doubleValue).sum();
        final double all = trust + each * differences.size();
        return new Correction(each * sum / all, Math.sqrt(1 / all), differences.size());
    }
}
