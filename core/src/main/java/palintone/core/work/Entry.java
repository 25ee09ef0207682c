package palintone.core.work;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * One line in the record of a batch. Nothing is ever taken out of that record.
 *
 * @param id given by whoever wrote it, so that sending twice writes once
 * @param kind what it is
 * @param step number of the task it belongs to
 * @param at when
 * @param value the reading, for NOTE and CORRECT
 * @param text the words, for REMARK and CORRECT
 * @param about the entry it undoes or corrects
 */
public record Entry(
        UUID id,
        EntryKind kind,
        int step,
        Instant at,
        OptionalDouble value,
        String text,
        Optional<UUID> about) {

    /** A task begins. */
    public static Entry begin(final UUID id, final int step, final Instant at) {
        return new Entry(
                id, EntryKind.BEGIN, step, at, OptionalDouble.empty(), "", Optional.empty());
    }

    /**
     * A reading.
     *
     * @param value in the unit its task asks for
     */
    public static Entry note(final UUID id, final int step, final Instant at, final double value) {
        return new Entry(
                id, EntryKind.NOTE, step, at, OptionalDouble.of(value), "", Optional.empty());
    }

    /** Words. */
    public static Entry remark(final UUID id, final int step, final Instant at, final String text) {
        return new Entry(
                id, EntryKind.REMARK, step, at, OptionalDouble.empty(), text, Optional.empty());
    }

    /** A task is done. */
    public static Entry done(final UUID id, final int step, final Instant at) {
        return new Entry(
                id, EntryKind.DONE, step, at, OptionalDouble.empty(), "", Optional.empty());
    }

    /** Takes back an earlier entry. */
    public static Entry undo(final UUID id, final int step, final Instant at, final UUID about) {
        return new Entry(
                id, EntryKind.UNDO, step, at, OptionalDouble.empty(), "", Optional.of(about));
    }

    /**
     * Puts another value in the place of an earlier one.
     *
     * @param value in the unit its task asks for
     */
    public static Entry correct(
            final UUID id, final int step, final Instant at, final double value, final UUID about) {
        return new Entry(
                id, EntryKind.CORRECT, step, at, OptionalDouble.of(value), "", Optional.of(about));
    }
}
