package palintone.core.piece;

import java.util.List;
import palintone.core.figure.Figure;

/** What one piece holds, grams. */
public sealed interface PieceMasses
        permits ShelledMasses, SolidMasses, DippedMasses, SheetMasses, RolledMasses {

    /** Each part, the couverture first. */
    List<Figure> parts();

    /** Everything together. */
    Figure whole();

    /** All the couverture that stays in one, g. */
    double couvertureG();
}
