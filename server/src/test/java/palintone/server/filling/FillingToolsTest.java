package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static palintone.server.filling.Sheets.figure;
import static palintone.server.filling.Sheets.on;
import static palintone.server.filling.Sheets.recipe;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What stands beside the recipe: sugar, cooling, mending, sizes, moulds and layers. */
class FillingToolsTest {

    private final Workshop workshop = Workshop.shared();

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
        // From thread on, every stage has its drop; clear sugar has its colour.
        assertThat(sea.at("/drops/0/stage")).isEqualTo("THREAD");
        assertThat(sea.at("/drops/1/feel")).isEqualTo("flattens between the fingers");
        assertThat(sea.at("/drops/7/colourWords")).isEqualTo("amber");
        assertThat(
                        workshop.post(
                                        "/api/fillings/sugar",
                                        "{\"recipe\":"
                                                + pan.replace("\"water\"", "\"cream-35\"")
                                                + ",\"stage\":\"SOFT_BALL\"}")
                                .at("/drops/7/colour"))
                .isEmpty();
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
        assertThat(cooling.json().get("practices").size()).isEqualTo(4);
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
                                + ",\"yieldG\":400,\"panMl\":300,\"blenderMl\":300,\"leftoverG\":60}");
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
        // A dipped piece holds its filling too: as many centres as there is filling for.
        final Workshop.Answer dipped =
                workshop.get("/api/pieces/holding?filling=caraway-truffle&grams=500");
        assertThat(dipped.text()).contains("caraway-truffle").contains("\"cavitiesPerMould\":0");
        assertThat(dipped.number("/0/pieces"))
                .isEqualTo(Math.floor(500 / dipped.number("/0/eachG")));
        assertThat(dipped.json().at("/0/warmest").isMissingNode()).isTrue();
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
        final JsonNode same =
                rooms.json()
                        .valueStream()
                        .filter(room -> room.get("id").asString().equals("half-28"))
                        .findFirst()
                        .orElseThrow();
        assertThat(same.get("eachG").asDouble()).isCloseTo(inThePiece, within(1e-9));
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

    /** Weighed in the end: the share that explains it makes the recipe come to just that. */
    @Test
    void whatWasWeighedInTheEndTeachesAShare() {
        final JsonNode custard = recipe("gooseberry-ganache");
        final Workshop.Answer first =
                workshop.post(
                        "/api/fillings/yield", "{\"on\":" + on(custard) + ",\"weighedG\":600}");
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        final double reckoned = first.number("/reckoned/value");
        final Workshop.Answer less =
                workshop.post(
                        "/api/fillings/yield",
                        "{\"on\":" + on(custard) + ",\"weighedG\":" + reckoned * 0.97 + "}");
        assertThat(less.json().at("/shares").size()).isPositive();
        final Workshop.Answer again =
                workshop.post(
                        "/api/fillings/yield",
                        "{\"on\":" + on(less.json().at("/shares/0/recipe")) + ",\"weighedG\":600}");
        assertThat(again.number("/reckoned/value")).isCloseTo(reckoned * 0.97, within(0.01));
        final Workshop.Answer none =
                workshop.post("/api/fillings/yield", "{\"on\":" + on(custard) + ",\"weighedG\":0}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/field")).isEqualTo("weighed in the end");
    }
}
