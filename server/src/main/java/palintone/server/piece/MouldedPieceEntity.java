package palintone.server.piece;

import jakarta.annotation.Nullable;
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
import palintone.core.filling.Filling;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.HollowFigure;
import palintone.core.piece.Inclusion;
import palintone.core.piece.LayerAmount;
import palintone.core.piece.MouldedPiece;
import palintone.core.substance.Portion;
import palintone.server.filling.FillingEntity;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A filled piece out of a mould. */
@Entity
@Table(name = "moulded_piece")
@DiscriminatorValue("MOULDED")
public class MouldedPieceEntity extends PieceEntity {

    /** Null where the cap is of what the shell is of. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cap_couverture_id")
    private IngredientEntity capCouverture;

    /** Null where it is of one cavity. */
    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Nullable
    private HollowFigure.Joining joined;

    private boolean uncapped;

    private double shellMm;
    private double headRoomMm;

    @ElementCollection
    @CollectionTable(name = "piece_layer", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<LayerRow> layers = new ArrayList<>();

    protected MouldedPieceEntity() {}

    MouldedPieceEntity(final String id) {
        super(id);
    }

    @ElementCollection
    @CollectionTable(name = "piece_insert", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<InsertRow> inserts = new ArrayList<>();

    /** By what a layer is measured. */
    enum AmountKind {
        SHARE,
        GRAMS,
        HEIGHT,
        REST
    }

    /** One filling and how much of it. */
    @Embeddable
    public static class LayerRow {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "filling_id")
        private FillingEntity filling;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private AmountKind amountKind;

        private double amount;

        /** Couverture over it, mm; 0 where the next lies on it bare. */
        private double sealMm;

        /** Piped into the middle of it; null where nothing is. */
        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "inside_filling_id")
        private @Nullable FillingEntity inside;

        @Column(name = "inside_g")
        private @Nullable Double insideG;

        protected LayerRow() {}

        LayerRow(
                final FillingEntity filling,
                final LayerAmount by,
                final double sealMm,
                final @Nullable FillingEntity inside,
                final @Nullable Double insideG) {
            this.filling = filling;
            this.sealMm = sealMm;
            this.inside = inside;
            this.insideG = inside == null ? null : insideG;
            if (by instanceof LayerAmount.Share share) {
                amountKind = AmountKind.SHARE;
                amount = share.share();
            } else if (by instanceof LayerAmount.Grams grams) {
                amountKind = AmountKind.GRAMS;
                amount = grams.grams();
            } else if (by instanceof LayerAmount.Height height) {
                amountKind = AmountKind.HEIGHT;
                amount = height.mm();
            } else {
                amountKind = AmountKind.REST;
            }
        }

        /** How much, where it is measured by this; else null. */
        Double by(final AmountKind kind) {
            return amountKind == kind ? amount : null;
        }

        LayerAmount amount() {
            return switch (amountKind) {
                case SHARE -> new LayerAmount.Share(amount);
                case GRAMS -> new LayerAmount.Grams(amount);
                case HEIGHT -> new LayerAmount.Height(amount);
                case REST -> new LayerAmount.Rest();
            };
        }
    }

    /** Something set whole into a layer, counted from 0. */
    @Embeddable
    public static class InsertRow {

        private int layer;

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "ingredient_id")
        private IngredientEntity ingredient;

        @Column(name = "each_g")
        private double eachG;

        protected InsertRow() {}

