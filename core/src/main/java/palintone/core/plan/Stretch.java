package palintone.core.plan;

import java.util.List;
import palintone.core.figure.Require;

/**
 * Work that one person does without leaving it: one task, or several that follow straight on.
 *
 * @param id within its workload
 * @param run it belongs to
 * @param title of what is done first
 * @param part of the run, as "Plum ganache"; empty for the pieces themselves
 * @param minutes it takes; 0 for a moment that only has to be waited for
 * @param hands whether it needs somebody
 * @param skill without which nobody is put to it; empty where everybody can
 * @param tasks numbers of the tasks it is made of, in order; none where it is no batch's
 */
public record Stretch(
        String id,
        String run,
        String title,
        String part,
        int minutes,
        boolean hands,
        String skill,
        List<Integer> tasks) {

    /** Longer is no stretch: nobody works two days on end. */
    public static final int LONGEST_MIN = 2 * 24 * 60;

    /**
     * Allowed: minutes of a stretch 0 to 2880.
     *
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or it takes too long
     */
    public Stretch {
        Require.text("id of a stretch", id, 200);
        Require.text("run of a stretch", run, 200);
        Require.text("title of a stretch", title, 500);
        Require.between("minutes of a stretch", minutes, 0, LONGEST_MIN, "min");
        tasks = List.copyOf(tasks);
    }
}
