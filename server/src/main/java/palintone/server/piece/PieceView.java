package palintone.server.piece;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.piece.Inclusion;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.SolidPiece;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;

/** A piece as it is listed and drawn. */
@Schema(
        name = "PieceView",
        oneOf = {PieceView.Moulded.class, PieceView.Solid.class},
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "MOULDED", schema = PieceView.Moulded.class),
            @DiscriminatorMapping(value = "SOLID", schema = PieceView.Solid.class)
        })
public sealed interface PieceView {

    /** Written out by each: a list of pieces does not know what it is a list of. */
    String kind();

    String id();

    String name();

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
            @Nullable String colour,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            double shellMm,
            double headRoomMm,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "MOULDED";
        }

        static Moulded of(final MouldedPieceEntity entity, final MouldedPiece piece) {
            return new Moulded(
                    piece.id(),
                    piece.name(),
                    entity.story(),
                    piece.mould().name(),
                    piece.mould().cavities(),
                    piece.mould().owned(),
                    piece.couverture().ingredient().name(),
                    piece.couverture().ingredient().id(),
                    piece.couverture().kind(),
                    piece.colour().map(coat -> coat.name()).orElse(null),
                    SectionView.of(piece.section()),
                    piece.masses().parts().stream().map(FigureView::of).toList(),
                    FigureView.of(piece.masses().whole()),
                    piece.shellMm(),
                    piece.headRoomMm(),
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
            @Nullable String colour,
            SectionView section,
            List<FigureView> parts,
            FigureView whole,
            String mouldId,
            String couvertureId,
            List<InclusionView> inclusions,
            @Nullable PieceDraft.Pressed relief,
            @Nullable PieceDraft.Coat coat,
            @Nullable Long version)
            implements PieceView {

        @Override
        @JsonProperty("kind")
        public String kind() {
            return "SOLID";
        }

        static Solid of(final SolidPieceEntity entity, final SolidPiece piece) {
            return new Solid(
                    piece.id(),
                    piece.name(),
                    entity.story(),
                    piece.mould().name(),
                    piece.mould().cavities(),
                    piece.mould().owned(),
                    piece.couverture().ingredient().name(),
                    piece.couverture().kind(),
                    piece.colour().map(coat -> coat.name()).orElse(null),
                    SectionView.of(piece.section()),
                    piece.masses().parts().stream().map(FigureView::of).toList(),
                    FigureView.of(piece.masses().whole()),
                    piece.mould().id(),
                    piece.couverture().ingredient().id(),
                    piece.inclusions().stream().map(InclusionView::of).toList(),
                    piece.relief()
                            .map(r -> new PieceDraft.Pressed(r.depthMm(), r.share() * 100))
                            .orElse(null),
                    piece.colour()
                            .map(c -> new PieceDraft.Coat(c.name(), c.thicknessMm()))
                            .orElse(null),
                    entity.version());
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
