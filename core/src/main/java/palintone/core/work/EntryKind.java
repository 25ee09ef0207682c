package palintone.core.work;

/** What can be written into a running batch. */
public enum EntryKind {
    /** A task that is ready begins. */
    BEGIN,
    /** A reading, in the unit its task asks for. */
    NOTE,
    /** Words. */
    REMARK,
    /** The task is done; what follows straight on begins. */
    DONE,
    /** Takes back an earlier entry, which stays on record. */
    UNDO,
    /** Puts another value, or other words, in place of an earlier entry, which stays on record. */
    CORRECT,
    /** The batch is given up. */
    ABANDON
}
