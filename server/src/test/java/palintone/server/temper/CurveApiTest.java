package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;

class CurveApiTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void twoMethodsStandSideBySide() {
        final Workshop.Answer answer =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"dark-66\",\"massG\":3000,"
                                + "\"methods\":[\"TABLING\",\"SEED_THIRD\"]}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.at("/0/words")).isEqualTo("tabling on the stone");
        assertThat(answer.at("/1/method")).isEqualTo("SEED_THIRD");
        assertThat(answer.at("/0/verdict")).isEqualTo("IN_TEMPER");
        assertThat(answer.json().at("/0/path/timeS").size()).isGreaterThan(50);
        assertThat(answer.json().at("/0/path/timeS").size())
                .isEqualTo(answer.json().at("/0/path/stablePercent").size());
        assertThat(answer.at("/0/phases/0/kind")).isEqualTo("MELT");
        assertThat(answer.at("/0/ready/basis/formula")).isNotBlank();
    }

    @Test
    void theSmallQuestionsAreAnsweredBothWays() {
        final Workshop.Answer there =
                workshop.post(
                        "/api/temper/answers",
                        "{\"couverture\":\"dark-66\",\"massG\":2400,\"question\":"
                                + "\"HEAT_FOR_TEMPERATURE\",\"fromC\":40,\"value\":46}");
        assertThat(there.at("/0/unit")).isEqualTo("SECOND");
        final Workshop.Answer back =
                workshop.post(
                        "/api/temper/answers",
                        "{\"couverture\":\"dark-66\",\"massG\":2400,\"question\":"
                                + "\"TEMPERATURE_AFTER_HEAT\",\"fromC\":40,\"value\":"
                                + there.number("/0/value")
                                + "}");
        assertThat(back.number("/0/value")).isBetween(45.99, 46.01);
    }

    @Test
    void whatCannotBePlannedIsNamed() {
        final Workshop.Answer none =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"dark-66\",\"massG\":3000,\"methods\":[]}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/field")).isEqualTo("methods");
        final Workshop.Answer cream =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"cream-35\",\"massG\":3000,\"methods\":[\"KETTLE\"]}");
        assertThat(cream.at("/field")).isEqualTo("couverture");
        final Workshop.Answer warm =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"dark-66\",\"massG\":3000,\"bathC\":26,"
                                + "\"methods\":[\"COLD_BATH\"]}");
        assertThat(warm.at("/field")).isEqualTo("bath temperature");
    }

    @Test
    void colourAndCoatingAndTroubles() {
        final Workshop.Answer colour =
                workshop.get("/api/temper/colour?mould=half-28&moulds=4&coats=2");
        assertThat(colour.status()).as(colour.text()).isEqualTo(200);
        assertThat(colour.number("/needed/value"))
                .isCloseTo(
                        colour.number("/colour/value") + colour.number("/cocoaButter/value"),
                        org.assertj.core.api.Assertions.within(1e-9));
        final Workshop.Answer coating =
                workshop.get(
                        "/api/temper/coating?coating=coating&coatingG=1000&chocolate=dark-66"
                                + "&chocolateG=200");
        assertThat(coating.at("/foreign/bandStatus")).isEqualTo("OFF");
        assertThat(workshop.get("/api/temper/troubles").json().size()).isGreaterThan(4);
        assertThat(workshop.get("/api/temper/colour?mould=none&moulds=4").status()).isEqualTo(404);
    }

    @Test
    void aRehearsalShowsItsTruthOnlyAtTheEnd() {
        final String acts = "{\"kind\":\"BATH\",\"amount\":100},{\"kind\":\"READ\",\"amount\":0}";
        final Workshop.Answer running = play(acts);
        assertThat(running.status()).as(running.text()).isEqualTo(200);
        assertThat(running.json().has("truth")).isFalse();
        assertThat(running.json().at("/moments/1").has("readC")).isTrue();
        final Workshop.Answer over = play(acts + ",{\"kind\":\"WORK\",\"amount\":0}");
        assertThat(over.json().at("/truth/timeS").size()).isPositive();
        assertThat(over.json().at("/score/lines").size()).isEqualTo(5);
        assertThat(play("{\"kind\":\"HEAT\",\"amount\":-3}").at("/field")).isEqualTo("heat");
        assertThat(workshop.get("/api/rehearsal/exercises").json().size()).isEqualTo(3);
    }

    private Workshop.Answer play(final String acts) {
        return workshop.post(
                "/api/rehearsal/play",
                "{\"exercise\":\"WARM_BOWL\",\"seed\":3,\"acts\":[" + acts + "]}");
    }

    @Test
    void aBowlIsMeltedByAnyHeatAndInWaterOfAnyBath() {
        final Workshop.Answer water =
                workshop.post(
                        "/api/temper/answers",
                        "{\"couverture\":\"dark-66\",\"massG\":1000,\"question\":"
                                + "\"HEAT_FOR_TEMPERATURE\",\"fromC\":20,\"value\":46,"
                                + "\"meltBy\":\"WATER_BATH\",\"meltAt\":60}");
        assertThat(water.at("/0/unit")).isEqualTo("MINUTE");
        final Workshop.Answer back =
                workshop.post(
                        "/api/temper/answers",
                        "{\"couverture\":\"dark-66\",\"massG\":1000,\"question\":"
                                + "\"TEMPERATURE_AFTER_HEAT\",\"fromC\":20,\"value\":"
                                + water.number("/0/value")
                                + ",\"meltBy\":\"WATER_BATH\",\"meltAt\":60}");
        assertThat(back.number("/0/value")).isBetween(45.99, 46.01);
        final Workshop.Answer cold =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"dark-66\",\"massG\":1000,\"methods\":[\"COLD_BATH\"],"
                                + "\"meltBy\":\"OVEN\",\"meltAt\":45}");
        assertThat(cold.status()).isEqualTo(400);
        assertThat(cold.at("/field")).isEqualTo("oven");
        final Workshop.Answer little =
                workshop.post(
                        "/api/temper/curves",
                        "{\"couverture\":\"dark-66\",\"massG\":1000,\"methods\":[\"COLD_BATH\"],"
                                + "\"bathG\":5}");
        assertThat(little.at("/field")).isEqualTo("bath water");
    }

    @Test
    void aHardBowlIsKeptOrMeltedOut() {
        final String bowl = "{\"couverture\":\"dark-66\",\"massG\":1500,\"looks\":";
        final Workshop.Answer even = workshop.post("/api/temper/hard-bowl", bowl + "\"EVEN\"}");
        assertThat(even.at("/gently/words")).contains("gentle");
        final Workshop.Answer dull = workshop.post("/api/temper/hard-bowl", bowl + "\"DULL\"}");
        assertThat(dull.json().at("/gently").isMissingNode() || dull.json().at("/gently").isNull())
                .isTrue();
        assertThat(dull.number("/anew/ready/value")).isPositive();
    }

    @Test
    void whatCameBackIsJudgedByWhatGotIntoIt() {
        final Workshop.Answer clean =
                workshop.post(
                        "/api/temper/came-back",
                        "{\"couverture\":\"dark-66\",\"massG\":800,\"meltings\":3}");
        assertThat(clean.at("/jobs/0/answer")).as(clean.text()).isEqualTo("FIT");
        final Workshop.Answer crumbs =
                workshop.post(
                        "/api/temper/came-back",
                        "{\"couverture\":\"dark-66\",\"massG\":800,\"meltings\":1,\"met\":"
                                + "[{\"filling\":\"sesame-crisp\",\"grams\":40},"
                                + "{\"ingredient\":\"cream-35\",\"grams\":30}]}");
        assertThat(crumbs.status()).as(crumbs.text()).isEqualTo(200);
        assertThat(crumbs.text()).contains("MILK", "SESAME");
        assertThat(crumbs.at("/jobs/0/answer")).isEqualTo("NOT");
        final Workshop.Answer both =
                workshop.post(
                        "/api/temper/came-back",
                        "{\"couverture\":\"dark-66\",\"massG\":800,\"meltings\":1,\"met\":"
                                + "[{\"grams\":40}]}");
        assertThat(both.at("/field")).isEqualTo("what got into it");
    }
}
