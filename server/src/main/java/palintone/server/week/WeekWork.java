package palintone.server.week;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.Mould;
import palintone.core.piece.CastPiece;
import palintone.core.piece.Materials;
import palintone.core.plan.BatchAsked;
import palintone.core.plan.BatchWork;
import palintone.core.plan.BegunWork;
import palintone.core.plan.FirstPlan;
import palintone.core.plan.Fixed;
import palintone.core.plan.Hold;
import palintone.core.plan.HousePace;
import palintone.core.plan.Lag;
import palintone.core.plan.Person;
import palintone.core.plan.Relaxed;
import palintone.core.plan.Run;
import palintone.core.plan.Stretch;
import palintone.core.plan.Thing;
import palintone.core.plan.UsualMinutes;
import palintone.core.plan.Workload;
import palintone.core.temper.Couverture;
import palintone.core.tool.Cabinet;
import palintone.core.tool.Tools;
import palintone.core.work.BatchPlan;
import palintone.core.work.RunningBatch;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.mould.MouldService;
import palintone.server.piece.PieceService;
import palintone.server.work.BatchService;

/** Makes a workload of the orders, the people and the things of the house as they are now. */
@Component
class WeekWork {

    private static final int MINUTES_OF_A_DAY = 24 * 60;

    private static final int LATE_DAYS = 3;
    private static final int LONG_AGO = Integer.MIN_VALUE / 2;

    /** Orders of one piece that are wanted within so long are made at once. */
    private static final Duration TOGETHER = Duration.ofHours(48);

    /** As many batches as tell how quick the hands of this house are. */
    private static final int LAST_BATCHES = 8;

    /** Where no more melters are named; ours. */
    private static final int BOWLS = 2;

    private static final int WASH_MIN = 20;

    private final OrderService orders;
    private final PersonService people;
    private final RunBatchRepository batches;
    private final PieceService pieces;
    private final MouldService moulds;
    private final HouseService houses;
    private final BatchService running;
    private final Clock clock;

    WeekWork(
            final OrderService orders,
            final PersonService people,
            final RunBatchRepository batches,
            final PieceService pieces,
            final MouldService moulds,
            final HouseService houses,
            final BatchService running,
            final Clock clock) {
        this.orders = orders;
        this.people = people;
        this.batches = batches;
        this.pieces = pieces;
        this.moulds = moulds;
        this.houses = houses;
        this.running = running;
        this.clock = clock;
    }

    /**
     * What a run makes.
     *
     * @param run id of it
     * @param moulds 0 where it is cast in none
     */
    record Making(String run, String piece, String name, int pieces, int moulds) {}

    /**
     * A workload and what it stands for.
     *
     * @param origin moment from which its minutes count
     * @param pace of this house's hands
     * @param tooLate what cannot be kept any more
     * @param restsOn versions of what it was made of
     */
    record Made(
            Workload load,
            Instant origin,
            List<Making> makings,
            HousePace pace,
            List<Lag> tooLate,
            String restsOn) {}

    /** A batch that is wanted. */
    private record Wanted(String run, String piece, int pieces, Instant due) {

        Wanted of(final int other) {
            return new Wanted(run, piece, other, due);
        }
    }

