package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.piece.SheetPiece;
import palintone.server.larder.IngredientEntity;

/** A plate or round out of a thin sheet. */
@Entity
@Table(name = "sheet_piece")
@DiscriminatorValue("SHEET")
public class SheetPieceEntity extends PieceEntity {

    private double thickMm;
    private double lengthMm;
    private double widthMm;

    /** Null where plates are cut. */
    private @Nullable Double roundMm;

    /** Null where rounds are whole. */
    private @Nullable Double holeMm;

    private @Nullable Double plateLengthMm;
    private @Nullable Double plateWidthMm;

    @ElementCollection
    @CollectionTable(name = "piece_on", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> on = new ArrayList<>();

    protected SheetPieceEntity() {}

    SheetPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Plates draft,
            final IngredientEntity couverture,
            final Worn worn,
            final List<OnRow> newOn) {
        take(draft.name(), draft.story(), null, couverture, worn, draft.labelG());
        thickMm = draft.thickMm();
        lengthMm = draft.lengthMm();
        widthMm = draft.widthMm();
        roundMm = draft.roundMm();
        holeMm = draft.holeMm();
        plateLengthMm = draft.plateLengthMm();
        plateWidthMm = draft.plateWidthMm();
        on.clear();
        on.addAll(newOn);
        check();
    }

    private SheetPiece.Cut cut() {
        final boolean plate = plateLengthMm != null || plateWidthMm != null;
        if (roundMm != null && plate) {
            throw new OutOfRangeException("what is cut", "a round and a plate", "one of the two");
        }
        if (roundMm != null) {
            return holeMm == null
                    ? new SheetPiece.Round(roundMm)
                    : new SheetPiece.Ring(roundMm, holeMm);
        }
        if (plateLengthMm == null || plateWidthMm == null) {
            throw new OutOfRangeException(
                    plateLengthMm == null ? "length of a plate" : "width of a plate",
                    "missing",
                    "a number, or a round");
        }
        return new SheetPiece.Plate(plateLengthMm, plateWidthMm);
    }

    @Override
    public SheetPiece piece(final double pressureHPa) {
        return new SheetPiece(
                id(),
                name(),
                couverture(),
                thickMm,
                lengthMm,
                widthMm,
                cut(),
                on.stream().map(OnRow::inclusion).toList(),
                dress());
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.plates(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Plates draft() {
        return new PieceDraft.Plates(
                name(),
                story(),
                couvertureId(),
                thickMm,
                lengthMm,
                widthMm,
                roundMm,
                holeMm,
                plateLengthMm,
                plateWidthMm,
                on.stream().map(OnRow::draft).toList(),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
