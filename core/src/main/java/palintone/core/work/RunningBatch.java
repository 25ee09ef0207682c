package palintone.core.work;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;

/**
 * A batch under way: an immutable state machine over its steps, driven by entries.
 *
 * <pre>
 *   RUNNING(step 1) --DONE--> RUNNING(step 2) … --DONE on the last--> FINISHED
 *   RUNNING --ABANDON--> ABANDONED        RUNNING --UNDO of a DONE--> the step before
 * </pre>
 *
 * The state is nothing but a fold over the entries, so it stands again wherever they are kept.
 * Readings may be noted for the step under way and for earlier ones; corrections may follow even
 * after the end.
 */
public final class RunningBatch {

    /** Where a batch stands. */
    public enum State {
        RUNNING,
        FINISHED,
        ABANDONED
    }

    private static final int LONGEST_REMARK = 2000;

    private final List<PlannedStep> steps;
    private final Instant beganAt;
    private final List<Entry> entries;
    private final State state;
    private final int current;
    private final Instant stepBeganAt;

    private RunningBatch(
            final List<PlannedStep> steps, final Instant beganAt, final List<Entry> entries) {
        this.steps = steps;
        this.beganAt = beganAt;
        this.entries = entries;
        final List<Entry> dones =
                standing(entries).stream().filter(e -> e.kind() == EntryKind.DONE).toList();
        current = Math.min(dones.size() + 1, steps.size());
        stepBeganAt = dones.isEmpty() ? beganAt : dones.get(dones.size() - 1).at();
        if (standing(entries).stream().anyMatch(e -> e.kind() == EntryKind.ABANDON)) {
            state = State.ABANDONED;
        } else {
            state = dones.size() == steps.size() ? State.FINISHED : State.RUNNING;
        }
    }

    /**
     * @throws OutOfRangeException when there are no steps
     */
    public static RunningBatch begin(final List<PlannedStep> steps, final Instant at) {
        if (steps.isEmpty()) {
            throw new OutOfRangeException("steps", "none", "at least one");
        }
        return new RunningBatch(List.copyOf(steps), at, List.of());
    }

    /** The batch as it stands after entries accepted before. */
    public static RunningBatch replay(
            final List<PlannedStep> steps, final Instant at, final List<Entry> accepted) {
        final RunningBatch fresh = begin(steps, at);
        return new RunningBatch(fresh.steps, at, List.copyOf(accepted));
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
        Require.between("step", entry.step(), 1, steps.size(), "");
        if (state != State.RUNNING && entry.kind() != EntryKind.CORRECT) {
            throw new IllegalMoveException(
                    state == State.FINISHED
                            ? "This batch is finished; its entries can be corrected, not added to."
                            : "This batch was given up; its entries can be corrected, not added to.");
        }
        switch (entry.kind()) {
            case NOTE -> checkNote(entry);
            case REMARK -> Require.text("remark", entry.text(), LONGEST_REMARK);
            case DONE -> checkDone(entry);
            case UNDO -> checkUndo(entry);
            case CORRECT -> checkCorrection(entry);
            case ABANDON -> Require.text("reason", entry.text(), LONGEST_REMARK);
        }
        final List<Entry> more = new ArrayList<>(entries);
        more.add(entry);
        return new RunningBatch(steps, beganAt, Collections.unmodifiableList(more));
    }

    private void checkNote(final Entry entry) {
        if (entry.step() > current) {
            throw new IllegalMoveException(
                    "Step " + entry.step() + " has not begun; step " + current + " is under way.");
        }
        reading(entry.step()).possible(value(entry));
    }

    private void checkDone(final Entry entry) {
        if (entry.step() != current) {
            throw new IllegalMoveException(
                    "Step "
                            + entry.step()
                            + (entry.step() < current ? " is already done" : " has not begun")
                            + "; step "
                            + current
                            + " is under way.");
        }
    }

    private void checkUndo(final Entry entry) {
        final Entry target = target(entry);
        if (target.kind() == EntryKind.DONE && target.step() != current - 1) {
            throw new IllegalMoveException(
                    "Step "
                            + target.step()
                            + " cannot be reopened while step "
                            + current
                            + " is under way; only the step before can.");
        }
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

    private Reading reading(final int step) {
        return steps.get(step - 1)
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
        return standing(entries).stream()
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

    /** The step under way; the last one when the batch is over. */
    public PlannedStep currentStep() {
        return steps.get(current - 1);
    }

    /** When the batch was finished or given up, empty while it runs. */
    public Optional<Instant> endedAt() {
        if (state == State.RUNNING) {
            return Optional.empty();
        }
        return standing(entries).stream()
                .filter(e -> e.kind() == EntryKind.DONE || e.kind() == EntryKind.ABANDON)
                .map(Entry::at)
                .max(Instant::compareTo);
    }

    /** When the step under way began. */
    public Instant stepBeganAt() {
        return stepBeganAt;
    }

    public List<PlannedStep> steps() {
        return steps;
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
                standing(entries).stream().filter(e -> e.kind() != EntryKind.CORRECT).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(left.get(left.size() - 1));
    }

    /**
     * A reading or remark as it stands.
     *
     * @param id of the entry it was first written with
     * @param at when it was first written
     * @param value the reading, corrections applied; NaN for a remark
     * @param text the remark, corrections applied; empty for a reading
     * @param corrected whether it once said something else
     */
    public record Standing(UUID id, Instant at, double value, String text, boolean corrected) {}

    /** Readings of one step as they stand, oldest first. */
    public List<Standing> notes(final int step) {
        return standing(EntryKind.NOTE, step);
    }

    /** Remarks of one step as they stand, oldest first. */
    public List<Standing> remarks(final int step) {
        return standing(EntryKind.REMARK, step);
    }

    private List<Standing> standing(final EntryKind kind, final int step) {
        final Map<UUID, Standing> byId = new LinkedHashMap<>();
        for (final Entry entry : standing(entries)) {
            if (entry.kind() == kind && entry.step() == step) {
                byId.put(
                        entry.id(),
                        new Standing(
                                entry.id(),
                                entry.at(),
                                entry.value().orElse(Double.NaN),
                                entry.text(),
                                false));
            } else if (entry.kind() == EntryKind.CORRECT) {
                byId.computeIfPresent(
                        entry.about().orElseThrow(),
                        (id, was) ->
                                new Standing(
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
        return notes(step).stream().map(Standing::value).toList();
    }

    /** When a step was done, empty while it is not. */
    public Optional<Instant> doneAt(final int step) {
        return standing(entries).stream()
                .filter(e -> e.kind() == EntryKind.DONE && e.step() == step)
                .map(Entry::at)
                .findFirst();
    }

    /** How long a finished step took. */
    public Optional<Duration> took(final int step) {
        final Instant from = step == 1 ? beganAt : doneAt(step - 1).orElse(beganAt);
        return doneAt(step).map(to -> Duration.between(from, to));
    }
}
