package palintone.core.temper.method;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.HeatSource;

/**
 * Heating in bursts with a stir and a reading between: no burst may lift the bowl by more than its
 * kind bears, for the heat is not even. White the shortest.
 */
public final class HeatBursts {

    public static final Source SOURCE =
            Source.practice("bursts of heat by kind: dark the longest, white the shortest");

    private static final double LEAST_S = 2;

    private HeatBursts() {}

    /**
     * Allowed: seconds of heat 0 to 86400 s; rise above 0 to 100 K/s.
     *
     * @param kind of couverture
     * @param seconds of heating in all
     * @param riseKPerS of the whole bowl while it heats
     * @return the bursts in order, s; they sum to the whole
     */
    public static List<Double> split(
            final CouvertureKind kind, final double seconds, final double riseKPerS) {
        Require.between("seconds of heat", seconds, 0, 86_400, "s");
        Require.positive("rise", riseKPerS, 100, "K/s");
        final double longest = longestS(kind, riseKPerS);
        final List<Double> bursts = new ArrayList<>();
        double left = seconds;
        while (left > 1e-9) {
            final double burst = Math.min(longest, left);
            bursts.add(burst);
            left -= burst;
        }
        return List.copyOf(bursts);
    }

    /** Bursts for a rise of a bowl without crystals. Allowed: rise 0 to 60 K. */
    public static List<Double> forRise(
            final CouvertureKind kind,
            final HeatSource heat,
            final double massG,
            final double cpJPerGK,
            final double riseK) {
        Require.between("rise", riseK, 0, 60, "K");
        return split(
                kind, heat.secondsFor(massG, cpJPerGK, riseK), heat.riseFor(massG, cpJPerGK, 1));
    }

    /**
     * The longest burst of a bowl: the one answer of plan, move and tool, s.
     *
     * @param riseKPerS of the whole bowl while it heats
     */
    static double longestS(final CouvertureKind kind, final double riseKPerS) {
        return Math.max(LEAST_S, Math.min(longestS(kind), mostRiseK(kind) / riseKPerS));
    }

    /**
     * The same, by the heat it gets and as if nothing melted in it: the hottest spot has melted.
     *
     * @param massG of the bowl
     * @return s
     */
    public static double atMostS(
            final CouvertureKind kind,
            final HeatSource heat,
            final double massG,
            final double cpJPerGK) {
        return longestS(kind, heat.riseFor(massG, cpJPerGK, 1));
    }

    /** No burst longer than this, s; practice. */
    static double longestS(final CouvertureKind kind) {
        return switch (kind) {
            case DARK -> 60;
            case MILK -> 25;
            case WHITE -> 10;
        };
    }

    private static double mostRiseK(final CouvertureKind kind) {
        return switch (kind) {
            case DARK -> 6;
            case MILK -> 4;
            case WHITE -> 2.5;
        };
    }
}
