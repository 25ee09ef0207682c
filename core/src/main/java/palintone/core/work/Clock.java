package palintone.core.work;

import palintone.core.figure.Require;

/**
 * How long a step takes: not before the shortest, best by the target, at the latest by the longest.
 *
 * @param shortestS seconds, 0 or more
 * @param targetS seconds
 * @param longestS seconds, up to a day
 */
public record Clock(int shortestS, int targetS, int longestS) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the three are not in rising order
     */
    public Clock {
        Require.between("longest time", longestS, 1, 86_400, "s");
        Require.between("target time", targetS, 1, longestS, "s");
        Require.between("shortest time", shortestS, 0, targetS, "s");
    }

    static Clock minutes(final double shortest, final double target, final double longest) {
        return new Clock(
                (int) Math.round(shortest * 60),
                (int) Math.round(target * 60),
                (int) Math.round(longest * 60));
    }
}
