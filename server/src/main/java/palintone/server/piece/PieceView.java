package palintone.server.piece;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import palintone.core.filling.Filling;
import palintone.core.filling.quality.Conditions;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.HollowFigure;
import palintone.core.piece.Inclusion;
import palintone.core.piece.LayerAmount;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Piece;
import palintone.core.piece.PieceFigures;
import palintone.core.piece.SolidPiece;
import palintone.core.substance.Allergen;
import palintone.core.taste.HouseTaste;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** A piece as it is listed and drawn. */
@Schema(
        name = "PieceView",
        oneOf = {
            PieceView.Moulded.class,
            PieceView.Solid.class,
            PieceView.Dipped.class,
            PieceView.Rolled.class,
            PieceView.Hollow.class,
            PieceView.Plates.class
        },
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "MOULDED", schema = PieceView.Moulded.class),
            @DiscriminatorMapping(value = "SOLID", schema = PieceView.Solid.class),
            @DiscriminatorMapping(value = "DIPPED", schema = PieceView.Dipped.class),
            @DiscriminatorMapping(value = "ROLLED", schema = PieceView.Rolled.class),
            @DiscriminatorMapping(value = "HOLLOW", schema = PieceView.Hollow.class),
            @DiscriminatorMapping(value = "SHEET", schema = PieceView.Plates.class)
        })
public sealed interface PieceView {

    /** Written out by each: a list of pieces does not know what it is a list of. */
    String kind();

    String id();

    String name();

    /**
     * What it is judged by.
     *
     * @param pressureHPa of the air where its fillings are cooked
     * @param roomC where it is filled
     * @param conditions where each filling is kept, and what was measured of it
     * @param liked what was tasted here
     */
    record Around(
            double pressureHPa,
            double roomC,
            Function<Filling, Conditions> conditions,
            HouseTaste liked) {}

    /**
     * What matters of one piece.
     *
     * @param unpriced what has no price, so that the cost is too low
     */
    record QualitiesView(
            List<FigureView> figures,
            Set<String> unpriced,
            boolean keepCold,
            @Nullable SentenceView life,
            List<Allergen> allergens,
            List<SentenceView> remarks) {

        static QualitiesView of(final PieceEntity entity, final Piece piece, final Around around) {
            final PieceFigures it =
                    PieceFigures.of(
                            piece,
                            around.conditions(),
                            around.roomC(),
                            entity.labelG(),
                            around.liked());
            return new QualitiesView(
                    it.figures().stream().map(FigureView::of).toList(),
                    it.unpriced(),
                    it.keepCold(),
                    it.life().map(SentenceView::of).orElse(null),
                    List.copyOf(it.allergens()),
                    it.remarks().stream().map(SentenceView::of).toList());
        }
    }

    /** One layer as it was asked for. */
    record LayerView(
            String filling,
            String name,
            @Nullable Double share,
            @Nullable Double grams,
            @Nullable Double heightMm,
            List<PieceDraft.Insert> inserts,
            @Nullable Double sealMm,
            @Nullable String inside,
            @Nullable Double insideG,
            List<PieceDraft.Flavouring> flavours) {

        static LayerView of(final FillingLayer layer) {
            final LayerAmount by = layer.amount();
            return new LayerView(
                    layer.filling().recipeId(),
                    layer.filling().name(),
                    by instanceof LayerAmount.Share s ? s.share() : null,
                    by instanceof LayerAmount.Grams g ? g.grams() : null,
                    by instanceof LayerAmount.Height h ? h.mm() : null,
                    layer.inserts().stream()
                            .map(i -> new PieceDraft.Insert(i.ingredient().id(), i.eachG()))
                            .toList(),
                    layer.sealed() ? layer.sealMm() : null,
                    layer.inside().map(in -> in.filling().id()).orElse(null),
                    layer.inside().map(FillingLayer.Inside::grams).orElse(null),
                    layer.filling().flavour().stream()
                            .flatMap(f -> f.per100().stream())
                            .map(p -> new PieceDraft.Flavouring(p.ingredient().id(), p.massG()))
                            .toList());
        }
    }

    /**
     * One coat of colour.
     *
     * @param tint how it looks; null where the house has no such colour
     * @param asked as it was written down
     */
    record CoatView(String name, @Nullable String tint, PieceDraft.Coat asked) {}

    @Nullable
    static Double label(final PieceEntity entity) {
        return entity.labelG().isPresent() ? entity.labelG().getAsDouble() : null;
    }

