package palintone.server.work;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.BenchCoats;
import palintone.core.work.BenchDoses;
import palintone.core.work.BenchShells;
import palintone.core.work.RunningBatch;
import palintone.server.filling.Doses;
import palintone.server.piece.BenchWeighings;
import palintone.server.piece.PieceService;
import palintone.server.problem.NotHereException;
import palintone.server.work.FollowUpEntity.Owes;

/**
 * What follows from an entry in books other than the batch's. That it is owed is written in the
 * transaction of the entry; it is paid right after, from the batch as it stands by then, so that
 * paying twice or late comes to the same. What a crash left unpaid is paid at the next round.
 * Whatever is wrong with the piece by now, what the maker noted stays.
 */
@Component
class FollowUps {

    private static final Logger LOG = LoggerFactory.getLogger(FollowUps.class);

    /** So often in vain, it is left alone and stays to be looked at. */
    static final int MOST_TRIES = 10;

    private static final int EVERY_MS = 30_000;

    private final FollowUpRepository owed;
    private final BatchRepository batches;
    private final BatchBooks books;
    private final BenchWeighings weighings;
    private final PieceService pieces;
    private final Doses doses;
    private final Clock clock;
    private final TransactionTemplate write;

    FollowUps(
            final FollowUpRepository owed,
            final BatchRepository batches,
            final BatchBooks books,
            final BenchWeighings weighings,
            final PieceService pieces,
            final Doses doses,
            final Clock clock,
            final PlatformTransactionManager transactions) {
        this.owed = owed;
        this.batches = batches;
        this.books = books;
        this.weighings = weighings;
        this.pieces = pieces;
        this.doses = doses;
        this.clock = clock;
        write = new TransactionTemplate(transactions);
        write.setPropagationBehavior(TransactionTemplate.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * One debt of a batch.
     *
     * @param newest id of the last row that says so
     */
    private record Owed(UUID batch, Owes owes, long newest) {}

    /** Writes down, with the entry, what it owes. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void owe(final UUID batch, final Owes what) {
        owed.save(new FollowUpEntity(batch, what));
    }

    /**
     * Pays what a batch owes. Called when the entry is committed and its connection given back: ten
     * who write at once would else each hold one and wait for a second.
     */
    void pay(final UUID batch) {
        try {
            together(owed.findByBatchIdOrderById(batch)).forEach(this::tried);
        } catch (final RuntimeException notNow) {
            // The entry stands; the next round finds what is owed.
            LOG.warn("What follows from an entry waits for the next round: {}", told(notNow));
        }
    }

    /** What was left behind by a crash, or failed when it was due. */
    @Scheduled(fixedDelay = EVERY_MS)
    void leftBehind() {
        together(owed.findByTriesLessThanOrderById(MOST_TRIES)).forEach(this::tried);
    }

    private void tried(final Owed what) {
        try {
            paid(what);
        } catch (final RuntimeException notNow) {
            LOG.warn(
                    "{} of batch {} could not follow: {}", what.owes(), what.batch(), told(notNow));
            write.executeWithoutResult(
                    none -> owed.held(what.newest()).ifPresent(FollowUpEntity::failed));
        }
    }

    /** The same debt of several entries is one. */
    private static List<Owed> together(final List<FollowUpEntity> rows) {
        final Map<List<Object>, Owed> by = new LinkedHashMap<>();
        rows.forEach(
                row ->
                        by.put(
                                List.of(row.batchId(), row.owes()),
                                new Owed(row.batchId(), row.owes(), row.id())));
        return List.copyOf(by.values());
    }

    private static String told(final RuntimeException failure) {
        return OutOfRangeException.shown(String.valueOf(failure.getMessage()));
    }

    /**
     * Worked out with no connection held, then written with the rows that say it was owed. Whoever
     * finds the newest of them gone comes too late: a later state of the batch is written already.
     */
    private void paid(final Owed what) {
        final Optional<BatchBooks.Opened> read =
                write.execute(none -> batches.findById(what.batch()).map(books::open));
        final Runnable writing =
                read.map(opened -> follows(what.owes(), what.batch(), opened)).orElse(() -> {});
        write.executeWithoutResult(
                none -> {
                    if (owed.held(what.newest()).isPresent()) {
                        writing.run();
                        owed.paid(what.batch(), what.owes(), what.newest());
                    }
                });
    }

    private Runnable follows(final Owes what, final UUID id, final BatchBooks.Opened opened) {
        final BatchFacts facts = opened.facts();
        final RunningBatch batch = opened.running();
        return switch (what) {
            case SHELLS -> shells(id, facts, BenchShells.of(batch));
            case COATS -> () -> weighings.coats(id, facts.couverture(), BenchCoats.of(batch));
            case MOULDS -> pieces.cast(facts.pieceId());
            case DOSES ->
                    doses.fromBench(
                            id,
                            pieces.fillings(facts.pieceId()),
                            BenchDoses.of(batch),
                            clock.instant());
        };
    }

    private Runnable shells(
            final UUID id, final BatchFacts facts, final Optional<BenchShells> shells) {
        try {
            return weighings.shells(id, facts.pieceId(), shells);
        } catch (final OutOfRangeException | NotHereException refused) {
            // What no such mould can hold teaches nothing, and neither does what stood before it.
            LOG.warn("Shells of batch {} teach nothing: {}", facts.lot(), told(refused));
            return weighings.shells(id, facts.pieceId(), Optional.empty());
        }
    }
}
