package palintone.server.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import palintone.core.work.Entry;
import palintone.core.work.RunningBatch;

/**
 * Batches as the core folds them, kept in memory while the books hold as many entries as they do.
 * Plans never change and entries are only added, so the count says it all: an entry costs one row
 * read and one written, however long the batch is. What another server wrote is never missed.
 */
@Component
class BatchBooks {

    /** More than any workshop has under way; the one looked at longest ago goes first. */
    private static final int MOST = 200;

    private final EntityManager entities;
    private final BatchEntryRepository rows;
    private final Cache<UUID, Opened> memory = Caffeine.newBuilder().maximumSize(MOST).build();

    BatchBooks(final EntityManager entities, final BatchEntryRepository rows) {
        this.entities = entities;
        this.rows = rows;
    }

    /** A batch as planned, and as it stands. */
    record Opened(BatchFacts facts, RunningBatch running) {}

    /** The batch of this row as it stands in the books. */
    @Transactional(propagation = Propagation.MANDATORY, readOnly = true)
    public Opened open(final BatchEntity batch) {
        final Opened known = memory.getIfPresent(batch.id());
        if (known != null && known.running().entries().size() == batch.entriesKept()) {
            return known;
        }
        final BatchFacts facts = batch.facts();
        final List<Entry> accepted =
                rows.findByBatchIdOrderByPosition(batch.id()).stream()
                        .map(BatchEntryEntity::entry)
                        .toList();
        final Opened read =
                new Opened(facts, RunningBatch.replay(facts.process(), facts.beganAt(), accepted));
        memory.put(batch.id(), read);
        return read;
    }

    /** Writes down what the core has accepted since; memory follows the commit. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(final BatchEntity batch, final BatchFacts facts, final RunningBatch now) {
        for (int i = batch.entriesKept(); i < now.entries().size(); i++) {
            entities.persist(new BatchEntryEntity(batch, i, now.entries().get(i)));
        }
        batch.stands(now);
        TransactionSynchronizationManager.registerSynchronization(
                new TransactionSynchronization() {
                    @Override
                    public void afterCommit() {
                        memory.put(batch.id(), new Opened(facts, now));
                    }
                });
    }
}
