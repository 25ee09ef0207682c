package palintone.core.filling.record;

import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * What a workshop's own measurements of a recipe say about the model of that recipe: the model is
 * off by an amount believed to be 0 ± prior; each measurement tells it within its own margin; the
 * two are weighed by their precision (normal distributions).
 *
 * @param offset to be added to what the model says
 * @param margin standard deviation that is left, above 0
 * @param measurements how many there were
 * @param at what the model said of the recipe that was measured last, in its own unit
 */
public record Correction(double offset, double margin, int measurements, double at) {

    public static final Source SOURCE =
            Source.workshop("measured by the workshop on this recipe, weighed against the model");

    /** What is measured, with the standard deviation of model and of one measurement. */
    public enum Of {
        /** Margins calibrated here: models of water activity differ by about 0.02. */
        WATER_ACTIVITY(0.02, 0.006, 0.01),
        PH(0.3, 0.08, 0.1),
        /** Steps of firmness, as judged after a day. */
        FIRMNESS(0.8, 0.6, 1);

        private final double prior;
        private final double measured;
        private final double reach;

        Of(final double prior, final double measured, final double reach) {
            this.prior = prior;
            this.measured = measured;
            this.reach = reach;
        }

        public double prior() {
            return prior;
        }
    }

    /** Nothing was measured: the model stands as it is. */
    public static Correction none(final Of what) {
        return new Correction(0, what.prior, 0, Double.NaN);
    }

    /**
     * Whether it was measured on such a recipe: then its margin holds there. Of a recipe that has
     * been changed since by more than a measurement would see, it only says how the model errs.
     *
     * @param what is corrected
     * @param computed by the model alone, of the recipe as it is now, in its own unit
     */
    public boolean holds(final Of what, final double computed) {
        return measurements > 0 && Math.abs(computed - at) <= what.reach;
    }

    /** Says by how much the workshop's own measurements move a number, where there are any. */
    public Basis moves(final Unit unit, final Basis basis) {
        return measurements == 0
                ? basis
                : basis.with("moved by own measurements", offset, unit)
                        .with("margin left", margin, unit)
                        .from(SOURCE);
    }

    /**
     * One measurement, in its own unit.
     *
     * @param computed what the model said of the recipe as it then was
     * @param read what was read
     */
    public record Measured(double computed, double read) {}

    /**
     * @param readings the last first
     */
    public static Correction of(final Of what, final List<Measured> readings) {
        if (readings.isEmpty()) {
            return none(what);
        }
        final List<Double> differences =
                readings.stream().map(r -> r.read() - r.computed()).toList();
        final double trust = 1 / (what.prior * what.prior);
        final double each = 1 / (what.measured * what.measured);
        final double sum = differences.stream().mapToDouble(Double::doubleValue).sum();
        final double all = trust + each * differences.size();
        return new Correction(
                each * sum / all,
                Math.sqrt(1 / all),
                differences.size(),
                readings.get(0).computed());
    }
}
