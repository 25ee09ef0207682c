package palintone.server.exchange;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.pot.OperationKind;
import palintone.server.filling.FillingBooks;
import palintone.server.filling.FillingNotes;
import palintone.server.filling.RecipeDraft;
import palintone.server.piece.PieceBooks;
import palintone.server.piece.PieceDraft;

/** Takes in the rows of fillings.json and pieces.json. */
@Component
class PieceImport {

    private final FillingBooks books;
    private final FillingNotes notes;
    private final PieceBooks pieces;

    PieceImport(final FillingBooks books, final FillingNotes notes, final PieceBooks pieces) {
        this.books = books;
        this.notes = notes;
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

    void piece(final String id, final PieceDraft draft) {
        pieces.put(Require.text("id", id, 64), draft);
    }

    private static <T> T given(final String field, final T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", "a value");
        }
        return value;
    }
}
