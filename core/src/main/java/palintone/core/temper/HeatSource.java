package palintone.core.temper;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * What rewarms the bowl: a microwave or heat gun of known power.
 *
 * @param powerW on the setting used, 50 to 5000 W
 * @param efficiency share of the power that ends in the chocolate, 0.05 to 1
 */
public record HeatSource(double powerW, double efficiency) {

    /** Heat is given in pulses no longer than this, s. */
    public static final int PULSE_S = 5;

    public static final Source PULSE_SOURCE = Source.practice("rewarming in 5-second pulses");

    /**
     * @throws palintone.core.figure.OutOfRangeException when power or efficiency is impossible
     */
    public HeatSource {
        Require.between("heating power", powerW, 50, 5000, "W");
        Require.between("heating efficiency", efficiency, 0.05, 1, "");
    }

    /**
     * @param massG of the bowl, grams
     * @param cpJPerGK of the chocolate
     * @param riseK wanted, K
     * @return seconds of heating: m·cp·ΔT / (P·efficiency)
     */
    public double secondsFor(final double massG, final double cpJPerGK, final double riseK) {
        return massG * cpJPerGK * riseK / (powerW * efficiency);
    }

    /** Watts that end in the chocolate while it heats. */
    public double wattsIn() {
        return powerW * efficiency;
    }

    /**
     * The other way round: what some seconds of heating do.
     *
     * @return rise, K
     */
    public double riseFor(final double massG, final double cpJPerGK, final double seconds) {
        return seconds * wattsIn() / (massG * cpJPerGK);
    }
}
