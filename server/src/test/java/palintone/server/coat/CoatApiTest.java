package palintone.server.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Dipped centres, slabs and sheets over HTTP. */
class CoatApiTest {

    private final Workshop workshop = Workshop.shared();

    private static final String BLOCK =
            "\"centre\":{\"shape\":\"BLOCK\",\"lengthMm\":25,\"widthMm\":25,\"heightMm\":12}";
    private static final String BALL = "\"centre\":{\"shape\":\"BALL\",\"massG\":12}";

    private Answer dip(final String more) {
        return workshop.post("/api/coats/dip", "{\"couverture\":\"dark-66\"," + more + "}");
    }

    @Test
    void aTrayIsDippedAndTheBowlFollowed() {
        final Answer dip = dip(BALL + ",\"centreC\":12,\"bowlG\":900,\"pieces\":60");
        assertThat(dip.status()).as(dip.text()).isEqualTo(200);
        assertThat(dip.number("/centre/value")).isCloseTo(12, within(1e-6));
        assertThat(dip.number("/coat/value")).isBetween(2.0, 8.0);
        assertThat(dip.number("/rollUntil/value")).isBetween(0.5, 10.0);
        assertThat(dip.number("/line/0/bowlG")).isEqualTo(900);
        assertThat(dip.number("/line/20/bowlC")).isLessThan(dip.number("/line/0/bowlC") - 0.5);
        assertThat(dip.text()).contains("the bowl has left its window");
        // As much as it takes: all of them can be dipped.
        final Answer enough = dip(BALL + ",\"centreC\":18,\"pieces\":30");
        assertThat(enough.number("/dipped")).isEqualTo(30);
        assertThat(enough.json().has("shallowAt")).isFalse();
        assertThat(enough.number("/all/value"))
                .isCloseTo(30 * enough.number("/coat/value"), withinPercentage(15));
    }

    /** What happens if, and what must I do to. */
    @Test
    void theTappingForAWeightIsFound() {
        final String square = BLOCK + ",\"centreC\":18";
        final double lightG = dip(square + ",\"tappedS\":6").number("/coat/value");
        final Answer found = dip(square + ",\"wantedG\":" + lightG);
        assertThat(found.json().at("/found").asBoolean()).isTrue();
        assertThat(found.number("/tapped/value")).isCloseTo(6, within(0.5));
        final Answer never = dip(square + ",\"wantedG\":0.2");
        assertThat(never.json().at("/found").asBoolean()).isFalse();
        assertThat(never.text()).contains("Tapped as long as a hand does");
    }

    @Test
    void whatGoesWrongIsSaidBeforeItDoes() {
        assertThat(dip(BLOCK + ",\"centreC\":18,\"stablePercent\":0").text())
                .contains("not in temper")
                .doesNotContain("rollUntil");
        final Answer frozen = dip(BLOCK + ",\"centreC\":-18");
        assertThat(frozen.text()).contains("swells as it warms inside its set coat");
        // Not below the dew point of the room, whatever the coat would bear.
        assertThat(frozen.number("/coldest/value")).isBetween(10.0, 12.0);
        assertThat(frozen.text()).contains("colder than the dew point");
        final Answer soft =
                dip(
                        "\"centre\":{\"shape\":\"BALL\",\"massG\":12,\"filling\":\"plum-ganache\"},"
                                + "\"centreC\":26");
        assertThat(soft.status()).as(soft.text()).isEqualTo(200);
        assertThat(soft.text()).containsAnyOf("too soft for the fork", "never firm enough");
        assertThat(dip(BALL + ",\"centreC\":15,\"pieces\":300,\"bowlG\":900").text())
                .contains("the fork no longer dives");
    }

