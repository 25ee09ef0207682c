package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.filling.pot.Cooking;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.Piece;
import palintone.server.filling.FillingEntity;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A piece as it stands in the books. */
@Entity
@Table(name = "piece")
public class PieceEntity {

    @Id private String id;
    private String name;
    private String story;

    @ManyToOne(fetch = FetchType.LAZY)
    private MouldEntity mould;

    @ManyToOne(fetch = FetchType.LAZY)
    private IngredientEntity couverture;

    private double shellMm;
    private double headRoomMm;

    /** Null where the piece is not coloured. */
    private String colourName;

    private Double colourFilmMm;

    @ElementCollection
    @CollectionTable(name = "piece_layer", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    private List<LayerRow> layers = new ArrayList<>();

    @Version private Long version;

    protected PieceEntity() {}

    public PieceEntity(final String id) {
        this.id = id;
    }

    /** One filling and its share of the room. */
    @Embeddable
    public static class LayerRow {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "filling_id")
        private FillingEntity filling;

        private double share;

        protected LayerRow() {}

        public LayerRow(final FillingEntity filling, final double share) {
            this.filling = filling;
            this.share = share;
        }
    }

    /** What a piece is made of, as somebody wrote it down. */
    public record Make(
            String name,
            String story,
            MouldEntity mould,
            IngredientEntity couverture,
            double shellMm,
            double headRoomMm,
            Optional<ColourCoat> colour,
            List<LayerRow> layers) {}

    /** Takes over everything; the core checks it, and what it refuses must not be kept. */
    public void take(final Make make) {
        name = make.name();
        story = make.story();
        mould = make.mould();
        couverture = make.couverture();
        shellMm = make.shellMm();
        headRoomMm = make.headRoomMm();
        colourName = make.colour().map(ColourCoat::name).orElse(null);
        colourFilmMm = make.colour().map(ColourCoat::thicknessMm).orElse(null);
        layers.clear();
        layers.addAll(make.layers());
        piece(Cooking.SEA_LEVEL_HPA);
    }

    /**
     * The piece as the core knows it.
     *
     * @param pressureHPa of the air where its fillings are cooked
     */
    public Piece piece(final double pressureHPa) {
        // Fillings before couverture: then all ingredients are known, and are fetched together.
        final List<FillingLayer> fillings =
                layers.stream()
                        .map(
                                row ->
                                        new FillingLayer(
                                                row.filling.filling().at(pressureHPa), row.share))
                        .toList();
        return new Piece(
                id,
                name,
                mould.mould(),
                couverture.couverture().orElseThrow(),
                shellMm,
                headRoomMm,
                fillings,
                Optional.ofNullable(colourName).map(c -> new ColourCoat(c, colourFilmMm)));
    }

    public String story() {
        return story;
    }
}
