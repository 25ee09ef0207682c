package palintone.core.work;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.process.After;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.Task;
import palintone.core.process.TaskReading;

/**
 * A batch under way: an immutable fold of entries over the tasks of its process.
 *
 * <pre>
 *   task:   WAITING --all it needs is done--> READY --begun--> UNDER_WAY --DONE--> DONE
 *   batch:  RUNNING --DONE of every task--> FINISHED       RUNNING --ABANDON--> ABANDONED
 * </pre>
 *
 * A task begins when somebody begins it or reads something at it; by itself when it follows
 * straight on the one just done, or when nothing else is under way. Any that is ready may begin,
 * and several may run at once. Readings may be noted at tasks under way and done; corrections may
 * follow even after the end.
 */
public final class RunningBatch {

    /** Where a batch stands. */
    public enum State {
        RUNNING,
        FINISHED,
        ABANDONED
    }

    /** Where a task stands. */
    public enum Status {
        WAITING,
        READY,
        UNDER_WAY,
        DONE
    }

    private static final int LONGEST_REMARK = 2000;

    private final Process process;
    private final Instant beganAt;
    private final List<Entry> entries;
    private final List<Entry> standing;
    private final State state;
    private final Progress progress;

    private RunningBatch(final Process process, final Instant beganAt, final List<Entry> entries) {
        this.process = process;
        this.beganAt = beganAt;
        this.entries = entries;
        standing = standing(entries);
        progress = new Progress(process, beganAt, standing);
        if (standing.stream().anyMatch(e -> e.kind() == EntryKind.ABANDON)) {
            state = State.ABANDONED;
        } else {
            state = progress.allDone() ? State.FINISHED : State.RUNNING;
        }
    }

    /** A batch of which nothing is done yet. */
    public static RunningBatch begin(final Process process, final Instant at) {
        return new RunningBatch(process, at, List.of());
    }

    /** The batch as it stands after entries accepted before. */
    public static RunningBatch replay(
            final Process process, final Instant at, final List<Entry> accepted) {
        return new RunningBatch(process, at, List.copyOf(accepted));
    }

    /**
     * Takes one entry. An entry with an id already on record changes nothing.
     *
     * @return the batch with the entry
     * @throws IllegalMoveException when the batch cannot take it as it stands
     * @throws OutOfRangeException when the entry itself is impossible
     */
    public RunningBatch accept(final Entry entry) {
        if (entries.stream().anyMatch(e -> e.id().equals(entry.id()))) {
            return this;
        }
        process.task(entry.step());
        if (state != State.RUNNING && entry.kind() != EntryKind.CORRECT) {
            throw new IllegalMoveException(
                    state == State.FINISHED
                            ? "This batch is finished; its entries can be corrected, not added to."
                            : "This batch was given up; its entries can be corrected, not added to.");
        }
        switch (entry.kind()) {
            case BEGIN -> checkBegin(entry);
            case NOTE -> checkNote(entry);
            case REMARK -> Require.text("remark", entry.text(), LONGEST_REMARK);
            case DONE -> checkDone(entry);
            case UNDO -> checkUndo(entry);
            case CORRECT -> checkCorrection(entry);
            case ABANDON -> Require.text("reason", entry.text(), LONGEST_REMARK);
        }
        final List<Entry> more = new ArrayList<>(entries);
        more.add(entry);
        return new RunningBatch(process, beganAt, Collections.unmodifiableList(more));
    }

    private void checkBegin(final Entry entry) {
        switch (status(entry.step())) {
            case WAITING -> throw waiting(entry.step());
            case UNDER_WAY -> throw new IllegalMoveException(named(entry.step()) + " has begun.");
            case DONE -> throw new IllegalMoveException(named(entry.step()) + " is already done.");
            case READY -> {
                // It may.
            }
        }
    }

    private void checkNote(final Entry entry) {
        if (status(entry.step()) == Status.WAITING) {
            throw waiting(entry.step());
        }
        reading(entry.step()).possible(value(entry));
    }

