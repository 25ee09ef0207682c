package palintone.core.work;

/** What can be written into a running batch. */
public enum EntryKind {
    /** A reading, in the unit its step asks for. */
    NOTE,
    /** Words. */
    REMARK,
    /** The step is done; the next one begins. */
    DONE,
    /** Takes back an earlier entry, which stays on record. */
    UNDO,
    /** Puts another value, or other words, in place of an earlier entry, which stays on record. */
    CORRECT,
    /** The batch is given up. */
    ABANDON
}
