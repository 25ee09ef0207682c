package palintone.core.casting.crust;

import palintone.core.figure.Require;

/**
 * How a body is bent: flat, round in one direction or in both. Heat that goes inward meets less and
 * less of it.
 *
 * @param power dimensionless: 0 for a slab, 1 for a cylinder, 2 for a sphere; broken numbers lie
 *     between
 * @param radiusM of its outside, m; of no account for a slab
 */
public record Curvature(double power, double radiusM) {

    public static final Curvature FLAT = new Curvature(0, 1);

    /**
     * Allowed: radius above 0 to 100000 mm.
     *
     * @throws palintone.core.figure.OutOfRangeException when it is bent in more than two directions
     */
    public Curvature {
        Require.between("bend", power, 0, 2, "");
        Require.positive("radius", radiusM * 1000, 100_000, "mm");
    }

    /** Area at a depth, for one of the outside. */
    double areaAt(final double depthM) {
        return power == 0 ? 1 : Math.pow(Math.max(0, 1 - depthM / radiusM), power);
    }

    /** Volume between two depths, m³ for a square metre of the outside. */
    double volume(final double fromM, final double toM) {
        if (power == 0) {
            return toM - fromM;
        }
        final double more = power + 1;
        return radiusM
                / more
                * (Math.pow(Math.max(0, 1 - fromM / radiusM), more)
                        - Math.pow(Math.max(0, 1 - toM / radiusM), more));
    }
}
