package palintone.core.filling.pot;

import java.math.BigDecimal;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * What an operation takes out of another pot: grams, a share of what is in it by then, or all.
 *
 * @param pot its number, counted as in {@link Operation#pot()}
 * @param massG grams of it, above 0 to 1000000; empty where it is not said in grams
 * @param share of what is in it by then, 0.1 to 100 % written as 0.001 to 1; nothing said of either
 *     is all of it
 */
public record FromPot(int pot, OptionalDouble massG, OptionalDouble share) {

    /**
     * @throws OutOfRangeException when there can be no such pot, nothing is taken, or it is said
     *     twice
     */
    public FromPot {
        Require.between("from pot", pot + 1, 1, Operation.MOST_POTS, "");
        if (massG.isPresent()) {
            Require.positive(
                    "grams taken from pot " + (pot + 1), massG.getAsDouble(), 1_000_000, "g");
        }
        if (share.isPresent()) {
            Require.between(
                    "share taken from pot " + (pot + 1), share.getAsDouble() * 100, 0.1, 100, "%");
        }
        if (massG.isPresent() && share.isPresent()) {
            throw new OutOfRangeException(
                    "taken from pot " + (pot + 1),
                    "grams and a share",
                    "one of them: grams, or a share of what is in it");
        }
    }

    public static FromPot all(final int pot) {
        return new FromPot(pot, OptionalDouble.empty(), OptionalDouble.empty());
    }

    public static FromPot some(final int pot, final double massG) {
        return new FromPot(pot, OptionalDouble.of(massG), OptionalDouble.empty());
    }

    /**
     * @param share of what is in it by then, above 0, up to 1
     */
    public static FromPot share(final int pot, final double share) {
        return new FromPot(pot, OptionalDouble.empty(), OptionalDouble.of(share));
    }

    private static String plain(final double value) {
        return BigDecimal.valueOf(Math.round(value * 1000) / 1000.0)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** Whether nothing is left of it. */
    public boolean isAll() {
        return massG.isEmpty() && share.isEmpty();
    }

    /**
     * As it is written down: grams, per cent, or neither for all of it.
     *
     * @throws OutOfRangeException when both are given, or one cannot be
     */
    public static FromPot written(
            final int pot, final OptionalDouble massG, final OptionalDouble percent) {
        return new FromPot(
                pot,
                massG,
                percent.isPresent()
                        ? OptionalDouble.of(percent.getAsDouble() / 100)
                        : OptionalDouble.empty());
    }

    /** As much out of a pot of another number. */
    public FromPot outOf(final int other) {
        return new FromPot(other, massG, share);
    }

    /** As it is said before "of what is in" the pot: grams, a share, or all. */
    public String words() {
        if (massG.isPresent()) {
            return plain(massG.getAsDouble()) + " g";
        }
        return share.isPresent() ? plain(share.getAsDouble() * 100) + " %" : "all";
    }

    /**
     * Which share of what is in it that is, 0 to 1.
     *
     * @param thereG what is in it, grams
     * @throws OutOfRangeException when there is nothing or not as much
     */
    double shareOf(final double thereG) {
        if (thereG <= 0) {
            throw new OutOfRangeException(
                    "from pot " + (pot + 1),
                    "empty",
                    "a pot that something was put into by an operation before this one");
        }
        if (massG.isEmpty()) {
            return share.orElse(1);
        }
        final double taken = massG.getAsDouble() / thereG;
        if (taken > 1 + ROUNDING) {
            throw new OutOfRangeException(
                    "grams taken from pot " + (pot + 1),
                    Math.round(massG.getAsDouble() * 10) / 10.0 + " g",
                    "up to the " + Math.floor(thereG * 10) / 10 + " g that are in it");
        }
        return Math.min(1, taken);
    }

    /** What was weighed to a tenth of a gram may be taken to a tenth of a gram. */
    private static final double ROUNDING = 1e-3;
}
