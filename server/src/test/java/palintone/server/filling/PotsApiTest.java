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

/** Recipes of several pots over the wire and in the books. */
class PotsApiTest {

    private final Workshop workshop = Workshop.shared();

    private static String shards(final String name, final String taken) {
        return """
                {"name":"%s","style":"PIPED_TRUFFLE","pots":["Ganache","Shards"],"operations":[
                {"kind":"CARAMELISE","pot":1,"settings":{"TEMPERATURE_C":170},
                 "lines":[{"ingredient":"sugar","amount":120,"unit":"g"}]},
                {"kind":"CRUSH","pot":1},
                {"kind":"BOIL","lines":[{"ingredient":"cream-35","amount":200,"unit":"g"}]},
                {"kind":"POUR","lines":[{"ingredient":"dark-66","amount":260,"unit":"g"}]},
                {"kind":"FOLD","fromPot":1,"settings":{"SIZE_MM":3}%s}]}"""
                .formatted(name, taken);
    }

    private static JsonNode stage(final Workshop.Answer sheet, final int place) {
        return sheet.json().get("stages").get(place);
    }

    @Test
    void theSheetTellsOfEveryPot() {
        final Workshop.Answer sheet =
                workshop.post("/api/fillings/sheet", on(recipe("quince-custard")));
        assertThat(sheet.status()).as(sheet.text()).isEqualTo(200);
        final JsonNode pot = sheet.json().get("pots").get(0);
        assertThat(sheet.json().get("pots").size()).isEqualTo(1);
        assertThat(pot.get("name").asString()).isEqualTo("Quince");
        assertThat(pot.get("weighedG").asDouble()).isEqualTo(200);
        assertThat(pot.get("takenG").asDouble()).isEqualTo(110);
        assertThat(pot.get("leftG").asDouble()).isCloseTo(28, within(0.01));
        assertThat(stage(sheet, 0).get("pot").asInt()).isEqualTo(1);
        assertThat(stage(sheet, 0).get("massG").asDouble()).isCloseTo(138, within(0.01));
        assertThat(stage(sheet, 1).get("massG").asDouble()).isLessThan(165);
        // The egg of the custard has its own heat, not that of the quince.
        assertThat(sheet.json().get("eggHeat").size()).isEqualTo(1);
    }

    @Test
    void shardsAreFoldedInAndTheirDaysAreSaid() {
        final Workshop.Answer sheet =
                workshop.post(
                        "/api/fillings/sheet",
                        "{\"recipe\":" + shards("Shards", ",\"takenG\":50") + "}");
        assertThat(sheet.status()).as(sheet.text()).isEqualTo(200);
        final JsonNode crunch = sheet.json().get("crunch");
        assertThat(crunch.get("unit").asString()).isEqualTo("DAY");
        assertThat(crunch.get("value").asDouble()).isBetween(0.1, 20.0);
        assertThat(crunch.get("high").asDouble()).isGreaterThan(crunch.get("value").asDouble());
        assertThat(
                        workshop.post("/api/fillings/sheet", on(recipe("plum-ganache")))
                                .json()
                                .has("crunch"))
                .isFalse();
    }

