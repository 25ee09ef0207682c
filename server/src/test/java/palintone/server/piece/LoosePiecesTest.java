package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Dipped, rolled, hollow and cut pieces: in the books, planned, made, weighed back. */
class LoosePiecesTest {

    private final Workshop workshop = Workshop.shared();

    private static String dipped(final String centre, final String more) {
        return "{\"kind\":\"DIPPED\",\"name\":\"Own truffle\",\"story\":\"Ours.\","
                + "\"couverture\":\"dark-66\",\"centre\":{\"filling\":\"caraway-truffle\","
                + centre
                + "}"
                + more
                + "}";
    }

    private static final String BALL = "\"shape\":\"BALL\",\"massG\":9,\"forming\":\"ROLLED\"";

    private Answer trial(final String piece) {
        return workshop.post("/api/pieces/trial", piece);
    }

    @ParameterizedTest
    @CsvSource({"caraway-truffle", "fig-leaf-square", "caraway-pebble", "rye-bark", "heron"})
    void everyPieceOfTheSampleHouseIsDrawnWeighedAndPlanned(final String id) {
        final Answer piece = workshop.get("/api/pieces/" + id);
        assertThat(piece.status()).as(piece.text()).isEqualTo(200);
        double parts = 0;
        for (final var part : piece.json().at("/parts")) {
            parts += part.at("/value").asDouble();
        }
        assertThat(parts).isCloseTo(piece.number("/whole/value"), within(1e-9));
        assertThat(piece.json().at("/section/regions").size()).isPositive();
        assertThat(piece.json().at("/asked/name").asString()).isEqualTo(piece.at("/name"));
        // What was written down can be written down again, and is the same.
        final Answer again = trial(asked(piece));
        assertThat(again.status()).as(again.text()).isEqualTo(200);
        assertThat(again.number("/whole/value"))
                .isCloseTo(piece.number("/whole/value"), within(1e-9));
        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?pieces=24");
        assertThat(needs.status()).as(needs.text()).isEqualTo(200);
        assertThat(needs.number("/pieces")).isEqualTo(24);
        assertThat(needs.number("/steps")).isGreaterThan(5);
        assertThat(needs.json().at("/fetch").size()).isPositive();
        assertThat(needs.json().at("/allergens").toString()).contains("SOYA");
    }

    private static String asked(final Answer piece) {
        return piece.json().at("/asked").toString();
    }

    @Test
    void nothingIsMeltedForWhatIsOnlyRolled() {
        final Answer needs = workshop.get("/api/pieces/caraway-pebble/needs?pieces=40");
        assertThat(needs.number("/toMelt/value")).isZero();
        assertThat(needs.json().at("/temper").isMissingNode()).isTrue();
        assertThat(needs.json().at("/kept").size()).isZero();
        final String batch = begin("caraway-pebble", 40);
        final Answer begun = workshop.get("/api/batches/" + batch);
        assertThat(begun.json().at("/steps").toString())
                .contains("ROLL_IN")
                .doesNotContain("\"MELT\"");
        // Taken out as a file and looked at again, as a batch with a bowl is.
        final String file = workshop.get("/api/exchange/batches/" + batch + ".json").text();
        assertThat(file).doesNotContain("massG");
    }

    /** A rope cut by its length, a nut in each piece: kept, planned, fetched, led, read back. */
    @Test
    void aLogWithANutIsKeptPlannedAndLed() {
        final String centre =
                "\"shape\":\"LOG\",\"lengthMm\":40,\"widthMm\":16,\"forming\":\"ROPED\"";
        final String nut =
                ",\"coatMm\":1.3,\"on\":[{\"ingredient\":\"hazelnuts\",\"eachG\":1.1,"
                        + "\"placing\":\"SET_IN\"}]";
        final String id = kept("own-log", dipped(centre, nut).replace("Own truffle", "Own log"));
        final Answer piece = workshop.get("/api/pieces/" + id);
        assertThat(piece.at("/asked/centre/shape")).isEqualTo("LOG");
        assertThat(piece.json().at("/section/flecks").size()).isEqualTo(1);
        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?pieces=40");
        assertThat(needs.json().at("/allergens").toString()).contains("NUTS");
        assertThat(needs.json().at("/fetch").toString()).contains("Hazelnuts, roasted");
        final Answer batch = workshop.get("/api/batches/" + begin(id, 40));
        assertThat(batch.json().at("/steps").toString())
                .contains("PIPE_OUT")
                .contains("SET_IN")
                .contains("off the ropes");
        final Answer tooLong =
                trial(dipped(centre.replace("\"lengthMm\":40", "\"lengthMm\":400"), nut));
        assertThat(tooLong.status()).isEqualTo(400);
        assertThat(tooLong.at("/detail")).contains("length of the centre", "3 to 300 mm");
        final Answer round = trial(dipped(centre.replace("ROPED", "CUT"), nut));
        assertThat(round.at("/detail")).contains("a block where it is cut from a slab");
    }

