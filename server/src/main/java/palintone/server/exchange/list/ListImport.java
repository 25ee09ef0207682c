package palintone.server.exchange.list;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import palintone.server.exchange.ImportProgress;
import palintone.server.exchange.NamedFile;
import palintone.server.exchange.RowGuard;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads one file into one list. A column that the table does not have stays as it is in the books;
 * a cell that is empty empties it.
 */
@Component
class ListImport {

    /** More would not be read by anybody. */
    private static final int SHOWN = 200;

    /** Under such an id nothing could be looked at, changed or put away again. */
    private static final Pattern UNREACHABLE = Pattern.compile("[/\\\\;%\\p{Cntrl}]|^\\.+$");

    private final ImportProgress progress;
    private final RowGuard guard;

    ListImport(final ImportProgress progress, final RowGuard guard) {
        this.progress = progress;
        this.guard = guard;
    }

    /** One thing as the file says it, laid over what is known of it. */
    interface Row {

        int number();

        String id();

        String name();

        ObjectNode over(ObjectNode known);
    }

    /**
     * A file as it reads by itself, before anything is asked of the books.
     *
     * @param unread columns and sheets that mean nothing here
     */
    record Parsed(NamedFile file, HouseList list, List<Row> rows, List<String> unread) {}

    /**
     * @throws palintone.server.exchange.ImportRefusedException naming file, row and field
     */
    Parsed parse(final NamedFile file, final HouseList list) {
        final List<String> unread = new ArrayList<>();
        final List<Row> rows = file.isJson() ? objects(file, list) : lines(file, list, unread);
        return new Parsed(file, list, rows, unread);
    }

    /**
     * @throws palintone.server.exchange.ImportRefusedException naming file, row and field
     */
    Brought take(final Parsed parsed) {
        final NamedFile file = parsed.file();
        final HouseList list = parsed.list();
        final List<Row> rows = parsed.rows();
        progress.begin(file.name(), rows.size());
        final Map<String, Row> byId = named(file, list, rows);
        final Map<String, ObjectNode> known = list.known(byId.keySet());
        final Map<String, ObjectNode> writing = new LinkedHashMap<>();
        final List<Brought.Thing> things = new ArrayList<>();
        int changed = 0;
        for (final Map.Entry<String, Row> entry : byId.entrySet()) {
            progress.goOn();
            final Row row = entry.getValue();
            final ObjectNode before = known.get(entry.getKey());
            if (before == null && UNREACHABLE.matcher(entry.getKey()).find()) {
                throw guard.refused(
                        file.name(),
                        row.number(),
                        "id",
                        "\"" + entry.getKey() + "\"",
                        "letters, digits and signs that may stand in an address: no slash,"
                                + " semicolon or percent, not dots alone");
            }
            final ObjectNode[] after = new ObjectNode[1];
            guard.row(
                    file.name(),
                    row.number(),
                    () -> {
                        after[0] = row.over(before);
                        list.complete(after[0]);
                        list.check(entry.getKey(), after[0]);
                    });
            final List<Brought.CellChange> cells = changes(list.columns(), before, after[0]);
            if (before != null && cells.isEmpty()) {
                continue;
            }
            changed += before == null ? 0 : 1;
            writing.put(entry.getKey(), after[0]);
            if (things.size() < SHOWN) {
                things.add(
                        new Brought.Thing(
                                before == null ? Brought.What.NEW : Brought.What.CHANGED,
                                entry.getKey(),
                                after[0].path("name").asString(entry.getKey()),
                                cells));
            }
        }
        list.writeAll(writing, writing(file, byId));
        return new Brought(
                file.name(),
                list.name(),
                writing.size() - changed,
                changed,
                byId.size() - writing.size(),
                things,
                parsed.unread(),
                cautions(list, writing.values(), writing.size() - changed),
                Rests.on(byId.keySet(), known));
    }

    /** Of what is new and names no allergen nobody knows whether it has none, or was not asked. */
    private static List<String> cautions(
            final HouseList list, final Collection<ObjectNode> things, final int fresh) {
        if (fresh == 0 || list.columns().find("allergens").isEmpty()) {
            return List.of();
        }
        final long silent =
                things.stream()
                        .filter(thing -> thing.path("allergens").isEmpty())
                        .filter(thing -> thing.path("parts").isEmpty())
                        .count();
        return silent == 0
                ? List.of()
                : List.of(
                        silent
                                + " of them name no allergen: what is made of them declares none."
                                + " Read the packets before you rely on that.");
    }

    /** What a file says, by id, without looking at what is known. */
    Map<String, ObjectNode> read(final NamedFile file, final HouseList list) {
        final Map<String, ObjectNode> things = new LinkedHashMap<>();
        for (final Row row :
                file.isJson() ? objects(file, list) : lines(file, list, new ArrayList<>())) {
            guard.row(
                    file.name(),
                    row.number(),
                    () -> {
                        final ObjectNode thing = row.over(null);
                        list.complete(thing);
                        things.put(row.id(), thing);
                    });
        }
        return things;
    }

    private HouseList.Writing writing(final NamedFile file, final Map<String, Row> byId) {
        return new HouseList.Writing() {
            @Override
            public void each(final String id, final Runnable write) {
                guard.row(file.name(), byId.get(id).number(), write);
            }

            @Override
            public void done(final int things) {
                progress.done(things);
            }
        };
    }