    /** Found by trying what nobody built for. */
    @Test
    void oddBowlsAreAnswered() {
        final Answer asWarm = dip(BLOCK + ",\"centreC\":31.5,\"bowlC\":31.5");
        assertThat(asWarm.status()).as(asWarm.text()).isEqualTo(200);
        final Answer hot = dip(BLOCK + ",\"centreC\":18,\"bowlC\":45");
        assertThat(hot.text()).contains("melts the crystals it has");
        assertThat(hot.json().has("rollUntil")).isFalse();
        // Whichever way it is coated.
        for (final String way :
                new String[] {
                    "sheet\",\"lengthMm\":400,\"widthMm\":300,\"thickMm\":1,\"cut\":\"ROUNDS\","
                            + "\"acrossMm\":30",
                    "enrobe\"," + BLOCK + ",\"centreC\":18,\"beltMPerMin\":1,\"beltMm\":250"
                }) {
            final int end = way.indexOf('"');
            final Answer warm =
                    workshop.post(
                            "/api/coats/" + way.substring(0, end),
                            "{\"couverture\":\"dark-66\",\"bowlC\":45"
                                    + way.substring(end + 1)
                                    + "}");
            assertThat(warm.text()).contains("not in temper").doesNotContain("\"tunnelM\":");
            assertThat(warm.json().has("cutFrom")).isFalse();
        }
        final Answer thick = dip(BLOCK + ",\"centreC\":18,\"stablePercent\":20");
        assertThat(thick.status()).as(thick.text()).isEqualTo(200);
        assertThat(dip(BLOCK + ",\"centreC\":18,\"everyS\":600,\"pieces\":2000").text())
                .contains("the bowl itself has set");
        final Answer tiny =
                dip(
                        "\"centre\":{\"shape\":\"BLOCK\",\"lengthMm\":3,\"widthMm\":3,"
                                + "\"heightMm\":2},\"centreC\":18");
        assertThat(tiny.status()).as(tiny.text()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"centreC\":34 | no warmer than the bowl",
                "\"centreC\":15,\"bowlG\":40 | chocolate in the bowl",
                "\"centreC\":15,\"pieces\":0 | pieces to dip",
                "\"centreC\":15,\"tappedS\":-1 | tapped is -1 s; allowed: 0 to 60 s",
                "\"centreC\":15,\"wantedG\":-4 | weight of a coat",
                "\"centreC\":15,\"everyS\":0 | seconds a piece",
                "\"centreC\":15,\"underS\":900 | time under",
                "\"pieces\":5 | centreC"
            })
    void impossibleDipsAreNamed(final String what, final String words) {
        final Answer answer = dip(BLOCK + "," + what);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(words);
    }

    @Test
    void whatIsMissingOfACentreIsNamed() {
        final Answer ball = dip("\"centre\":{\"shape\":\"BALL\"},\"centreC\":15");
        assertThat(ball.status()).isEqualTo(400);
        assertThat(ball.text()).contains("weight of the centre is missing");
        assertThat(dip("\"centreC\":15").status()).isEqualTo(400);
        assertThat(
                        dip(BALL.replace("}", ",\"filling\":\"none-such\"}") + ",\"centreC\":15")
                                .status())
                .isEqualTo(404);
    }

    /** A ball of 12 g under 1.5 mm and more: 30 cm² or so; what sticks is a third of the tray. */
    @Test
    void whatIsRolledInIsWeighedAndItsAllergensSaid() {
        final Answer nuts = dip(BALL + ",\"centreC\":15,\"powder\":\"NUTS\",\"pieces\":40");
        assertThat(nuts.number("/sticks/value")).isBetween(40 * 1.2, 40 * 2.6);
        assertThat(nuts.number("/tray/value"))
                .isCloseTo(nuts.number("/sticks/value") / 0.35, within(1e-6));
        assertThat(nuts.text()).contains("usually carries nuts");
        final Answer cocoa = dip(BALL + ",\"centreC\":15,\"powder\":\"COCOA\"");
        assertThat(cocoa.number("/sticks/value")).isLessThan(nuts.number("/sticks/value") / 4);
        assertThat(dip(BALL + ",\"centreC\":15").json().has("sticks")).isFalse();
        assertThat(dip(BALL + ",\"centreC\":15,\"powder\":\"SAND\"").status()).isEqualTo(400);
    }

    @Test
    void aHeapIsPipedWhereItStands() {
        final String pipe = "{\"filling\":\"plum-ganache\",\"massG\":10,\"pipedC\":";
        final Answer warm = workshop.post("/api/coats/pipe", pipe + "34}");
        assertThat(warm.status()).as(warm.text()).isEqualTo(200);
        assertThat(warm.json().at("/stands").asBoolean()).isFalse();
        assertThat(warm.text()).contains("It runs flat");
        final double below = warm.number("/standsBelow/value");
        final Answer cool = workshop.post("/api/coats/pipe", pipe + (below - 1) + "}");
        assertThat(cool.json().at("/stands").asBoolean()).isTrue();
        assertThat(cool.number("/across/value")).isLessThan(warm.number("/across/value"));
        assertThat(cool.number("/perKilogram/value")).isEqualTo(100);
        final Answer hot = workshop.post("/api/coats/pipe", pipe + "90}");
        assertThat(hot.status()).isEqualTo(400);
        assertThat(hot.text()).contains("filling in the bag is 90 °C; allowed: 0 to 60 °C");
    }