    /** Half of the shards, kept as half: however many are made, half of them go in. */
    @Test
    void aShareOfAPotIsKeptAsOne() {
        final String id = "half-" + System.nanoTime();
        final Workshop.Answer kept =
                workshop.put("/api/fillings/" + id, shards("Half " + id, ",\"takenPercent\":50"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        final JsonNode recipe = workshop.get("/api/fillings/" + id).json().get("recipe");
        final JsonNode fold = recipe.get("operations").get(4);
        assertThat(fold.get("takenPercent").asDouble()).isEqualTo(50);
        assertThat(fold.has("takenG")).isFalse();
        final Workshop.Answer sheet =
                workshop.post("/api/fillings/sheet", "{\"recipe\":" + recipe + "}");
        final JsonNode pot = sheet.json().get("pots").get(0);
        assertThat(pot.get("takenG").asDouble()).isBetween(55.0, 60.0);
        assertThat(pot.get("leftG").asDouble())
                .isCloseTo(pot.get("takenG").asDouble(), within(1e-6));
        // Out as a text and in again it is still half.
        final Workshop.Answer out = workshop.get("/api/fillings/" + id + "/recipe.jsonld");
        assertThat(out.text()).contains("50 % of what is in Shards");
        final Workshop.Answer twice =
                workshop.post(
                        "/api/fillings/sheet",
                        "{\"recipe\":"
                                + shards("Twice", ",\"takenG\":20,\"takenPercent\":50")
                                + "}");
        assertThat(twice.status()).isEqualTo(400);
        assertThat(twice.at("/detail")).contains("grams and a share");
        final Workshop.Answer more =
                workshop.post(
                        "/api/fillings/sheet",
                        "{\"recipe\":" + shards("More", ",\"takenPercent\":140") + "}");
        assertThat(more.status()).isEqualTo(400);
        assertThat(more.at("/detail")).contains("share taken from pot 2", "140");
    }

    /** A table of fillings carries shares out, and another house reads them in. */
    @Test
    void sharesGoOutInATableAndComeIn() {
        final String id = "out-" + System.nanoTime();
        assertThat(
                        workshop.put(
                                        "/api/fillings/" + id,
                                        shards("Out " + id, ",\"takenPercent\":37.5"))
                                .status())
                .isEqualTo(200);
        final String table = workshop.get("/api/exchange/lists/fillings.csv").text();
        final String header = table.lines().findFirst().orElseThrow();
        assertThat(header).contains("operations.5.taken_percent");
        final String row =
                table.lines().filter(line -> line.startsWith(id + ",")).findFirst().orElseThrow();
        final String other = id + "-in";
        final Workshop.Answer taken =
                workshop.importInto(
                        "?list=fillings&preview=false",
                        "fillings.csv",
                        header + "\n" + row.replace(id, other) + "\n");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        final JsonNode recipe = workshop.get("/api/fillings/" + other).json().get("recipe");
        assertThat(recipe.get("operations").get(4).get("takenPercent").asDouble()).isEqualTo(37.5);
        assertThat(recipe.get("pots").get(1).asString()).isEqualTo("Shards");
        final Workshop.Answer wrong =
                workshop.importInto(
                        "?list=fillings&preview=true",
                        "fillings.csv",
                        header + "\n" + row.replace(id, other).replace("37.5", "375") + "\n");
        assertThat(wrong.text()).contains("375").contains("0.1 to 100 %");
    }

    @Test
    void theBooksKeepPotsTheirNamesAndVersions() {
        final String id = "shards-" + System.nanoTime();
        final Workshop.Answer kept =
                workshop.put("/api/fillings/" + id, shards("Shards " + id, ",\"takenG\":50"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        final JsonNode back = workshop.get("/api/fillings/" + id).json().get("recipe");
        assertThat(back.get("pots").get(1).asString()).isEqualTo("Shards");
        assertThat(back.get("operations").get(0).get("pot").asInt()).isEqualTo(1);
        final JsonNode fold = back.get("operations").get(4);
        assertThat(fold.get("fromPot").asInt()).isEqualTo(1);
        assertThat(fold.get("takenG").asDouble()).isEqualTo(50);
        assertThat(fold.get("settings").get("SIZE_MM").asDouble()).isEqualTo(3);
        final String second = shards("Shards " + id, "").replace("\"Shards\"]", "\"Praline\"]");
        final String withVersion =
                second.substring(0, second.length() - 1)
                        + ",\"version\":"
                        + back.get("version")
                        + "}";
        assertThat(workshop.put("/api/fillings/" + id, withVersion).status()).isEqualTo(200);
        final JsonNode first =
                workshop.get("/api/fillings/" + id + "/versions/1").json().get("recipe");
        assertThat(first.get("pots").get(1).asString()).isEqualTo("Shards");
        assertThat(workshop.get("/api/fillings/" + id + "/difference?from=1&to=2").text())
                .contains("with all of pot 2");
        assertThat(workshop.get("/api/fillings/" + id + "/recipe.jsonld").text())
                .contains("In Praline: caramelise")
                .contains("all of what is in Praline");
    }

    @Test
    void onlyWhatIsUsedAndAFillingOfItsOwn() {
        final String quince = on(recipe("quince-custard"));
        final Workshop.Answer used = workshop.post("/api/fillings/pots/only-used", quince);
        assertThat(used.status()).as(used.text()).isEqualTo(200);
        assertThat(used.number("/operations/0/lines/0/amount"))
                .isCloseTo(200 * 110 / 138.0, within(0.1));
        final Workshop.Answer sheet =
                workshop.post("/api/fillings/sheet", "{\"recipe\":" + used.text() + "}");
        assertThat(sheet.json().get("pots").get(0).get("leftG").asDouble()).isLessThan(0.1);
        assertThat(figure(sheet, "WATER_ACTIVITY"))
                .isCloseTo(
                        figure(workshop.post("/api/fillings/sheet", quince), "WATER_ACTIVITY"),
                        within(1e-4));
        final Workshop.Answer own =
                workshop.post("/api/fillings/pots/own", "{\"on\":" + quince + ",\"pot\":1}");
        assertThat(own.status()).as(own.text()).isEqualTo(200);
        assertThat(own.at("/name")).isEqualTo("Quince");
        assertThat(own.json().get("operations").size()).isEqualTo(1);
        assertThat(
                        workshop.post("/api/fillings/pots/own", "{\"on\":" + quince + ",\"pot\":9}")
                                .status())
                .isEqualTo(400);
        assertThat(
                        workshop.post("/api/fillings/pots/own", "{\"on\":" + quince + ",\"pot\":4}")
                                .text())
                .contains("nothing in pot 5");
    }

    @Test
    void aPlumGanacheIsMendedByBoilingDownAndKeepsItsPlums() {
        final String plum = on(recipe("plum-ganache"));
        final Workshop.Answer linesOnly =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":" + plum + ",\"ready\":\"KEEP_LONGER\",\"freed\":[0]}");
        assertThat(linesOnly.number("/recipe/operations/0/lines/0/amount")).isLessThan(180);
        assertThat(linesOnly.json().get("operationMoves").size()).isZero();
        final Workshop.Answer other =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":"
                                + plum
                                + ",\"ready\":\"KEEP_LONGER\",\"moveOperations\":true,"
                                + "\"keep\":[\"FRUIT\"]}");
        assertThat(other.status()).as(other.text()).isEqualTo(200);
        assertThat(other.json().get("outcome").asString()).as(other.text()).isEqualTo("MET");
        assertThat(other.number("/recipe/operations/0/lines/0/amount")).isEqualTo(230);
        assertThat(other.text()).contains("BOIL_DOWN").contains("all of it stays");
        assertThat(other.number("/operationMoves/0/to")).isBetween(3.0, 75.0);
        // Cooked as it is handed back it is what was promised.
        final Workshop.Answer cooked =
                workshop.post(
                        "/api/fillings/sheet", "{\"recipe\":" + other.json().get("recipe") + "}");
        assertThat(figure(cooked, "WATER_ACTIVITY"))
                .isCloseTo(figureOf(other.json().get("after"), "WATER_ACTIVITY"), within(0.003));
    }

    @Test
    void keepingTheCostIsAWish() {
        final String plum = on(recipe("plum-ganache"));
        final double cost = figure(workshop.post("/api/fillings/sheet", plum), "COST");
        final Workshop.Answer dear =
                workshop.post(
                        "/api/fillings/balance", "{\"on\":" + plum + ",\"ready\":\"KEEP_LONGER\"}");
        // Left alone it moves, whichever way the drier recipe goes.
        assertThat(Math.abs(figureOf(dear.json().get("after"), "COST") - cost)).isGreaterThan(0.1);
        final Workshop.Answer kept =
                workshop.post(
                        "/api/fillings/balance",
                        "{\"on\":" + plum + ",\"ready\":\"KEEP_LONGER\",\"keep\":[\"COST\"]}");
        assertThat(figureOf(kept.json().get("after"), "COST")).isLessThan(cost + 0.05);
    }

    @Test
    void whatCannotBeTakenIsNamed() {
        final Workshop.Answer tooMuch =
                workshop.post(
                        "/api/fillings/sheet",
                        "{\"recipe\":" + shards("Shards", ",\"takenG\":500") + "}");
        assertThat(tooMuch.status()).isEqualTo(400);
        assertThat(tooMuch.text()).contains("pot 2").contains("500");
        final String noPot = shards("Shards", "").replace("\"fromPot\":1", "\"takenG\":10");
        assertThat(workshop.post("/api/fillings/sheet", "{\"recipe\":" + noPot + "}").status())
                .isEqualTo(400);
        for (final String pot : new String[] {"-1", "6", "99999"}) {
            final String strange =
                    shards("Shards", "").replace("\"fromPot\":1", "\"fromPot\":" + pot);
            final Workshop.Answer answer =
                    workshop.post("/api/fillings/sheet", "{\"recipe\":" + strange + "}");
            assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        }
    }
}