    private void checkDone(final Entry entry) {
        if (status(entry.step()) == Status.DONE) {
            throw new IllegalMoveException(named(entry.step()) + " is already done.");
        }
        if (status(entry.step()) == Status.WAITING) {
            throw waiting(entry.step());
        }
    }

    private void checkUndo(final Entry entry) {
        final Entry target = target(entry);
        if (target.kind() == EntryKind.BEGIN && status(target.step()) == Status.DONE) {
            throw new IllegalMoveException(
                    named(target.step()) + " is done; take that back before its beginning.");
        }
        if (target.kind() == EntryKind.DONE) {
            process.following(target.step()).stream()
                    .filter(t -> progress.doneAt(t.number()).isPresent() || begunByHand(t))
                    .findFirst()
                    .ifPresent(
                            t -> {
                                throw new IllegalMoveException(
                                        named(target.step())
                                                + " cannot be reopened while "
                                                + named(t.number())
                                                + ", which follows it, has begun or is done.");
                            });
        }
    }

    private boolean begunByHand(final Task task) {
        return standing.stream()
                .anyMatch(e -> e.kind() == EntryKind.BEGIN && e.step() == task.number());
    }

    private String named(final int step) {
        return "Step " + step + " (" + process.task(step).title() + ")";
    }

    private IllegalMoveException waiting(final int step) {
        final String before =
                process.task(step).after().stream()
                        .map(After::task)
                        .filter(n -> progress.doneAt(n).isEmpty())
                        .map(n -> process.task(n).title() + " (step " + n + ")")
                        .collect(Collectors.joining(" and "));
        return new IllegalMoveException(named(step) + " has not begun: first " + before + ".");
    }

    private void checkCorrection(final Entry entry) {
        final Entry target = target(entry);
        if (target.kind() == EntryKind.NOTE) {
            reading(target.step()).possible(value(entry));
        } else if (target.kind() == EntryKind.REMARK) {
            Require.text("remark", entry.text(), LONGEST_REMARK);
        } else {
            throw new IllegalMoveException("Only readings and remarks can be corrected.");
        }
    }

    private static double value(final Entry entry) {
        return entry.value()
                .orElseThrow(() -> new OutOfRangeException("value", "missing", "a number"));
    }

    private TaskReading reading(final int step) {
        return process.task(step)
                .reading()
                .orElseThrow(
                        () ->
                                new IllegalMoveException(
                                        "Step " + step + " takes no reading; leave a remark."));
    }

