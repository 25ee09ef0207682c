package palintone.core.casting.film;

import java.util.Arrays;

/**
 * How fast a film of one thickness runs down one slope: the Casson law at every depth of the film,
 * so that what has set near the wall stays and what is still liquid above it runs.
 *
 * <p>In a film of thickness h the stress at a distance y from the wall is ρg·sin α·(h − y); where
 * that exceeds the yield value there, it shears by (√τ − √τ0)²/η. The flow over a millimetre of
 * width is the integral of (h − y)·γ. Against the closed form of an even fluid it is good to one
 * part in a thousand.
 */
final class FilmFlow {

    private static final int THICKNESSES = 64;
    private static final int SLICES = 12;

    private final Sampled of;
    private final double pullPaPerM;
    private final double stepM;

    /**
     * Flow at each thickness over its cube, which bends far less than the flow; as it is first
     * asked for: in the little while a chocolate stays what it is, a film hardly thins.
     */
    private final double[] overCube = new double[THICKNESSES + 1];

    /**
     * The chocolate by its distance from the wall, read off once for all slopes: roots and
     * divisions are what a flow costs.
     */
    static final class Sampled {

        private static final int POINTS = 512;

        private final double thickestM;
        private final double[] rootOfYield = new double[POINTS + 2];
        private final double[] perPlastic = new double[POINTS + 2];

        /**
         * @param thickestM up to this thickness, m
         */
        Sampled(final Consistency consistency, final double thickestM) {
            this.thickestM = thickestM;
            for (int i = 0; i < rootOfYield.length; i++) {
                final double fromWallM = thickestM * i / POINTS;
                rootOfYield[i] = Math.sqrt(consistency.yieldPa(fromWallM));
                perPlastic[i] = 1 / consistency.plasticPaS(fromWallM);
            }
        }

        private double sheared(final double pull, final double above, final double fromWallM) {
            final double along = fromWallM * POINTS / thickestM;
            final int i = (int) along;
            final double part = along - i;
            final double root =
                    Math.sqrt(pull * above)
                            - (rootOfYield[i] + part * (rootOfYield[i + 1] - rootOfYield[i]));
            return root <= 0
                    ? 0
                    : above
                            * root
                            * root
                            * (perPlastic[i] + part * (perPlastic[i + 1] - perPlastic[i]));
        }
    }

    /**
     * @param of the chocolate, up to the thickest film
     * @param pullPaPerM weight along the slope, ρg·sin α, Pa/m
     */
    FilmFlow(final Sampled of, final double pullPaPerM) {
        this.of = of;
        this.pullPaPerM = pullPaPerM;
        stepM = of.thickestM / THICKNESSES;
        Arrays.fill(overCube, Double.NaN);
    }

    private double overCube(final int i) {
        if (Double.isNaN(overCube[i])) {
            // Below the first thickness it stays as there.
            final double thickM = Math.max(1, i) * stepM;
            overCube[i] = flow(of, pullPaPerM, thickM) / (thickM * thickM * thickM);
        }
        return overCube[i];
    }

    private double flow(final int i) {
        final double thickM = i * stepM;
        return overCube(i) * thickM * thickM * thickM;
    }

    /** Middle of each slice, Gauss' rule of two points in it. */
    private static double flow(final Sampled of, final double pull, final double thickM) {
        final double slice = thickM / SLICES;
        final double off = slice / 2 / Math.sqrt(3);
        double sum = 0;
        for (int i = 0; i < SLICES; i++) {
            final double middle = (i + 0.5) * slice;
            sum += of.sheared(pull, thickM - middle + off, middle - off);
            sum += of.sheared(pull, thickM - middle - off, middle + off);
        }
        return sum * slice / 2;
    }

    /** Flow over a metre of width, m²/s; beyond the thickest it stays as there. */
    double at(final double thickM) {
        final double along = thickM / stepM;
        final int i = (int) along;
        if (i >= THICKNESSES) {
            return flow(THICKNESSES);
        }
        final double below = overCube(i);
        return (below + (along - i) * (overCube(i + 1) - below)) * thickM * thickM * thickM;
    }

    /**
     * The fastest a change of thickness travels, m/s, among films up to this thick: the thickest's
     * own, since whatever lies at the wall, a thicker film shears more at every depth.
     */
    double fastest(final double thickM) {
        final int i = Math.min(THICKNESSES - 1, (int) (thickM / stepM));
        return (flow(i + 1) - flow(i)) / stepM;
    }
}
