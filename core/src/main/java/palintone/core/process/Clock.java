package palintone.core.process;

import palintone.core.figure.Require;

/**
 * How long a task takes: not before the shortest, best by the target, at the latest by the longest.
 *
 * @param shortestS seconds, 0 or more
 * @param targetS seconds
 * @param longestS seconds, up to two weeks: a ganache may rest for days
 */
public record Clock(int shortestS, int targetS, int longestS) {

    private static final int LONGEST_S = 14 * 86_400;

    /**
     * @throws palintone.core.figure.OutOfRangeException when the three are not in rising order
     */
    public Clock {
        Require.between("longest time", longestS, 1, LONGEST_S, "s");
        Require.between("target time", targetS, 1, longestS, "s");
        Require.between("shortest time", shortestS, 0, targetS, "s");
    }

    /**
     * Around a computed time of what a reading ends: it is done as soon as that is read.
     *
     * @param seconds computed, above 0
     */
    public static Clock untilRead(final double seconds) {
        final Clock about = about(seconds);
        return new Clock(0, about.targetS, about.longestS);
    }

    /** The same three in minutes. */
    public static Clock minutes(final double shortest, final double target, final double longest) {
        return new Clock(
                (int) Math.round(shortest * 60),
                (int) Math.round(target * 60),
                (int) Math.round(longest * 60));
    }

    /**
     * Around a computed time: from half of it to two and a half times as long, since bowls, hands
     * and rooms differ that much without anything being wrong. Ours.
     *
     * @param seconds computed, above 0
     */
    public static Clock about(final double seconds) {
        final int target = (int) Math.max(1, Math.round(seconds));
        return new Clock(target / 2, target, (int) Math.max(target + 1, Math.round(seconds * 2.5)));
    }
}
