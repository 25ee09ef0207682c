package palintone.server.exchange;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.piece.ColourCoat;
import palintone.core.substance.KitchenUnit;
import palintone.server.filling.FillingEntity;
import palintone.server.filling.FillingRepository;
import palintone.server.larder.IngredientEntity;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldRepository;
import palintone.server.piece.PieceEntity;
import palintone.server.piece.PieceRepository;

/** Takes in the rows of fillings.json and pieces.json. */
@Component
class PieceImport {

    private final LarderService larder;
    private final MouldRepository moulds;
    private final FillingRepository fillings;
    private final PieceRepository pieces;

    PieceImport(
            final LarderService larder,
            final MouldRepository moulds,
            final FillingRepository fillings,
            final PieceRepository pieces) {
        this.larder = larder;
        this.moulds = moulds;
        this.fillings = fillings;
        this.pieces = pieces;
    }

    void filling(final PieceFile.FillingRow row) {
        final List<FillingEntity.Line> lines =
                given("lines", row.lines()).stream()
                        .map(
                                line ->
                                        new FillingEntity.Line(
                                                larder.byId(given("ingredient", line.ingredient())),
                                                line.amount(),
                                                KitchenUnit.ofSymbol(line.unit())))
                        .toList();
        final FillingEntity entity =
                fillings.findById(Require.text("id", row.id(), 64))
                        .orElseGet(() -> new FillingEntity(row.id()));
        entity.take(row.name(), row.aqueous(), lines);
        fillings.save(entity);
    }

    void piece(final PieceFile.PieceRow row) {
        final IngredientEntity couverture = larder.byId(given("couverture", row.couverture()));
        if (couverture.couverture().isEmpty()) {
            throw new OutOfRangeException(
                    "couverture", row.couverture(), "an ingredient marked dark, milk or white");
        }
        final PieceEntity entity =
                pieces.findById(Require.text("id", row.id(), 64))
                        .orElseGet(() -> new PieceEntity(row.id()));
        entity.take(
                new PieceEntity.Make(
                        row.name(),
                        Require.text("story", row.story(), 500),
                        moulds.findById(given("mould", row.mould()))
                                .orElseThrow(() -> unknown("mould", row.mould())),
                        couverture,
                        row.shellMm(),
                        row.headRoomMm(),
                        Optional.ofNullable(row.colour())
                                .map(c -> new ColourCoat(c.name(), c.filmMm())),
                        given("layers", row.layers()).stream()
                                .map(
                                        layer ->
                                                new PieceEntity.LayerRow(
                                                        fillings.findById(layer.filling())
                                                                .orElseThrow(
                                                                        () ->
                                                                                unknown(
                                                                                        "filling",
                                                                                        layer
                                                                                                .filling())),
                                                        layer.share()))
                                .toList()));
        pieces.save(entity);
    }

    private static <T> T given(final String field, final T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", "a value");
        }
        return value;
    }

    private static OutOfRangeException unknown(final String field, final String id) {
        return new OutOfRangeException(field, "\"" + id + "\"", "an id that is in the books");
    }
}
