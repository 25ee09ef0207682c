package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.server.filling.Sheets.figure;
import static palintone.server.filling.Sheets.figureOf;
import static palintone.server.filling.Sheets.on;
import static palintone.server.filling.Sheets.recipe;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class FillingApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();
    private final Workshop workshop = Workshop.shared();

    @Test
    void everyDemoFillingHasAWholeSheet() {
        for (final JsonNode each : workshop.get("/api/fillings").json().get("items")) {
            final String id = each.get("id").asString();
            final Workshop.Answer sheet = workshop.post("/api/fillings/sheet", on(recipe(id)));
            assertThat(sheet.status()).as(id + sheet.text()).isEqualTo(200);
            assertThat(sheet.json().get("figures").size()).isEqualTo(18);
            assertThat(figure(sheet, "WATER_ACTIVITY")).isBetween(0.05, 0.97);
            assertThat(sheet.at("/life/reason/template")).isNotBlank();
            final boolean cold = sheet.json().at("/life/keepCold").asBoolean();
            assertThat(!cold || sheet.number("/life/days/high") <= 7).as(id).isTrue();
            System.out.printf(
                    "%-26s %s aw %.3f firm %.1f oil %.2f crystals %.1f life %.0f%n",
                    id,
                    cold ? "cold " : "shelf",
                    figure(sheet, "WATER_ACTIVITY"),
                    figure(sheet, "FIRMNESS"),
                    figure(sheet, "OIL_SHARE"),
                    figure(sheet, "CRYSTAL_SUGAR"),
                    sheet.number("/life/days/value"));
        }
    }

    @Test
    void everyTypeToStartFromIsFoundInTheLarderAndMakesSense() {
        for (final JsonNode type : workshop.get("/api/fillings/words").json().get("types")) {
            final String name = type.get("name").asString();
            final Workshop.Answer read =
                    workshop.post(
                            "/api/fillings/read",
                            "{\"text\":"
                                    + JSON.writeValueAsString(type.get("text").asString())
                                    + "}");
            assertThat(read.status()).as(name + read.text()).isEqualTo(200);
            assertThat(read.json().get("unmatched").asInt()).as(name + read.text()).isZero();
            assertThat(read.json().get("unused").size()).as(name).isZero();
            final ObjectNode recipe = JSON.createObjectNode();
            recipe.put("name", name).put("style", type.get("style").asString());
            recipe.set("operations", read.json().get("operations").deepCopy());
            for (final JsonNode op : recipe.get("operations")) {
                final ArrayNode lines = JSON.createArrayNode();
                for (final JsonNode line : op.get("lines")) {
                    lines.addObject()
                            .put("ingredient", line.get("ingredient").asString())
                            .put("amount", line.get("amount").asDouble())
                            .put("unit", line.get("unit").asString());
                }
                ((ObjectNode) op).set("lines", lines);
                assertThat(op.get("asks").size()).as(name).isZero();
                ((ObjectNode) op).remove("asks");
            }
            final Workshop.Answer sheet = workshop.post("/api/fillings/sheet", on(recipe));
            assertThat(sheet.status()).as(name + sheet.text()).isEqualTo(200);
            // A start is a good recipe already: nothing off, nothing about to split or grain.
            for (final JsonNode each : sheet.json().get("figures")) {
                assertThat(each.at("/figure/bandStatus").asString(""))
                        .as(name + ", " + each.get("quality").asString())
                        .isNotEqualTo("OFF");
            }
            assertThat(sheet.number("/splitRisk/value")).as(name).isLessThan(20);
            for (final JsonNode risk : sheet.json().get("grainRisk")) {
                assertThat(risk.get("value").asDouble()).as(name).isLessThan(20);
            }
            System.out.printf(
                    "%-26s aw %.3f firm %.1f oil %.2f crystals %.1f life %.0f%n",
                    name,
                    figure(sheet, "WATER_ACTIVITY"),
                    figure(sheet, "FIRMNESS"),
                    figure(sheet, "OIL_SHARE"),
                    figure(sheet, "CRYSTAL_SUGAR"),
                    sheet.number("/life/days/value"));
        }
    }

    @Test
    void aBalanceMeetsItsWishesAndExplainsItsGrams() {
        final Workshop.Answer answer =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":"
                                + on(recipe("plum-ganache"))
                                + ",\"locked\":[0],\"wishes\":[{\"quality\":\"WATER_ACTIVITY\","
                                + "\"low\":0.6,\"high\":0.88},{\"quality\":\"YIELD\",\"low\":700,"
                                + "\"high\":900}]}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().get("outcome").asString()).as(answer.text()).isEqualTo("MET");
        assertThat(answer.json().get("moves").size()).isPositive();
        assertThat(answer.at("/moves/0/why/template")).isNotBlank();
        assertThat(answer.number("/recipe/operations/0/lines/0/amount")).isEqualTo(230);
    }

    @Test
    void clashingWishesAreNamed() {
        final Workshop.Answer answer =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":"
                                + on(recipe("plum-ganache"))
                                + ",\"freed\":[0,5],"
                                + "\"wishes\":[{\"quality\":\"WATER_ACTIVITY\",\"low\":0.1,"
                                + "\"high\":0.7},{\"quality\":\"SWEETNESS\",\"low\":0,\"high\":8}]}");
        assertThat(answer.json().get("outcome").asString()).isEqualTo("CLASH");
        assertThat(answer.text()).contains("curesAll");
        assertThat(answer.json().get("missed").size()).isPositive();
        boolean missed = false;
        for (final JsonNode clash : answer.json().get("missed")) {
            final double reached = clash.at("/reached/value").asDouble();
            missed |=
                    reached < clash.get("low").asDouble() || reached > clash.get("high").asDouble();
        }
        assertThat(missed).as(answer.text().substring(0, 2000)).isTrue();
    }

    /** What it is named after and most of it stand still until their maker frees them. */
    @Test
    void aMainIngredientStaysUntilItIsFreed() {
        final String on = on(recipe("plum-ganache"));
        final Workshop.Answer sheet = workshop.post("/api/fillings/sheet", on);
        assertThat(sheet.at("/staying/0/words")).contains("named after");
        final String drier =
                "{\"on\":"
                        + on
                        + ",\"wishes\":[{\"quality\":\"WATER_ACTIVITY\",\"low\":0.3,\"high\":0.75},"
                        + "{\"quality\":\"FIRMNESS\",\"low\":0,\"high\":4}]";
        final Workshop.Answer held = workshop.post("/api/fillings/balance", drier + "}");
        assertThat(held.json().get("outcome").asString()).as(held.text()).isNotEqualTo("MET");
        assertThat(held.number("/recipe/operations/0/lines/0/amount")).isEqualTo(230);
        final JsonNode free = held.json().get("worthFreeing");
        assertThat(free.size()).as(held.text()).isPositive();
        final Workshop.Answer none =
                workshop.post("/api/fillings/balance", drier + ",\"freed\":[99]}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/detail")).contains("freed line is 99").contains("0 to 6");
        final Workshop.Answer freed =
                workshop.post("/api/fillings/balance", drier + ",\"freed\":" + free + "}");
        assertThat(freed.json().get("outcome").asString()).as(freed.text()).isEqualTo("MET");
    }

    /** Two screens make a recipe of one name: the second is told, and nothing is written over. */
    @Test
    void whatIsNewIsNeverWrittenOverWhatIsThere() {
        final ObjectNode first = (ObjectNode) recipe("plum-ganache").deepCopy();
        first.put("name", "Harbour ganache").remove("version");
        assertThat(workshop.put("/api/fillings/harbour-ganache", first.toString()).status())
                .isEqualTo(200);
        final ObjectNode second = (ObjectNode) recipe("fig-leaf-slab").deepCopy();
        second.put("name", "Harbour ganache").remove("version");
        final Workshop.Answer taken =
                workshop.put("/api/fillings/harbour-ganache", second.toString());
        assertThat(taken.status()).isEqualTo(409);
        assertThat(taken.at("/detail"))
                .contains("harbour-ganache already")
                .contains("Both are kept");
        assertThat(workshop.get("/api/fillings/harbour-ganache").json().at("/recipe/operations"))
                .isEqualTo(
                        workshop.get("/api/fillings/plum-ganache").json().at("/recipe/operations"));
    }

    @Test
    void savingKeepsVersionsAndMeasurementsMoveTheModel() {
        final ObjectNode recipe = (ObjectNode) recipe("fig-leaf-slab").deepCopy();
        recipe.put("name", "Tested slab").put("note", "first").remove("version");
        final Workshop.Answer saved = workshop.put("/api/fillings/tested-slab", recipe.toString());
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(saved.number("/number")).isEqualTo(1);
        final ObjectNode second = (ObjectNode) saved.json().get("recipe").deepCopy();
        ((ObjectNode) second.at("/operations/0/lines/0")).put("amount", 250);
        final Workshop.Answer again = workshop.put("/api/fillings/tested-slab", second.toString());
        assertThat(again.number("/number")).isEqualTo(2);
        assertThat(workshop.put("/api/fillings/tested-slab", second.toString()).status())
                .isEqualTo(409);
        final Workshop.Answer difference =
                workshop.get("/api/fillings/tested-slab/difference?from=1&to=2");
        assertThat(difference.at("/amounts/0/ingredient")).isEqualTo("Cream 35 %");
        assertThat(difference.number("/amounts/0/toG")).isEqualTo(250);

        final String body =
                "{\"filling\":\"tested-slab\",\"recipe\":" + again.json().get("recipe") + "}";
        final double before = figure(workshop.post("/api/fillings/sheet", body), "WATER_ACTIVITY");
        workshop.post(
                "/api/fillings/tested-slab/notes",
                "{\"kind\":\"WATER_ACTIVITY\",\"measured\":" + (before - 0.03) + "}");
        final double after = figure(workshop.post("/api/fillings/sheet", body), "WATER_ACTIVITY");
        assertThat(after).isLessThan(before - 0.02).isGreaterThan(before - 0.03);
        // What was measured is in the balance too: it starts from there and aims at the band.
        final Workshop.Answer balanced =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":"
                                + body
                                + ",\"wishes\":[{\"quality\":\"WATER_ACTIVITY\",\"low\":0.4,"
                                + "\"high\":"
                                + (after - 0.02)
                                + "}]}");
        assertThat(balanced.json().get("outcome").asString()).as(balanced.text()).isEqualTo("MET");
        assertThat(figureOf(balanced.json().get("before"), "WATER_ACTIVITY"))
                .isCloseTo(after, within(1e-9));
        assertThat(figureOf(balanced.json().get("after"), "WATER_ACTIVITY"))
                .isBetween(after - 0.0225, after - 0.02);
        final Workshop.Answer empty =
                workshop.post("/api/fillings/tested-slab/notes", "{\"kind\":\"TASTING\"}");
        assertThat(empty.status()).isEqualTo(400);
        assertThat(empty.at("/field")).isEqualTo("tasting");
    }

    @Test
    void aLinkedRecipeComesBackAsItWentOut() {
        final Workshop.Answer linked = workshop.get("/api/fillings/caraway-truffle/recipe.jsonld");
        assertThat(linked.at("/@type")).isEqualTo("Recipe");
        final Workshop.Answer read =
                workshop.post(
                        "/api/fillings/read",
                        "{\"text\":" + JSON.writeValueAsString(linked.text()) + "}");
        assertThat(read.at("/format")).isEqualTo("schema.org Recipe");
        assertThat(read.json().get("unmatched").asInt()).as(read.text()).isZero();
        assertThat(read.at("/name")).isEqualTo("Caraway truffle");
        final Workshop.Answer ours =
                workshop.post(
                        "/api/fillings/read",
                        "{\"text\":"
                                + JSON.writeValueAsString(recipe("caraway-truffle").toString())
                                + "}");
        assertThat(ours.at("/format")).isEqualTo("ours");
        assertThat(ours.json().get("unmatched").asInt()).isZero();
    }

    @Test
    void aTableIsReadAndUnknownNamesAreAskedAbout() {
        final Workshop.Answer read =
                workshop.post(
                        "/api/fillings/read",
                        "{\"text\":\"ingredient,amount,unit,operation\\nCream 35 %,200,g,boil\\nstarlight"
                                + " dust,5,g,boil\\nHouse dark 66,250,g,pour over\"}");
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.at("/format")).isEqualTo("table");
        assertThat(read.json().get("unmatched").asInt()).isEqualTo(1);
        assertThat(read.text()).contains("starlight dust");
    }

    @Test
    void whatCannotBeIsNamedByOperationAndLine() {
        final Workshop.Answer unit =
                sheet(
                        "{\"kind\":\"ADD\",\"lines\":[{\"ingredient\":\"sugar\",\"amount\":1,\"unit\":\"hogshead\"}]}");
        assertThat(unit.status()).isEqualTo(400);
        assertThat(unit.at("/detail")).contains("operation 1, line 1 Sugar unit is \"hogshead\"");
        final Workshop.Answer negative =
                sheet(
                        "{\"kind\":\"ADD\",\"lines\":[{\"ingredient\":\"sugar\",\"amount\":-5,\"unit\":\"g\"}]}");
        assertThat(negative.at("/detail")).contains("amount is -5 g");
        final Workshop.Answer more =
                sheet(
                        "{\"kind\":\"ADD\",\"lines\":[{\"ingredient\":\"milk-whole\",\"amount\":100,\"unit\":\"g\"}]},"
                                + "{\"kind\":\"BOIL_DOWN\",\"settings\":{\"MASS_G\":500}}");
        assertThat(more.at("/detail"))
                .contains("operation 2, boil down")
                .contains("less than the 100");
        final Workshop.Answer piece =
                sheet(
                        "{\"kind\":\"ADD\",\"lines\":[{\"ingredient\":\"sugar\",\"amount\":2,\"unit\":\"piece\"}]}");
        assertThat(piece.at("/detail")).contains("one piece of Sugar weighs");
        final Workshop.Answer locked =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":"
                                + on(recipe("sesame-crisp"))
                                + ",\"locked\":[0,1,2,3],\"ready\":\"FIRM_IT\"}");
        assertThat(locked.at("/detail")).contains("all 4 lines");
    }

    private Workshop.Answer sheet(final String operations) {
        return workshop.post(
                "/api/fillings/sheet",
                "{\"recipe\":{\"name\":\"x\",\"version\":0,\"operations\":[" + operations + "]}}");
    }

    @Test
    void aPanelBecomesAWholeComposition() {
        final Workshop.Answer panel =
                workshop.post(
                        "/api/ingredients/estimate",
                        "{\"fatG\":35,\"carbohydrateG\":50,\"sugarsG\":48,\"proteinG\":7,\"saltG\":0.2,"
                                + "\"like\":\"CHOCOLATE\"}");
        assertThat(panel.status()).as(panel.text()).isEqualTo(200);
        double sum = 0;
        for (final JsonNode part : panel.json().get("gramsPer100")) {
            sum += part.asDouble();
        }
        assertThat(sum).isBetween(99.0, 101.0);
        assertThat(
                        workshop.post(
                                        "/api/ingredients/estimate",
                                        "{\"fatG\":70,\"carbohydrateG\":50,\"sugarsG\":48,\"proteinG\":7,\"saltG\":0,\"like\":\"CHOCOLATE\"}")
                                .at("/field"))
                .isEqualTo("panel");
    }

    @Test
    void lotsAreKeptWithTheirDates() {
        final Workshop.Answer lots =
                workshop.post(
                        "/api/ingredients/cream-35/lots",
                        "{\"code\":\"K-204\",\"bestBefore\":\"2026-12-06\",\"grams\":3000}");
        assertThat(lots.status()).as(lots.text()).isEqualTo(200);
        assertThat(lots.at("/items/0/code")).isEqualTo("K-204");
        assertThat(lots.at("/items/0/bestBefore")).isEqualTo("2026-12-06");
    }
}
