package palintone.server.week;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.core.plan.FirstPlan;
import palintone.core.plan.Fixed;
import palintone.core.plan.HousePace;
import palintone.core.plan.Lag;
import palintone.core.plan.Plan;
import palintone.core.plan.PlanChecker;
import palintone.core.plan.Workload;
import palintone.core.plan.Worth;
import palintone.schedule.Ask;
import palintone.schedule.Said;
import palintone.schedule.Wish;
import palintone.server.house.HouseService;
import palintone.server.news.NewsDesk;
import palintone.server.problem.NotHereException;
import palintone.server.work.BatchOrder;
import palintone.server.work.BatchService;
import palintone.server.work.BatchView;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The plan of this house: made at once, made better by the solver while everybody looks at it, and
 * kept when it has had enough.
 */
@Service
public class WeekService {

    static final long SEED = 1;

    /** For each wish, in the solver's own seconds. */
    private static final double EFFORT = 6;

    private final WeekWork work;
    private final PlanRepository plans;
    private final RunBatchRepository begun;
    private final BatchService batches;
    private final SolverProcess solver;
    private final NewsDesk news;
    private final Clock clock;
    private final TransactionTemplate writing;
    private final JsonMapper json = JsonMapper.builder().build();

    /** Held by whoever plans; the plan itself is guarded by this. */
    private final Object planning = new Object();

    private Standing standing;
    private SolverProcess.Asked asked;

    WeekService(
            final WeekWork work,
            final PlanRepository plans,
            final RunBatchRepository begun,
            final BatchService batches,
            final SolverProcess solver,
            final NewsDesk news,
            final Clock clock,
            final PlatformTransactionManager transactions) {
        this.work = work;
        this.plans = plans;
        this.begun = begun;
        this.batches = batches;
        this.solver = solver;
        this.news = news;
        this.clock = clock;
        writing = new TransactionTemplate(transactions);
    }

    /** What is kept beside a workload. */
    private record Beside(HousePace pace, List<Lag> tooLate, String restsOn) {}

    /** How good a plan is by one wish. */
    record Proven(Wish wish, int value, int bound) {}

    /** A plan as it stands in memory. */
    record Standing(
            UUID id,
            int number,
            Instant madeAt,
            WeekWork.Made made,
            Optional<Plan> plan,
            List<Proven> proven,
            WeekView.State state) {

        Standing with(
                final Optional<Plan> other, final List<Proven> known, final WeekView.State now) {
            return new Standing(id, number, madeAt, made, other, known, now);
        }
    }

    /** The days as they are laid out. */
    public WeekView view() {
        final Optional<Standing> now = now();
        final boolean stale = now.isPresent() && !now.get().made().restsOn().equals(work.restsOn());
        return now.isEmpty() || now.get().plan().isEmpty()
                ? WeekViews.none(now, stale, clock.instant())
                : WeekViews.of(now.get(), stale, batchesOf(), clock.instant());
    }

    private Map<String, UUID> batchesOf() {
        final Map<String, UUID> of = new java.util.HashMap<>();
        begun.findAll().forEach(b -> of.put(b.run(), b.batchId()));
        return of;
    }

    /**
     * Plans anew, from what is wanted and what has begun.
     *
     * @param pinned what a maker has put where it is
     */
    public WeekView plan(final List<Fixed> pinned) {
        // One plan at a time; whoever only looks is not kept waiting.
        synchronized (planning) {
            enough();
            final WeekWork.Made made = work.of(pinned, this::who);
            final Optional<Plan> first = first(made);
            final PlanEntity entity = written(made, first);
            synchronized (this) {
                standing =
                        new Standing(
                                entity.id(),
                                entity.number(),
                                entity.madeAt(),
                                made,
                                first,
                                List.of(),
                                stands(first));
                if (!made.load().stretches().isEmpty()) {
                    seek(made.load(), first);
                }
            }
            tell();
            return view();
        }
    }

    private static WeekView.State stands(final Optional<Plan> plan) {
        return plan.isEmpty() ? WeekView.State.NOT_FOUND : WeekView.State.STANDS;
    }

    private PlanEntity written(final WeekWork.Made made, final Optional<Plan> first) {
        final Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        return writing.execute(
                none -> {
                    final int number =
                            plans.findFirstByOrderByNumberDesc().map(PlanEntity::number).orElse(0)
                                    + 1;
                    final PlanEntity fresh =
                            new PlanEntity(
                                    number,
                                    now,
                                    made.origin(),
                                    json.writeValueAsString(made.load()),
                                    json.writeValueAsString(
                                            new Beside(
                                                    made.pace(), made.tooLate(), made.restsOn())),
                                    made.makings());
                    first.ifPresent(p -> fresh.keep(json.writeValueAsString(p), "[]"));
                    return plans.save(fresh);
                });
    }

