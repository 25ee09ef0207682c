package palintone.core.coat;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import palintone.core.figure.Require;

/** The other way round: what must be done to a dip for what is wanted of it. */
public final class DipSolve {

    /** Longer no hand taps a fork, piece after piece; common practice, no source. */
    public static final double LONGEST_TAPPED_S = 8;

    /** Nearer than this to what is wanted nobody weighs a difference. */
    private static final double SAME_SHARE = 0.02;

    private static final double NEAR_S = 0.1;
    private static final double COLDEST_C = -25;
    private static final double NEAR_C = 0.5;
    private static final double WARMEST_FIRM_C = 35;

    private DipSolve() {}

    /**
     * @param order tapped as found, or as near as tapping comes
     * @param found whether it gives what was wanted
     */
    public record Tapped(DipOrder order, boolean found) {}

    /**
     * How long to tap for a weight of coat, no longer than a hand does.
     *
     * @param coatG wanted, above 0 to 500 g
     */
    public static Tapped tappedFor(final DipOrder order, final double coatG) {
        Require.positive("weight of a coat", coatG, 500, "g");
        if (Coat.of(order.tapped(0)).massG() < coatG * (1 - SAME_SHARE)) {
            return new Tapped(order.tapped(0), false);
        }
        final double leastG = Coat.of(order.tapped(LONGEST_TAPPED_S)).massG();
        if (leastG > coatG) {
            return new Tapped(order.tapped(LONGEST_TAPPED_S), leastG <= coatG * (1 + SAME_SHARE));
        }
        // What begins to be tapped yields sooner: from a moment of it on it only grows thinner.
        double low = 0;
        double high = LONGEST_TAPPED_S;
        while (high - low > NEAR_S) {
            final double middle = (low + high) / 2;
            if (Coat.of(order.tapped(middle)).massG() > coatG) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new Tapped(order.tapped(high), true);
    }

    /** The coldest centre that does not tear its coat, °C; as cold as is looked at, −25. */
    public static double coldestC(final DipOrder order) {
        double low = COLDEST_C;
        double high =
                Math.min(order.bowl().temperatureC(), Math.max(order.roomC(), order.centreC()));
        if (!Coat.of(order.centreAt(low)).tears()) {
            return low;
        }
        while (high - low > NEAR_C) {
            final double middle = (low + high) / 2;
            if (Coat.of(order.centreAt(middle)).tears()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /**
     * How warm a centre may be to keep its shape on a fork.
     *
     * @param stressPa that makes it move, by °C; falls as it warms
     * @param firmPa from which it keeps its shape
     * @return °C; empty where it is firm up to 35 °C, or nowhere above 0
     */
    public static OptionalDouble firmBelowC(
            final DoubleUnaryOperator stressPa, final double firmPa) {
        double low = 0;
        double high = WARMEST_FIRM_C;
        if (stressPa.applyAsDouble(low) < firmPa || stressPa.applyAsDouble(high) >= firmPa) {
            return OptionalDouble.empty();
        }
        while (high - low > 0.1) {
            final double middle = (low + high) / 2;
            if (stressPa.applyAsDouble(middle) >= firmPa) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of(low);
    }
}
