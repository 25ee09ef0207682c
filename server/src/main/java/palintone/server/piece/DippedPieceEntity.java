package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import palintone.core.piece.DipCoat;
import palintone.core.piece.DippedPiece;
import palintone.server.larder.IngredientEntity;

/** A dipped piece. */
@Entity
@Table(name = "dipped_piece")
@DiscriminatorValue("DIPPED")
public class DippedPieceEntity extends PieceEntity {

    @Embedded private CentreRow centre;

    private double coatMm;
    private boolean coatedTwice;
    private double dippedShare;

    @ElementCollection
    @CollectionTable(name = "piece_on", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> on = new ArrayList<>();

    protected DippedPieceEntity() {}

    DippedPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Dipped draft,
            final IngredientEntity couverture,
            final CentreRow newCentre,
            final Worn worn,
            final List<OnRow> newOn) {
        take(draft.name(), draft.story(), null, couverture, worn, draft.labelG());
        centre = newCentre;
        coatMm = draft.coatMm();
        coatedTwice = Boolean.TRUE.equals(draft.twice());
        dippedShare = draft.dippedPercent() == null ? 1 : draft.dippedPercent() / 100;
        on.clear();
        on.addAll(newOn);
        check();
    }

    @Override
    public DippedPiece piece(final double pressureHPa) {
        return new DippedPiece(
                id(),
                name(),
                couverture(),
                centre.centre(pressureHPa),
                new DipCoat(coatMm, coatedTwice, dippedShare),
                on.stream().map(OnRow::inclusion).toList(),
                dress());
    }

    @Override
    String kind() {
        return "DIPPED";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.dipped(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Dipped draft() {
        return new PieceDraft.Dipped(
                name(),
                story(),
                couvertureId(),
                centre.draft(),
                coatMm,
                coatedTwice,
                dippedShare * 100,
                on.stream().map(OnRow::draft).toList(),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
