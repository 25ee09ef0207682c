package palintone.server.exchange.list;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import palintone.server.piece.PieceBooks;
import palintone.server.piece.PieceDraft;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Pieces of every kind. */
@Component
class PiecesList extends DraftList<PieceDraft> {

    private final PieceBooks books;

    PiecesList(final PieceBooks books, final JsonMapper json) {
        super("pieces", "piece", PieceDraft.class, new Columns(kinds(), Set.of()), json);
        this.books = books;
    }

    private static Map<String, Class<?>> kinds() {
        final Map<String, Class<?>> kinds = new LinkedHashMap<>();
        kinds.put("MOULDED", PieceDraft.Moulded.class);
        kinds.put("SOLID", PieceDraft.Solid.class);
        kinds.put("DIPPED", PieceDraft.Dipped.class);
        kinds.put("ROLLED", PieceDraft.Rolled.class);
        kinds.put("HOLLOW", PieceDraft.Hollow.class);
        kinds.put("SHEET", PieceDraft.Plates.class);
        return kinds;
    }

    @Override
    Map<String, PieceDraft> drafts() {
        return books.drafts();
    }

    @Override
    Map<String, PieceDraft> drafts(final Collection<String> ids) {
        return books.drafts(ids);
    }

    @Override
    public Map<String, String> idsByName() {
        return books.idsByName();
    }

    @Override
    public void complete(final ObjectNode thing) {
        // Files of before knew one kind.
        unlessGiven(thing, Columns.KIND, "MOULDED");
        thing.put(
                Columns.KIND,
                thing.path(Columns.KIND).asString().toUpperCase(java.util.Locale.ROOT));
        // And one colour, sprayed.
        final var one = thing.remove("colour");
        if (one instanceof ObjectNode && thing.path("colours").isMissingNode()) {
            thing.putArray("colours").add(one);
        }
        unlessGiven(thing, "story", thing.path("name").asString("—"));
        switch (thing.path(Columns.KIND).asString()) {
            case "SOLID" -> listUnlessGiven(thing, "inclusions");
            case "ROLLED" -> listUnlessGiven(thing, "on");
            case "MOULDED" -> listUnlessGiven(thing, "layers");
            default -> {
                // The others say everything themselves.
            }
        }
    }

    @Override
    public void writeAll(final Map<String, ObjectNode> things, final Writing writing) {
        books.putAll(
                things.keySet(),
                new PieceBooks.Rows() {
                    @Override
                    public void each(final String id, final Consumer<PieceDraft> write) {
                        writing.each(id, () -> write.accept(draft(things.get(id))));
                    }

                    @Override
                    public void done(final int rows) {
                        writing.done(rows);
                    }
                });
    }
}
