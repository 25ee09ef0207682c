package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.piece.Relief;
import palintone.core.piece.SolidPiece;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A piece cast full. */
@Entity
@Table(name = "solid_piece")
@DiscriminatorValue("SOLID")
public class SolidPieceEntity extends PieceEntity {

    /** Null where the back is flat. */
    private Double reliefMm;

    private Double reliefShare;

    @ElementCollection
    @CollectionTable(name = "solid_inclusion", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<OnRow> inclusions = new ArrayList<>();

    protected SolidPieceEntity() {}

    SolidPieceEntity(final String id) {
        super(id);
    }

    void take(
            final PieceDraft.Solid draft,
            final MouldEntity mould,
            final IngredientEntity couverture,
            final Worn worn,
            final List<OnRow> newInclusions) {
        take(draft.name(), draft.story(), mould, couverture, worn, draft.labelG());
        reliefMm = draft.relief() == null ? null : draft.relief().depthMm();
        reliefShare = draft.relief() == null ? null : draft.relief().sharePercent() / 100;
        inclusions.clear();
        inclusions.addAll(newInclusions);
        check();
    }

    @Override
    public SolidPiece piece(final double pressureHPa) {
        return new SolidPiece(
                id(),
                name(),
                mould().mould(),
                couverture(),
                inclusions.stream().map(OnRow::inclusion).toList(),
                Optional.ofNullable(reliefMm).map(mm -> new Relief(mm, reliefShare)),
                dress());
    }

    @Override
    String kind() {
        return "SOLID";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return PieceView.Solid.of(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft draft() {
        return new PieceDraft.Solid(
                name(),
                story(),
                mould().id(),
                couvertureId(),
                coatDrafts(),
                inclusions.stream().map(OnRow::draft).toList(),
                reliefMm == null ? null : new PieceDraft.Pressed(reliefMm, reliefShare * 100),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