    /** Weighed once, the nozzle gives that again, and twice in twice the time. */
    @Test
    void aNozzleIsPressedAndWeighed() {
        final String pipe =
                "{\"filling\":\"plum-ganache\",\"massG\":16,\"pipedC\":20,\"nozzle\":{"
                        + "\"openingMm\":10,\"seconds\":2,\"weighedG\":8%s}}";
        final Answer one = workshop.post("/api/coats/pipe", pipe.formatted(""));
        assertThat(one.status()).as(one.text()).isEqualTo(200);
        assertThat(one.number("/nozzle/gives/value")).isCloseTo(8, within(1e-6));
        assertThat(one.number("/nozzle/seconds/value")).isCloseTo(4, within(1e-6));
        assertThat(one.number("/nozzle/opening/value")).isCloseTo(10 * Math.sqrt(2), within(1e-6));
        assertThat(workshop.post("/api/coats/pipe", pipe.formatted(",\"intoMm\":9")).text())
                .contains("nozzle is 10.0 mm; allowed: narrower than what it goes into, 9.0 mm");
        assertThat(
                        workshop.post(
                                        "/api/coats/pipe",
                                        pipe.formatted("").replace("10,\"sec", "0,\"sec"))
                                .text())
                .contains("nozzle is 0 mm");
    }

    @Test
    void theRightPanIsFound() {
        final String pans =
                "{\"filling\":\"plum-ganache\",\"massG\":%s,\"heightMm\":12,\"pans\":["
                        + "{\"name\":\"Small\",\"lengthMm\":150,\"widthMm\":150,\"depthMm\":20},"
                        + "{\"name\":\"Round\",\"lengthMm\":220,\"depthMm\":40}]}";
        final Answer found = workshop.post("/api/coats/pans", pans.formatted("560"));
        assertThat(found.status()).as(found.text()).isEqualTo(200);
        assertThat(found.number("/nearest")).isEqualTo(1);
        assertThat(found.number("/pans/0/height/value") * 150 * 150)
                .isCloseTo(
                        found.number("/pans/1/height/value") * Math.PI * 110 * 110, within(1e-3));
        final Answer over = workshop.post("/api/coats/pans", pans.formatted("9000"));
        assertThat(over.json().at("/nearest").isNumber()).isFalse();
        assertThat(over.text()).contains("runs over");
        assertThat(
                        workshop.post(
                                        "/api/coats/pans",
                                        pans.formatted("560").replace(":220", ":0"))
                                .text())
                .contains("diameter of the pan is 0 mm; allowed: 30 to 1000 mm");
    }

    /** Belt of 250 mm, squares of 25 with 15 between: 6 rows; 1 m/min past 40 mm: 9000 an hour. */
    @Test
    void aMachineCoatsByTheHour() {
        final String machine =
                "{\"couverture\":\"dark-66\","
                        + BLOCK
                        + ",\"centreC\":18,\"beltMm\":250,\"gapMm\":15,\"beltMPerMin\":";
        final Answer slow = workshop.post("/api/coats/enrobe", machine + "1}");
        assertThat(slow.status()).as(slow.text()).isEqualTo(200);
        assertThat(slow.number("/rows/value")).isEqualTo(6);
        assertThat(slow.number("/perHour/value")).isCloseTo(9000, within(1e-6));
        assertThat(slow.number("/coats/value"))
                .isCloseTo(9000 * slow.number("/coat/value"), withinPercentage(1e-6));
        final Answer fast = workshop.post("/api/coats/enrobe", machine + "3}");
        assertThat(fast.number("/coat/value")).isGreaterThan(slow.number("/coat/value"));
        assertThat(fast.number("/tunnelM")).isGreaterThan(slow.number("/tunnelM"));
        assertThat(slow.text()).contains("carries their allergens");
        final Answer narrow =
                workshop.post(
                        "/api/coats/enrobe",
                        machine.replace(
                                        "\"lengthMm\":25,\"widthMm\":25",
                                        "\"lengthMm\":25,\"widthMm\":290")
                                + "1}");
        assertThat(narrow.status()).isEqualTo(400);
        assertThat(narrow.text()).contains("width of the belt");
        final Answer still = workshop.post("/api/coats/enrobe", machine + "0}");
        assertThat(still.text()).contains("speed of the belt is 0 m/min; allowed: 0.1 to 10 m/min");
        assertThat(
                        workshop.post("/api/coats/enrobe", machine + "1,\"stablePercent\":0}")
                                .json()
                                .has("tunnelM"))
                .isFalse();
    }

