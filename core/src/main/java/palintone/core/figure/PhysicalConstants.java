package palintone.core.figure;

/** Constants of nature, once. */
public final class PhysicalConstants {

    /** Standard gravity, m/s²; where a workshop stands it is the same to half a per cent. */
    public static final double GRAVITY_M_PER_S2 = 9.81;

    /** Stefan–Boltzmann, W/m²K⁴. */
    public static final double STEFAN_BOLTZMANN_W_PER_M2K4 = 5.67e-8;

    /** Gas constant, J/mol K. */
    public static final double GAS_J_PER_MOL_K = 8.314;

    /** Air at sea level, hPa. */
    public static final double SEA_LEVEL_HPA = 1013.25;

    private PhysicalConstants() {}
}
