package palintone.server.mould;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class MouldApiTest {

    private final Workshop workshop = Workshop.shared();

    private static String mould(final String shape, final String measures) {
        return "{\"name\":\"Own\",\"shape\":\""
                + shape
                + "\","
                + measures
                + ",\"cavities\":24,\"rows\":4,\"owned\":2,\"material\":\"POLYCARBONATE\","
                + "\"build\":\"OPEN\",\"wallMm\":2,\"scratched\":false,\"lastHeld\":[]}";
    }

    private Answer trial(final String shape, final String measures) {
        return workshop.post("/api/moulds/trial", mould(shape, measures));
    }

    @Test
    void everyShapeSaysWhatItAsksAndIsDrawn() {
        final Answer shapes = workshop.get("/api/moulds/shapes");
        assertThat(shapes.json().size()).isEqualTo(9);
        for (final var shape : shapes.json()) {
            final StringBuilder measures = new StringBuilder();
            for (final var asked : shape.at("/asks")) {
                final String name =
                        switch (asked.at("/ask").asString()) {
                            case "LENGTH" -> "lengthMm";
                            case "WIDTH" -> "widthMm";
                            case "DEPTH" -> "depthMm";
                            case "FLOOR" -> "floorMm";
                            case "DRAFT" -> "draftDegrees";
                            case "WATER" -> "waterG";
                            case "WATER_WARMTH" -> "waterC";
                            default -> "outline";
                        };
                measures.append(measures.isEmpty() ? "\"" : ",\"").append(name).append("\":");
                measures.append(
                        !"outline".equals(name)
                                ? asked.at("/usual").toString()
                                : "[{\"acrossMm\":30,\"downMm\":0},{\"acrossMm\":19,\"downMm\":22},"
                                        + "{\"acrossMm\":0,\"downMm\":34}]");
            }
            final Answer drawn = trial(shape.at("/shape").asString(), measures.toString());
            assertThat(drawn.status()).as(drawn.text()).isEqualTo(200);
            assertThat(drawn.json().at("/profile").size()).isEqualTo(49);
            assertThat(drawn.number("/cavityMl")).isPositive();
            assertThat(drawn.number("/brim/value"))
                    .isCloseTo(1.25 * drawn.number("/cavityMl"), within(1e-6));
        }
    }

    @Test
    void aWeighedCavityHoldsItsWater() {
        final Answer drawn =
                trial(
                        "WEIGHED",
                        "\"waterG\":5.8,\"waterC\":20,\"lengthMm\":30,\"widthMm\":28,"
                                + "\"depthMm\":14");
        assertThat(drawn.number("/cavityMl")).isCloseTo(5.8 / 0.99821, within(1e-3));
    }

    @Test
    void whatIsMissingOrImpossibleIsNamed() {
        final Answer missing = trial("FRUSTUM", "\"lengthMm\":30,\"depthMm\":12");
        assertThat(missing.status()).isEqualTo(400);
        assertThat(missing.at("/detail"))
                .isEqualTo("diameter of the floor is missing; allowed: a number");
        final Answer crossing =
                trial(
                        "PULLED",
                        "\"depthMm\":10,\"draftDegrees\":5,\"outline\":["
                                + "{\"acrossMm\":0,\"downMm\":0},{\"acrossMm\":20,\"downMm\":20},"
                                + "{\"acrossMm\":20,\"downMm\":0},{\"acrossMm\":0,\"downMm\":20}]");
        assertThat(crossing.status()).isEqualTo(400);
        assertThat(crossing.at("/detail")).contains("crosses or touches itself");
        final Answer none =
                workshop.post(
                        "/api/moulds/trial",
                        mould("HALF_SPHERE", "\"lengthMm\":28").replace(":24,", ":0,"));
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/detail")).isEqualTo("cavities is 0; allowed: 1 to 500");
        assertThat(trial("TURNED", "\"outline\":[null]").status()).isEqualTo(400);
        final Answer nobody =
                workshop.post(
                        "/api/moulds/trial",
                        mould("HALF_SPHERE", "\"lengthMm\":28")
                                .replace("\"lastHeld\":[]", "\"lastHeld\":[null]"));
        assertThat(nobody.at("/detail")).startsWith("lastHeld 1 is missing or of another kind");
        final Answer flood =
                trial(
                        "WEIGHED",
                        "\"waterG\":20,\"waterC\":20,\"lengthMm\":30,\"widthMm\":30,"
                                + "\"depthMm\":14");
        assertThat(flood.at("/detail")).contains("water to the brim is 20 g; allowed: 2.96");
        assertThat(trial("HALF_SPHERE", "\"lengthMm\":1e308").at("/detail"))
                .isEqualTo("diameter is 1.0E308 mm; allowed: 4 to 500 mm");
        assertThat(trial("STAR", "\"lengthMm\":30").at("/detail")).contains("HALF_SPHERE");
    }

    @Test
    void aMouldIsKeptChangedPutAwayAndBroughtBack() {
        final String heart =
                mould(
                        "PULLED",
                        "\"depthMm\":12,\"draftDegrees\":8,\"outline\":["
                                + "{\"acrossMm\":0,\"downMm\":-8},{\"acrossMm\":10,\"downMm\":-15},"
                                + "{\"acrossMm\":20,\"downMm\":-4},{\"acrossMm\":0,\"downMm\":20},"
                                + "{\"acrossMm\":-20,\"downMm\":-4},"
                                + "{\"acrossMm\":-10,\"downMm\":-15}]");
        final Answer kept =
                workshop.put(
                        "/api/moulds/own-heart",
                        heart.replace("\"lastHeld\":[]", "\"lastHeld\":[\"NUTS\"]"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.json().at("/outline").size()).isEqualTo(6);
        assertThat(workshop.put("/api/moulds/own-heart", heart).status()).isEqualTo(409);
        final Answer again = workshop.get("/api/moulds/own-heart");
        assertThat(again.at("/lastHeld/0")).isEqualTo("NUTS");
        assertThat(again.number("/cavityMl")).isEqualTo(kept.number("/cavityMl"));
        final long version = (long) again.number("/version");
        final Answer away =
                workshop.put(
                        "/api/moulds/own-heart/archived",
                        "{\"archived\":true,\"version\":" + version + "}");
        assertThat(away.status()).isEqualTo(200);
        assertThat(workshop.get("/api/moulds?find=Own").number("/total")).isZero();
        assertThat(workshop.get("/api/moulds?find=Own&archived=true").number("/total"))
                .isEqualTo(1);
        assertThat(
                        workshop.put(
                                        "/api/moulds/own-heart/archived",
                                        "{\"archived\":false,\"version\":" + version + "}")
                                .status())
                .isEqualTo(409);
        final Answer back =
                workshop.put(
                        "/api/moulds/own-heart/archived",
                        "{\"archived\":false,\"version\":" + (long) away.number("/version") + "}");
        assertThat(back.at("/archived")).isEqualTo("false");
    }

    @Test
    void mouldsComeInFromAFileWithAllTheyHave() {
        final Answer taken =
                workshop.importFiles(
                        "moulds.csv",
                        "id,name,shape,length_mm,depth_mm,outline,cavities,owned,rows,material,"
                                + "last_held\n"
                                + "pear,Pears,turned,,,12:0 14:8 5:22 0:24,10,2,2,silicone,nuts\n"
                                + "coin,Coins,disc,30,4,,20,1,,,\n");
        assertThat(taken.status()).isEqualTo(400);
        assertThat(taken.at("/detail")).contains("lean of the walls is missing");
        final Answer right =
                workshop.importFiles(
                        "moulds.csv",
                        "id,name,shape,length_mm,depth_mm,outline,cavities,owned,rows,material,"
                                + "last_held\n"
                                + "pear,Pears,turned,,,12:0 14:8 5:22 0:24,10,2,2,silicone,nuts\n");
        assertThat(right.status()).as(right.text()).isEqualTo(200);
        final Answer pear = workshop.get("/api/moulds/pear");
        assertThat(pear.at("/release/answer")).isEqualTo("COMES_OUT");
        assertThat(pear.at("/lastHeld/0")).isEqualTo("NUTS");
        assertThat(pear.number("/rows")).isEqualTo(2);
    }

    /** What was cast in it stays in its seams until somebody says that it was washed. */
    @Test
    void whatWasCastInItIsSaidUntilItIsWashed() throws Exception {
        try (Workshop own = Workshop.open()) {
            final String mould = "/api/moulds/bar-21";
            assertThat(own.get(mould).json().at("/lastHeld").size()).isZero();
            final String batch = own.begin("sesame-crackle");
            final var steps = own.get("/api/batches/" + batch).json().at("/steps");
            int cast = 0;
            for (final var step : steps) {
                if ("CAST".equals(step.at("/kind").asString())) {
                    cast = step.at("/number").asInt();
                }
            }
            for (int step = 1; step <= cast; step++) {
                if (own.done(batch, step).status() >= 400) {
                    own.entry(batch, "\"kind\":\"BEGIN\",\"step\":" + step);
                    final Answer done = own.done(batch, step);
                    assertThat(done.status()).as(step + done.text()).isLessThan(400);
                }
            }
            assertThat(own.get(mould).json().at("/lastHeld").toString())
                    .contains("SESAME")
                    .contains("MILK");
            final String plain =
                    "{\"kind\":\"SOLID\",\"name\":\"Plain\",\"story\":\"Plain.\","
                            + "\"mould\":\"bar-21\",\"couverture\":\"dark-66\",\"inclusions\":[]}";
            assertThat(own.post("/api/pieces/trial", plain).text())
                    .containsPattern("These moulds last held [a-z, ]*sesame")
                    .containsPattern("These moulds last held [a-z, ]*milk");
            assertThat(own.post(mould + "/washed", "").json().at("/lastHeld").size()).isZero();
            assertThat(own.post("/api/pieces/trial", plain).text())
                    .doesNotContain("These moulds last held");
            assertThat(own.post("/api/moulds/no-such/washed", "").status()).isEqualTo(404);
        }
    }
}
