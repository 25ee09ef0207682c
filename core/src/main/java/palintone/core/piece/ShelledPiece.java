package palintone.core.piece;

/** A piece whose shell is cast by filling a mould and turning it over. */
public sealed interface ShelledPiece extends CastPiece permits MouldedPiece, HollowFigure {

    /** Thickness of the shell, mm. */
    double shellMm();

    @Override
    ShelledMasses masses();
}
