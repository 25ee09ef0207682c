package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class DescriptionTest {

    /** The types of the interface are generated from this file; a stale one fails here. */
    @Test
    void theCommittedDescriptionIsTheOneTheServerGives() throws Exception {
        final Path committed = Path.of("../web/src/api/openapi.json");
        final Path given = Path.of("target/openapi.json");
        final var now = Workshop.shared().get("/api/described").json();
        Files.writeString(given, now.toString());
        // Compared first: printed whole, the two would fill the log.
        assertThat(now.equals(new JsonMapper().readTree(Files.readString(committed))))
                .as("the description is current; if not: run `npm run api` in web/ and commit")
                .isTrue();
    }

    /** A stranger's program is told of the very house it asks. */
    @Test
    void theServerGivesTheCommittedDescription() {
        final Answer given = Workshop.shared().get("/api/openapi");
        assertThat(given.status()).isEqualTo(200);
        assertThat(given.json().equals(Workshop.shared().get("/api/described").json())).isTrue();
    }

    private static final Map<String, String> LISTS =
            Map.of(
                    "house", "HouseDraft",
                    "ingredients", "IngredientDraft",
                    "couvertures", "IngredientDraft",
                    "colours", "ColourDraft",
                    "moulds", "MouldDraft",
                    "fillings", "FillingRow",
                    "pieces", "PieceDraft",
                    "shells", "ShellWeighingDraft",
                    "tastings", "TastingRow");

    /** The published schema of the lists is that of the interface, and every export follows it. */
    @Test
    void theSchemaOfTheListsIsCurrentAndEveryExportFollowsIt() throws Exception {
        final ObjectNode schema = listsSchema();
        Files.writeString(Path.of("target/lists-1.schema.json"), schema.toString());
        final Path committed = Path.of("../docs/schema/lists-1.schema.json");
        assertThat(
                        Files.exists(committed)
                                && schema.equals(
                                        new JsonMapper().readTree(Files.readString(committed))))
                .as("the schema is current; if not: run `npm run api` in web/ and commit")
                .isTrue();
        for (final String list : LISTS.keySet()) {
            final String file =
                    Workshop.shared().get("/api/exchange/lists/" + list + ".json").text();
            schema.put("$ref", "#/$defs/" + list);
            assertThat(
                            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                                    .getSchema(schema.toString())
                                    .validate(file, InputFormat.JSON))
                    .as(list)
                    .isEmpty();
            schema.remove("$ref");
        }
    }

    /** Names that stay, each once, in words; types and clients are made from them. */
    @Test
    void everyOperationHasANameOfItsOwnAndSaysWhatItDoesAndWhatItRefuses() {
        final JsonNode api = Workshop.shared().get("/api/openapi").json();
        final List<String> names = new ArrayList<>();
        api.get("paths")
                .forEach(
                        path ->
                                path.forEach(
                                        operation -> {
                                            final String name =
                                                    operation.at("/operationId").asString();
                                            names.add(name);
                                            assertThat(name).matches("[a-z]+[A-Z][A-Za-z]*");
                                            assertThat(operation.at("/summary").asString())
                                                    .as(name)
                                                    .endsWith(".");
                                            assertThat(
                                                            operation
                                                                    .at("/responses/400")
                                                                    .isMissingNode())
                                                    .as(name)
                                                    .isFalse();
                                        }));
        assertThat(names).hasSizeGreaterThan(130).doesNotHaveDuplicates();
    }

    /** A problem is what the description says a problem is. */
    @Test
    void aRefusalFollowsItsDescription() {
        final Answer refused = Workshop.shared().get("/api/pieces/no-such-piece");
        final ObjectNode schema =
                (ObjectNode)
                        Workshop.shared()
                                .get("/api/openapi")
                                .json()
                                .at("/components/schemas/Problem");
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("additionalProperties", false);
        assertThat(
                        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                                .getSchema(schema.toString())
                                .validate(refused.text(), InputFormat.JSON))
                .isEmpty();
        assertThat(Workshop.shared().get(refused.at("/type")).at("/title")).isEqualTo("Not here");
    }

    private static ObjectNode listsSchema() {
        final JsonMapper json = new JsonMapper();
        final JsonNode known =
                Workshop.shared().get("/api/openapi").json().at("/components/schemas");
        final ObjectNode schema = json.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Palintone lists, version 1");
        schema.put(
                "description",
                "Each list of a house, by the name of its file. Temperatures in °C, masses in g,"
                        + " lengths in mm; an id may be left out, then the name decides.");
        final ObjectNode defs = schema.putObject("$defs");
        final ArrayDeque<String> wanted = new ArrayDeque<>();
        new TreeMap<>(LISTS)
                .forEach(
                        (list, row) -> {
                            final ObjectNode each = defs.putObject(list);
                            each.put("type", "array");
                            each.putObject("items").put("$ref", "#/$defs/" + row);
                            wanted.add(row);
                        });
        while (!wanted.isEmpty()) {
            final String name = wanted.remove();
            if (!defs.has(name)) {
                final String text =
                        known.get(name).toString().replace("#/components/schemas/", "#/$defs/");
                final ObjectNode each = (ObjectNode) json.readTree(text);
                // The books count states by themselves.
                if (each.path("required") instanceof ArrayNode required) {
                    required.removeIf(field -> "version".equals(field.asString()));
                }
                defs.set(name, each);
                Pattern.compile("#/\\$defs/(\\w+)")
                        .matcher(text)
                        .results()
                        .forEach(ref -> wanted.add(ref.group(1)));
            }
        }
        return schema;
    }
}
