package palintone.core.filling.layer;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.ode.DenseOutputModel;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;

/**
 * How the water goes between layers at the pace of the model. Where a workshop's water moves faster
 * or slower it goes through the same states sooner or later: the pace stands before every flow. So
 * one path answers for all of them.
 */
final class MoisturePath {

    private static final double SHORTEST_DAYS = 1e-6;
    private static final double FIRST_DAYS = 0.5;
    private static final double TOLERANCE_G = 1e-7;
    private static final double TOLERANCE_SHARE = 1e-6;

    /** Layers no further apart give each other nothing that is ever noticed, water activity. */
    private static final double EVEN = 1e-5;

    private final List<MoistureLayer> layers;
    private final DenseOutputModel water;
    private final double[] atOnceG;
    private final double endDays;

    private MoisturePath(
            final List<MoistureLayer> layers,
            final DenseOutputModel water,
            final double[] atOnceG,
            final double endDays) {
        this.layers = layers;
        this.water = water;
        this.atOnceG = atOnceG;
        this.endDays = endDays;
    }

    /**
     * @param layers two or more
     * @param rate of each face, g a day for a whole unit of water activity
     * @param towards place of the layer on its other side
     * @param days at the pace of the model, above 0; followed no further than until all is even
     */
    static MoisturePath of(
            final List<MoistureLayer> layers,
            final double[] rate,
            final int[] towards,
            final double days) {
        final double[] atOnceG =
                layers.stream().mapToDouble(l -> l.moisture() * l.dryG()).toArray();
        final Flows flows = new Flows(layers, rate, towards);
        final DenseOutputModel model = new DenseOutputModel();
        double[] now = atOnceG;
        double from = 0;
        double span = FIRST_DAYS;
        while (from < days && !flows.even(now)) {
            final double to = Math.min(days, from + span);
            final DormandPrince54Integrator solver =
                    new DormandPrince54Integrator(
                            SHORTEST_DAYS, span, TOLERANCE_G, TOLERANCE_SHARE);
            final DenseOutputModel part = new DenseOutputModel();
            solver.addStepHandler(part);
            now = solver.integrate(flows, new ODEState(from, now), to).getPrimaryState();
            model.append(part);
            from = to;
            span *= 2;
        }
        return new MoisturePath(layers, model, atOnceG, from);
    }

    /** Water activity of every layer, so many days of the model after making. */
    double[] activity(final double days) {
        final double[] g =
                endDays == 0
                        ? atOnceG
                        : water.getInterpolatedState(Math.min(days, endDays)).getPrimaryState();
        return activity(layers, g);
    }

    private static double[] activity(final List<MoistureLayer> layers, final double[] waterG) {
        final double[] activity = new double[waterG.length];
        for (int i = 0; i < waterG.length; i++) {
            final MoistureLayer layer = layers.get(i);
            activity[i] = layer.isotherm().activity(Math.max(0, waterG[i]) / layer.dryG());
        }
        return activity;
    }

    /** Grams a day that each layer gains. */
    private record Flows(List<MoistureLayer> layers, double[] rate, int[] towards)
            implements OrdinaryDifferentialEquation {

        @Override
        public int getDimension() {
            return layers.size();
        }

        @Override
        public double[] computeDerivatives(final double day, final double[] waterG) {
            final double[] activity = activity(layers, waterG);
            final double[] flow = new double[waterG.length];
            for (int i = 0; i < rate.length; i++) {
                final double over = rate[i] * (activity[towards[i]] - activity[i + 1]);
                flow[towards[i]] -= over;
                flow[i + 1] += over;
            }
            return flow;
        }

        boolean even(final double[] waterG) {
            final double[] activity = activity(layers, waterG);
            return Arrays.stream(activity).max().orElse(0) - Arrays.stream(activity).min().orElse(0)
                    < EVEN;
        }
    }
}
