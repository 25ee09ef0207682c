package palintone.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a plan is worth, by wishes in their order: on time before no overtime before fresh pieces
 * before few washes before short days. Less is better in each.
 *
 * @param lateMin minutes late, over all runs
 * @param overtimeMin minutes somebody stays longer than they should, over all people and days
 * @param daysAhead days begun from the first work of each run to when it is due, over all: what is
 *     made long before it is wanted gets old
 * @param washes of bowls between two holds
 * @param presentMin minutes from the first work to the last of each person's hours, over all
 */
public record Worth(int lateMin, int overtimeMin, int daysAhead, int washes, int presentMin)
        implements Comparable<Worth> {

    private static final int DAY_MIN = 24 * 60;

    private static final Comparator<Worth> WISHES =
            Comparator.comparingInt(Worth::lateMin)
                    .thenComparingInt(Worth::overtimeMin)
                    .thenComparingInt(Worth::daysAhead)
                    .thenComparingInt(Worth::washes)
                    .thenComparingInt(Worth::presentMin);

    @Override
    public int compareTo(final Worth other) {
        return WISHES.compare(this, other);
    }

    /** Of a plan that holds. */
    public static Worth of(final Workload load, final Plan plan) {
        return new Worth(
                late(load, plan),
                overtime(load, plan),
                ahead(load, plan),
                washes(load, plan),
                present(load, plan));
    }

    private static int late(final Workload load, final Plan plan) {
        return load.runs().stream().mapToInt(run -> late(run, load, plan)).sum();
    }

    /** Minutes one run is late, 0 where it is in time or nobody waits for it. */
    public static int late(final Run run, final Workload load, final Plan plan) {
        if (run.due().isEmpty()) {
            return 0;
        }
        final int end =
                load.stretches().stream()
                        .filter(s -> s.run().equals(run.id()))
                        .mapToInt(plan::end)
                        .max()
                        .orElse(Integer.MIN_VALUE);
        return Math.max(0, end - run.due().getAsInt());
    }

    private static int ahead(final Workload load, final Plan plan) {
        int sum = 0;
        for (final Run run : load.runs()) {
            final var first =
                    load.stretches().stream()
                            .filter(s -> s.run().equals(run.id()))
                            .mapToInt(plan::start)
                            .min();
            if (run.due().isPresent() && first.isPresent()) {
                final int minutes = Math.max(0, run.due().getAsInt() - first.getAsInt());
                sum += (minutes + DAY_MIN - 1) / DAY_MIN;
            }
        }
        return sum;
    }

    private static int overtime(final Workload load, final Plan plan) {
        int sum = 0;
        for (final Day day : days(load, plan)) {
            sum += Math.max(0, day.last - day.hours.to());
        }
        return sum;
    }

    private static int present(final Workload load, final Plan plan) {
        int sum = 0;
        for (final Day day : days(load, plan)) {
            sum += day.last - day.first;
        }
        return sum;
    }

    /** Hours in which somebody works at all: when first, until when. */
    private record Day(Person.Hours hours, int first, int last) {}

    private static List<Day> days(final Workload load, final Plan plan) {
        final List<Day> days = new java.util.ArrayList<>();
        for (final Person person : load.people()) {
            final Map<Person.Hours, Day> worked = new HashMap<>();
            for (final Stretch stretch : plan.of(person.id(), load)) {
                final int start = plan.start(stretch);
                final int end = plan.end(stretch);
                person.hours().stream()
                        .filter(h -> h.hold(start, end))
                        .findFirst()
                        .ifPresent(
                                h ->
                                        worked.merge(
                                                h,
                                                new Day(h, start, end),
                                                (a, b) ->
                                                        new Day(
                                                                h,
                                                                Math.min(a.first, b.first),
                                                                Math.max(a.last, b.last))));
            }
            days.addAll(worked.values());
        }
        return days;
    }

    private static int washes(final Workload load, final Plan plan) {
        int sum = 0;
        for (final Thing thing : load.things()) {
            if (!thing.washed()) {
                continue;
            }
            for (final List<Hold> turn : Holds.byUnit(thing, load, plan)) {
                for (int i = 1; i < turn.size(); i++) {
                    if (Holds.wash(turn.get(i - 1), turn.get(i))) {
                        sum++;
                    }
                }
            }
        }
        return sum;
    }
}
