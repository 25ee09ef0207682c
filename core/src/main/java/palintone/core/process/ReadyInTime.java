package palintone.core.process;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * What must be ready by the time a bowl is, said where the bowl is begun: a bowl in temper waits
 * for nobody. By the usual times of the tasks; what has no clock counts as nothing, so that it is
 * the least it takes.
 */
final class ReadyInTime {

    private static final double MINUTE_S = 60;

    private final List<Task> tasks;

    /** Tasks of the bowl and what follows them. */
    private final Set<Integer> onwards = new HashSet<>();

    private ReadyInTime(final List<Task> tasks) {
        this.tasks = tasks;
    }

    /**
     * What joins the bowl on its way.
     *
     * @param name of it
     * @param inS seconds after the bowl is begun
     * @param takesS seconds it takes at the least
     */
    private record Joins(String name, double inS, double takesS) {

        Joins with(final Joins other) {
            return new Joins(name, Math.min(inS, other.inS), Math.max(takesS, other.takesS));
        }
    }

    /** The same tasks; the one a bowl is begun with says what must be ready when. */
    static List<Task> said(final List<Task> tasks) {
        for (final TaskKind begins : List.of(TaskKind.MELT, TaskKind.TEST)) {
            for (int i = 0; i < tasks.size(); i++) {
                if (tasks.get(i).kind() == begins) {
                    return new ReadyInTime(tasks).saidAt(i);
                }
            }
        }
        return tasks;
    }

    private List<Task> saidAt(final int place) {
        final Task melt = tasks.get(place);
        onwards.add(melt.number());
        final Map<String, Joins> joining = new LinkedHashMap<>();
        for (final Task task : tasks) {
            if (task.after().stream().anyMatch(a -> onwards.contains(a.task()))) {
                onwards.add(task.number());
            }
        }
        for (final Task task : tasks) {
            if (!onwards.contains(task.number()) || task.equals(melt)) {
                continue;
            }
            for (final After after : task.after()) {
                final Task other = tasks.get(after.task() - 1);
                if (!onwards.contains(other.number())) {
                    final String name = other.part().isEmpty() ? other.title() : other.part();
                    joining.merge(
                            name,
                            new Joins(
                                    name,
                                    startS(task, true),
                                    endS(other, false) + after.leastLagS()),
                            Joins::with);
                }
            }
        }
        if (joining.isEmpty()) {
            return tasks;
        }
        final List<Task> said = new ArrayList<>(tasks);
        said.set(place, melt.saying(melt.say().and(words(List.copyOf(joining.values())))));
        return said;
    }

    /** When it can begin, by what is (or is not) of the bowl alone, seconds. */
    private double startS(final Task task, final boolean bowl) {
        return task.after().stream()
                .filter(a -> onwards.contains(a.task()) == bowl)
                .mapToDouble(a -> endS(tasks.get(a.task() - 1), bowl) + a.leastLagS())
                .max()
                .orElse(0);
    }

    private double endS(final Task task, final boolean bowl) {
        return startS(task, bowl) + task.clock().map(Clock::targetS).orElse(0);
    }

    private static Sentence words(final List<Joins> joining) {
        final StringBuilder words = new StringBuilder("Must be ready meanwhile:");
        Sentence said = Sentence.of("");
        for (int i = 0; i < joining.size(); i++) {
            final Joins each = joining.get(i);
            words.append(i == 0 ? " " : "; ").append(each.name()).append(" in {in" + i + "}");
            said = said.with("in" + i, each.inS() / MINUTE_S, Unit.MINUTE);
            if (each.takesS() >= MINUTE_S) {
                words.append(", {takes" + i + "} of waits");
                said = said.with("takes" + i, each.takesS() / MINUTE_S, Unit.MINUTE);
            }
            if (each.takesS() > each.inS()) {
                words.append(": begin it before the bowl");
            }
        }
        return new Sentence(words.append('.').toString(), said.values());
    }
}