    private Optional<String> who(final String stretch) {
        return now().flatMap(Standing::plan)
                .map(p -> p.placed().get(stretch))
                .flatMap(Plan.Placed::person);
    }

    /** The better of a fresh one and the one of before, where that still holds. */
    private Optional<Plan> first(final WeekWork.Made made) {
        final Optional<Plan> fresh = FirstPlan.of(made.load(), SEED);
        final Optional<Plan> before =
                now().flatMap(
                                s ->
                                        s.plan()
                                                .map(
                                                        p ->
                                                                p.later(
                                                                        -work.minutesSince(
                                                                                s.made()
                                                                                        .origin()))))
                        .map(p -> p.fixing(made.load().fixed()))
                        .filter(p -> PlanChecker.holds(made.load(), p));
        if (before.isEmpty() || fresh.isEmpty()) {
            return before.or(() -> fresh);
        }
        return Worth.of(made.load(), before.get()).compareTo(Worth.of(made.load(), fresh.get())) < 0
                ? before
                : fresh;
    }

    private void seek(final Workload load, final Optional<Plan> first) {
        final UUID id = standing.id();
        asked =
                solver.ask(
                                new Ask(Ask.What.PLAN, load, first, EFFORT, (int) SEED, List.of()),
                                said -> hear(id, said),
                                () -> over(id))
                        .orElse(null);
        if (asked != null) {
            standing = standing.with(standing.plan(), standing.proven(), WeekView.State.SOUGHT);
        }
    }

    private synchronized void hear(final UUID id, final Said said) {
        if (standing == null || !standing.id().equals(id)) {
            return;
        }
        switch (said.kind()) {
            case FOUND -> {
                final Plan found = said.plan().orElseThrow();
                // Held to the same rules as any other: a solver may be wrong too.
                if (PlanChecker.holds(standing.made().load(), found)) {
                    standing =
                            standing.with(Optional.of(found), standing.proven(), standing.state());
                    tell();
                }
            }
            case PROVEN -> {
                final List<Proven> known = new ArrayList<>(standing.proven());
                known.add(new Proven(said.wish().orElseThrow(), said.value(), said.bound()));
                standing = standing.with(standing.plan(), known, standing.state());
                tell();
            }
            case IMPOSSIBLE ->
                    standing =
                            standing.with(
                                    standing.plan(), standing.proven(), WeekView.State.IMPOSSIBLE);
            default -> {
                // That it is over is heard when the process ends.
            }
        }
    }

    private synchronized void over(final UUID id) {
        if (standing == null || !standing.id().equals(id)) {
            return;
        }
        asked = null;
        settle();
    }

    private void settle() {
        standing =
                standing.with(
                        standing.plan(),
                        standing.proven(),
                        standing.state() == WeekView.State.IMPOSSIBLE
                                ? standing.state()
                                : stands(standing.plan()));
        final Standing now = standing;
        writing.executeWithoutResult(
                none ->
                        plans.findById(now.id())
                                .ifPresent(
                                        entity ->
                                                entity.keep(
                                                        now.plan()
                                                                .map(json::writeValueAsString)
                                                                .orElse(null),
                                                        json.writeValueAsString(now.proven()))));
        tell();
    }

    /** It is good enough: the best so far is kept. */
    public synchronized WeekView enough() {
        if (asked != null) {
            asked.close();
            asked = null;
            settle();
        }
        return view();
    }

    private void tell() {
        news.tell("week", "plan");
    }

    /** What was planned last, from the books where this server has just begun. */
    private synchronized Optional<Standing> now() {
        if (standing == null) {
            standing =
                    writing.execute(
                                    none ->
                                            plans.findFirstByOrderByNumberDesc()
                                                    .flatMap(this::read))
                            .orElse(null);
        }
        return Optional.ofNullable(standing);
    }

    private Optional<Standing> read(final PlanEntity entity) {
        try {
            final Workload load = json.readValue(entity.workload(), Workload.class);
            final Optional<Plan> plan =
                    Optional.ofNullable(entity.laid())
                            .map(text -> json.readValue(text, Plan.class));
            final Beside beside = json.readValue(entity.beside(), Beside.class);
            return Optional.of(
                    new Standing(
                            entity.id(),
                            entity.number(),
                            entity.madeAt(),
                            new WeekWork.Made(
                                    load,
                                    entity.originAt(),
                                    entity.makings(),
                                    beside.pace(),
                                    beside.tooLate(),
                                    beside.restsOn()),
                            plan,
                            json.readValue(entity.proven(), new TypeReference<List<Proven>>() {}),
                            stands(plan)));
        } catch (JacksonException | OutOfRangeException e) {
            // Written by a program that planned otherwise: it is planned again.
            return Optional.empty();
        }
    }

