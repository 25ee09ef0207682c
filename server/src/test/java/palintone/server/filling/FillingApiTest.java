package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class FillingApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();
    private final Workshop workshop = Workshop.shared();

    private JsonNode recipe(final String id) {
        return workshop.get("/api/fillings/" + id).json().get("recipe");
    }

    private static String on(final JsonNode recipe) {
        return "{\"recipe\":" + recipe + "}";
    }

    private static double figure(final Workshop.Answer sheet, final String quality) {
        return figureOf(sheet.json(), quality);
    }

    private static double figureOf(final JsonNode sheet, final String quality) {
        for (final JsonNode each : sheet.get("figures")) {
            if (each.get("quality").asString().equals(quality)) {
                return each.at("/figure/value").asDouble();
            }
        }
        throw new AssertionError("no " + quality);
    }

    @Test
    void everyDemoFillingHasAWholeSheet() {
        for (final JsonNode each : workshop.get("/api/fillings").json().get("items")) {
            final String id = each.get("id").asString();
            final Workshop.Answer sheet = workshop.post("/api/fillings/sheet", on(recipe(id)));
            assertThat(sheet.status()).as(id + sheet.text()).isEqualTo(200);
            assertThat(sheet.json().get("figures").size()).isEqualTo(18);
            assertThat(figure(sheet, "WATER_ACTIVITY")).isBetween(0.05, 0.97);
            assertThat(sheet.at("/lifeReason/template")).isNotBlank();
            System.out.printf(
                    "%-26s aw %.3f firm %.1f oil %.2f crystals %.1f life %.0f%n",
                    id,
                    figure(sheet, "WATER_ACTIVITY"),
                    figure(sheet, "FIRMNESS"),
                    figure(sheet, "OIL_SHARE"),
                    figure(sheet, "CRYSTAL_SUGAR"),
                    sheet.number("/life/value"));
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
            assertThat(read.json().get("notUnderstood").size()).as(name).isZero();
            final ObjectNode recipe = JSON.createObjectNode();
            recipe.put("name", name).put("style", type.get("style").asString()).put("version", 0);
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
            }
            final Workshop.Answer sheet = workshop.post("/api/fillings/sheet", on(recipe));
            assertThat(sheet.status()).as(name + sheet.text()).isEqualTo(200);
            // A start is a good recipe already: nothing off, nothing about to split or grain.
            for (final JsonNode each : sheet.json().get("figures")) {
                assertThat(each.at("/figure/tension").asString(""))
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
                    sheet.number("/life/value"));
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
        assertThat(answer.json().get("met").asBoolean()).as(answer.text()).isTrue();
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
                                + ",\"wishes\":[{\"quality\":\"WATER_ACTIVITY\",\"low\":0.1,"
                                + "\"high\":0.7},{\"quality\":\"SWEETNESS\",\"low\":0,\"high\":8}]}");
        assertThat(answer.json().get("met").asBoolean()).isFalse();
        assertThat(answer.text()).contains("curesAll");
        assertThat(answer.json().get("clashes").size()).isPositive();
        boolean missed = false;
        for (final JsonNode clash : answer.json().get("clashes")) {
            final double reached = clash.at("/reached/value").asDouble();
            missed |=
                    reached < clash.get("low").asDouble() || reached > clash.get("high").asDouble();
        }
        assertThat(missed).as(answer.text().substring(0, 2000)).isTrue();
    }

    @Test
    void savingKeepsVersionsAndMeasurementsMoveTheModel() {
        final ObjectNode recipe = (ObjectNode) recipe("fig-leaf-slab").deepCopy();
        recipe.put("name", "Tested slab").put("version", 0).put("note", "first");
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
        assertThat(balanced.json().get("met").asBoolean()).as(balanced.text()).isTrue();
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
    void sugarIsCookedByAltitudeAndThermometer() {
        final String pan =
                "{\"name\":\"pan\",\"version\":0,\"operations\":[{\"kind\":\"ADD\",\"lines\":[{\"ingredient\":"
                        + "\"sugar\",\"amount\":300,\"unit\":\"g\"},{\"ingredient\":\"water\",\"amount\":100,"
                        + "\"unit\":\"g\"}]}]}";
        final Workshop.Answer sea =
                workshop.post(
                        "/api/fillings/sugar", "{\"recipe\":" + pan + ",\"stage\":\"SOFT_BALL\"}");
        assertThat(sea.status()).as(sea.text()).isEqualTo(200);
        assertThat(sea.number("/read/value")).isBetween(114.0, 115.0);
        final Workshop.Answer high =
                workshop.post(
                        "/api/fillings/sugar",
                        "{\"recipe\":"
                                + pan
                                + ",\"stage\":\"SOFT_BALL\",\"altitudeM\":1600,\"boilingWaterC\":96}");
        assertThat(high.number("/offsetK")).isBetween(1.1, 1.5);
        assertThat(high.number("/read/value")).isBetween(108.0, 111.5);
        assertThat(high.number("/water/value"))
                .isBetween(sea.number("/water/value") - 1e-6, sea.number("/water/value") + 1e-6);
        final Workshop.Answer back =
                workshop.post(
                        "/api/fillings/sugar",
                        "{\"recipe\":"
                                + pan
                                + ",\"readC\":"
                                + high.number("/read/value")
                                + ",\"altitudeM\":1600,\"boilingWaterC\":96}");
        assertThat(back.at("/stage")).isEqualTo("SOFT_BALL");
    }

    @Test
    void coolingMendingAndSizesAnswer() {
        final JsonNode plum = recipe("plum-ganache");
        final Workshop.Answer cooling =
                workshop.post(
                        "/api/fillings/cooling",
                        "{\"on\":"
                                + on(plum)
                                + ",\"vessel\":\"BOWL\",\"depthMm\":60,\"roomC\":20,\"pipingC\":29}");
        assertThat(cooling.status()).as(cooling.text()).isEqualTo(200);
        assertThat(cooling.number("/toPiping/value")).isBetween(20.0, 240.0);
        assertThat(cooling.json().get("schools").size()).isEqualTo(4);
        final Workshop.Answer mend =
                workshop.post(
                        "/api/fillings/mend", "{\"on\":" + on(plum) + ",\"fault\":\"TOO_SOFT\"}");
        assertThat(mend.json().get("causes").size()).isGreaterThanOrEqualTo(2);
        assertThat(mend.number("/remedies/0/grams")).isPositive();
        assertThat(mend.json().at("/remedies/0/after/figures").size()).isEqualTo(18);
        final Workshop.Answer scaled =
                workshop.post(
                        "/api/fillings/scale",
                        "{\"on\":"
                                + on(plum)
                                + ",\"yieldG\":400,\"vesselMl\":300,\"leftoverG\":60}");
        assertThat(scaled.number("/yieldG")).isBetween(399.9, 400.1);
        assertThat(scaled.number("/rounds")).isGreaterThanOrEqualTo(2);
        assertThat(scaled.at("/leftover/useBy")).startsWith("20");
        final Workshop.Answer pieces =
                workshop.post(
                        "/api/fillings/scale",
                        "{\"on\":" + on(plum) + ",\"eachG\":4,\"pieces\":100}");
        final double surplus =
                workshop.get("/api/house").json().at("/rules/fillingSurplus").asDouble();
        assertThat(surplus).isPositive();
        assertThat(pieces.number("/yieldG")).isCloseTo(400 * (1 + surplus), within(1e-6));
        assertThat(pieces.at("/says/0/template")).contains("House rules");
        assertThat(cooling.number("/pipesFrom")).isLessThan(cooling.number("/pipesTo"));
        final Workshop.Answer meter =
                workshop.post(
                        "/api/fillings/meter",
                        "{\"shown\":0.87,\"salts\":[{\"salt\":\"SODIUM_CHLORIDE\",\"shown\":0.76,\"celsius\":20}]}");
        assertThat(meter.number("/value")).isBetween(0.86, 0.87);
    }

    @Test
    void piecesSayHowManyAreFilledAndHowTheirLayersAge() {
        final Workshop.Answer holding =
                workshop.get("/api/pieces/holding?filling=plum-ganache&grams=500");
        assertThat(holding.at("/0/id")).isEqualTo("plum-bay");
        assertThat(holding.number("/0/pieces")).isBetween(40.0, 200.0);
        assertThat(holding.number("/0/warmest/value")).isBetween(25.0, 34.0);
        final Workshop.Answer moisture =
                workshop.get("/api/pieces/sesame-crackle/moisture?barrierMm=0.3&days=90");
        assertThat(moisture.status()).as(moisture.text()).isEqualTo(200);
        final double bare = moisture.number("/daysBare/value");
        assertThat(bare).isBetween(1.0, 30.0);
        final Workshop.Answer checked =
                workshop.post(
                        "/api/pieces/sesame-crackle/bites",
                        "{\"days\":" + 2.5 * bare + ",\"crisp\":true,\"words\":\"still cracks\"}");
        assertThat(checked.number("/factor")).isLessThan(0.9);
        assertThat(checked.number("/daysBare/value")).isGreaterThan(bare);
        assertThat(workshop.get("/api/pieces/plum-bay/moisture").status()).isEqualTo(400);
    }

    @Test
    void aRecipeInNoPieceIsHeldAgainstEveryMould() {
        final JsonNode plum = recipe("plum-ganache");
        final Workshop.Answer rooms =
                workshop.post("/api/pieces/rooms", "{\"on\":" + on(plum) + "}");
        assertThat(rooms.status()).as(rooms.text()).isEqualTo(200);
        assertThat(rooms.json().size()).isGreaterThanOrEqualTo(4);
        final JsonNode half = rooms.json().get(0);
        assertThat(rooms.text()).contains("half-28");
        final double yield = figure(workshop.post("/api/fillings/sheet", on(plum)), "YIELD");
        assertThat(half.get("pieces").asInt())
                .isEqualTo((int) Math.floor(yield / half.get("eachG").asDouble()));
        // The same mould, shell and cap as the piece in the books: the same grams.
        final double inThePiece =
                workshop.get("/api/pieces/holding?filling=plum-ganache").number("/0/eachG");
        for (final JsonNode room : rooms.json()) {
            if (room.get("id").asString().equals("half-28")) {
                assertThat(room.get("eachG").asDouble()).isCloseTo(inThePiece, within(1e-9));
            }
        }
        final Workshop.Answer thick =
                workshop.post("/api/pieces/rooms", "{\"on\":" + on(plum) + ",\"shellMm\":60}");
        assertThat(thick.status()).isEqualTo(400);
    }

    @Test
    void layersAreTriedBeforeTheyAreAPiece() {
        final String both =
                "{\"mould\":\"bar-21\",\"layers\":[{\"share\":0.6,\"on\":"
                        + on(recipe("plum-ganache"))
                        + "},{\"share\":%s,\"on\":"
                        + on(recipe("sesame-crisp"))
                        + "}],\"barrierMm\":0.3,\"days\":60}";
        final Workshop.Answer tried = workshop.post("/api/pieces/moisture", both.formatted("0.4"));
        assertThat(tried.status()).as(tried.text()).isEqualTo(200);
        assertThat(tried.number("/crispLayer")).isEqualTo(1);
        assertThat(tried.number("/daysBare/value")).isBetween(0.5, 40.0);
        final Workshop.Answer tooMuch =
                workshop.post("/api/pieces/moisture", both.formatted("0.9"));
        assertThat(tooMuch.status()).isEqualTo(400);
        assertThat(tooMuch.at("/detail")).contains("shares of the layers").contains("a sum of 1");
        final Workshop.Answer one =
                workshop.post(
                        "/api/pieces/moisture",
                        "{\"mould\":\"bar-21\",\"layers\":[{\"share\":1,\"on\":"
                                + on(recipe("plum-ganache"))
                                + "}],\"barrierMm\":0.3,\"days\":60}");
        assertThat(one.at("/detail")).contains("two fillings or more");
    }

    /** A recipe's own pot, at the altitude of the House rules where none is said. */
    @Test
    void theSugarOfARecipeIsCookedAtTheHeightOfTheHouse() {
        final String caramel =
                "{\"name\":\"c\",\"version\":0,\"operations\":[{\"kind\":\"ADD\",\"lines\":["
                        + "{\"ingredient\":\"sugar\",\"amount\":300,\"unit\":\"g\"},"
                        + "{\"ingredient\":\"water\",\"amount\":100,\"unit\":\"g\"}]},"
                        + "{\"kind\":\"COOK_SUGAR\",\"settings\":{\"TEMPERATURE_C\":112}},"
                        + "{\"kind\":\"BUTTER\",\"lines\":[{\"ingredient\":\"butter\","
                        + "\"amount\":40,\"unit\":\"g\"}]}]}";
        final String ask = "{\"recipe\":" + caramel + ",\"stage\":\"SOFT_BALL\"}";
        final Workshop.Answer low = workshop.post("/api/fillings/sugar", ask);
        assertThat(low.status()).as(low.text()).isEqualTo(200);
        final Workshop.Answer pressed =
                workshop.post(
                        "/api/fillings/sugar",
                        "{\"recipe\":" + caramel + ",\"stage\":\"SOFT_BALL\",\"pressureHPa\":835}");
        assertThat(pressed.number("/read/value")).isLessThan(low.number("/read/value") - 4);
        final JsonNode rules = workshop.get("/api/house").json().get("rules");
        final ObjectNode high = (ObjectNode) rules.deepCopy();
        high.put("altitudeM", 1600);
        assertThat(workshop.put("/api/house", high.toString()).status()).isEqualTo(200);
        try {
            assertThat(workshop.post("/api/fillings/sugar", ask).number("/read/value"))
                    .isLessThan(low.number("/read/value") - 4);
            // Cooked to the same reading, less water is left up there.
            final Workshop.Answer sheet =
                    workshop.post("/api/fillings/sheet", "{\"recipe\":" + caramel + "}");
            final Workshop.Answer sea =
                    workshop.post(
                            "/api/fillings/sheet", "{\"recipe\":" + caramel + ",\"altitudeM\":0}");
            assertThat(figure(sheet, "WATER")).isLessThan(figure(sea, "WATER") - 1);
        } finally {
            final ObjectNode back = (ObjectNode) rules.deepCopy();
            back.put("version", workshop.get("/api/house").json().at("/rules/version").asLong());
            workshop.put("/api/house", back.toString());
        }
        high.put("altitudeM", 9000);
        high.put("version", workshop.get("/api/house").json().at("/rules/version").asLong());
        assertThat(workshop.put("/api/house", high.toString()).at("/detail"))
                .contains("altitude is 9000 m");
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
                                        "{\"fatG\":70,\"carbohydrateG\":50,\"sugarsG\":48,\"proteinG\":7,\"saltG\":0}")
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
        assertThat(lots.at("/0/code")).isEqualTo("K-204");
        assertThat(lots.at("/0/bestBefore")).isEqualTo("2026-12-06");
    }
}