    private String kept(final String id, final String piece) {
        final Answer answer = workshop.put("/api/pieces/" + id, piece);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return id;
    }

    private String begin(final String piece, final int pieces) {
        final String id = UUID.randomUUID().toString();
        final Answer answer =
                workshop.post(
                        "/api/batches",
                        "{\"id\":\"%s\",\"piece\":\"%s\",\"pieces\":%d,\"fillings\":\"READY\"}"
                                .formatted(id, piece, pieces));
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return id;
    }

    /** A workshop whose coats are a fifth heavier plans a longer tapping from then on. */
    @Test
    void whatTheBenchWeighsCorrectsTheNextDip() {
        final String piece = "weighed-truffle";
        final Answer kept =
                workshop.put(
                        "/api/pieces/" + piece,
                        dipped(BALL, ",\"coatMm\":1.9")
                                .replace("dark-66", "dark-58")
                                .replace("Own truffle", "Weighed truffle"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        final String batch = begin(piece, 40);
        final Answer before = workshop.get("/api/batches/" + batch);
        final double tapped = values(before, "DIP", "tapped");
        final double coat = amount(before, "DIP", "COAT");
        assertThat(coat).isCloseTo(kept.number("/parts/0/value"), within(1e-9));
        int weighCentres = 0;
        int weigh = 0;
        for (final var step : before.json().at("/steps")) {
            if (step.at("/kind").asString().equals("WEIGH_CENTRES")) {
                weighCentres = step.at("/number").asInt();
            }
            if (step.at("/kind").asString().equals("WEIGH")) {
                weigh = step.at("/number").asInt();
            }
        }
        for (int step = 1; step <= weigh; step++) {
            if (step == weighCentres) {
                assertThat(workshop.note(batch, step, 9.05).status()).isLessThan(300);
            }
            if (step == weigh) {
                assertThat(workshop.note(batch, step, 9.05 + 1.2 * coat).status()).isLessThan(300);
            }
            final Answer done = workshop.done(batch, step);
            assertThat(done.status()).as(step + done.text()).isLessThan(300);
        }
        final Answer weighed = workshop.get("/api/coats/weighings?couverture=dark-58");
        assertThat(weighed.json().at("/weighings").size()).isEqualTo(1);
        assertThat(weighed.number("/weighings/0/coatG")).isCloseTo(1.2 * coat, within(1e-6));
        // Half way, by logarithms, from 75 % to 90 %.
        assertThat(weighed.number("/film/value")).isCloseTo(82.2, within(0.1));
        final Answer after = workshop.get("/api/batches/" + begin(piece, 40));
        assertThat(values(after, "DIP", "tapped")).isGreaterThan(tapped);
        // Taken back, it counts no more.
        final String id = weighed.at("/weighings/0/id");
        assertThat(workshop.delete("/api/coats/weighings/" + id).status()).isEqualTo(204);
        assertThat(workshop.get("/api/coats/weighings?couverture=dark-58").number("/film/value"))
                .isCloseTo(75, within(1e-9));
    }

    private static double amount(final Answer batch, final String kind, final String what) {
        for (final var step : batch.json().at("/steps")) {
            if (step.at("/kind").asString().equals(kind)) {
                return step.at("/amounts/" + what).asDouble();
            }
        }
        throw new AssertionError("no " + kind);
    }

    private static double values(final Answer batch, final String kind, final String name) {
        for (final var step : batch.json().at("/steps")) {
            if (step.at("/kind").asString().equals(kind)) {
                for (final var value : step.at("/say/values")) {
                    if (value.at("/name").asString().equals(name)) {
                        return value.at("/value").asDouble();
                    }
                }
            }
        }
        throw new AssertionError("no step " + kind + " with " + name);
    }

    @Test
    void aWeighingByHandIsKeptAndOddOnesAreNamed() {
        final String dip =
                "\"dip\":{\"couverture\":\"dark-70\",\"centre\":{\"shape\":\"BALL\",\"massG\":10},"
                        + "\"centreC\":18,\"tappedS\":6}";
        final String path = "/api/coats/weighings";
        final double foretold =
                workshop.post(
                                "/api/coats/dip",
                                "{\"couverture\":\"dark-70\",\"centre\":{\"shape\":\"BALL\","
                                        + "\"massG\":10},\"centreC\":18,\"tappedS\":6}")
                        .number("/coat/value");
        final Answer kept =
                workshop.post(
                        path,
                        "{" + dip + ",\"centreG\":10,\"pieceG\":" + (10 + 1.3 * foretold) + "}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.number("/film/value")).isBetween(80.0, 95.0);
        assertThat(workshop.post(path, "{" + dip + ",\"centreG\":10,\"pieceG\":9}").at("/detail"))
                .contains("one piece is 9.0 g", "more than its centre");
        assertThat(workshop.post(path, "{" + dip + ",\"centreG\":10,\"pieceG\":90}").at("/detail"))
                .contains("coat of one");
        assertThat(workshop.post(path, "{" + dip + ",\"centreG\":10}").status()).isEqualTo(400);
        assertThat(
                        workshop.post(
                                        path,
                                        "{"
                                                + dip.replace(
                                                        "\"centreC\"", "\"bowlC\":45,\"centreC\"")
                                                + ",\"centreG\":10,\"pieceG\":13}")
                                .at("/detail"))
                .contains("a bowl in temper");
        assertThat(
                        workshop.post(
                                        path,
                                        "{"
                                                + dip
                                                + ",\"centreG\":10,\"pieceG\":13,"
                                                + "\"notedAt\":\"2099-01-01T00:00:00Z\"}")
                                .at("/detail"))
                .contains("no later than now");
        assertThat(workshop.delete(path + "/none").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"shape\":\"BALL\",\"forming\":\"ROLLED\" | ,\"coatMm\":1.2 | weight of the centre",
                "\"shape\":\"BALL\",\"massG\":9,\"forming\":\"CUT\" | ,\"coatMm\":1.2 | a block",
                "\"shape\":\"BLOCK\",\"massG\":9,\"forming\":\"CUT\" | ,\"coatMm\":1 | length of",
                "\"massG\":9,\"forming\":\"CUT\" | ,\"coatMm\":1.2 | shape",
                "\"shape\":\"BALL\",\"massG\":9,\"forming\":\"ROLLED\" | '' | coat",
                "\"shape\":\"BALL\",\"massG\":9,\"forming\":\"ROLLED\" | ,\"coatMm\":0.1 | 0.3 to",
                "\"shape\":\"BALL\",\"massG\":9000,\"forming\":\"ROLLED\" | ,\"coatMm\":1 | 500 g",
                "\"shape\":\"BALL\",\"massG\":9,\"forming\":\"PIPED\" | ,\"coatMm\":1,\"dippedPercent\":2 | share dipped"
            })
    void whatATruffleCannotBeIsRefusedByName(
            final String centre, final String more, final String says) {
        final Answer refused = trial(dipped(centre, more == null ? "" : more));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(says);
    }

    @Test
    void piecesWithoutAMouldAreNotCountedInMoulds() {
        final Answer refused = workshop.get("/api/pieces/caraway-truffle/needs?moulds=4");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/detail")).contains("pieces: it comes out of no mould");
        final Answer sheets = workshop.get("/api/pieces/rye-bark/needs?moulds=2");
        assertThat(sheets.number("/pieces")).isEqualTo(2 * 50.0);
        final Answer herons = workshop.get("/api/pieces/heron/needs?pieces=3");
        assertThat(herons.number("/moulds")).isEqualTo(3);
    }

    /** As a table and back: nothing of any kind is lost on the way. */
    @Test
    void theyGoOutAndComeInAsAList() {
        final String csv = workshop.get("/api/exchange/lists/pieces.csv").text();
        assertThat(csv).contains("caraway-truffle", "heron", "rye-bark", "fig-leaf-square");
        final Answer in = workshop.importInto("?into=pieces", "pieces.csv", csv);
        assertThat(in.status()).as(in.text()).isLessThan(300);
        assertThat(in.text()).doesNotContain("refused\":[{");
        assertThat(workshop.get("/api/pieces/heron").number("/asked/baseThickMm")).isEqualTo(5);
        assertThat(workshop.get("/api/pieces/fig-leaf-square").number("/asked/centre/bottomMm"))
                .isEqualTo(0.5);
    }

    /** As a record out of the house and back into it, whatever it was made with. */
    @ParameterizedTest
    @CsvSource({"caraway-truffle", "fig-leaf-square", "caraway-pebble", "rye-bark", "heron"})
    void aBatchOfItGoesOutAndComesIn(final String piece) {
        final String file =
                workshop.get("/api/exchange/batches/" + begin(piece, 12) + ".json").text();
        final Answer in = workshop.importFiles("batch-of-it.json", file);
        assertThat(in.status()).as(in.text()).isLessThan(300);
        assertThat(in.number("/0/same")).as(in.text()).isEqualTo(1);
    }

    /** A ring has its hole from the form to the drawing, and no hole where there is no round. */
    @Test
    void aRingIsKept() {
        final String ring =
                "{\"kind\":\"SHEET\",\"name\":\"Ring\",\"story\":\"Ours.\","
                        + "\"couverture\":\"dark-66\",\"thickMm\":1,\"lengthMm\":300,"
                        + "\"widthMm\":200,\"roundMm\":50,\"holeMm\":%s}";
        final Answer drawn = trial(ring.formatted("30"));
        assertThat(drawn.status()).as(drawn.text()).isEqualTo(200);
        assertThat(drawn.number("/asked/holeMm")).isEqualTo(30);
        assertThat(trial(ring.formatted("49")).at("/detail")).contains("hole of a ring");
        assertThat(trial(ring.formatted("null")).number("/whole/value"))
                .isGreaterThan(drawn.number("/whole/value"));
    }

    @Test
    void stripsAreCutBesideRounds() {
        final String both =
                "{\"kind\":\"SHEET\",\"name\":\"Rounds and strips\",\"story\":\"Ours.\","
                        + "\"couverture\":\"dark-66\",\"thickMm\":1,\"lengthMm\":400,"
                        + "\"widthMm\":300,\"roundMm\":30,\"besideRounds\":%s,\"stripMm\":60,"
                        + "\"stripAcrossMm\":%s}";
        final Answer drawn = trial(both.formatted("24", "10"));
        assertThat(drawn.status()).as(drawn.text()).isEqualTo(200);
        assertThat(drawn.number("/perSheet")).isEqualTo(24);
        assertThat(drawn.text()).contains("strips of {long} by {wide}");
        assertThat(trial(both.formatted("24", "null")).at("/detail"))
                .contains("width of a strip is missing");
        assertThat(trial(both.formatted("9999", "10")).at("/detail")).contains("rounds wanted");
        final String id = kept("rounds-and-strips", both.formatted("24", "10"));
        assertThat(workshop.get("/api/batches/" + begin(id, 48)).text())
                .contains("The long straight cuts first");
        assertThat(workshop.get("/api/pieces/" + id).number("/asked/stripMm")).isEqualTo(60);
    }

    @Test
    void aSheetOfTwoColoursIsKeptAndWantsASecondBowl() {
        final String sheet =
                "{\"kind\":\"SHEET\",\"name\":\"Two bark\",\"story\":\"Ours.\","
                        + "\"couverture\":\"dark-66\",\"thickMm\":1,\"lengthMm\":300,"
                        + "\"widthMm\":200,\"plateLengthMm\":60,\"plateWidthMm\":40,"
                        + "\"secondCouverture\":%s,\"secondPercent\":%s,\"secondPattern\":%s}";
        final Answer two = trial(sheet.formatted("\"milk-41\"", "25", "\"MARBLED\""));
        assertThat(two.status()).as(two.text()).isEqualTo(200);
        assertThat(two.number("/asked/secondPercent")).isEqualTo(25);
        assertThat(two.at("/asked/secondPattern")).isEqualTo("MARBLED");
        assertThat(two.number("/parts/1/value"))
                .isCloseTo(two.number("/parts/0/value") / 3, withinPercentage(10));
        assertThat(trial(sheet.formatted("\"milk-41\"", "null", "null")).at("/asked/secondPattern"))
                .isEqualTo("LINES");
        assertThat(trial(sheet.formatted("\"dark-66\"", "25", "null")).at("/detail"))
                .contains("another couverture");
        assertThat(trial(sheet.formatted("\"coating\"", "25", "null")).at("/detail"))
                .contains("second colour");
        assertThat(trial(sheet.formatted("\"no-such\"", "25", "null")).at("/detail"))
                .contains("no-such");
        assertThat(trial(sheet.formatted("\"milk-41\"", "95", "null")).at("/detail"))
                .contains("share of the second colour");
        final Answer batch =
                workshop.get(
                        "/api/batches/"
                                + begin(
                                        kept(
                                                "two-bark",
                                                sheet.formatted("\"milk-41\"", "25", "\"LINES\"")),
                                        10));
        assertThat(batch.text()).contains("SECOND_BOWL").contains("PATTERN");
    }

    /** Outside and below of another couverture: kept, drawn, two bowls, refused by name. */
    @Test
    void aFigureHasAnOuterCoatAndABaseOfAnother() {
        final String figure =
                "{\"kind\":\"HOLLOW\",\"name\":\"Pale heron\",\"story\":\"Ours.\","
                        + "\"mould\":\"heron\",\"couverture\":\"dark-66\",\"shellMm\":4,"
                        + "\"parts\":2,\"joining\":\"WARM_PLATE\",\"baseAcrossMm\":70,"
                        + "\"baseThickMm\":5,\"baseStanding\":\"GLUED\","
                        + "\"secondCouverture\":%s,\"outerMm\":%s,\"baseOfSecond\":true}";
        final Answer two = trial(figure.formatted("\"milk-41\"", "1.5"));
        assertThat(two.status()).as(two.text()).isEqualTo(200);
        assertThat(two.at("/section/regions/0/of")).isEqualTo("MILK");
        assertThat(two.at("/asked/baseStanding")).isEqualTo("GLUED");
        assertThat(two.json().at("/asked/baseOfSecond").asBoolean()).isTrue();
        assertThat(trial(figure.formatted("\"dark-66\"", "1.5")).at("/detail"))
                .contains("another couverture");
        assertThat(trial(figure.formatted("\"milk-41\"", "3.9")).at("/detail"))
                .isEqualTo("outer coat is 3.9 mm; allowed: 0.5 to 3.5 mm");
        assertThat(trial(figure.formatted("\"no-such\"", "1")).at("/detail")).contains("no-such");
        final String id = kept("pale-heron", figure.formatted("\"milk-41\"", "1.5"));
        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?pieces=2");
        assertThat(needs.text()).contains("for the second bowl").contains("milk");
        final Answer batch = workshop.get("/api/batches/" + begin(id, 2));
        assertThat(batch.text()).contains("OUTER_COAT").contains("Glue on");
        final String csv = workshop.get("/api/exchange/lists/pieces.csv").text();
        final Answer in = workshop.importInto("?into=pieces", "pieces.csv", csv);
        assertThat(in.status()).as(in.text()).isLessThan(300);
        final Answer again = workshop.get("/api/pieces/" + id);
        assertThat(again.number("/asked/outerMm")).isEqualTo(1.5);
        assertThat(again.at("/asked/secondCouverture")).isEqualTo("milk-41");
    }

    /**
     * What a piece wears is no part of its own row: the sheet is changed, and the piece with it.
     */
    @Test
    void aPlateWeighsWhatItsSheetNowIs() {
        final String sheet =
                "{\"kind\":\"SHEET\",\"name\":\"Plain plates\",\"story\":\"Ours.\","
                        + "\"couverture\":\"milk-41\",\"thickMm\":%d,\"lengthMm\":300,"
                        + "\"widthMm\":200,\"plateLengthMm\":20,\"plateWidthMm\":15%s}";
        kept("plain-plates", sheet.formatted(1, ""));
        final String worn =
                kept(
                        "plated-ball",
                        "{\"kind\":\"DIPPED\",\"name\":\"Plated ball\",\"story\":\"Ours.\","
                                + "\"couverture\":\"dark-66\",\"coatMm\":1.2,"
                                + "\"plate\":\"plain-plates\",\"centre\":{\"filling\":"
                                + "\"caraway-truffle\",\"shape\":\"BALL\",\"massG\":9,"
                                + "\"forming\":\"ROLLED\"}}");
        final String needs = "/api/pieces/" + worn + "/needs?pieces=40";
        final double before = workshop.get(needs).number("/inclusions/0/eachG");
        assertThat(before).isPositive();
        final int version = (int) workshop.get("/api/pieces/plain-plates").number("/version");
        kept("plain-plates", sheet.formatted(2, ",\"version\":" + version));
        assertThat(workshop.get(needs).number("/inclusions/0/eachG"))
                .isCloseTo(2 * before, withinPercentage(0.1));
    }

    @Test
    void aPartIsDippedAgainInAnotherCouverture() {
        final String ball =
                "{\"kind\":\"DIPPED\",\"name\":\"Half-moon\",\"story\":\"Ours.\","
                        + "\"couverture\":\"milk-41\",\"coatMm\":1.2,\"centre\":{\"filling\":"
                        + "\"caraway-truffle\",\"shape\":\"BALL\",\"massG\":9,\"forming\":"
                        + "\"ROLLED\"},\"secondCouverture\":%s,\"secondMm\":%s,"
                        + "\"secondEnd\":%s}";
        final Answer two = trial(ball.formatted("\"dark-66\"", "1.1", "\"TOP\""));
        assertThat(two.at("/asked/secondEnd")).isEqualTo("TOP");
        assertThat(two.number("/asked/secondPercent")).isEqualTo(50);
        assertThat(two.at("/section/regions/0/of")).isEqualTo("DARK");
        assertThat(trial(ball.formatted("\"dark-66\"", "null", "null")).at("/asked/secondEnd"))
                .isEqualTo("BELOW");
        assertThat(trial(ball.formatted("\"milk-41\"", "1", "null")).at("/detail"))
                .contains("another couverture");
        assertThat(trial(ball.formatted("\"cream-35\"", "1", "null")).at("/detail"))
                .contains("second couverture");
        assertThat(trial(ball.formatted("\"dark-66\"", "9", "null")).at("/detail"))
                .contains("second coat");
        final String id = kept("half-moon-two", ball.formatted("\"dark-66\"", "1.1", "\"BELOW\""));
        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?pieces=40");
        assertThat(needs.at("/cap/couverture")).isEqualTo("House dark 66");
        assertThat(workshop.get("/api/batches/" + begin(id, 40)).text())
                .contains("SECOND_BOWL")
                .contains("DIP_AGAIN");
    }

    @Test
    void filledHalvesAreKeptAndJoined() {
        final String egg =
                "{\"kind\":\"MOULDED\",\"name\":\"Ball of halves\",\"story\":\"Ours.\","
                        + "\"mould\":\"half-28\",\"couverture\":\"dark-66\",\"shellMm\":1.6,"
                        + "\"headRoomMm\":1.8,\"joined\":%s,"
                        + "\"layers\":[{\"filling\":\"plum-ganache\"}]}";
        final Answer half = trial(egg.formatted("null"));
        final Answer whole = trial(egg.formatted("\"WARM_PLATE\""));
        assertThat(whole.status()).as(whole.text()).isEqualTo(200);
        assertThat(whole.number("/whole/value"))
                .isCloseTo(2 * half.number("/whole/value"), within(1e-6));
        assertThat(whole.number("/cavitiesPerMould"))
                .isEqualTo(half.number("/cavitiesPerMould") / 2);
        assertThat(trial(egg.formatted("\"CLOSED_MOULD\"")).at("/detail"))
                .contains("how the halves are joined");
        assertThat(trial(egg.formatted("\"GLUED\"")).status()).isEqualTo(400);
        final Answer batch =
                workshop.get(
                        "/api/batches/"
                                + begin(kept("plum-ball", egg.formatted("\"CHOCOLATE\"")), 8));
        assertThat(batch.text()).contains("JOIN").contains("each half");
    }
}
