package palintone.core.filling.pot;

import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * What an operation takes out of another pot.
 *
 * @param pot its number, counted as in {@link Operation#pot()}
 * @param massG grams of it, above 0; nothing said is all of it
 */
public record FromPot(int pot, OptionalDouble massG) {

    /**
     * @throws OutOfRangeException when there can be no such pot, or nothing is taken
     */
    public FromPot {
        Require.between("from pot", pot + 1, 1, Operation.MOST_POTS, "");
        if (massG.isPresent()) {
            Require.positive(
                    "grams taken from pot " + (pot + 1), massG.getAsDouble(), 1_000_000, "g");
        }
    }

    public static FromPot all(final int pot) {
        return new FromPot(pot, OptionalDouble.empty());
    }

    public static FromPot some(final int pot, final double massG) {
        return new FromPot(pot, OptionalDouble.of(massG));
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
            return 1;
        }
        final double share = massG.getAsDouble() / thereG;
        if (share > 1 + ROUNDING) {
            throw new OutOfRangeException(
                    "grams taken from pot " + (pot + 1),
                    Math.round(massG.getAsDouble() * 10) / 10.0 + " g",
                    "up to the " + Math.floor(thereG * 10) / 10 + " g that are in it");
        }
        return Math.min(1, share);
    }

    /** What was weighed to a tenth of a gram may be taken to a tenth of a gram. */
    private static final double ROUNDING = 1e-3;
}
