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
import palintone.core.piece.RolledPiece;

/** A piece rolled without a coat. */
@Entity
@Table(name = "rolled_piece")
@DiscriminatorValue("ROLLED")
public class RolledPieceEntity extends PieceEntity {

    @Embedded private CentreRow centre;

    @ElementCollection
    @CollectionTable(name = "piece_on", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> on = new ArrayList<>();

    protected RolledPieceEntity() {}

    RolledPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Rolled draft,
            final CentreRow newCentre,
            final Worn worn,
            final List<OnRow> newOn) {
        take(draft.name(), draft.story(), null, null, worn, draft.labelG());
        centre = newCentre;
        on.clear();
        on.addAll(newOn);
        check();
    }

    @Override
    public RolledPiece piece(final double pressureHPa) {
        return new RolledPiece(
                id(),
                name(),
                centre.centre(pressureHPa),
                on.stream().map(OnRow::inclusion).toList(),
                dress());
    }

    @Override
    String kind() {
        return "ROLLED";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return LoosePieceViews.rolled(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft.Rolled draft() {
        return new PieceDraft.Rolled(
                name(),
                story(),
                centre.draft(),
                on.stream().map(OnRow::draft).toList(),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
