package palintone.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * Somebody who works here.
 *
 * @param id within its workload
 * @param name as the house calls them
 * @param skills what not everybody can
 * @param hours when they are here, in order
 */
public record Person(String id, String name, Set<String> skills, List<Hours> hours) {

    /**
     * @throws OutOfRangeException when two stretches of hours overlap
     */
    public Person {
        Require.text("id of a person", id, 200);
        Require.text("name", name, 200);
        skills = Set.copyOf(skills);
        hours = hours.stream().sorted(Comparator.comparingInt(Hours::from)).toList();
        for (int i = 1; i < hours.size(); i++) {
            if (hours.get(i).from() < hours.get(i - 1).until()) {
                throw new OutOfRangeException(
                        "hours of " + name, "two at once", "one after the other");
            }
        }
    }

    /** Whether they may be put to it. */
    public boolean can(final Stretch stretch) {
        return stretch.skill().isEmpty() || skills.contains(stretch.skill());
    }

    /**
     * From when to when somebody works without a break.
     *
     * @param from minute they come
     * @param to minute they should be free
     * @param until minute they would stay at the latest; as {@code to} where they would not
     */
    public record Hours(int from, int to, int until) {

        /**
         * Allowed: to from the start on, until from to on.
         *
         * @throws OutOfRangeException when they end before they begin
         */
        public Hours {
            Require.between("end of hours", to, from, Integer.MAX_VALUE, "min");
            Require.between("latest end of hours", until, to, Integer.MAX_VALUE, "min");
        }

        boolean hold(final int start, final int end) {
            return start >= from && end <= until;
        }
    }
}
