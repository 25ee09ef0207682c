package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.json.JsonMapper;

/** Everyday names of ingredients, and what becomes of the text of a recipe. */
class WrittenNamesTest {

    private final Workshop workshop = Workshop.shared();

    private Answer read(final String text) {
        return workshop.post(
                "/api/fillings/read",
                "{\"text\":" + JsonMapper.shared().writeValueAsString(text) + "}");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "100 g hazelnuts|hazelnuts|SURE",
                "30 g unsalted butter, softened|butter|SURE",
                "30 g sweet butter|butter|SURE",
                "½ tsp vanilla|vanilla-extract|LIKELY",
                "200 g white chocolate|ivory-33|LIKELY",
                "2 tbsp whiskey|whisky|SURE",
                "200 g heavy cream|cream-35|SURE",
                "200 g double cream|cream-48|SURE",
                "50 g powdered sugar|icing-sugar|SURE",
                "50 g confectioner's sugar|icing-sugar|SURE",
                "1 tbsp light corn syrup|glucose-42|LIKELY",
                "125 g golden syrup|golden-syrup|SURE",
                "200 ml full-fat coconut milk|coconut-milk|SURE",
                "1 pinch saffron|saffron|SURE",
                "50 g toasted hazelnuts, chopped|hazelnuts|SURE",
                "40 g crushed pretzels|pretzels|SURE",
                "250 g dark chocolate 64 %, finely chopped|dark-66|LIKELY",
                "250 g dark chocolate (70 %)|dark-70|SURE",
                "300 g House dark 66|dark-66|SURE",
                "12 oz frozen raspberries|raspberries|SURE",
                "3 large egg yolks|egg-yolk|SURE",
                "1 tin condensed milk (397 g)|condensed-milk|SURE"
            })
    void everydayNamesAreKnown(final String line, final String id, final String sureness) {
        final Answer read = read(line + "\nmix");
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.at("/operations/0/lines/0/ingredient")).as(read.text()).isEqualTo(id);
        assertThat(read.at("/operations/0/lines/0/sureness")).isEqualTo(sureness);
    }

    /** An egg white is never offered for chocolate, nor an oil for nuts. */
    @Test
    void whatOnlySharesAColourIsNotOffered() {
        assertThat(
                        read("200 g white chocolate")
                                .json()
                                .at("/operations/0/lines/0/candidates")
                                .toString())
                .doesNotContain("egg");
        final Answer unknown = read("10 g dragon scales");
        assertThat(unknown.at("/operations/0/lines/0/sureness")).isEqualTo("UNKNOWN");
        assertThat(unknown.number("/unmatched")).isEqualTo(1);
    }

    @Test
    void whatWillBeComputedIsWeighed() {
        final Answer read = read("2 tbsp honey\n3 egg yolks\n2 sticks butter\n1 pinch saffron");
        // By hand: 30 ml at 1.42 g/ml, three yolks of 17 g, two times 4 oz.
        assertThat(read.number("/operations/0/lines/0/grams")).isCloseTo(42.6, within(0.5));
        assertThat(read.number("/operations/0/lines/1/grams")).isCloseTo(51, within(1e-9));
        assertThat(read.number("/operations/0/lines/2/grams")).isCloseTo(226.8, within(0.1));
    }

    /** Every place of the text is said to have gone somewhere, or to be unused. */
    @Test
    void theTextIsColouredByWhereItWent() {
        final String text = "200 g cream\nBoil the cream for 2 min with a dragon.";
        final Answer read = read(text);
        assertThat(read.at("/text")).isEqualTo(text);
        final StringBuilder said = new StringBuilder();
        for (final var span : read.json().at("/spans")) {
            said.append(span.at("/went").asString())
                    .append(' ')
                    .append(text, span.at("/from").asInt(), span.at("/to").asInt())
                    .append("; ");
        }
        assertThat(said.toString())
                .isEqualTo("LINE 200 g cream; DONE Boil; SET 2 min; NOWHERE dragon; ");
        assertThat(read.json().at("/unused").toString()).contains("dragon");
    }

    @Test
    void sectionsOfAPublishedRecipeAndCellsOfASheetAreRead() {
        final Answer page =
                read(
                        """
                        {"@context":"https://schema.org","@type":"Recipe","name":"Harbour ganache",
                         "recipeIngredient":["200 g cream","250 g dark chocolate","30 g butter"],
                         "recipeInstructions":[
                          {"@type":"HowToSection","name":"Ganache","itemListElement":[
                            {"@type":"HowToStep","text":"Heat the cream to 85 °C."},
                            {"@type":"HowToStep","text":"Pour over the chocolate."}]},
                          {"@type":"HowToSection","name":"Finish","itemListElement":[
                            {"@type":"HowToStep","text":"At 35 °C add the butter."}]}]}
                        """);
        assertThat(page.status()).as(page.text()).isEqualTo(200);
        assertThat(page.at("/operations/0/kind")).isEqualTo("HEAT");
        assertThat(page.at("/operations/1/kind")).isEqualTo("POUR");
        assertThat(page.at("/operations/2/kind")).isEqualTo("BUTTER");
        assertThat(page.number("/operations/2/settings/TEMPERATURE_C")).isEqualTo(35);
        final Answer cells = read("ingredient\tg\ncream 35 %\t200\nHouse dark 66\t260");
        assertThat(cells.status()).as(cells.text()).isEqualTo(200);
        assertThat(cells.number("/operations/0/lines/1/amount")).isEqualTo(260);
        assertThat(cells.at("/operations/0/lines/1/ingredient")).isEqualTo("dark-66");
    }
}
