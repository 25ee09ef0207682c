package palintone.server.piece;

import java.util.List;
import palintone.core.piece.DippedPiece;
import palintone.core.piece.HollowFigure;
import palintone.core.piece.Piece;
import palintone.core.piece.RolledPiece;
import palintone.core.piece.SheetPiece;
import palintone.server.figure.FigureView;

/** Pieces that are written down and shown by what was asked of them. */
final class LoosePieceViews {

    private LoosePieceViews() {}

    private static List<FigureView> parts(final Piece piece) {
        return piece.masses().parts().stream().map(FigureView::of).toList();
    }

    static PieceView dipped(
            final DippedPieceEntity entity,
            final DippedPiece piece,
            final PieceView.Around around) {
        return new PieceView.Dipped(
                piece.id(),
                piece.name(),
                entity.story(),
                piece.couverture().ingredient().name(),
                piece.couverture().ingredient().id(),
                piece.couverture().kind(),
                SectionView.of(piece.section()),
                parts(piece),
                FigureView.of(piece.masses().whole()),
                List.of(),
                entity.draft(),
                PieceView.QualitiesView.of(entity, piece, around),
                entity.archived(),
                entity.version());
    }

    static PieceView rolled(
            final RolledPieceEntity entity,
            final RolledPiece piece,
            final PieceView.Around around) {
        return new PieceView.Rolled(
                piece.id(),
                piece.name(),
                entity.story(),
                null,
                null,
                null,
                SectionView.of(piece.section()),
                parts(piece),
                FigureView.of(piece.masses().whole()),
                List.of(),
                entity.draft(),
                PieceView.QualitiesView.of(entity, piece, around),
                entity.archived(),
                entity.version());
    }

    static PieceView hollow(
            final HollowFigureEntity entity,
            final HollowFigure piece,
            final PieceView.Around around) {
        return new PieceView.Hollow(
                piece.id(),
                piece.name(),
                entity.story(),
                piece.mould().name(),
                piece.atOnce(),
                piece.mould().owned(),
                piece.couverture().ingredient().name(),
                piece.couverture().ingredient().id(),
                piece.couverture().kind(),
                SectionView.of(piece.section()),
                parts(piece),
                FigureView.of(piece.masses().whole()),
                piece.wantedMm(),
                entity.coatViews(),
                entity.draft(),
                PieceView.QualitiesView.of(entity, piece, around),
                entity.archived(),
                entity.version());
    }

    static PieceView plates(
            final SheetPieceEntity entity, final SheetPiece piece, final PieceView.Around around) {
        return new PieceView.Plates(
                piece.id(),
                piece.name(),
                entity.story(),
                piece.perSheet(),
                piece.couverture().ingredient().name(),
                piece.couverture().ingredient().id(),
                piece.couverture().kind(),
                SectionView.of(piece.section()),
                parts(piece),
                FigureView.of(piece.masses().whole()),
                List.of(),
                entity.draft(),
                PieceView.QualitiesView.of(entity, piece, around),
                entity.archived(),
                entity.version());
    }
}