    /** 360 × 260 mm of 25 mm squares, a wire of 1 mm: 13 by 10; a rest of a fifth. */
    @Test
    void aSlabIsCut() {
        final Answer slab =
                workshop.post(
                        "/api/coats/slab",
                        "{\"lengthMm\":360,\"widthMm\":260,\"heightMm\":12,\"kerfMm\":1,"
                                + "\"pieceMm\":25,\"acrossMm\":25,\"precoatMm\":0.5}");
        assertThat(slab.status()).as(slab.text()).isEqualTo(200);
        assertThat(slab.number("/pieces")).isEqualTo(130);
        assertThat(slab.json().at("/cuts").size()).isEqualTo(130);
        assertThat(slab.number("/bound")).isGreaterThanOrEqualTo(130);
        assertThat(slab.number("/slab/value"))
                .isCloseTo(360 * 260 * 12 / 1000.0 * 1.18, within(1e-6));
        assertThat(slab.number("/yield/value"))
                .isCloseTo(100.0 * 130 * 625 / (360 * 260), within(1e-6));
        final Answer large =
                workshop.post(
                        "/api/coats/slab",
                        "{\"lengthMm\":100,\"widthMm\":100,\"heightMm\":12,"
                                + "\"pieceMm\":120,\"acrossMm\":25}");
        assertThat(large.status()).isEqualTo(400);
        assertThat(large.text()).contains("length of a piece");
    }

    @Test
    void aSheetIsCutWhileItSets() {
        final String sheet =
                "{\"couverture\":\"dark-66\",\"lengthMm\":400,\"widthMm\":300,\"thickMm\":0.8,"
                        + "\"cut\":\"ROUNDS\",\"acrossMm\":30";
        final Answer rounds = workshop.post("/api/coats/sheet", sheet + "}");
        assertThat(rounds.status()).as(rounds.text()).isEqualTo(200);
        assertThat(rounds.number("/cutFrom/value")).isLessThan(rounds.number("/cutUntil/value"));
        assertThat(rounds.number("/pieces")).isBetween(117.0, rounds.number("/bound"));
        assertThat(rounds.text()).contains("flat under a board");
        assertThat(workshop.post("/api/coats/sheet", sheet + ",\"cutAtMin\":60}").text())
                .contains("it breaks under the cutter");
        assertThat(workshop.post("/api/coats/sheet", sheet + ",\"cutAtMin\":0.5}").text())
                .contains("still wet");
        final Answer one =
                workshop.post("/api/coats/sheet", sheet.replace("ROUNDS", "RECTANGLES") + "}");
        assertThat(one.status()).isEqualTo(400);
        assertThat(one.text()).contains("the other side");
        final Answer squares =
                workshop.post(
                        "/api/coats/sheet",
                        sheet.replace("ROUNDS", "RECTANGLES") + ",\"otherMm\":30}");
        assertThat(squares.number("/pieces")).isEqualTo(130);
        // What vanishes in a warm room is said: it stays on its film, and where it does not.
        final String both = sheet.replace("ROUNDS", "BOTH") + ",\"rounds\":%s,\"stripMm\":60";
        final Answer mixed =
                workshop.post("/api/coats/sheet", both.formatted("20") + ",\"stripAcrossMm\":10}");
        assertThat(mixed.status()).as(mixed.text()).isEqualTo(200);
        assertThat(mixed.json().at("/rounds").size()).isEqualTo(20);
        assertThat(mixed.json().at("/rectangles").size())
                .isBetween(50, mixed.json().at("/bound").asInt());
        assertThat(mixed.number("/strip/value") / mixed.number("/mass/value"))
                .isCloseTo(600.0 / (400 * 300), within(1e-9));
        assertThat(workshop.post("/api/coats/sheet", both.formatted("20") + "}").at("/detail"))
                .contains("width of a strip is missing");
        assertThat(
                        workshop.post(
                                        "/api/coats/sheet",
                                        both.formatted("999") + ",\"stripAcrossMm\":10}")
                                .at("/detail"))
                .contains("rounds wanted is 999; allowed: up to the");
        final Answer warm = workshop.post("/api/coats/sheet", sheet + ",\"roomC\":26}");
        assertThat(warm.json().has("peels")).isFalse();
        assertThat(warm.text())
                .containsPattern("does not (come off its film|set) within two hours");
        assertThat(workshop.post("/api/coats/sheet", sheet.replace("0.8", "40") + "}").text())
                .contains("thickness of the sheet is 40 mm; allowed: 0.1 to 10 mm");
    }

