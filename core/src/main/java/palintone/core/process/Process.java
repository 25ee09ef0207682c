package palintone.core.process;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.OutOfRangeException;

/**
 * How a batch is made: tasks in the order they are listed, each after those it needs. A task needs
 * only tasks listed before it, so that there is always one that can be done, and never a circle.
 *
 * @param tasks at least one
 */
public record Process(List<Task> tasks) {

    /**
     * @throws OutOfRangeException when there is no task, one is not numbered by its place, or one
     *     needs another that is not listed before it
     */
    public Process {
        tasks = List.copyOf(tasks);
        if (tasks.isEmpty()) {
            throw new OutOfRangeException("tasks", "none", "at least one");
        }
        for (int i = 0; i < tasks.size(); i++) {
            final Task task = tasks.get(i);
            if (task.number() != i + 1) {
                throw new OutOfRangeException(
                        "number of a task", String.valueOf(task.number()), "its place, " + (i + 1));
            }
            for (final After after : task.after()) {
                if (after.task() > i) {
                    throw new OutOfRangeException(
                            "what task " + task.number() + " needs",
                            "task " + after.task(),
                            "a task listed before it");
                }
            }
        }
    }

    /**
     * @param number of a task, from 1
     * @throws OutOfRangeException when there is none
     */
    public Task task(final int number) {
        if (number < 1 || number > tasks.size()) {
            throw new OutOfRangeException("step", String.valueOf(number), "1 to " + tasks.size());
        }
        return tasks.get(number - 1);
    }

    /** Those that need this one. */
    public List<Task> following(final int number) {
        return tasks.stream()
                .filter(t -> t.after().stream().anyMatch(a -> a.task() == number))
                .toList();
    }

    /** One after the other, as books of before had it. */
    public static List<After> chain(final int number) {
        final List<After> after = new ArrayList<>();
        if (number > 1) {
            after.add(After.straight(number - 1));
        }
        return after;
    }
}
