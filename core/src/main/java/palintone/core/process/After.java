package palintone.core.process;

import java.util.OptionalInt;
import palintone.core.figure.Require;

/**
 * What must be done before a task may begin, and how long before.
 *
 * @param task number of the other one
 * @param leastLagS not sooner after it than this, s
 * @param greatestLagS at the latest so long after it, s; empty where it can wait
 * @param straightOn whether the hands go from the one to the other: then it begins by itself
 * @param late what to do when it has become too late; empty where it can wait
 */
public record After(
        int task, int leastLagS, OptionalInt greatestLagS, boolean straightOn, String late) {

    private static final int LONGEST_S = 60 * 86_400;

    /**
     * Allowed: task before 1 to 1000.
     *
     * @throws palintone.core.figure.OutOfRangeException when a lag is negative, longer than two
     *     months, or the greatest less than the least
     */
    public After {
        Require.between("task before", task, 1, 1000, "");
        Require.between("least lag", leastLagS, 0, LONGEST_S, "s");
        greatestLagS.ifPresent(s -> Require.between("greatest lag", s, leastLagS, LONGEST_S, "s"));
    }

    /** The next act of the same hands. */
    public static After straight(final int task) {
        return new After(task, 0, OptionalInt.empty(), true, "");
    }

    /** Any time after. */
    public static After done(final int task) {
        return new After(task, 0, OptionalInt.empty(), false, "");
    }

    /** Not sooner than so many seconds. */
    public After notBefore(final int seconds) {
        return new After(task, seconds, greatestLagS, straightOn, late);
    }

    /**
     * Not later than so many seconds.
     *
     * @param words what to do when it has become too late
     */
    public After within(final int seconds, final String words) {
        return new After(task, leastLagS, OptionalInt.of(seconds), straightOn, words);
    }
}
