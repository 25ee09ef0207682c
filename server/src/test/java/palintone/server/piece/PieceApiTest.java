package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class PieceApiTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void fourMouldsOfPlumAndBayAddUp() {
        final Answer needs = workshop.get("/api/pieces/plum-bay/needs?moulds=4");
        assertThat(needs.status()).isEqualTo(200);
        assertThat(needs.number("/pieces")).isEqualTo(128);
        assertThat(
                        needs.number("/inShells/value")
                                + needs.number("/inCaps/value")
                                + needs.number("/comesBack/value"))
                .isCloseTo(needs.number("/toMelt/value"), within(1e-6));
        assertThat(needs.number("/seed/seed/value") + needs.number("/seed/melt/value"))
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
        final var outer = piece.json().at("/cutaway/outer");
        assertThat(outer.get(0).at("/halfWidthMm").asDouble()).isCloseTo(14, within(1e-9));
        assertThat(outer.get(outer.size() - 1).at("/depthMm").asDouble())
                .isCloseTo(14, within(1e-9));
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
                "/api/pieces/plum-bay/needs?moulds=1&practice=HALF | 400 | practice | THIRD,"
                        + " FEW_PER_CENT",
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
