package palintone.core.casting.learn;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.analysis.BivariateFunction;
import org.hipparchus.analysis.interpolation.BicubicInterpolator;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Require;

/**
 * Weighed shells correct the model: the yield value as it drains and the pace at which it sets, as
 * factors for this mould, couverture and vibration. Prior times likelihood over a net of both
 * logarithms, told by its middle and spread; what a shell weighs for a pair of factors is computed
 * once on a grid for each way of casting.
 */
public final class ShellLearning {

    private static final int ACROSS = 5;
    private static final double YIELD_FAR = 1.4;
    private static final double HEAT_FAR = 1.0;

    /** Points of the net each way, and how many spreads it reaches. */
    private static final int NET = 41;

    private static final double REACH = 4;

    /** First the whole range, then closer. */
    private static final int LOOKS = 3;

    private static final double SHARPEST = 1e-6;

    /** More castings than any season knows; then they are worked out anew. */
    private static final int MOST_SURFACES = 2000;

    private final Map<String, BivariateFunction> surfaces = new ConcurrentHashMap<>();

    /**
     * Shells of one mould on the scale.
     *
     * @param order how they were cast
     * @param waitS how long they waited, s
     * @param eachG weight of one shell, g
     * @param spreadG one standard deviation of that weight: scale, scraping, bubbles, g
     */
    public record Weighing(CastOrder order, double waitS, double eachG, double spreadG) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when a weight is impossible
         */
        public Weighing {
            Require.between("waiting time", waitS, 0, ShellCast.LONGEST_WAIT_S, "s");
            final double brim = order.mould().cavity().volumeMl() * order.bowl().kgPerM3() / 1000;
            Require.between("weight of a shell", eachG, 0.02 * brim, brim, "g");
            Require.positive("spread of a weight", spreadG, brim, "g");
        }
    }

    /** What is known after these weighings; nothing but the prior without any. */
    public Learned after(final List<Weighing> weighings) {
        if (weighings.isEmpty()) {
            return Learned.NOTHING;
        }
        final Collection<Alike> alike = alike(weighings);
        Belief belief = new Belief(0, 0, YIELD_FAR / REACH, HEAT_FAR / REACH);
        for (int look = 0; look < LOOKS; look++) {
            belief = closer(alike, belief);
        }
        return new Learned(
                Math.exp(belief.y),
                Math.exp(belief.h),
                belief.ySpread,
                belief.hSpread,
                weighings.size());
    }

    /** Middle and spread of both logarithms. */
    private record Belief(double y, double h, double ySpread, double hSpread) {}

    /** Weighings of one way of casting: what counts of them is their mean and how many. */
    private record Alike(BivariateFunction surface, int count, double meanG, double spreadG) {

        Alike and(final double eachG) {
            return new Alike(surface, count + 1, meanG + (eachG - meanG) / (count + 1), spreadG);
        }
    }

    private Collection<Alike> alike(final List<Weighing> weighings) {
        final Map<Weighing, Alike> groups = new LinkedHashMap<>();
        for (final Weighing one : weighings) {
            final double brim =
                    one.order().mould().cavity().volumeMl() * one.order().bowl().kgPerM3() / 1000;
            groups.compute(
                    new Weighing(one.order(), one.waitS(), brim, one.spreadG()),
                    (way, group) ->
                            group == null
                                    ? new Alike(
                                            surface(one.order(), one.waitS()),
                                            1,
                                            one.eachG(),
                                            one.spreadG())
                                    : group.and(one.eachG()));
        }
        return groups.values();
    }

    /** Prior times likelihood over a net around what is believed, and its moments. */
    private static Belief closer(final Collection<Alike> weighings, final Belief around) {
        final double[] ys = net(around.y, around.ySpread, YIELD_FAR);
        final double[] hs = net(around.h, around.hSpread, HEAT_FAR);
        final double[][] off = new double[NET][NET];
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < NET; i++) {
            for (int j = 0; j < NET; j++) {
                double sum =
                        square(ys[i] / Learned.NOTHING.yieldSpread())
                                + square(hs[j] / Learned.NOTHING.heatSpread());
                for (final Alike one : weighings) {
                    final double says = at(one.surface, ys[i], hs[j]);
                    sum += one.count * square((one.meanG - says) / one.spreadG);
                }
                off[i][j] = sum / 2;
                least = Math.min(least, sum / 2);
            }
        }
        final double[] sums = new double[5];
        for (int i = 0; i < NET; i++) {
            for (int j = 0; j < NET; j++) {
                final double weight = Math.exp(least - off[i][j]);
                sums[0] += weight;
                sums[1] += weight * ys[i];
                sums[2] += weight * hs[j];
                sums[3] += weight * ys[i] * ys[i];
                sums[4] += weight * hs[j] * hs[j];
            }
        }
        final double y = sums[1] / sums[0];
        final double h = sums[2] / sums[0];
        return new Belief(
                y,
                h,
                Math.sqrt(Math.max(SHARPEST, sums[3] / sums[0] - y * y)),
                Math.sqrt(Math.max(SHARPEST, sums[4] / sums[0] - h * h)));
    }

    private static double[] net(final double middle, final double spread, final double far) {
        final double from = Math.max(-far, middle - REACH * spread);
        final double to = Math.min(far, middle + REACH * spread);
        final double[] places = new double[NET];
        for (int i = 0; i < NET; i++) {
            places[i] = from + (to - from) * i / (NET - 1);
        }
        return places;
    }

    private static double square(final double value) {
        return value * value;
    }

    /** How much a shell cast so weighs by these factors, g. */
    public double predictG(final CastOrder order, final double waitS, final Learned learned) {
        return at(
                surface(order, waitS),
                Math.log(learned.yieldFactor()),
                Math.log(learned.heatFactor()));
    }

    private static double clamp(final double value, final double far) {
        return Math.max(-far, Math.min(far, value));
    }

    private BivariateFunction surface(final CastOrder order, final double waitS) {
        final String key = order.learning(Learned.NOTHING) + "|" + waitS;
        if (surfaces.size() > MOST_SURFACES) {
            surfaces.clear();
        }
        return surfaces.computeIfAbsent(
                key,
                k -> {
                    final ShellCast cast = new ShellCast(order.learning(Learned.NOTHING));
                    final double[][] grams = new double[ACROSS][ACROSS];
                    for (int i = 0; i < ACROSS; i++) {
                        for (int j = 0; j < ACROSS; j++) {
                            grams[i][j] =
                                    cast.with(
                                                    Learned.NOTHING.times(
                                                            Math.exp(place(i, YIELD_FAR)),
                                                            Math.exp(place(j, HEAT_FAR))))
                                            .after(waitS)
                                            .massG();
                        }
                    }
                    return new BicubicInterpolator()
                            .interpolate(places(YIELD_FAR), places(HEAT_FAR), grams);
                });
    }

    private static double place(final int i, final double far) {
        return -far + 2 * far * i / (ACROSS - 1);
    }

    private static double[] places(final double far) {
        final double[] places = new double[ACROSS];
        for (int i = 0; i < ACROSS; i++) {
            places[i] = place(i, far);
        }
        return places;
    }

    private static double at(final BivariateFunction surface, final double y, final double h) {
        return surface.value(clamp(y, YIELD_FAR), clamp(h, HEAT_FAR));
    }
}
