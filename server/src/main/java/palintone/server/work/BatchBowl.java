package palintone.server.work;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Unit;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.trace.BowlEvent;
import palintone.core.work.Entry;
import palintone.core.work.EntryKind;
import palintone.core.work.RunningBatch;
import palintone.server.temper.BowlDraft;
import palintone.server.temper.BowlNotes;
import palintone.server.temper.TemperBowlService;

/**
 * The bowl a batch is made from is a bowl of the Temper station. What is noted at the Bench is
 * noted there too, in the same transaction: readings, the paper test, seed stirred in, couverture
 * taken out; corrected and taken back with the entry it came from.
 */
@Component
class BatchBowl {

    private final TemperBowlService bowls;
    private final BowlNotes notes;

    BatchBowl(final TemperBowlService bowls, final BowlNotes notes) {
        this.bowls = bowls;
        this.notes = notes;
    }

    /** Begins the bowl when the first task at it is under way. */
    void beginWhenDue(final BatchEntity batch, final BatchFacts facts, final RunningBatch now) {
        if (batch.bowlId().isPresent()) {
            return;
        }
        final boolean due =
                now.process().tasks().stream()
                        .filter(Task::atTheBowl)
                        .anyMatch(t -> now.begunAt(t.number()).isPresent());
        if (!due || facts.couverture() == null) {
            return;
        }
        final UUID id = own(batch);
        bowls.begin(
                new BowlDraft(
                        id,
                        facts.pieceName() + ", lot " + facts.lot(),
                        facts.couverture(),
                        Math.min(100_000, facts.bowl().massG()),
                        null,
                        null,
                        facts.method(),
                        null,
                        null,
                        null));
        batch.uses(id);
    }

    /** A bowl begun for a batch ends with it; one that was there before goes on. */
    void endWith(final BatchEntity batch) {
        batch.bowlId().filter(own(batch)::equals).ifPresent(bowls::end);
    }

    private static UUID own(final BatchEntity batch) {
        return UUID.nameUUIDFromBytes(("bowl of " + batch.id()).getBytes(UTF_8));
    }

    /** Tells the bowl what an entry says of it. */
    void tell(final BatchEntity batch, final RunningBatch now, final Entry entry) {
        batch.bowlId().ifPresent(bowl -> tell(bowl, now, entry));
    }

    private void tell(final UUID bowl, final RunningBatch now, final Entry entry) {
        final Task task = now.process().task(entry.step());
        switch (entry.kind()) {
            case NOTE -> noted(bowl, task, entry.id(), entry.value().orElseThrow());
            case CORRECT -> corrected(bowl, now, entry);
            case DONE -> done(bowl, task, entry.id());
            case UNDO -> dropped(bowl, now, entry.about().orElseThrow());
            default -> {
                // Nothing the bowl would know of.
            }
        }
    }

    private void noted(final UUID bowl, final Task task, final UUID note, final double value) {
        if (!task.atTheBowl() || task.reading().isEmpty()) {
            return;
        }
        if (task.kind() == TaskKind.TEST) {
            // Seconds a smear took; more than anybody waits is one that never set.
            final boolean set =
                    task.reading().get().band().bandStatusOf(value) == BandStatus.IN_BAND;
            notes.keep(
                    bowl,
                    note,
                    set ? BowlEvent.EventKind.PAPER_SET : BowlEvent.EventKind.PAPER_NOT_SET,
                    Math.max(5, value));
        } else if (task.reading().get().unit() == Unit.CELSIUS
                && value > COLDEST_C
                && value < HOTTEST_C) {
            notes.keepReading(bowl, note, value);
        }
    }

    private static final double COLDEST_C = -15;
    private static final double HOTTEST_C = 130;

    private void corrected(final UUID bowl, final RunningBatch now, final Entry entry) {
        final UUID first = entry.about().orElseThrow();
        final Optional<Entry> about =
                now.entries().stream().filter(e -> e.id().equals(first)).findFirst();
        if (about.isEmpty() || about.get().kind() != EntryKind.NOTE || entry.value().isEmpty()) {
            return;
        }
        final Task task = now.process().task(about.get().step());
        if (task.kind() == TaskKind.TEST) {
            dropped(bowl, now, first);
            noted(bowl, task, entry.id(), entry.value().getAsDouble());
        } else {
            noted(bowl, task, first, entry.value().getAsDouble());
        }
    }

    private void done(final UUID bowl, final Task task, final UUID entry) {
        task.amount(Amount.SEED)
                .ifPresent(g -> notes.keep(bowl, entry, BowlEvent.EventKind.SEED, g));
        task.amount(Amount.ADDS)
                .ifPresent(
                        g -> {
                            if (g > 0) {
                                notes.keep(bowl, entry, BowlEvent.EventKind.TOP_UP, g);
                            }
                        });
        task.amount(Amount.TAKES)
                .ifPresent(
                        g -> {
                            if (g > 0) {
                                notes.keep(bowl, entry, BowlEvent.EventKind.TAKEN, g);
                            }
                        });
    }

    /** What came of an entry, and of its corrections. */
    private void dropped(final UUID bowl, final RunningBatch now, final UUID entry) {
        notes.drop(bowl, entry);
        now.entries().stream()
                .filter(e -> e.kind() == EntryKind.CORRECT)
                .filter(e -> e.about().filter(entry::equals).isPresent())
                .forEach(e -> notes.drop(bowl, e.id()));
    }
}
