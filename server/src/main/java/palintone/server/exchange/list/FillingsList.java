package palintone.server.exchange.list;

import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Style;
import palintone.core.filling.pot.OperationKind;
import palintone.server.filling.FillingBooks;
import palintone.server.filling.FillingNotes;
import palintone.server.filling.RecipeDraft;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Fillings: what is done in order, what goes in, and what was tasted or measured of them. */
@Component
class FillingsList extends OneByOneList<FillingRow> {

    private final FillingBooks books;
    private final FillingNotes notes;

    FillingsList(final FillingBooks books, final FillingNotes notes, final JsonMapper json) {
        super("fillings", "filling", FillingRow.class, Columns.of(FillingRow.class), json);
        this.books = books;
        this.notes = notes;
    }

    @Override
    Map<String, FillingRow> drafts() {
        return rows(books.drafts());
    }

    @Override
    Map<String, FillingRow> drafts(final Collection<String> ids) {
        return rows(books.drafts(ids));
    }

    private Map<String, FillingRow> rows(final Map<String, RecipeDraft> drafts) {
        final Map<String, FillingRow> rows = new LinkedHashMap<>();
        drafts.forEach(
                (id, draft) ->
                        rows.put(
                                id,
                                new FillingRow(
                                        draft.name(),
                                        draft.styleOrUsual(),
                                        draft.operations(),
                                        draft.pots(),
                                        noted(id))));
        return rows;
    }

    private List<FillingRow.NoteRow> noted(final String id) {
        return notes.every(id).stream()
                .sorted(java.util.Comparator.comparing(FillingNotes.FillingNoteView::notedAt))
                .map(
                        n ->
                                new FillingRow.NoteRow(
                                        n.notedAt(), n.kind(), n.measured(), n.score(), n.words()))
                .toList();
    }

    @Override
    public Map<String, String> idsByName() {
        return books.idsByName();
    }

    /**
     * Files of before may hold lines alone, which are stirred together, or say if it is aqueous.
     */
    @Override
    public void complete(final ObjectNode thing) {
        unlessGiven(thing, "style", Style.SOFT_SHELL);
        thing.remove("aqueous");
        final var lines = thing.remove("lines");
        if (lines != null && thing.path("operations").isMissingNode()) {
            final ObjectNode stirred = thing.putArray("operations").addObject();
            stirred.put("kind", OperationKind.ADD.name());
            stirred.set("lines", lines);
        }
        listUnlessGiven(thing, "operations");
        thing.path("operations")
                .forEach(
                        each -> {
                            if (each instanceof ObjectNode operation) {
                                if (!operation.path("settings").isObject()) {
                                    operation.putObject("settings");
                                }
                                listUnlessGiven(operation, "lines");
                            }
                        });
    }

    @Override
    void write(final String id, final FillingRow row) {
        final RecipeDraft known = books.drafts(List.of(id)).get(id);
        final RecipeDraft wanted = row.recipe();
        // A note more is no new version of the recipe.
        if (known == null
                || !known.name().equals(wanted.name())
                || known.styleOrUsual() != wanted.styleOrUsual()
                || !known.operations().equals(wanted.operations())
                || !Objects.equals(known.pots(), wanted.pots())) {
            books.put(id, wanted);
        }
        for (final FillingRow.NoteRow note :
                row.notes() == null ? List.<FillingRow.NoteRow>of() : row.notes()) {
            notes.put(
                    id,
                    dated(note),
                    new FillingNotes.FillingNoteDraft(
                            null, null, note.kind(), note.measured(), note.score(), note.words()));
        }
    }

    private static Instant dated(final FillingRow.NoteRow note) {
        if (note.at() == null) {
            throw new OutOfRangeException("at", "missing", "when it was noted");
        }
        return note.at();
    }
}