        InsertRow(final int layer, final IngredientEntity ingredient, final double eachG) {
            this.layer = layer;
            this.ingredient = ingredient;
            this.eachG = eachG;
        }
    }

    @ElementCollection
    @CollectionTable(name = "piece_flavour", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<FlavourRow> flavours = new ArrayList<>();

    /** Something stirred into the base of a layer, counted from 0. */
    @Embeddable
    public static class FlavourRow {

        private int layer;

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "ingredient_id")
        private IngredientEntity ingredient;

        @Column(name = "per_100_g")
        private double per100G;

        protected FlavourRow() {}

        FlavourRow(final int layer, final IngredientEntity ingredient, final double per100G) {
            this.layer = layer;
            this.ingredient = ingredient;
            this.per100G = per100G;
        }
    }

    void take(
            final PieceDraft.Moulded draft,
            final MouldEntity mould,
            final IngredientEntity couverture,
            final IngredientEntity newCap,
            final Worn worn,
            final List<LayerRow> newLayers,
            final List<InsertRow> newInserts,
            final List<FlavourRow> newFlavours) {
        take(draft.name(), draft.story(), mould, couverture, worn, draft.labelG());
        if (newCap != null) {
            castable("couverture of the cap", newCap);
        }
        capCouverture = newCap;
        shellMm = draft.shellMm();
        headRoomMm = draft.headRoomMm();
        joined = draft.joined();
        uncapped = Boolean.TRUE.equals(draft.uncapped());
        layers.clear();
        layers.addAll(newLayers);
        inserts.clear();
        inserts.addAll(newInserts);
        flavours.clear();
        flavours.addAll(newFlavours);
        check();
    }

    @Override
    public MouldedPiece piece(final double pressureHPa) {
        // Fillings before couverture: then all ingredients are known, and are fetched together.
        final List<FillingLayer> fillings = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            final LayerRow row = layers.get(i);
            fillings.add(
                    new FillingLayer(
                            flavoured(i, row.filling.filling().at(pressureHPa)),
                            row.amount(),
                            insertsOf(i),
                            row.sealMm,
                            Optional.ofNullable(row.inside)
                                    .map(
                                            in ->
                                                    new FillingLayer.Inside(
                                                            in.filling().at(pressureHPa),
                                                            row.insideG))));
        }
        return new MouldedPiece(
                id(),
                name(),
                mould().mould(),
                couverture(),
                Optional.ofNullable(capCouverture).flatMap(IngredientEntity::couverture),
                shellMm,
                headRoomMm,
                fillings,
                dress(),
                Optional.ofNullable(joined),
                uncapped);
    }

    private Filling flavoured(final int layer, final Filling base) {
        final List<Portion> per100 =
                flavours.stream()
                        .filter(row -> row.layer == layer)
                        .map(row -> new Portion(row.ingredient.ingredient(), row.per100G))
                        .toList();
        return per100.isEmpty() ? base : base.flavoured(per100);
    }

    private List<Inclusion> insertsOf(final int layer) {
        return inserts.stream()
                .filter(row -> row.layer == layer)
                .map(
                        row ->
                                new Inclusion(
                                        row.ingredient.ingredient(),
                                        row.eachG,
                                        Inclusion.Placing.SET_IN))
                .toList();
    }

    @Override
    String kind() {
        return "MOULDED";
    }

    @Override
    PieceView view(final PieceView.Around around) {
        return PieceView.Moulded.of(this, piece(around.pressureHPa()), around);
    }

    @Override
    PieceDraft draft() {
        final List<PieceDraft.Layer> drafts = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            final int layer = i;
            final LayerRow row = layers.get(i);
            drafts.add(
                    new PieceDraft.Layer(
                            row.filling.id(),
                            row.by(AmountKind.SHARE),
                            row.by(AmountKind.GRAMS),
                            row.by(AmountKind.HEIGHT),
                            inserts.stream()
                                    .filter(insert -> insert.layer == layer)
                                    .map(
                                            insert ->
                                                    new PieceDraft.Insert(
                                                            insert.ingredient.id(), insert.eachG))
                                    .toList(),
                            row.sealMm == 0 ? null : row.sealMm,
                            row.inside == null ? null : row.inside.id(),
                            row.insideG,
                            flavours.stream()
                                    .filter(flavour -> flavour.layer == layer)
                                    .map(
                                            flavour ->
                                                    new PieceDraft.Flavouring(
                                                            flavour.ingredient.id(),
                                                            flavour.per100G))
                                    .toList()));
        }
        return new PieceDraft.Moulded(
                name(),
                story(),
                mould().id(),
                couvertureId(),
                capCouverture == null ? null : capCouverture.id(),
                coatDrafts(),
                shellMm,
                headRoomMm,
                drafts,
                joined,
                uncapped,
                finishDrafts(),
                labelOrNull(),
                version());
    }
}
