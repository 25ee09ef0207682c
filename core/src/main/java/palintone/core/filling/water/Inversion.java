package palintone.core.filling.water;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Sucrose that comes apart into glucose and fructose as a syrup is boiled: of the first order in
 * sucrose and in acid, with the heat of activation of an acid hydrolysis. What is left in the pot
 * as sucrose can grain; what has come apart keeps it from that.
 */
public final class Inversion {

    public static final Source SOURCE =
            Source.remembered(
                    "acid hydrolysis of sucrose, first order in sugar and acid: 1e-4 l/mol·s at 25"
                            + " °C, 108 kJ/mol");

    /** Of a mole of acid in a litre, at 25 °C, l/(mol·s). */
    private static final double AT_25_L_PER_MOL_S = 1e-4;

    private static final double ACTIVATION_J_PER_MOL = 108_000;
    private static final double AT_K = 298.15;

    /** A boiling syrup makes so much acid of its own; common practice of hard boilings, ours. */
    private static final double MOST_PH = 5;

    private Inversion() {}

    /**
     * Allowed: time 0 to 10000000 s.
     *
     * @param ph of the syrup, 0 to 14
     * @param celsius of the pot, 0 to 220 °C
     * @param seconds at it, 0 or more
     * @return share of the sucrose that has come apart, 0 to 1
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public static double share(final double ph, final double celsius, final double seconds) {
        Require.between("pH", ph, 0, 14, "");
        Require.between("temperature of the syrup", celsius, 0, 220, "°C");
        Require.between("time", seconds, 0, 1e7, "s");
        final double faster =
                Math.exp(
                        ACTIVATION_J_PER_MOL
                                / PhysicalConstants.GAS_J_PER_MOL_K
                                * (1 / AT_K - 1 / (celsius + 273.15)));
        final double perS = AT_25_L_PER_MOL_S * Math.pow(10, -Math.min(MOST_PH, ph)) * faster;
        return 1 - Math.exp(-perS * seconds);
    }
}