    /**
     * The workload as it is now.
     *
     * @param pinned stretches a maker has pinned; what is no more is let go
     * @param who does a stretch by the plan of before, by its id
     * @throws OutOfRangeException naming what is missing, as when nobody works
     */
    Made of(final List<Fixed> pinned, final Function<String, Optional<String>> who) {
        final String restsOn = restsOn();
        final HouseEntity house = houses.house();
        final ZoneId zone = house.zone();
        final Instant now = clock.instant();
        final LocalDate today = LocalDate.ofInstant(now, zone);
        final Instant origin = today.atStartOfDay(zone).toInstant();
        final int from = minute(origin, now) + 1;
        final Map<String, UUID> begun = begun();
        final List<Wanted> wanted = wanted(begun);
        final Instant last =
                wanted.stream().map(Wanted::due).max(Comparator.naturalOrder()).orElse(now);
        final HousePace pace = pace();
        final Draft draft = new Draft();
        for (final Wanted one : wanted) {
            lay(draft, one, Optional.ofNullable(begun.get(one.run())), origin, from, pace, who);
        }
        final Set<String> there =
                draft.stretches.stream().map(Stretch::id).collect(Collectors.toSet());
        final Set<String> fixedAlready =
                draft.fixed.stream().map(Fixed::stretch).collect(Collectors.toSet());
        // A batch that has begun goes on as it does, not where it was once pinned.
        pinned.stream()
                .filter(f -> there.contains(f.stretch()) && !fixedAlready.contains(f.stretch()))
                .filter(
                        f ->
                                begun.keySet().stream()
                                        .noneMatch(r -> f.stretch().startsWith(r + "/")))
                .forEach(draft.fixed::add);
        // Some days more than are wanted, so that what is late has a place too; as many as can be
        // where those are not enough.
        final int wished =
                minute(origin, (last.isBefore(now) ? now : last).plus(LATE_DAYS, ChronoUnit.DAYS));
        final int most = from + Workload.LONGEST_MIN - MINUTES_OF_A_DAY;
        final Workload soon =
                load(
                        draft,
                        from,
                        Math.min(wished, most),
                        hands(zone, today, origin, wished),
                        house);
        final Workload load =
                FirstPlan.fits(soon)
                        ? soon
                        : load(draft, from, most, hands(zone, today, origin, most), house);
        inOneGo(load);
        final Relaxed asked = Relaxed.of(load, WeekService.SEED);
        return new Made(asked.load(), origin, draft.makings, pace, asked.tooLate(), restsOn);
    }

    private Workload load(
            final Draft draft,
            final int from,
            final int horizon,
            final List<Person> hands,
            final HouseEntity house) {
        if (hands.isEmpty() && !draft.stretches.isEmpty()) {
            throw new OutOfRangeException(
                    "people", "nobody", "somebody who works: say who and when under People");
        }
        return new Workload(
                from,
                horizon,
                draft.runs,
                draft.stretches,
                draft.lags,
                draft.holds,
                things(house, draft),
                hands,
                draft.fixed);
    }

    /**
     * Work that nobody stays long enough for is said by name: no day would ever have room for it.
     */
    private static void inOneGo(final Workload load) {
        final int longest =
                load.people().stream()
                        .flatMap(p -> p.hours().stream())
                        .mapToInt(h -> h.until() - h.from())
                        .max()
                        .orElse(0);
        final Set<String> begun =
                load.fixed().stream()
                        .filter(Fixed::begun)
                        .map(Fixed::stretch)
                        .collect(Collectors.toSet());
        for (final Stretch stretch : load.stretches()) {
            if (stretch.hands() && stretch.minutes() > longest && !begun.contains(stretch.id())) {
                final String run =
                        load.runs().stream()
                                .filter(r -> r.id().equals(stretch.run()))
                                .findFirst()
                                .orElseThrow()
                                .name();
                throw new OutOfRangeException(
                        stretch.title() + ", " + run,
                        stretch.minutes() + " min in one go",
                        "at most "
                                + longest
                                + " min, as long as anybody is here without a break: order fewer at"
                                + " once");
            }
        }
    }

    private static final class Draft {
        private final List<Run> runs = new ArrayList<>();
        private final List<Stretch> stretches = new ArrayList<>();
        private final List<Lag> lags = new ArrayList<>();
        private final List<Hold> holds = new ArrayList<>();
        private final List<Fixed> fixed = new ArrayList<>();
        private final List<Making> makings = new ArrayList<>();
        private final Map<String, Mould> moulds = new LinkedHashMap<>();
    }

    private Map<String, UUID> begun() {
        return batches.findAll().stream()
                .collect(Collectors.toMap(RunBatchEntity::run, RunBatchEntity::batchId));
    }

    /**
     * Orders of one piece that lie close together are made together, due with the first of them: in
     * one batch, or where that is more than its moulds cast, or one has begun already, in several.
     */
    private List<Wanted> wanted(final Map<String, UUID> begun) {
        final Map<String, List<Wanted>> byPiece = new LinkedHashMap<>();
        for (final OrderView order : orders.list(false)) {
            for (final OrderView.OrderLineView line : order.lines()) {
                final List<Wanted> same =
                        byPiece.computeIfAbsent(line.piece(), id -> new ArrayList<>());
                final Wanted before = same.isEmpty() ? null : same.get(same.size() - 1);
                if (before != null
                        && Duration.between(before.due(), order.due()).compareTo(TOGETHER) <= 0) {
                    same.set(same.size() - 1, before.of(before.pieces() + line.pieces()));
                } else {
                    same.add(
                            new Wanted(
                                    line.piece() + "@" + order.due().getEpochSecond() / 60,
                                    line.piece(),
                                    line.pieces(),
                                    order.due()));
                }
            }
        }
        return byPiece.values().stream()
                .flatMap(List::stream)
                .flatMap(all -> batches(all, begun).stream())
                .sorted(Comparator.comparing(Wanted::due).thenComparing(Wanted::run))
                .toList();
    }

