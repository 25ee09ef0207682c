package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.piece.Inclusion;
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
    private List<InclusionRow> inclusions = new ArrayList<>();

    protected SolidPieceEntity() {}

    SolidPieceEntity(final String id) {
        super(id);
    }

    /** One thing in it, by mass. */
    @Embeddable
    public static class InclusionRow {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "ingredient_id")
        private IngredientEntity ingredient;

        @Column(name = "each_g")
        private double eachG;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private Inclusion.Placing placing;

        protected InclusionRow() {}

        InclusionRow(
                final IngredientEntity ingredient,
                final double eachG,
                final Inclusion.Placing placing) {
            this.ingredient = ingredient;
            this.eachG = eachG;
            this.placing = placing;
        }

        String ingredientId() {
            return ingredient.id();
        }
    }

    void take(
            final PieceDraft.Solid draft,
            final MouldEntity mould,
            final IngredientEntity couverture,
            final Worn worn,
            final List<InclusionRow> newInclusions) {
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
                inclusions.stream()
                        .map(
                                row ->
                                        new Inclusion(
                                                row.ingredient.ingredient(),
                                                row.eachG,
                                                row.placing))
                        .toList(),
                Optional.ofNullable(reliefMm).map(mm -> new Relief(mm, reliefShare)),
                dress());
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
                inclusions.stream()
                        .map(row -> new PieceDraft.In(row.ingredientId(), row.eachG, row.placing))
                        .toList(),
                reliefMm == null ? null : new PieceDraft.Pressed(reliefMm, reliefShare * 100),
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