    private Entry target(final Entry entry) {
        final UUID about =
                entry.about()
                        .orElseThrow(
                                () ->
                                        new OutOfRangeException(
                                                "about", "missing", "id of an entry"));
        return standing.stream()
                .filter(e -> e.id().equals(about))
                .filter(e -> e.kind() != EntryKind.CORRECT && e.kind() != EntryKind.ABANDON)
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalMoveException(
                                        "That entry is not there any more, or cannot be changed."));
    }

    /** Entries that have not been undone, undo entries themselves left out. */
    private static List<Entry> standing(final List<Entry> all) {
        final List<UUID> undone =
                all.stream()
                        .filter(e -> e.kind() == EntryKind.UNDO)
                        .map(e -> e.about().orElseThrow())
                        .toList();
        return all.stream()
                .filter(e -> e.kind() != EntryKind.UNDO && !undone.contains(e.id()))
                .toList();
    }

    public State state() {
        return state;
    }

    public Instant beganAt() {
        return beganAt;
    }

    /** What is made, task by task. */
    public Process process() {
        return process;
    }

    /** Where a task stands. */
    public Status status(final int step) {
        process.task(step);
        return progress.status(step);
    }

    /**
     * The task the hands are at: of those under way the one begun last, by hand before one that
     * only waits; else the first that is ready; the last one when the batch is over.
     */
    public Task focus() {
        return process.task(progress.focus());
    }

    /** When a task began, empty while it has not. */
    public Optional<Instant> begunAt(final int step) {
        return progress.begunAt(step);
    }

    /** Not sooner than this, as far as what it needs is done; empty while something is not. */
    public Optional<Instant> earliest(final int step) {
        return progress.earliest(step);
    }

    /** At the latest then, by what is done already; empty where it can wait. */
    public Optional<Latest> latest(final int step) {
        return progress.latest(step);
    }

    /**
     * The latest moment for a task.
     *
     * @param at by then it should have begun
     * @param late what to do when it has not
     */
    public record Latest(Instant at, String late) {}

    /** What others under way keep that this one would need too; nothing once it has begun. */
    public Set<Occupies> taken(final int step) {
        return progress.taken(step);
    }

    /** When the batch was finished or given up, empty while it runs. */
    public Optional<Instant> endedAt() {
        if (state == State.RUNNING) {
            return Optional.empty();
        }
        return standing.stream()
                .filter(e -> e.kind() == EntryKind.DONE || e.kind() == EntryKind.ABANDON)
                .map(Entry::at)
                .max(Instant::compareTo);
    }

    /** Every entry ever accepted, oldest first. */
    public List<Entry> entries() {
        return entries;
    }

    /** The entry that Undo would take back now, if any. */
    public Optional<Entry> lastToUndo() {
        if (state != State.RUNNING) {
            return Optional.empty();
        }
        final List<Entry> left =
                standing.stream().filter(e -> e.kind() != EntryKind.CORRECT).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(left.get(left.size() - 1));
    }

    /**
     * A reading or remark as it stands.
     *
     * @param id of the entry it was first written with
     * @param at when it was first written
     * @param value the reading in its task's unit, corrections applied; NaN for a remark
     * @param text the remark, corrections applied; empty for a reading
     * @param corrected whether it once said something else
     */
    public record EntryStanding(
            UUID id, Instant at, double value, String text, boolean corrected) {}

    /** Readings of one step as they stand, oldest first. */
    public List<EntryStanding> notes(final int step) {
        return standing(EntryKind.NOTE, step);
    }

    /** Remarks of one step as they stand, oldest first. */
    public List<EntryStanding> remarks(final int step) {
        return standing(EntryKind.REMARK, step);
    }

    private List<EntryStanding> standing(final EntryKind kind, final int step) {
        final Map<UUID, EntryStanding> byId = new LinkedHashMap<>();
        for (final Entry entry : standing) {
            if (entry.kind() == kind && entry.step() == step) {
                byId.put(
                        entry.id(),
                        new EntryStanding(
                                entry.id(),
                                entry.at(),
                                entry.value().orElse(Double.NaN),
                                entry.text(),
                                false));
            } else if (entry.kind() == EntryKind.CORRECT) {
                byId.computeIfPresent(
                        entry.about().orElseThrow(),
                        (id, was) ->
                                new EntryStanding(
                                        id,
                                        was.at(),
                                        entry.value().orElse(was.value()),
                                        kind == EntryKind.REMARK ? entry.text() : was.text(),
                                        true));
            }
        }
        return List.copyOf(byId.values());
    }

    /** Values read at one step as they stand, oldest first. */
    public List<Double> readings(final int step) {
        return notes(step).stream().map(EntryStanding::value).toList();
    }

    /** Values read at one step and undone since, oldest first. */
    public List<Double> takenBack(final int step) {
        return entries.stream()
                .filter(e -> e.kind() == EntryKind.NOTE && e.step() == step)
                .filter(e -> !standing.contains(e))
                .map(e -> e.value().orElse(Double.NaN))
                .toList();
    }

    /** When a task was done, empty while it is not. */
    public Optional<Instant> doneAt(final int step) {
        return progress.doneAt(step);
    }

    /** The entry by which a task was done, empty while it is not. */
    public Optional<Entry> doneBy(final int step) {
        return standing.stream()
                .filter(e -> e.kind() == EntryKind.DONE && e.step() == step)
                .findFirst();
    }

    /** How long a finished task took. */
    public Optional<Duration> took(final int step) {
        return doneAt(step).map(to -> Duration.between(progress.begunAt(step).orElse(beganAt), to));
    }
}