    /**
     * What has been made of it counts; what is still to be made is divided by what one batch can
     * be.
     */
    private List<Wanted> batches(final Wanted all, final Map<String, UUID> begun) {
        final List<Wanted> each = new ArrayList<>();
        int left = all.pieces();
        for (int i = 1; ; i++) {
            final String run = i == 1 ? all.run() : all.run() + "#" + i;
            if (begun.containsKey(run)) {
                final BatchService.Recorded batch = running.recorded(begun.get(run));
                final RunningBatch.State state = batch.running().state();
                if (state != RunningBatch.State.ABANDONED) {
                    left -= batch.facts().pieces();
                }
                if (state == RunningBatch.State.RUNNING) {
                    each.add(new Wanted(run, all.piece(), batch.facts().pieces(), all.due()));
                }
                continue;
            }
            if (left <= 0) {
                return each;
            }
            final int pieces = Math.min(left, plan(all.of(1)).materials().mostAtOnce());
            each.add(new Wanted(run, all.piece(), pieces, all.due()));
            left -= pieces;
        }
    }

    private BatchPlan plan(final Wanted wanted) {
        return pieces.plan(
                wanted.piece(),
                new PieceService.BatchWish(null, wanted.pieces(), null, null, null));
    }

    private void lay(
            final Draft draft,
            final Wanted wanted,
            final Optional<UUID> batch,
            final Instant origin,
            final int from,
            final HousePace pace,
            final Function<String, Optional<String>> who) {
        final BatchPlan plan = plan(wanted);
        final Materials needs = plan.materials();
        final Optional<Mould> mould =
                needs.piece() instanceof CastPiece cast
                        ? Optional.of(cast.mould())
                        : Optional.empty();
        mould.ifPresent(m -> draft.moulds.put(m.id(), m));
        final int due = minute(origin, wanted.due());
        final Run run =
                new Run(
                        wanted.run(),
                        needs.piece().name(),
                        batch.isPresent() ? LONG_AGO : notBefore(needs, due),
                        OptionalInt.of(due));
        final Optional<BatchService.Recorded> recorded = batch.map(running::recorded);
        final BatchAsked asked =
                new BatchAsked(
                        run,
                        recorded.map(r -> r.facts().process()).orElse(plan.process()),
                        turns(needs),
                        mould.map(Mould::id),
                        needs.piece().tempered().map(c -> load(c, needs)),
                        pace.pace());
        final BatchWork.Laid laid;
        if (recorded.isPresent()) {
            final BegunWork.Begun as =
                    BegunWork.of(asked, recorded.get().running(), origin, from - 1, who);
            laid = as.laid();
            draft.fixed.addAll(as.fixed());
        } else {
            laid = BatchWork.of(asked);
        }
        draft.runs.add(run);
        draft.stretches.addAll(laid.stretches());
        draft.lags.addAll(laid.lags());
        draft.holds.addAll(laid.holds());
        draft.makings.add(
                new Making(
                        wanted.run(),
                        wanted.piece(),
                        needs.piece().name(),
                        needs.size().pieces(),
                        needs.size().moulds()));
    }

    /** Nothing of it is made so early that it would not keep until it is wanted. */
    private static int notBefore(final Materials needs, final int due) {
        final OptionalDouble days = needs.keepsDays();
        return days.isPresent()
                ? due - (int) Math.floor(days.getAsDouble() * MINUTES_OF_A_DAY)
                : LONG_AGO;
    }

    private static Hold.Load load(final Couverture couverture, final Materials needs) {
        final int depth =
                switch (couverture.kind()) {
                    case WHITE -> 0;
                    case MILK -> 1;
                    case DARK -> 2;
                };
        return new Hold.Load(
                couverture.ingredient().id(),
                depth,
                needs.allergens().stream().map(Enum::name).collect(Collectors.toSet()));
    }

