package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The limits that stand in the description are those the house keeps: every field of every example
 * is sent just outside of them, and the refusal must name the same ends. Where the core allows less
 * beside other fields (a shell no thicker than half its cavity), its ends must lie within.
 */
class LimitsTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** Ends the core draws closer, beside what else is asked. */
    private static final Set<String> CLOSER =
            Set.of(
                    "CapRequest.capMm most",
                    "CapRequest.shellMm most",
                    "CoolingRequest.fromC least",
                    "FillRequest.shellMm most",
                    "LayersRequest.shellMm most",
                    "MouldDraft.waterG least",
                    "MouldedPieceDraft.shellMm most",
                    "RoomRequest.shellMm most",
                    "ScaleToolView.mostG least",
                    "SolveRequest.fromC most",
                    "WeighingRequest.cappedG least",
                    "WeighingRequest.filledG least");

    private final Workshop workshop = Workshop.shared();
    private final JsonNode api = workshop.get("/api/openapi").json();
    private final JsonNode schemas = api.at("/components/schemas");

    /** By field and end: what the house said, where it did not say the same. */
    private final Map<String, String> otherwise = new TreeMap<>();

    private final Set<String> held = new TreeSet<>();
    private final JdbcTemplate jdbc =
            new JdbcTemplate(
                    new DriverManagerDataSource(
                            workshop.db.url(), workshop.db.user(), workshop.db.password()));
    private long rows = rows();

    @Test
    void whatStandsInTheDescriptionIsWhatTheHouseRefuses() throws Exception {
        try (InputStream file = LimitsTest.class.getResourceAsStream("/asked.json")) {
            for (final JsonNode each : JSON.readTree(file)) {
                ask(each);
            }
        }
        final Set<String> declared = declared();
        assertThat(declared).hasSizeGreaterThan(500);
        final Set<String> missing = new TreeSet<>(declared);
        missing.removeAll(held);
        otherwise.keySet().retainAll(missing);
        assertThat(missing).as("declared, but refused otherwise: %s", otherwise).isEmpty();
    }

    /** The same of what is asked in the address. */
    @Test
    void whatStandsOfAnAddressIsWhatTheHouseRefuses() {
        final Set<String> wrong = new TreeSet<>();
        int sent = 0;
        for (final Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
            for (final JsonNode asked : path.getValue().at("/get/parameters")) {
                for (final String end : ends(asked.path("schema"))) {
                    final String at =
                            address(path.getKey(), asked.get("name").asString())
                                    + asked.get("name").asString()
                                    + "="
                                    + outside(asked.get("schema"), end).asString();
                    final Workshop.Answer answer = workshop.get(at);
                    sent++;
                    if (answer.status() != 400
                            || !says(answer.at("/allowed"), edge(asked.get("schema"), end))) {
                        wrong.add(at + " " + answer.status() + " " + answer.at("/detail"));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(sent).isGreaterThan(40);
    }

    /** An address of the sample workshop, with all else that must stand in it. */
    private static String address(final String path, final String asked) {
        final String of =
                path.contains("pieces")
                        ? "sesame-crackle"
                        : path.contains("filling") ? "plum-ganache" : "butter";
        final String also = path.equals("/api/temper/colour") ? "mould=half-28&" : "";
        return path.replaceAll("\\{id}", of)
                + "?"
                + also
                + (also.isEmpty() || asked.equals("moulds") ? "" : "moulds=4&");
    }

    private void ask(final JsonNode example) {
        final String method = example.get("method").asString();
        final String path = example.get("path").asString();
        final ObjectNode body = (ObjectNode) example.get("body");
        if (method.equals("PUT")) {
            version(path, body);
        }
        final List<Spot> spots = new ArrayList<>();
        find(schema(method.toLowerCase(Locale.ROOT), path), body, spots);
        for (final Spot spot : spots) {
            for (final String end : ends(spot.declares)) {
                final JsonNode before = spot.owner.get(spot.field);
                spot.owner.set(spot.field, outside(spot.declares, end));
                if (method.equals("POST")) {
                    body.put("id", UUID.randomUUID().toString());
                }
                send(method, path, body, spot, end);
                if (before == null) {
                    spot.owner.remove(spot.field);
                } else {
                    spot.owner.set(spot.field, before);
                }
            }
        }
    }

    /** How many rows there are in all tables together. */
    private long rows() {
        final List<String> tables =
                jdbc.queryForList(
                        "select concat('(select count(*) from ', table_name, ')')"
                                + " from information_schema.tables where table_schema = database()",
                        String.class);
        return jdbc.queryForObject("select " + String.join(" + ", tables), Long.class);
    }

    /** The version the house is at, where what is sent has one. */
    private void version(final String path, final ObjectNode body) {
        if (accepts("put", path, "version")) {
            final JsonNode now = workshop.get(path).json().findValue("version");
            body.set("version", now == null ? JSON.nullNode() : now);
        }
    }

    private void send(
            final String method,
            final String path,
            final ObjectNode body,
            final Spot spot,
            final String end) {
        final String text =
                accepts(method.toLowerCase(Locale.ROOT), path, "id")
                        ? body.toString()
                        : without(body, "id");
        final Workshop.Answer answer =
                method.equals("PUT") ? workshop.put(path, text) : workshop.post(path, text);
        final String name = spot.schema + "." + spot.field + " " + end;
        final long after = rows();
        if (answer.status() == 400) {
            assertThat(after).as(name + ": what is refused is not written").isEqualTo(rows);
        }
        rows = after;
        final String allowed = answer.status() == 400 ? answer.at("/allowed") : "";
        if (says(allowed, edge(spot.declares, end))
                || CLOSER.contains(name) && !allowed.isEmpty()) {
            held.add(name);
            // The refusal names the field by where it stands, too.
            assertThat(answer.json().at("/errors").findValuesAsString("pointer"))
                    .as(name)
                    .anyMatch(pointer -> pointer.endsWith("/" + spot.field));
        } else {
            otherwise.put(name, answer.status() + " " + answer.at("/detail"));
        }
    }

    private boolean accepts(final String method, final String path, final String field) {
        final JsonNode schema = schema(method, path);
        return !whole(schema, null).schema().path("properties").path(field).isMissingNode();
    }

    private static String without(final ObjectNode body, final String field) {
        final ObjectNode less = body.deepCopy();
        less.remove(field);
        return less.toString();
    }

    /** Whether the number is one of those allowed; a share may be said in per cent. */
    private static boolean says(final String allowed, final double edge) {
        final Matcher numbers = NUMBER.matcher(allowed);
        while (numbers.find()) {
            final double said = Double.parseDouble(numbers.group());
            if (Math.abs(said - edge) < 1e-9
                    || Math.abs(said - 100 * edge) < 1e-6
                    // Pots are counted from one where people read of them.
                    || allowed.matches("1 to \\d+") && said == edge + 1) {
                return true;
            }
        }
        return false;
    }

    private static List<String> ends(final JsonNode declares) {
        final List<String> ends = new ArrayList<>();
        if (declares.has("minimum") || declares.has("exclusiveMinimum")) {
            ends.add("least");
        }
        if (declares.has("maximum") || declares.has("maxLength")) {
            ends.add("most");
        }
        return ends;
    }

    private static double edge(final JsonNode declares, final String end) {
        final List<String> words =
                end.equals("least")
                        ? List.of("minimum", "exclusiveMinimum")
                        : List.of("maximum", "maxLength");
        return declares.path(words.get(0)).asDouble(declares.path(words.get(1)).asDouble());
    }

    private static JsonNode outside(final JsonNode declares, final String end) {
        final double edge = edge(declares, end);
        if (declares.has("maxLength")) {
            return JSON.valueToTree("x".repeat((int) edge + 1));
        }
        final double value = end.equals("least") ? edge - 1 : edge + 1;
        return value == Math.rint(value) ? JSON.valueToTree((long) value) : JSON.valueToTree(value);
    }

    /** A number or text that is sent, and what is declared of it. */
    private record Spot(String schema, String field, ObjectNode owner, JsonNode declares) {}

    /** A schema with the name it has in the description. */
    private record Named(String name, JsonNode schema) {}

    private Named whole(final JsonNode schema, final JsonNode body) {
        if (!schema.has("$ref")) {
            return new Named("", schema);
        }
        final String name = schema.get("$ref").asString().replaceAll(".*/", "");
        final JsonNode named = schemas.get(name);
        final JsonNode kinds = named.path("discriminator");
        if (kinds.isMissingNode() || body == null) {
            return new Named(name, named);
        }
        final String kind = body.path(kinds.get("propertyName").asString()).asString();
        return whole(
                JSON.createObjectNode().put("$ref", kinds.at("/mapping/" + kind).asString()), null);
    }

    private void find(final JsonNode schema, final JsonNode body, final List<Spot> into) {
        final Named named = whole(schema, body);
        if (body instanceof ArrayNode list && !list.isEmpty()) {
            find(named.schema.path("items"), list.get(0), into);
        } else if (body instanceof ObjectNode object) {
            for (final Map.Entry<String, JsonNode> field :
                    named.schema.path("properties").properties()) {
                if (!ends(field.getValue()).isEmpty()) {
                    into.add(new Spot(named.name, field.getKey(), object, field.getValue()));
                } else if (object.has(field.getKey())) {
                    find(field.getValue(), object.get(field.getKey()), into);
                }
            }
        }
    }

    private JsonNode schema(final String method, final String path) {
        for (final Map.Entry<String, JsonNode> each : api.get("paths").properties()) {
            if (path.matches(each.getKey().replaceAll("\\{[^}]+}", "[^/]+"))) {
                final JsonNode found =
                        each.getValue()
                                .at("/" + method + "/requestBody/content/application~1json/schema");
                if (!found.isMissingNode()) {
                    return found;
                }
            }
        }
        throw new AssertionError("Nobody answers " + method + " " + path);
    }

    /** Every end of every field of what can be sent. */
    private Set<String> declared() {
        final Set<String> ends = new TreeSet<>();
        final Set<String> seen = new HashSet<>();
        for (final JsonNode operations : api.get("paths")) {
            for (final JsonNode operation : operations) {
                gather(operation.path("requestBody"), seen, ends);
            }
        }
        return ends;
    }

    private void gather(final JsonNode node, final Set<String> seen, final Set<String> into) {
        if (node.has("$ref")) {
            final Named named = whole(node, null);
            if (seen.add(named.name)) {
                named.schema
                        .path("properties")
                        .properties()
                        .forEach(
                                field ->
                                        ends(field.getValue())
                                                .forEach(
                                                        end ->
                                                                into.add(
                                                                        named.name
                                                                                + "."
                                                                                + field.getKey()
                                                                                + " "
                                                                                + end)));
                gather(named.schema, seen, into);
            }
        } else {
            node.forEach(each -> gather(each, seen, into));
        }
    }
}
