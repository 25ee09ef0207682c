package palintone.server.piece;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import palintone.core.piece.FillingLayer;
import palintone.core.piece.MouldedPiece;
import palintone.server.filling.FillingEntity;
import palintone.server.larder.IngredientEntity;
import palintone.server.mould.MouldEntity;

/** A filled piece out of a mould. */
@Entity
@Table(name = "moulded_piece")
@DiscriminatorValue("MOULDED")
public class MouldedPieceEntity extends PieceEntity {

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

    /** One filling and its share of the room. */
    @Embeddable
    public static class LayerRow {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "filling_id")
        private FillingEntity filling;

        private double share;

        protected LayerRow() {}

        LayerRow(final FillingEntity filling, final double share) {
            this.filling = filling;
            this.share = share;
        }
    }

    void take(
            final PieceDraft.Moulded draft,
            final MouldEntity mould,
            final IngredientEntity couverture,
            final List<LayerRow> newLayers) {
        take(draft.name(), draft.story(), mould, couverture, draft.coat());
        shellMm = draft.shellMm();
        headRoomMm = draft.headRoomMm();
        layers.clear();
        layers.addAll(newLayers);
        check();
    }

    @Override
    public MouldedPiece piece(final double pressureHPa) {
        // Fillings before couverture: then all ingredients are known, and are fetched together.
        final List<FillingLayer> fillings =
                layers.stream()
                        .map(
                                row ->
                                        new FillingLayer(
                                                row.filling.filling().at(pressureHPa), row.share))
                        .toList();
        return new MouldedPiece(
                id(),
                name(),
                mould().mould(),
                couverture(),
                shellMm,
                headRoomMm,
                fillings,
                colour());
    }

    @Override
    PieceView view(final double pressureHPa) {
        return PieceView.Moulded.of(this, piece(pressureHPa));
    }
}
