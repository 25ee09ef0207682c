package palintone.server.work;

import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.Workplace;
import palintone.core.process.TaskKind;
import palintone.core.work.BatchPlan;
import palintone.core.work.BenchCoats;
import palintone.core.work.BenchDoses;
import palintone.core.work.BenchShells;
import palintone.core.work.Entry;
import palintone.core.work.EntryKind;
import palintone.core.work.RunningBatch;
import palintone.server.house.HouseService;
import palintone.server.mould.MouldService;
import palintone.server.piece.PieceService;
import palintone.server.problem.NotHereException;
import palintone.server.temper.TemperBowlService;
import palintone.server.temper.TemperBowlView;
import palintone.server.web.PageView;
import palintone.server.work.FollowUpEntity.Owes;

/** Begins batches and writes into them. An entry is on disk before it is acknowledged. */
@Service
public class BatchService {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("yyMMdd");

    private final BatchRepository batches;
    private final PieceService pieces;
    private final HouseService houses;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    private final TemperBowlService bowls;
    private final BatchBowl bowl;
    private final BatchBooks books;
    private final MouldService moulds;
    private final FollowUps followUps;
    private final TransactionTemplate writing;

    BatchService(
            final BatchRepository batches,
            final PieceService pieces,
            final HouseService houses,
            final Clock clock,
            final ApplicationEventPublisher events,
            final TemperBowlService bowls,
            final BatchBowl bowl,
            final BatchBooks books,
            final MouldService moulds,
            final FollowUps followUps,
            final PlatformTransactionManager transactions) {
        writing = new TransactionTemplate(transactions);
        this.followUps = followUps;
        this.moulds = moulds;
        this.bowls = bowls;
        this.books = books;
        this.bowl = bowl;
        this.batches = batches;
        this.pieces = pieces;
        this.houses = houses;
        this.clock = clock;
        this.events = events;
    }

    /** Told after the books are closed on a change. */
    public record BatchChanged(UUID id) {}

    /** Batches in one state; without a state, all that are over. Newest first. */
    @Transactional(readOnly = true)
    public PageView<BatchSummaryView> list(
            final Optional<RunningBatch.State> state, final int page, final int size) {
        final var request = PageView.request(page, size);
        return PageView.of(
                state.map(s -> batches.findByStateOrderByBeganAtDesc(s, request))
                        .orElseGet(
                                () ->
                                        batches.findByStateNotOrderByBeganAtDesc(
                                                RunningBatch.State.RUNNING, request)),
                BatchEntity::summary);
    }

    @Transactional(readOnly = true)
    public BatchView view(final UUID id) {
        return view(byId(id));
    }

    /**
     * Begins a batch; one with this id already begun is returned as it stands. Planned before the
     * house is held and with no connection: a plan takes a while.
     */
    public BatchView begin(final BatchOrder order) {
        if (order.id() == null) {
            throw new OutOfRangeException("id", "missing", "an id chosen by the screen");
        }
        if (batches.existsById(order.id())) {
            return writing.execute(none -> view(byId(order.id())));
        }
        final BatchPlan plan =
                pieces.plan(
                        order.piece(),
                        new PieceService.BatchWish(
                                order.moulds(),
                                order.pieces(),
                                order.method(),
                                order.fillings(),
                                order.bowl() == null
                                        ? Workplace.BowlIs.TEMPERED_FOR_IT
                                        : Workplace.BowlIs.IN_TEMPER));
        return writing.execute(none -> begin(order, plan));
    }

    private BatchView begin(final BatchOrder order, final BatchPlan plan) {
        houses.hold();
        final Optional<BatchEntity> known = batches.findById(order.id());
        if (known.isPresent()) {
            return view(known.get());
        }
        final Instant now = now();
        final BatchFacts facts = BatchFacts.planned(order.id(), nextLot(now), now, plan);
        final RunningBatch fresh = RunningBatch.begin(facts.process(), now);
        final BatchEntity entity = new BatchEntity(facts);
        if (order.bowl() != null) {
            entity.uses(open(order.bowl(), facts.couverture()));
        }
        bowl.beginWhenDue(entity, facts, fresh);
        batches.save(entity);
        events.publishEvent(new BatchChanged(order.id()));
        return BatchView.of(entity, new BatchBooks.Opened(facts, fresh), now);
    }

    /** The day and a count; the house is held meanwhile. */
    private String nextLot(final Instant now) {
        final String day = DAY.format(now.atZone(houses.house().zone()));
        long count = batches.countByLotStartingWith(day) + 1;
        while (batches.existsByLot(lot(day, count))) {
            count++;
        }
        return lot(day, count);
    }

    private static String lot(final String day, final long count) {
        return String.format("%s-%02d", day, count);
    }

    /**
     * Writes entries one after the other: all of them, or where one is refused none. What follows
     * from them in other books follows when they stand.
     */
    public BatchView write(final UUID id, final List<EntryDraft> drafts) {
        final Set<Owes> owes = EnumSet.noneOf(Owes.class);
        final BatchView view =
                writing.execute(
                        none -> {
                            owes.clear();
                            return written(id, drafts, owes);
                        });
        if (!owes.isEmpty()) {
            followUps.pay(id);
        }
        return view;
    }

