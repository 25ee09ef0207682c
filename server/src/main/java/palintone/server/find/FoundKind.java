package palintone.server.find;

/** What can be found. */
public enum FoundKind {
    PIECE,
    FILLING,
    INGREDIENT,
    COUVERTURE,
    MOULD,
    COLOUR,
    BATCH,
    LOT
}
