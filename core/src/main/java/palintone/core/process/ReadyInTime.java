package palintone.core.process;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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

    /** Numbers in one sentence are called apart. More at once nobody reads. */
    private static final List<Times> SAID =
            List.of(
                    new Times(
                            "ready1",
                            "waits1",
                            Sentence.of("Ready in {ready1}."),
                            Sentence.of("Ready in {ready1}, with {waits1} of waits.")),
                    new Times(
                            "ready2",
                            "waits2",
                            Sentence.of("Ready in {ready2}."),
                            Sentence.of("Ready in {ready2}, with {waits2} of waits.")),
                    new Times(
                            "ready3",
                            "waits3",
                            Sentence.of("Ready in {ready3}."),
                            Sentence.of("Ready in {ready3}, with {waits3} of waits.")));

    private final List<Task> tasks;

    /** Tasks of the bowl and what follows them. */
    private final Set<Integer> onwards = new HashSet<>();

    /** By number of the task, s. */
    private final Map<Integer, Double> startsOfBowl = new HashMap<>();

    private final Map<Integer, Double> startsBesideIt = new HashMap<>();

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

        /** What waits longer than the bowl takes is begun before it. */
        Sentence named() {
            return Sentence.of(
                    (takesS > inS ? "Begun before the bowl: " : "Meanwhile: ") + name + ".");
        }

        Joins with(final Joins other) {
            return new Joins(name, Math.min(inS, other.inS), Math.max(takesS, other.takesS));
        }
    }

    /** When something is ready, and how much of that is waiting. */
    private record Times(String readyAs, String waitsAs, Sentence ready, Sentence withWaits) {

        Sentence of(final Joins each) {
            final Sentence said =
                    (each.takesS() < MINUTE_S ? ready : withWaits)
                            .with(readyAs, each.inS() / MINUTE_S, Unit.MINUTE);
            return each.takesS() < MINUTE_S
                    ? said
                    : said.with(waitsAs, each.takesS() / MINUTE_S, Unit.MINUTE);
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
        said.set(place, melt.saying(melt.say().and(words(longestFirst(joining)))));
        return said;
    }

    private static List<Joins> longestFirst(final Map<String, Joins> joining) {
        return joining.values().stream()
                .sorted(Comparator.comparingDouble(Joins::takesS).reversed())
                .toList();
    }

    /**
     * When it can begin, by what is (or is not) of the bowl alone, seconds. Kept, since many ways
     * lead to a task of a late turn.
     */
    private double startS(final Task task, final boolean bowl) {
        final Map<Integer, Double> known = bowl ? startsOfBowl : startsBesideIt;
        final Double before = known.get(task.number());
        if (before != null) {
            return before;
        }
        final double startS =
                task.after().stream()
                        .filter(a -> onwards.contains(a.task()) == bowl)
                        .mapToDouble(a -> endS(tasks.get(a.task() - 1), bowl) + a.leastLagS())
                        .max()
                        .orElse(0);
        known.put(task.number(), startS);
        return startS;
    }

    private double endS(final Task task, final boolean bowl) {
        return startS(task, bowl) + task.clock().map(Clock::targetS).orElse(0);
    }

    private static Sentence words(final List<Joins> joining) {
        Sentence said = Sentence.of("");
        for (int i = 0; i < Math.min(SAID.size(), joining.size()); i++) {
            said = said.and(joining.get(i).named()).and(SAID.get(i).of(joining.get(i)));
        }
        return said;
    }
}
