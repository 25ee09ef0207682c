package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import palintone.core.process.TaskKind;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class ExchangeApiTest {

    private static final String HEADER =
            "id,name,density_g_per_ml,allergens,source,water,sucrose,milk_fat\n";

    private final Workshop workshop = Workshop.shared();

    private double ingredients() {
        return workshop.get("/api/ingredients?size=1").number("/total");
    }

    @Test
    void aBadRowNamesFileRowAndFieldAndChangesNothing() {
        final double before = ingredients();
        final Answer answer =
                workshop.importFiles(
                        "ingredients.csv",
                        HEADER
                                + "syrup-a,Syrup A,1.3,,label,34,66,\n"
                                + "syrup-b,Syrup B,1.3,,label,34,49,\n");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/file")).isEqualTo("ingredients.csv");
        assertThat(answer.number("/row")).isEqualTo(3);
        assertThat(answer.at("/field")).isEqualTo("composition");
        assertThat(answer.at("/detail"))
                .contains("83.0 g in 100 g")
                .contains("Nothing was imported");
        assertThat(ingredients()).isEqualTo(before);
    }

    @Test
    void textInANumberAndAnUnknownAllergenAreNamed() {
        final Answer text =
                workshop.importFiles("ingredients.csv", HEADER + "a,A,heavy,,label,34,66,\n");
        assertThat(text.at("/field")).isEqualTo("density_g_per_ml");
        assertThat(text.at("/value")).isEqualTo("\"heavy\"");
        final Answer allergen =
                workshop.importFiles("ingredients.csv", HEADER + "a,A,1,dust,label,34,66,\n");
        assertThat(allergen.at("/field")).isEqualTo("allergens");
        assertThat(allergen.at("/allowed")).contains("sesame");
    }

    @Test
    void aWrongUnitInARecipeIsNamed() {
        final Answer answer =
                workshop.importFiles(
                        "fillings.json",
                        "[{\"id\":\"x\",\"name\":\"X\",\"aqueous\":true,\"lines\":["
                                + "{\"ingredient\":\"butter\",\"amount\":1,\"unit\":\"hogshead\"}]}]");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/field")).isEqualTo("operation 1, line 1 Butter unit");
        assertThat(answer.number("/row")).isEqualTo(1);
    }

    @Test
    void aTruncatedFileAndAnUnknownNameAreRefused() throws Exception {
        final String whole = Files.readString(Path.of("../demo/pieces.json"));
        final Answer cut =
                workshop.importFiles("pieces.json", whole.substring(0, whole.length() / 2));
        assertThat(cut.status()).isEqualTo(400);
        assertThat(cut.at("/file")).isEqualTo("pieces.json");
        assertThat(cut.text()).doesNotContain("Exception");
        final Answer name = workshop.importFiles("holiday.txt", "hello");
        assertThat(name.status()).isEqualTo(400);
        assertThat(name.at("/field")).isEqualTo("file name");
    }

    @Test
    void fiftyMegabytesAreRefusedInWords() {
        final Answer answer = workshop.importFiles("ingredients.csv", "x".repeat(50_000_000));
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.at("/allowed")).contains("40 MB");
    }

    @Test
    void anExportFollowsThePublishedSchemaAndCanBeReadBack() throws Exception {
        final String batch = workshop.begin("sesame-crackle");
        workshop.note(batch, 1, 22.5);
        workshop.entry(batch, "\"kind\":\"REMARK\",\"step\":1,\"text\":\"cold morning\"");
        workshop.done(batch, 1);
        final String file = workshop.get("/api/exchange/batches/" + batch + ".json").text();
        final var schema =
                SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(Files.readString(Path.of("../docs/schema/batch-1.schema.json")));
        assertThat(schema.validate(file, com.networknt.schema.InputFormat.JSON)).isEmpty();

        // Into books that do not know it: another id, another lot, everything else the same.
        final String other = UUID.randomUUID().toString();
        final String lot = workshop.get("/api/batches/" + batch).at("/summary/lot");
        String copy = file.replace(batch, other).replace("\"" + lot + "\"", "\"990101-01\"");
        for (final var entry :
                new tools.jackson.databind.json.JsonMapper().readTree(file).at("/entries")) {
            copy = copy.replace(entry.at("/id").asString(), UUID.randomUUID().toString());
        }
        final Answer taken = workshop.importFiles("batch-copy.json", copy);
        assertThat(taken.status()).isEqualTo(200);
        final Answer back = workshop.get("/api/batches/" + other);
        final Answer first = workshop.get("/api/batches/" + batch);
        assertThat(back.json().at("/steps").toString().replaceAll("\"(id|doneBy)\":\"[^\"]+\"", ""))
                .isEqualTo(
                        first.json()
                                .at("/steps")
                                .toString()
                                .replaceAll("\"(id|doneBy)\":\"[^\"]+\"", ""));
        assertThat(workshop.importFiles("batch-copy.json", copy).number("/0/same")).isEqualTo(1);
    }

    /** A task the schema does not know could be exported and never read back. */
    @Test
    void theSchemaKnowsEveryKindOfTask() throws Exception {
        final var kinds =
                new tools.jackson.databind.json.JsonMapper()
                        .readTree(Files.readString(Path.of("../docs/schema/batch-1.schema.json")))
                        .at("/$defs/step/properties/kind/enum");
        assertThat(kinds.valueStream().map(kind -> kind.asString()))
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(TaskKind.values()).map(Enum::name).toList());
        final String batch = workshop.begin("sesame-dusk");
        final String file = workshop.get("/api/exchange/batches/" + batch + ".json").text();
        assertThat(file).contains("CAP_BOWL").contains("FINISH");
        final Answer back = workshop.importInto("?preview=true", "batch-dusk.json", file);
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(back.number("/0/same")).isEqualTo(1);
    }

    @Test
    void aBatchFileThatBreaksTheSchemaOrTheOrderOfWorkIsRefused() {
        final String batch = workshop.begin("plum-bay");
        final String file = workshop.get("/api/exchange/batches/" + batch + ".json").text();
        final Answer pieces =
                workshop.importFiles(
                        "batch-x.json", file.replace("\"pieces\" : 128", "\"pieces\" : 0"));
        assertThat(pieces.status()).isEqualTo(400);
        assertThat(pieces.at("/field")).isEqualTo("/pieces");
        final String skipped =
                file.replace(batch, UUID.randomUUID().toString())
                        .replaceAll("\"lot\" : \"[^\"]+\"", "\"lot\" : \"990202-01\"")
                        .replaceAll(
                                "\"entries\" : \\[ *\\]",
                                "\"entries\" : [{\"id\":\""
                                        + UUID.randomUUID()
                                        + "\",\"kind\":\"DONE\",\"step\":7,"
                                        + "\"at\":\"2026-01-01T00:00:00Z\"}]");
        final Answer order = workshop.importFiles("batch-y.json", skipped);
        assertThat(order.status()).isEqualTo(400);
        assertThat(order.at("/detail")).contains("Step 7 (").contains("has not begun: first");
    }

    @Test
    void theTableHasARowForEachStep() {
        final String batch = workshop.begin("plum-bay");
        workshop.note(batch, 5, 44);
        final String[] lines =
                workshop.get("/api/exchange/batches/" + batch + ".csv").text().split("\r\n");
        assertThat(lines)
                .hasSize(1 + workshop.get("/api/batches/" + batch).json().at("/steps").size());
        assertThat(lines[0]).startsWith("lot,piece,step,what_is_done");
        assertThat(lines[5])
                .contains(",Melt,temperature in the middle,°C,47.5,45,50,44,-1,TIGHT,44,");
    }
}
