package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

class PieceApiTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void fourMouldsOfPlumAndBayAddUp() {
        final Answer needs = workshop.get("/api/pieces/plum-bay/needs?moulds=4");
        assertThat(needs.status()).isEqualTo(200);
        assertThat(needs.number("/pieces")).isEqualTo(128);
        assertThat(
                        needs.number("/kept/0/value")
                                + needs.number("/kept/1/value")
                                + needs.number("/comesBack/value"))
                .isCloseTo(needs.number("/toMelt/value"), within(1e-6));
        assertThat(needs.number("/temper/choppedG") + needs.number("/temper/solved/0/value"))
                .isCloseTo(needs.number("/toMelt/value"), within(1e-6));
        double recipe = 0;
        for (final var line : needs.json().at("/fillings/0/recipe")) {
            recipe += line.at("/grams").asDouble();
        }
        // More is weighed in than comes out: fruit boils and sticks to the sieve.
        assertThat(recipe)
                .isBetween(
                        1.02 * needs.number("/fillings/0/toMake/value"),
                        1.15 * needs.number("/fillings/0/toMake/value"));
        assertThat(needs.number("/fillings/0/waterActivity/value")).isBetween(0.6, 0.95);
        assertThat(needs.json().at("/fillings/0/waterActivity/basis/sources").toString())
                .contains("Norrish 1966");
    }

    /** Twelve turns of the same moulds: what must be ready when is followed through all of them. */
    @Test
    void manyTurnsOfFewMouldsAreLaidOut() {
        final Answer needs = workshop.get("/api/pieces/plum-bay/needs?moulds=72");
        assertThat(needs.number("/turns")).isEqualTo(12);
        assertThat(needs.number("/steps")).isGreaterThan(200);
    }

    /** A batch is laid out once, until something it rests on is written. */
    @Test
    void aBatchThatWasLookedAtFollowsTheRoom() {
        final String path = "/api/pieces/plum-bay/needs?moulds=5";
        final JsonNode air = workshop.get("/api/house").json().at("/rules");
        final String before = workshop.get(path).text();
        assertThat(workshop.get(path).text()).isEqualTo(before);
        workshop.put("/api/house/air", "{\"temperatureC\":24,\"humidityPercent\":50}");
        final String warm = workshop.get(path).text();
        workshop.put(
                "/api/house/air",
                "{\"temperatureC\":"
                        + air.get("roomTemperatureC")
                        + ",\"humidityPercent\":"
                        + air.get("humidityPercent")
                        + "}");
        assertThat(warm).isNotEqualTo(before);
        assertThat(workshop.get(path).text()).isEqualTo(before);
    }

    @Test
    void recipeLinesKeepTheUnitTheyWereWrittenIn() {
        final Answer needs = workshop.get("/api/pieces/plum-bay/needs?moulds=4");
        final var spoons =
                needs.json()
                        .at("/fillings/0/recipe")
                        .valueStream()
                        .filter(line -> line.at("/unit").asString().equals("tbsp"))
                        .toList();
        assertThat(spoons)
                .isNotEmpty()
                .allSatisfy(
                        line ->
                                assertThat(line.at("/amount").asDouble() * 15 * 1.42)
                                        .isCloseTo(line.at("/grams").asDouble(), within(1e-6)));
    }

    @Test
    void theDrawingEndsWhereTheMouldEnds() {
        final Answer piece = workshop.get("/api/pieces/plum-bay");
        final var outer = piece.json().at("/section/outer");
        assertThat(outer.get(0).at("/halfWidthMm").asDouble()).isCloseTo(14, within(1e-9));
        assertThat(outer.get(outer.size() - 1).at("/depthMm").asDouble())
                .isCloseTo(14, within(1e-9));
    }

    private static final String BAR =
            "{\"kind\":\"SOLID\",\"name\":\"Test bar\",\"story\":\"For a test.\","
                    + "\"mould\":\"tablet-150\",\"couverture\":\"milk-41\",\"inclusions\":["
                    + "{\"ingredient\":\"hazelnuts\",\"eachG\":%s,\"placing\":\"STIRRED_IN\"}],"
                    + "\"relief\":{\"depthMm\":1,\"sharePercent\":30}%s}";

    /** A bar from the form to the Bench. */
    @Test
    void aBarIsWrittenDrawnAndMade() {
        final String id = "bar-" + UUID.randomUUID();
        final Answer tried = workshop.post("/api/pieces/trial", BAR.formatted("12", ""));
        assertThat(tried.status()).as(tried.text()).isEqualTo(200);
        assertThat(workshop.get("/api/pieces/trial").status()).isEqualTo(404);
        final Answer saved = workshop.put("/api/pieces/" + id, BAR.formatted("12", ""));
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(saved.at("/kind")).isEqualTo("SOLID");
        assertThat(saved.at("/section/regions/1/role")).isEqualTo("RELIEF");
        assertThat(saved.number("/whole/value")).isEqualTo(tried.number("/whole/value"));
        final Answer again = workshop.put("/api/pieces/" + id, BAR.formatted("12", ""));
        assertThat(again.status()).as("new over known").isEqualTo(409);
        final Answer changed =
                workshop.put("/api/pieces/" + id, BAR.formatted("15", ",\"version\":0"));
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
        assertThat(changed.number("/parts/1/value")).isEqualTo(15);

        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?moulds=2");
        assertThat(needs.number("/pieces")).isEqualTo(6);
        assertThat(needs.number("/inclusions/0/toWeigh/value")).isEqualTo(90);
        assertThat(needs.json().at("/allergens").toString()).contains("NUTS").contains("MILK");
        final String batch = workshop.begin(id);
        final Answer view = workshop.get("/api/batches/" + batch);
        assertThat(view.json().at("/steps").toString()).contains("PRESS").contains("STIR_IN");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "12 | ,\"version\":7 | 404 | piece",
                "600 | '' | 400 | inclusions",
                "-3 | '' | 400 | Hazelnuts",
                "\"many\" | '' | 400 | inclusions 1 eachG",
            })
    void whatABarCannotBeIsRefusedByName(
            final String grams, final String more, final int status, final String field) {
        final Answer refused =
                workshop.put("/api/pieces/not-kept", BAR.formatted(grams, more.strip()));
        assertThat(refused.status()).as(refused.text()).isEqualTo(status);
        assertThat(refused.at("/field")).startsWith(field);
        assertThat(workshop.get("/api/pieces/not-kept").status()).isEqualTo(404);
    }

    @Test
    void everyPieceInTheListSaysItsKind() {
        final var kinds =
                workshop.get("/api/pieces")
                        .json()
                        .at("/items")
                        .valueStream()
                        .map(piece -> piece.at("/kind").asString(""))
                        .toList();
        assertThat(kinds).contains("MOULDED", "SOLID").doesNotContain("");
    }

    /** A list is looked through, not read: a row is small, and draws the piece all the same. */
    @Test
    void aPieceInTheListIsARowAndNotTheWholePiece() {
        final JsonNode rows = workshop.get("/api/pieces?size=200").json().at("/items");
        assertThat(rows.size()).isGreaterThan(5);
        for (final JsonNode row : rows) {
            assertThat(row.toString().length()).as(row.toString()).isLessThan(2000);
            assertThat(row.at("/cut/outer").size()).isGreaterThan(3);
        }
        final double mean = rows.toString().length() / (double) rows.size();
        assertThat(mean).as("bytes a row").isLessThan(1024);
    }

    @Test
    void anUnknownKindOfPieceIsRefused() {
        final Answer refused =
                workshop.put("/api/pieces/x", BAR.formatted("1", "").replace("SOLID", "LIQUID"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/detail"))
                .isEqualTo(
                        "kind is \"LIQUID\"; allowed: MOULDED, SOLID, DIPPED,"
                                + " ROLLED, HOLLOW, SHEET");
    }

    @Test
    void seedIsSolvedBothWays() {
        final Answer seed = workshop.get("/api/temper/seed?couverture=dark-66&melt=1000&bowl=42");
        final double grams = seed.number("/seed/value");
        final Answer back =
                workshop.get(
                        "/api/temper/seed?couverture=dark-66&melt=1000&bowl=42&grams=" + grams);
        assertThat(back.number("/landing/value"))
                .isCloseTo(seed.number("/landing/value"), within(1e-4));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/pieces/plum-bay/needs?moulds=0 | 400 | moulds | 1 to 200",
                "/api/pieces/plum-bay/needs?moulds=10000 | 400 | moulds | 1 to 200",
                "/api/pieces/plum-bay/needs?pieces=-3 | 400 | pieces | 1 to 6400",
                "/api/pieces/plum-bay/needs?moulds=four | 400 | moulds | a whole number",
                "/api/pieces/plum-bay/needs | 400 | size | moulds or pieces",
                "/api/pieces/plum-bay/needs?moulds=1&pieces=9 | 400 | size | moulds or pieces",
                "/api/pieces/plum-bay/needs?moulds=1&method=HALF | 400 | method | TABLING,"
                        + " SEED_THIRD, SEED_FEW, SEED_UNDERCOOL, COLD_BATH, COLD_BATH_QUICK,"
                        + " KEEP_TEMPER, KETTLE",
                "/api/pieces/unknown/needs?moulds=1 | 404 | piece | an id from the list",
                "/api/pieces?size=100000 | 400 | size | 1 to 200 rows",
                "/api/pieces?page=-1 | 400 | page | 0 to 1000000",
                "/api/temper/seed?couverture=cream-35&melt=1&bowl=40 | 400 | couverture | an"
                        + " ingredient that is marked dark, milk or white",
                "/api/temper/seed?couverture=dark-66&melt=-5&bowl=40 | 400 | mass melted | more"
                        + " than 0, up to 1000000 g",
                "/api/temper/seed?couverture=dark-66&melt=100&bowl=300 | 400 | bowl temperature |"
                        + " 33.6 to 60 °C",
                "/api/batches/not-an-id | 400 | id | an id",
            })
    void aRefusalNamesFieldAndRange(
            final String path, final int status, final String field, final String allowed) {
        final Answer answer = workshop.get(path);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.at("/field")).isEqualTo(field);
        assertThat(answer.at("/allowed")).isEqualTo(allowed);
        assertThat(answer.text()).doesNotContain("Exception").doesNotContain("palintone.core");
    }

    @Test
    void nothingLiesAtAnUnknownAddress() {
        assertThat(workshop.get("/api/nothing").status()).isEqualTo(404);
    }
}