    /** Metres out of a bag, both ways, and what to do with one gone too thin. */
    @Test
    void aLineIsDrawnOutOfABag() {
        final String path = "/api/coats/line";
        final Answer given =
                workshop.post(
                        path,
                        "{\"couverture\":\"dark-66\",\"nozzleMm\":2,\"bagG\":100,\"eachMm\":50}");
        assertThat(given.status()).as(given.text()).isEqualTo(200);
        // 3.14 mm² of 1.19 g/ml, warm as it is: a good quarter of a metre a gram.
        assertThat(given.number("/perGram/value")).isCloseTo(1 / (Math.PI * 1.193), within(0.002));
        assertThat(given.number("/outOfTheBag/value")).isCloseTo(26.7, within(0.2));
        assertThat(given.number("/pieces/value")).isBetween(528.0, 538.0);
        assertThat(given.json().at("/flat").isMissingNode()).isTrue();
        final Answer back =
                workshop.post(
                        path,
                        "{\"couverture\":\"dark-66\",\"wantedMm\":"
                                + given.number("/across/value")
                                + "}");
        assertThat(back.number("/nozzle/value")).isCloseTo(2, within(1e-6));
        final Answer thin =
                workshop.post(path, "{\"couverture\":\"dark-66\",\"nozzleMm\":2,\"bagC\":33}");
        assertThat(thin.number("/flat/value")).isBetween(0.5, 10.0);
        assertThat(thin.text()).contains("lay the bag flat into the cold");
        assertThat(workshop.post(path, "{\"couverture\":\"dark-66\"}").at("/detail"))
                .contains("opening of the bag is missing");
        assertThat(
                        workshop.post(
                                        path,
                                        "{\"couverture\":\"dark-66\",\"nozzleMm\":2,\"bagG\":-1}")
                                .at("/detail"))
                .contains("chocolate in the bag");
    }

    /** What is left over of a slab is less where another size is cut, and that is said. */
    /** Couverture slow, coating sudden. */
    @Test
    void aCoatingIsSpreadAndDippedWithoutTemper() {
        assertThat(workshop.get("/api/coats/coatings").at("/0/id")).isEqualTo("coating");
        final String sheet =
                ",\"roomC\":20,\"lengthMm\":400,\"widthMm\":300,\"thickMm\":0.8,"
                        + "\"cut\":\"ROUNDS\",\"acrossMm\":30";
        final Answer slow =
                workshop.post("/api/coats/sheet", "{\"couverture\":\"dark-66\"" + sheet + "}");
        final Answer sudden =
                workshop.post("/api/coats/sheet", "{\"couverture\":\"coating\"" + sheet + "}");
        assertThat(sudden.status()).as(sudden.text()).isEqualTo(200);
        final double leaves = sudden.number("/cutUntil/value") - sudden.number("/cutFrom/value");
        assertThat(leaves)
                .isPositive()
                .isLessThan(0.5 * (slow.number("/cutUntil/value") - slow.number("/cutFrom/value")));
        assertThat(sudden.text()).contains("wants no temper").contains("from wet to brittle");
        final Answer dip =
                workshop.post(
                        "/api/coats/dip",
                        "{\"couverture\":\"coating\"," + BALL + ",\"centreC\":18}");
        assertThat(dip.status()).as(dip.text()).isEqualTo(200);
        assertThat(dip.number("/rollUntil/value")).isPositive();
        assertThat(dip.text()).doesNotContain("not in temper").doesNotContain("test on paper");
        final Answer seeded =
                workshop.post(
                        "/api/coats/dip",
                        "{\"couverture\":\"coating\","
                                + BALL
                                + ",\"centreC\":18,\"stablePercent\":1}");
        assertThat(seeded.status()).isEqualTo(400);
        assertThat(seeded.text()).contains("a coating is not tempered");
    }

    @Test
    void aSlabSaysWhichSizeUsesItUp() {
        final Answer cut =
                workshop.post(
                        "/api/coats/slab",
                        "{\"lengthMm\":340,\"widthMm\":240,\"heightMm\":10,"
                                + "\"pieceMm\":45,\"acrossMm\":45}");
        assertThat(cut.status()).as(cut.text()).isEqualTo(200);
        assertThat(cut.text()).contains("instead: {pieces}");
    }

    /** Longer than anybody reads, and still answered in words that a screen can show. */
    @Test
    void aNumberOfThousandsOfDigitsIsRefusedLikeAnyOther() {
        final Answer refused =
                workshop.post(
                        "/api/coats/line",
                        "{\"couverture\":\"dark-66\",\"nozzleMm\":" + "9".repeat(3000) + "}");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/title")).isEqualTo("Not readable");
        assertThat(refused.at("/detail")).contains("cannot be read as JSON");
    }
}
