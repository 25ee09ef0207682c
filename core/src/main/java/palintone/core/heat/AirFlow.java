package palintone.core.heat;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * How well air takes heat from a mould. Forced: a flat plate in laminar flow, Nu = 0.664·Re^½·Pr^⅓
 * (Pohlhausen 1921); still: 3 W/m²K of natural convection; both by their cubes; and radiation
 * beside.
 */
public final class AirFlow {

    public static final Source SOURCE =
            Source.remembered(
                    "Pohlhausen 1921, laminar flat plate, Nu = 0.664·Re^½·Pr^⅓; natural convection"
                            + " 3 W/m²K; radiation 4.8 W/m²K at 12 °C");

    /** A mould along the stream, m. */
    private static final double LENGTH_M = 0.25;

    private static final double VISCOSITY_M2_PER_S = 1.43e-5;
    private static final double CONDUCTS_W_PER_MK = 0.025;
    private static final double PRANDTL = 0.71;
    private static final double NATURAL_W_PER_M2K = 3;

    /** Of a grey surface of 0.9 among walls near 12 °C. */
    public static final double RADIATION_W_PER_M2K = 4.8;

    /** Air in a fan-cooled cabinet; common practice, no source. */
    public static final double MOVING_M_PER_S = 1.5;

    private AirFlow() {}

    /**
     * @param metresPerS of the air, 0 to 20
     * @return W/m²K without radiation
     */
    public static double convectionWPerM2K(final double metresPerS) {
        Require.between("air speed", metresPerS, 0, 20, "m/s");
        final double reynolds = metresPerS * LENGTH_M / VISCOSITY_M2_PER_S;
        final double forced =
                0.664 * Math.sqrt(reynolds) * Math.cbrt(PRANDTL) * CONDUCTS_W_PER_MK / LENGTH_M;
        return Math.cbrt(Math.pow(forced, 3) + Math.pow(NATURAL_W_PER_M2K, 3));
    }

    /**
     * @param metresPerS of the air, 0 to 20
     * @return W/m²K in all
     */
    public static double filmWPerM2K(final double metresPerS) {
        return convectionWPerM2K(metresPerS) + RADIATION_W_PER_M2K;
    }
}
