package palintone.server.exchange.list;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.server.exchange.CsvTable;
import palintone.server.exchange.NamedFile;
import palintone.server.problem.NotHereException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every list of the house, in and out. */
@Service
public class HouseLists {

    /** In the order in which they lean on each other. */
    static final List<String> ORDER =
            List.of(
                    "house",
                    "ingredients",
                    "couvertures",
                    "colours",
                    "moulds",
                    "fillings",
                    "pieces",
                    "shells",
                    "tastings",
                    "people",
                    "orders");

    private final Map<String, HouseList> lists = new LinkedHashMap<>();
    private final ListImport imports;
    private final JsonMapper json;

    HouseLists(final List<HouseList> all, final ListImport imports, final JsonMapper json) {
        ORDER.forEach(
                name ->
                        all.stream()
                                .filter(list -> list.name().equals(name))
                                .forEach(list -> lists.put(name, list)));
        this.imports = imports;
        this.json = json;
    }

    /** Where a list of this name stands in the order of reading in; empty where there is none. */
    public Optional<Integer> order(final String name) {
        final int at = ORDER.indexOf(name);
        return at < 0 ? Optional.empty() : Optional.of(at);
    }

    /** Names of all lists, in the order in which they are read in. */
    public List<String> names() {
        return ORDER;
    }

    /**
     * Reads a file for a list, without asking the books; what is answered takes it into them,
     * within the transaction of whoever runs it.
     *
     * @throws palintone.server.exchange.ImportRefusedException naming file, row and field
     */
    public Supplier<Brought> parsed(final NamedFile file, final String list) {
        final ListImport.Parsed parsed = imports.parse(file, of(list));
        return () -> imports.take(parsed);
    }

    /** What a file says, by id, as it would stand in an empty house; nothing is kept. */
    public Map<String, ObjectNode> read(final NamedFile file, final String list) {
        return imports.read(file, of(list));
    }

    /** Everything in use on a list, as it can be read in again. */
    @Transactional(readOnly = true)
    public String asJson(final String list) {
        final ArrayNode out = json.createArrayNode();
        of(list).all()
                .forEach(
                        (id, thing) -> {
                            final ObjectNode each = out.addObject();
                            each.put("id", id);
                            each.setAll(thing);
                        });
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(out);
    }

    /** The same as a table. */
    @Transactional(readOnly = true)
    public String asCsv(final String list) {
        final HouseList wanted = of(list);
        final Map<String, Map<String, String>> rows = new LinkedHashMap<>();
        wanted.all().forEach((id, thing) -> rows.put(id, wanted.columns().cells(thing)));
        final List<String> header = wanted.columns().header(rows.values());
        final List<String> named = new ArrayList<>(header);
        named.add(0, "id");
        final CsvTable out = new CsvTable(named);
        rows.forEach(
                (id, row) -> {
                    final List<String> cells = new ArrayList<>();
                    cells.add(id);
                    header.forEach(name -> cells.add(row.getOrDefault(name, "")));
                    out.row(cells);
                });
        return out.toString();
    }

    private HouseList of(final String name) {
        return Optional.ofNullable(lists.get(name))
                .orElseThrow(() -> new NotHereException("list", name));
    }
}
