package palintone.server.exchange;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.OperationKind;
import palintone.core.piece.ColourCoat;
import palintone.server.filling.FillingBooks;
import palintone.server.filling.FillingNotes;
import palintone.server.filling.FillingRepository;
import palintone.server.filling.RecipeDraft;
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
    private final FillingBooks books;
    private final FillingNotes notes;
    private final FillingRepository fillings;
    private final PieceRepository pieces;

    PieceImport(
            final LarderService larder,
            final MouldRepository moulds,
            final FillingBooks books,
            final FillingNotes notes,
            final FillingRepository fillings,
            final PieceRepository pieces) {
        this.larder = larder;
        this.moulds = moulds;
        this.books = books;
        this.notes = notes;
        this.fillings = fillings;
        this.pieces = pieces;
    }

    void filling(final PieceFile.FillingRow row) {
        final List<RecipeDraft.OperationDraft> operations =
                row.operations() != null
                        ? row.operations()
                        : List.of(
                                new RecipeDraft.OperationDraft(
                                        OperationKind.ADD, Map.of(), given("lines", row.lines())));
        books.put(
                Require.text("id", row.id(), 64),
                new RecipeDraft(row.name(), row.style(), operations, "read in", null));
        for (final PieceFile.NoteRow note :
                row.notes() == null ? List.<PieceFile.NoteRow>of() : row.notes()) {
            notes.put(
                    row.id(),
                    given("at", note.at()),
                    new FillingNotes.FillingNoteDraft(
                            null, note.kind(), note.measured(), note.score(), note.words()));
        }
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
