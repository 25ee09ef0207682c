package palintone.core.piece;

import palintone.core.casting.CastPlan;

/** A piece whose shell is cast by filling a mould and turning it over. */
public sealed interface ShelledPiece extends CastPiece permits MouldedPiece, HollowFigure {

    /** Thickness of the shell, mm. */
    double shellMm();

    @Override
    ShelledMasses masses();

    /** How its shells are to be cast at that place. */
    CastPlan casting(Materials needs, Workplace place);
}
