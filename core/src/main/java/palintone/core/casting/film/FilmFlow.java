package palintone.core.casting.film;

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
    private static final int SLICES = 24;

    private final double stepM;

    /** Flow at each thickness over its cube, which bends far less than the flow. */
    private final double[] overCube = new double[THICKNESSES + 1];

    private final double[] flow = new double[THICKNESSES + 1];

    /**
     * @param consistency of the chocolate by its distance from the wall
     * @param pullPaPerM weight along the slope, ρg·sin α, Pa/m
     * @param thickestM up to this thickness, m
     */
    FilmFlow(final Consistency consistency, final double pullPaPerM, final double thickestM) {
        stepM = thickestM / THICKNESSES;
        for (int i = 1; i <= THICKNESSES; i++) {
            final double thickM = i * stepM;
            flow[i] = flow(consistency, pullPaPerM, thickM);
            overCube[i] = flow[i] / (thickM * thickM * thickM);
        }
        overCube[0] = overCube[1];
    }

    /** Middle of each slice, Gauss' rule of two points in it. */
    private static double flow(final Consistency of, final double pull, final double thickM) {
        final double slice = thickM / SLICES;
        final double off = slice / 2 / Math.sqrt(3);
        double sum = 0;
        for (int i = 0; i < SLICES; i++) {
            final double middle = (i + 0.5) * slice;
            sum +=
                    sheared(of, pull, thickM, middle - off)
                            + sheared(of, pull, thickM, middle + off);
        }
        return sum * slice / 2;
    }

    private static double sheared(
            final Consistency of, final double pull, final double thickM, final double fromWallM) {
        final double stress = pull * (thickM - fromWallM);
        final double yield = of.yieldPa(fromWallM);
        if (stress <= yield) {
            return 0;
        }
        final double root = Math.sqrt(stress) - Math.sqrt(yield);
        return (thickM - fromWallM) * root * root / of.plasticPaS(fromWallM);
    }

    /** Flow over a metre of width, m²/s; beyond the thickest it stays as there. */
    double at(final double thickM) {
        final double along = thickM / stepM;
        final int i = (int) along;
        if (i >= THICKNESSES) {
            return flow[THICKNESSES];
        }
        return (overCube[i] + (along - i) * (overCube[i + 1] - overCube[i]))
                * thickM
                * thickM
                * thickM;
    }

    /** The fastest a change of thickness travels, m/s, among films up to this thick. */
    double fastest(final double thickM) {
        final int last = Math.min(THICKNESSES - 1, (int) (thickM / stepM));
        double most = 0;
        for (int i = 0; i <= last; i++) {
            most = Math.max(most, flow[i + 1] - flow[i]);
        }
        return most / stepM;
    }
}
