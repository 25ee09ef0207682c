package palintone.server.week;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import palintone.core.plan.Broken;
import palintone.core.plan.Fixed;
import palintone.core.plan.Hold;
import palintone.core.plan.Lag;
import palintone.core.plan.Person;
import palintone.core.plan.Plan;
import palintone.core.plan.PlayedDays;
import palintone.core.plan.Run;
import palintone.core.plan.Slack;
import palintone.core.plan.Stretch;
import palintone.core.plan.Thing;
import palintone.core.plan.Workload;
import palintone.core.plan.Worth;
import palintone.schedule.Wish;

/** How a plan looks on the wire. */
final class WeekViews {

    private static final int PLAYED = 200;
    private static final long SEED = 7;

    private final WeekService.Standing now;
    private final Workload load;
    private final Plan plan;
    private final Map<String, Stretch> stretches;

    private WeekViews(final WeekService.Standing now) {
        this.now = now;
        load = now.made().load();
        plan = now.plan().orElseThrow();
        stretches = load.stretchesById();
    }

    /** Where there is no plan. */
    static WeekView none(
            final Optional<WeekService.Standing> standing, final boolean stale, final Instant at) {
        return new WeekView(
                standing.map(WeekService.Standing::number).orElse(0),
                standing.map(WeekService.Standing::state).orElse(WeekView.State.NONE),
                stale,
                standing.map(WeekService.Standing::madeAt).orElse(null),
                at,
                at,
                at,
                List.of(),
                null,
                new WeekView.PaceView(1, 0),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    static WeekView of(
            final WeekService.Standing now,
            final boolean stale,
            final Map<String, UUID> batches,
            final Instant at) {
        return new WeekViews(now).view(stale, batches, at);
    }

    private Instant at(final int minute) {
        return now.made().origin().plus(minute, ChronoUnit.MINUTES);
    }

    private WeekView view(final boolean stale, final Map<String, UUID> batches, final Instant at) {
        final PlayedDays days = PlayedDays.of(load, plan, now.made().pace().spread(), PLAYED, SEED);
        final int last = load.stretches().stream().mapToInt(plan::end).max().orElse(load.from());
        return new WeekView(
                now.number(),
                load.stretches().isEmpty() ? WeekView.State.NONE : now.state(),
                stale,
                now.madeAt(),
                at,
                at(load.stretches().stream().mapToInt(plan::start).min().orElse(load.from())),
                at(last),
                wishes(),
                new WeekView.SureView(days.played(), days.nothingLost()),
                new WeekView.PaceView(now.made().pace().pace(), now.made().pace().tasks()),
                load.runs().stream().map(r -> run(r, days, batches)).toList(),
                load.stretches().stream()
                        .sorted(Comparator.comparingInt(plan::start).thenComparing(Stretch::id))
                        .map(this::work)
                        .toList(),
                load.people().stream().map(this::hands).toList(),
                load.holds().stream().map(this::kept).toList(),
                now.made().tooLate().stream()
                        .map(l -> new WeekView.TooLateView(l.to(), l.from(), l.why()))
                        .toList());
    }

    private List<WeekView.WishView> wishes() {
        final Worth worth = Worth.of(load, plan);
        final Map<Wish, Integer> values =
                Map.of(
                        Wish.ON_TIME, worth.lateMin(),
                        Wish.NO_OVERTIME, worth.overtimeMin(),
                        Wish.FEW_WASHES, worth.washes(),
                        Wish.SHORT_DAYS, worth.presentMin(),
                        Wish.FRESH, worth.daysAhead());
        final List<WeekView.WishView> wishes = new ArrayList<>();
        for (final Wish wish : Wish.values()) {
            final int value = values.get(wish);
            final int bound =
                    now.proven().stream()
                            .filter(p -> p.wish() == wish)
                            .mapToInt(WeekService.Proven::bound)
                            .findFirst()
                            .orElse(0);
            // Nothing can be less than nothing.
            wishes.add(new WeekView.WishView(wish, value, bound, value == 0 || bound == value));
        }
        return wishes;
    }

    private WeekView.RunView run(
            final Run run, final PlayedDays days, final Map<String, UUID> batches) {
        final List<Stretch> mine =
                load.stretches().stream().filter(s -> s.run().equals(run.id())).toList();
        final WeekWork.Making making =
                now.made().makings().stream()
                        .filter(m -> m.run().equals(run.id()))
                        .findFirst()
                        .orElseThrow();
        return new WeekView.RunView(
                run.id(),
                making.piece(),
                run.name(),
                making.pieces(),
                making.moulds(),
                at(run.due().orElse(load.horizon())),
                at(mine.stream().mapToInt(plan::start).min().orElse(load.from())),
                at(mine.stream().mapToInt(plan::end).max().orElse(load.from())),
                Worth.late(run, load, plan),
                days.inTime().get(run.id()),
                batches.get(run.id()));
    }

    private WeekView.WorkView work(final Stretch stretch) {
        final Slack slack = Slack.of(load, plan, stretch);
        final Optional<Fixed> fixed =
                load.fixed().stream().filter(f -> f.stretch().equals(stretch.id())).findFirst();
        return new WeekView.WorkView(
                stretch.id(),
                stretch.run(),
                stretch.title(),
                stretch.part(),
                stretch.minutes(),
                stretch.tasks(),
                plan.placed().get(stretch.id()).person().orElse(null),
                at(plan.start(stretch)),
                at(plan.end(stretch)),
                at(slack.earliest()),
                at(slack.latest()),
                slack.before().orElse(null),
                slack.after().orElse(null),
                load.lags().stream()
                        .filter(l -> l.to().equals(stretch.id()))
                        .map(WeekViews::wait)
                        .toList(),
                fixed.filter(f -> !f.begun()).isPresent(),
                fixed.filter(Fixed::begun).isPresent());
    }

    private static WeekView.WaitView wait(final Lag lag) {
        return new WeekView.WaitView(
                lag.from(),
                lag.why(),
                lag.least(),
                lag.greatest().isPresent() ? lag.greatest().getAsInt() : null);
    }

    private WeekView.HandsView hands(final Person person) {
        return new WeekView.HandsView(
                person.id(),
                person.name(),
                person.hours().stream()
                        .map(h -> new WeekView.HoursView(at(h.from()), at(h.to()), at(h.until())))
                        .toList());
    }

    private WeekView.KeptView kept(final Hold hold) {
        final Thing thing =
                load.things().stream()
                        .filter(t -> t.id().equals(hold.thing()))
                        .findFirst()
                        .orElseThrow();
        final Plan.Span span = plan.span(hold, stretches);
        return new WeekView.KeptView(
                thing.name(),
                plan.units().containsKey(hold.id()) ? plan.units().get(hold.id()) + 1 : 0,
                hold.amount(),
                thing.units(),
                stretches.get(hold.from()).run(),
                at(span.from()),
                at(span.to()));
    }

    /** What a plan breaks, in words. */
    static List<WeekView.BreakView> breaks(final Workload load, final List<Broken> broken) {
        final Map<String, Stretch> stretches = load.stretchesById();
        return broken.stream()
                .filter(b -> !b.begun())
                .map(
                        b ->
                                new WeekView.BreakView(
                                        b.rule(),
                                        b.rule().words(),
                                        b.stretches().stream()
                                                .map(id -> title(stretches.get(id), load))
                                                .toList(),
                                        b.subject(),
                                        b.minutes()))
                .toList();
    }

    private static String title(final Stretch stretch, final Workload load) {
        return stretch.title()
                + ", "
                + load.runs().stream()
                        .filter(r -> r.id().equals(stretch.run()))
                        .findFirst()
                        .orElseThrow()
                        .name();
    }
}