    private static List<UsualMinutes.Many> turns(final Materials needs) {
        final List<Materials> turns = needs.turns().isEmpty() ? List.of(needs) : needs.turns();
        return turns.stream()
                .map(t -> new UsualMinutes.Many(t.size().moulds(), t.size().pieces()))
                .toList();
    }

    private HousePace pace() {
        return HousePace.of(
                running
                        .list(Optional.of(RunningBatch.State.FINISHED), 0, LAST_BATCHES)
                        .items()
                        .stream()
                        .map(summary -> running.recorded(summary.id()))
                        .map(
                                r ->
                                        new HousePace.Made(
                                                r.running(),
                                                r.facts().moulds(),
                                                r.facts().pieces()))
                        .toList());
    }

    private List<Thing> things(final HouseEntity house, final Draft draft) {
        final Tools tools = house.tools();
        final List<Thing> things = new ArrayList<>();
        draft.moulds.values().forEach(m -> things.add(new Thing(m.id(), m.name(), m.owned(), 0)));
        things.add(
                new Thing(
                        BatchWork.BOWLS,
                        "Bowl",
                        Math.max(BOWLS, tools.melters().size()),
                        WASH_MIN));
        // What nobody has counted sets no limit.
        things.add(new Thing(BatchWork.POTS, "Pots", held(draft, BatchWork.POTS, true), 0));
        final int shelves =
                tools.cabinets().stream()
                        .map(Cabinet::moulds)
                        .filter(OptionalInt::isPresent)
                        .mapToInt(OptionalInt::getAsInt)
                        .sum();
        // A batch larger than the cabinet is said where it is planned; here it takes all of it.
        things.add(
                new Thing(
                        BatchWork.CABINET,
                        "Cabinet",
                        Math.max(held(draft, BatchWork.CABINET, shelves == 0), shelves),
                        0));
        things.add(new Thing(BatchWork.STONE, "Stone", 1, 0));
        things.add(new Thing(BatchWork.GUN, "Spray gun", 1, 0));
        return things;
    }

    /** As many as are held by the largest hold, or by all together. */
    private static int held(final Draft draft, final String thing, final boolean all) {
        final var amounts =
                draft.holds.stream().filter(h -> h.thing().equals(thing)).mapToInt(Hold::amount);
        return all ? amounts.sum() : amounts.max().orElse(0);
    }

    private List<Person> hands(
            final ZoneId zone, final LocalDate today, final Instant origin, final int horizon) {
        final List<Person> hands = new ArrayList<>();
        for (final PersonView person : people.list()) {
            final List<Person.Hours> hours = new ArrayList<>();
            for (LocalDate day = today;
                    minute(origin, day.atStartOfDay(zone).toInstant()) < horizon;
                    day = day.plusDays(1)) {
                final LocalDate on = day;
                if (person.away().stream()
                        .anyMatch(a -> !on.isBefore(a.from()) && !on.isAfter(a.to()))) {
                    continue;
                }
                person.hours().stream()
                        .filter(h -> h.weekday() == on.getDayOfWeek())
                        .map(
                                h ->
                                        new Person.Hours(
                                                at(on, h.from(), zone, origin),
                                                at(on, h.to(), zone, origin),
                                                at(on, h.until(), zone, origin)))
                        .forEach(hours::add);
            }
            if (!hours.isEmpty()) {
                hands.add(new Person(person.id(), person.name(), Set.of(), hours));
            }
        }
        return hands;
    }

    private static int at(
            final LocalDate day, final LocalTime time, final ZoneId zone, final Instant origin) {
        return minute(origin, day.atTime(time).atZone(zone).toInstant());
    }

    /** What a plan rests on, so that one can be told from what has changed since. */
    String restsOn() {
        return Stream.of(
                        orders.list(false).stream().map(o -> o.id() + " " + o.version()),
                        people.list().stream().map(p -> p.id() + " " + p.version()),
                        begun().keySet().stream().sorted())
                .flatMap(each -> each)
                .collect(Collectors.joining("\n"));
    }

    /** Minutes from another day's beginning to that of today. */
    int minutesSince(final Instant other) {
        final ZoneId zone = houses.house().zone();
        return minute(
                other, LocalDate.ofInstant(clock.instant(), zone).atStartOfDay(zone).toInstant());
    }

    static int minute(final Instant origin, final Instant at) {
        return (int) Math.floorDiv(Duration.between(origin, at).toSeconds(), 60);
    }
}
