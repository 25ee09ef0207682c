package palintone.core.plan;

import java.util.OptionalInt;
import palintone.core.figure.Require;

/**
 * What comes after what. From the end of one stretch to the beginning of another, in minutes; a
 * least lag below zero lets the second begin before the first is over, by as much as it needs only
 * later.
 *
 * @param from id of the stretch before
 * @param to id of the stretch after
 * @param least minutes between, at the least
 * @param greatest minutes between, at the most; empty where it can wait
 * @param why what waits, or what happens when it is too late
 */
public record Lag(String from, String to, int least, OptionalInt greatest, String why) {

    private static final int LONGEST_MIN = 120 * 24 * 60;

    /**
     * Allowed: least lag -172800 to 172800; greatest from the least to 172800.
     *
     * @throws palintone.core.figure.OutOfRangeException when the greatest is less than the least
     */
    public Lag {
        Require.between("least lag", least, -LONGEST_MIN, LONGEST_MIN, "min");
        greatest.ifPresent(
                most -> Require.between("greatest lag", most, least, LONGEST_MIN, "min"));
    }

    /** Any time after. */
    public static Lag after(final String from, final String to) {
        return new Lag(from, to, 0, OptionalInt.empty(), "");
    }
}