    private static List<Brought.CellChange> changes(
            final Columns columns, final ObjectNode before, final ObjectNode after) {
        final Map<String, String> was = before == null ? Map.of() : columns.cells(before);
        final Map<String, String> will = columns.cells(after);
        final Set<String> names = new LinkedHashSet<>(will.keySet());
        names.addAll(was.keySet());
        return names.stream()
                .map(
                        name ->
                                new Brought.CellChange(
                                        name,
                                        was.getOrDefault(name, ""),
                                        will.getOrDefault(name, "")))
                .filter(cell -> !cell.before().equals(cell.after()))
                .toList();
    }

    /** Rows by id: their own, that of the thing of their name, or one made from the name. */
    private Map<String, Row> named(
            final NamedFile file, final HouseList list, final List<Row> rows) {
        final Map<String, Row> byId = new LinkedHashMap<>();
        Map<String, String> names = null;
        for (final Row row : rows) {
            String id = row.id();
            if (id.isEmpty()) {
                if (row.name().isEmpty()) {
                    throw guard.refused(
                            file.name(), row.number(), "name", "missing", "a name, or an id");
                }
                names = names == null ? list.idsByName() : names;
                id = names.getOrDefault(row.name(), idOf(row.name()));
            }
            final Row twice = byId.putIfAbsent(id, row);
            if (twice != null) {
                throw guard.refused(
                        file.name(),
                        row.number(),
                        "id",
                        "\"" + id + "\", as in row " + twice.number(),
                        "each " + list.thing() + " once");
            }
        }
        return byId;
    }

    /** As the interface makes one. */
    private static String idOf(final String name) {
        final String plain =
                Normalizer.normalize(name, Normalizer.Form.NFD)
                        .replaceAll("[^\\w\\s-]", "")
                        .strip()
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[\\s_]+", "-");
        return plain.isEmpty() ? "imported" : plain.substring(0, Math.min(56, plain.length()));
    }

    private List<Row> objects(final NamedFile file, final HouseList list) {
        final JsonNode tree = guard.json(file);
        if (!(tree instanceof ArrayNode array)) {
            throw guard.refused(
                    file.name(), 0, "file", "no list", "a list of " + list.thing() + " objects");
        }
        final List<Row> rows = new ArrayList<>();
        for (final JsonNode node : array) {
            if (!(node instanceof ObjectNode object)) {
                throw guard.refused(
                        file.name(), rows.size() + 1, list.thing(), "no object", "an object");
            }
            final JsonNode id = object.remove("id");
            rows.add(
                    new JsonRow(
                            rows.size() + 1,
                            id == null ? soleId(list) : id.asString(""),
                            object.path("name").asString(""),
                            object));
        }
        return rows;
    }

    /** The House rules are one thing, and need no id. */
    private static String soleId(final HouseList list) {
        return list instanceof HouseRulesList ? HouseRulesList.ONLY : "";
    }

    private record JsonRow(int number, String id, String name, ObjectNode said) implements Row {

        @Override
        public ObjectNode over(final ObjectNode known) {
            final ObjectNode all = known == null ? said.objectNode() : known.deepCopy();
            all.setAll(said);
            return all;
        }
    }

    private List<Row> lines(final NamedFile file, final HouseList list, final List<String> unread) {
        final Sheet sheet = Sheet.of(file);
        final List<Optional<Columns.Place>> places = new ArrayList<>();
        int idAt = -1;
        int nameAt = -1;
        final Set<String> seen = new TreeSet<>();
        for (int i = 0; i < sheet.header().size(); i++) {
            final String header = sheet.header().get(i);
            final Optional<Columns.Place> place = list.columns().find(header);
            places.add(place);
            if ("id".equalsIgnoreCase(header)) {
                idAt = i;
            } else if (place.isEmpty()) {
                if (holdsSomething(sheet, i)) {
                    unread.add(header.isEmpty() ? "column " + (i + 1) : header);
                }
            } else if (!seen.add(place.get().name())) {
                throw guard.refused(
                        file.name(), 1, "column " + header, "there twice", "each column once");
            } else if ("name".equals(place.get().name())) {
                nameAt = i;
            }
        }
        if (seen.isEmpty()) {
            throw guard.refused(
                    file.name(),
                    1,
                    "first row",
                    "\"" + String.join(", ", sheet.header()) + "\"",
                    "names of columns, as an export of this list has them");
        }
        sheet.others().forEach(name -> unread.add("sheet " + name));
        final List<Row> rows = new ArrayList<>();
        for (final Sheet.Line line : sheet.rows()) {
            rows.add(
                    new SheetRow(
                            line.number(),
                            idAt < 0 ? soleId(list) : line.cells().get(idAt),
                            nameAt < 0 ? "" : line.cells().get(nameAt),
                            line.cells(),
                            places,
                            sheet.comma()));
        }
        return rows;
    }

    private static boolean holdsSomething(final Sheet sheet, final int column) {
        return sheet.rows().stream().anyMatch(row -> !row.cells().get(column).isEmpty());
    }

    private record SheetRow(
            int number,
            String id,
            String name,
            List<String> cells,
            List<Optional<Columns.Place>> places,
            boolean comma)
            implements Row {

        @Override
        public ObjectNode over(final ObjectNode known) {
            final ObjectNode all =
                    known == null ? JsonNodeFactory.instance.objectNode() : known.deepCopy();
            // Lists of things are written anew where the table has columns for them.
            places.stream()
                    .flatMap(place -> place.flatMap(Columns.Place::listName).stream())
                    .distinct()
                    .forEach(all::putArray);
            for (int i = 0; i < cells.size(); i++) {
                final Optional<Columns.Place> place = places.get(i);
                if (place.isPresent()) {
                    Placing.set(
                            all,
                            place.get().path(),
                            cells.get(i).isEmpty()
                                    ? null
                                    : Cells.read(place.get(), cells.get(i), comma));
                }
            }
            return all;
        }
    }
}
