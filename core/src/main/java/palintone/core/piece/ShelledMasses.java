package palintone.core.piece;

import palintone.core.figure.Figure;

/** What one piece with a shell holds, grams. */
public sealed interface ShelledMasses extends PieceMasses permits MouldedMasses, HollowMasses {

    /** The shell alone. */
    Figure shell();

    /** What its cavities hold filled to the brim. */
    Figure brim();
}