    private BatchView written(final UUID id, final List<EntryDraft> drafts, final Set<Owes> owes) {
        final BatchEntity entity =
                batches.held(id).orElseThrow(() -> new NotHereException("batch", id));
        BatchBooks.Opened opened = books.open(entity);
        for (final EntryDraft draft : drafts) {
            opened = write(entity, opened, draft.entry(now()), owes);
        }
        owes.forEach(what -> followUps.owe(id, what));
        if (opened.running().state() != RunningBatch.State.RUNNING) {
            bowl.endWith(entity);
        }
        batches.flush();
        events.publishEvent(new BatchChanged(id));
        return BatchView.of(entity, opened, clock.instant());
    }

    private BatchBooks.Opened write(
            final BatchEntity entity,
            final BatchBooks.Opened opened,
            final Entry entry,
            final Set<Owes> owes) {
        final BatchFacts facts = opened.facts();
        final RunningBatch before = opened.running();
        final RunningBatch after = before.accept(entry);
        books.keep(entity, facts, after);
        bowl.beginWhenDue(entity, facts, after);
        if (entry.kind() == EntryKind.DONE && casts(facts, entry.step())) {
            cast(facts, owes);
        }
        // A correction of how it was cast changes what the shells say as their weight does.
        if (!BenchShells.of(after).equals(BenchShells.of(before))) {
            owes.add(Owes.SHELLS);
        }
        if (facts.couverture() != null && !BenchCoats.of(after).equals(BenchCoats.of(before))) {
            owes.add(Owes.COATS);
        }
        if (!BenchDoses.of(after).equals(BenchDoses.of(before))) {
            owes.add(Owes.DOSES);
        }
        if (after != before) {
            bowl.tell(entity, after, entry);
        }
        return new BatchBooks.Opened(facts, after);
    }

    /** What the moulds have held stands in the books with the entry that says they were cast. */
    private void cast(final BatchFacts facts, final Set<Owes> owes) {
        if (facts.declared() == null) {
            // A batch of before knows only its piece.
            owes.add(Owes.MOULDS);
        } else if (facts.declared().mould() != null) {
            moulds.held(facts.declared().mould(), facts.declared().allergens());
        }
    }

    private static boolean casts(final BatchFacts facts, final int step) {
        return facts.process().task(step).kind() == TaskKind.CAST;
    }

    /**
     * The batch is made from another bowl from here on.
     *
     * @throws NotHereException where there is no such bowl under way
     */
    @Transactional
    public BatchView use(final UUID id, final UUID other) {
        final BatchEntity entity =
                batches.held(id).orElseThrow(() -> new NotHereException("batch", id));
        entity.uses(open(other, books.open(entity).facts().couverture()));
        batches.flush();
        events.publishEvent(new BatchChanged(id));
        return view(entity);
    }

    /** A bowl that is under way and holds what this batch is cast of. */
    private UUID open(final UUID id, final String needed) {
        final TemperBowlView.SummaryView found = bowls.open(id);
        if (needed != null && !needed.equals(found.couverture())) {
            throw new OutOfRangeException(
                    "bowl", found.name() + ", " + found.couverture(), "a bowl of " + needed);
        }
        return id;
    }

    /** Everything on record, for an export. */
    @Transactional(readOnly = true)
    public Recorded recorded(final UUID id) {
        final BatchBooks.Opened opened = books.open(byId(id));
        return new Recorded(opened.facts(), opened.running());
    }

    /** A batch as planned, and as it stands. */
    public record Recorded(BatchFacts facts, RunningBatch running) {}

    /**
     * Takes over a batch from a file. Every entry passes the core once more.
     *
     * @return false when it is here already
     */
    @Transactional
    public boolean restore(final BatchFacts facts, final List<Entry> entries) {
        final Optional<RunningBatch> replayed = replayed(facts, entries);
        if (replayed.isEmpty()) {
            return false;
        }
        final BatchEntity entity = new BatchEntity(facts);
        batches.save(entity);
        books.keep(entity, facts, replayed.get());
        events.publishEvent(new BatchChanged(facts.id()));
        return true;
    }

    /** Whether {@link #restore} would take it over; looks at everything, and keeps nothing. */
    @Transactional(readOnly = true)
    public boolean wouldBeNew(final BatchFacts facts, final List<Entry> entries) {
        return replayed(facts, entries).isPresent();
    }

    /** Every entry once more; empty when the batch is here already. */
    private Optional<RunningBatch> replayed(final BatchFacts facts, final List<Entry> entries) {
        if (batches.existsById(facts.id())) {
            return Optional.empty();
        }
        if (batches.existsByLot(facts.lot())) {
            throw new OutOfRangeException(
                    "lot", facts.lot(), "a lot number that no other batch has");
        }
        RunningBatch running = RunningBatch.begin(facts.process(), facts.beganAt());
        for (final Entry entry : entries) {
            running = running.accept(entry);
        }
        return Optional.of(running);
    }

    /** Microseconds are what the books keep. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private BatchView view(final BatchEntity entity) {
        return BatchView.of(entity, books.open(entity), clock.instant());
    }

    private BatchEntity byId(final UUID id) {
        return batches.findById(id).orElseThrow(() -> new NotHereException("batch", id));
    }
}
