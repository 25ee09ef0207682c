package palintone.core.filling.read;

/** Where a part of a written recipe went. */
public enum PartUse {
    /** Nobody has used it. */
    NOWHERE,
    /** It says nothing a recipe could be set by. */
    NOTHING,
    /** A line: an amount and what it is of. */
    LINE,
    /** It says what is done. */
    DONE,
    /** It sets what is done. */
    SET
}