    // ------------------------------------------------------------ by hand

    /**
     * What a move would break; nothing is changed.
     *
     * @param stretch id of it
     * @param start moment it would begin
     * @param person id of who would do it; who does it where left out
     */
    public WeekView.WeekMoveView move(
            final String stretch, final Instant start, final String person) {
        final Standing now = planned();
        final Plan plan = now.plan().orElseThrow();
        final Plan moved = plan.moving(stretch, place(now, stretch, start, person));
        final Workload load = now.made().load();
        return new WeekView.WeekMoveView(
                WeekViews.breaks(load, PlanChecker.broken(load, moved)),
                Worth.of(load, moved).lateMin() - Worth.of(load, plan).lateMin());
    }

    private Standing planned() {
        return now().filter(s -> s.plan().isPresent())
                .orElseThrow(() -> new NotHereException("plan", "of these days"));
    }

    private static Plan.Placed place(
            final Standing now, final String stretch, final Instant start, final String person) {
        final Plan.Placed there = now.plan().orElseThrow().placed().get(stretch);
        if (there == null) {
            throw new NotHereException("work on the plan", stretch);
        }
        return new Plan.Placed(
                WeekWork.minute(now.made().origin(), start),
                there.person().isEmpty()
                        ? there.person()
                        : Optional.ofNullable(person).or(there::person));
    }

    /**
     * Pins work where a maker has put it, or lets it go, and plans all else around it.
     *
     * @param start moment it begins; empty to let it go
     */
    public WeekView pin(final String stretch, final Optional<Instant> start, final String person) {
        final Standing now = planned();
        final List<Fixed> pins = new ArrayList<>(pins(now));
        pins.removeIf(f -> f.stretch().equals(stretch));
        if (start.isPresent()) {
            final Plan.Placed where = place(now, stretch, start.get(), person);
            if (person != null
                    && now.made().load().people().stream().noneMatch(p -> p.id().equals(person))) {
                throw new OutOfRangeException("person", person, "somebody who works these days");
            }
            if (where.start() < now.made().load().from()) {
                throw new OutOfRangeException("start", start.get().toString(), "from now on");
            }
            pins.add(new Fixed(stretch, where.start(), where.person(), false));
        } else if (now.plan().orElseThrow().placed().get(stretch) == null) {
            throw new NotHereException("work on the plan", stretch);
        }
        // Minutes count from the beginning of the day the plan was made on.
        return plan(moved(pins, now.made().origin()));
    }

    private List<Fixed> pins(final Standing now) {
        return now.made().load().fixed().stream().filter(f -> !f.begun()).toList();
    }

    private List<Fixed> moved(final List<Fixed> pins, final Instant origin) {
        final int by = work.minutesSince(origin);
        return pins.stream()
                .map(f -> new Fixed(f.stretch(), f.start() - by, f.person(), false))
                .toList();
    }

    /** Plans anew with what is pinned. */
    public WeekView again() {
        return plan(now().map(s -> moved(pins(s), s.made().origin())).orElse(List.of()));
    }

    /** Begins the batch of a run; one that has begun is only answered. */
    public BatchView begin(final String run) {
        final Standing now = planned();
        final Optional<RunBatchEntity> known = begun.findById(run);
        if (known.isPresent()) {
            return batches.view(known.get().batchId());
        }
        final WeekWork.Making making =
                now.made().makings().stream()
                        .filter(m -> m.run().equals(run))
                        .findFirst()
                        .orElseThrow(() -> new NotHereException("batch on the plan", run));
        // The same id for the same run: two screens that press at once begin one.
        final UUID id =
                UUID.nameUUIDFromBytes(
                        ("run " + run).getBytes(java.nio.charset.StandardCharsets.UTF_8));
        final BatchView view =
                batches.begin(
                        new BatchOrder(
                                id, making.piece(), null, making.pieces(), null, null, null));
        writing.executeWithoutResult(none -> begun.save(new RunBatchEntity(run, id)));
        tell();
        return view;
    }

    /** Why not all can be in time, and what would help. */
    public WeekView.ClashView clash() {
        return new Clash(solver, planned()).find();
    }

    // ------------------------------------------------------------ what has changed

    /** The plan stands; that it is of before is seen when it is asked for. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void changed(final WeekChanged change) {
        news.tell("week", "changed");
    }

    @EventListener
    synchronized void allIsNew(final HouseService.AllIsNew change) {
        if (asked != null) {
            asked.close();
            asked = null;
        }
        standing = null;
    }
}