    /** A filled piece out of a mould. */
    @Schema(name = "MouldedPieceView")
    record Moulded(
            String id,
            String name,
            String story,
            String mould,
            int cavitiesPerMould,
            int mouldsOwned,
            String couverture,
            String couvertureId,
            CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            double shellMm,
            double headRoomMm,
            @Nullable String capCouvertureId,
            CouvertureKind capKind,
            String mouldId,
            List<LayerView> layers,
            @Nullable HollowFigure.Joining joined,
            boolean uncapped,
            List<CoatView> coats,
            List<PieceDraft.Finishing> finishes,
            QualitiesView qualities,
            @Nullable Double labelG,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "MOULDED";
        }

        static Moulded of(
                final MouldedPieceEntity entity, final MouldedPiece piece, final Around around) {
            return new Moulded(
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
                    piece.masses().parts().stream().map(FigureView::of).toList(),
                    FigureView.of(piece.masses().whole()),
                    piece.shellMm(),
                    piece.headRoomMm(),
                    piece.capCouverture().map(c -> c.ingredient().id()).orElse(null),
                    piece.cap().kind(),
                    piece.mould().id(),
                    piece.layers().stream().map(LayerView::of).toList(),
                    piece.joined().orElse(null),
                    piece.uncapped(),
                    entity.coatViews(),
                    entity.finishDrafts(),
                    QualitiesView.of(entity, piece, around),
                    PieceView.label(entity),
                    entity.archived(),
                    entity.version());
        }
    }

    /** A piece cast full. */
    @Schema(name = "SolidPieceView")
    record Solid(
            String id,
            String name,
            String story,
            String mould,
            int cavitiesPerMould,
            int mouldsOwned,
            String couverture,
            CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            String mouldId,
            String couvertureId,
            List<InclusionView> inclusions,
            @Nullable PieceDraft.Pressed relief,
            List<CoatView> coats,
            List<PieceDraft.Finishing> finishes,
            QualitiesView qualities,
            @Nullable Double labelG,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "SOLID";
        }

        static Solid of(
                final SolidPieceEntity entity, final SolidPiece piece, final Around around) {
            return new Solid(
                    piece.id(),
                    piece.name(),
                    entity.story(),
                    piece.mould().name(),
                    piece.mould().usable(),
                    piece.mould().owned(),
                    piece.couverture().ingredient().name(),
                    piece.couverture().kind(),
                    SectionView.of(piece.section()),
                    piece.masses().parts().stream().map(FigureView::of).toList(),
                    FigureView.of(piece.masses().whole()),
                    piece.mould().id(),
                    piece.couverture().ingredient().id(),
                    piece.inclusions().stream().map(InclusionView::of).toList(),
                    piece.relief()
                            .map(r -> new PieceDraft.Pressed(r.depthMm(), r.share() * 100))
                            .orElse(null),
                    entity.coatViews(),
                    entity.finishDrafts(),
                    QualitiesView.of(entity, piece, around),
                    PieceView.label(entity),
                    entity.archived(),
                    entity.version());
        }
    }

    /** A dipped piece; {@code asked} as it was written down, coats always empty. */
    @Schema(name = "DippedPieceView")
    record Dipped(
            String id,
            String name,
            String story,
            String couverture,
            String couvertureId,
            CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            List<CoatView> coats,
            PieceDraft.Dipped asked,
            QualitiesView qualities,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "DIPPED";
        }
    }

    /** A piece rolled without a coat: nothing is tempered for it. */
    @Schema(name = "RolledPieceView")
    record Rolled(
            String id,
            String name,
            String story,
            @Nullable String couverture,
            @Nullable String couvertureId,
            @Nullable CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            List<CoatView> coats,
            PieceDraft.Rolled asked,
            QualitiesView qualities,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "ROLLED";
        }
    }

    /** A hollow figure; {@code cavitiesPerMould} counts figures. */
    @Schema(name = "HollowPieceView")
    record Hollow(
            String id,
            String name,
            String story,
            String mould,
            int cavitiesPerMould,
            int mouldsOwned,
            String couverture,
            String couvertureId,
            CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            double wantedMm,
            List<CoatView> coats,
            PieceDraft.Hollow asked,
            QualitiesView qualities,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "HOLLOW";
        }
    }

    /** A plate or round out of a thin sheet. */
    @Schema(name = "PlatesPieceView")
    record Plates(
            String id,
            String name,
            String story,
            int perSheet,
            String couverture,
            String couvertureId,
            CouvertureKind couvertureKind,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            List<CoatView> coats,
            PieceDraft.Plates asked,
            QualitiesView qualities,
            boolean archived,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "SHEET";
        }
    }

    /** One thing in a piece cast full. */
    record InclusionView(String ingredient, String name, double eachG, Inclusion.Placing placing) {

        static InclusionView of(final Inclusion inclusion) {
            return new InclusionView(
                    inclusion.ingredient().id(),
                    inclusion.ingredient().name(),
                    inclusion.eachG(),
                    inclusion.placing());
        }
    }
}
