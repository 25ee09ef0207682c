package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;

class TemperBowlApiTest {

    private static final Duration SOON = Duration.ofSeconds(60);

    private final Workshop workshop = Workshop.shared();

    private String begin(final String more) {
        final String id = UUID.randomUUID().toString();
        final Workshop.Answer answer =
                workshop.post(
                        "/api/temper/bowls",
                        "{\"id\":\""
                                + id
                                + "\",\"name\":\"Dark for shells\",\"couverture\":\"dark-66\","
                                + "\"massG\":3000"
                                + more
                                + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return id;
    }

    private Workshop.Answer note(final String bowl, final String fields) {
        return workshop.post(
                "/api/temper/bowls/" + bowl + "/events",
                "{\"id\":\"" + UUID.randomUUID() + "\"," + fields + "}");
    }

    private static String pack(final String probe, final double fromS, final double... celsius) {
        final double now = Instant.now().toEpochMilli() / 1000.0;
        final StringBuilder pack = new StringBuilder("[");
        for (int i = 0; i < celsius.length; i++) {
            pack.append(i == 0 ? "" : ",")
                    .append(
                            String.format(
                                    Locale.ROOT,
                                    "{\"n\":\"%s\",\"u\":\"Cel\",\"t\":%.3f,\"v\":%.2f}",
                                    probe,
                                    now + fromS + i * 5,
                                    celsius[i]));
        }
        return pack.append("]").toString();
    }

    @Test
    void typedReadingsGetAnEstimateAndAMove() {
        final String id = begin("");
        final Workshop.Answer first = type(id, UUID.randomUUID(), 47);
        assertThat(first.number("/now/temperatureC")).isEqualTo(47);
        assertThat(first.at("/now/verdict")).isEqualTo("NONE");
        assertThat(first.json().at("/moves").size()).isPositive();
        assertThat(first.at("/moves/0/say/template")).isNotBlank();
        assertThat(type(id, UUID.randomUUID(), 400).at("/field")).isEqualTo("temperature");
    }

    private Workshop.Answer type(final String bowl, final UUID id, final double celsius) {
        return workshop.post(
                "/api/temper/bowls/" + bowl + "/readings",
                "{\"id\":\"" + id + "\",\"temperatureC\":" + celsius + "}");
    }

    /** Sent twice under one id it is there once; corrected and undone, memory follows the books. */
    @Test
    void typedReadingsAreCorrectedAndTakenBack() {
        final String id = begin("");
        final UUID first = UUID.randomUUID();
        type(id, first, 46);
        assertThat(type(id, first, 46).number("/now/readings")).isEqualTo(1);
        final UUID second = UUID.randomUUID();
        type(id, second, 14.2);
        final String path = "/api/temper/bowls/" + id + "/readings/" + second;
        final Workshop.Answer right = workshop.put(path, "{\"temperatureC\":45.9}");
        assertThat(right.number("/now/temperatureC")).isEqualTo(45.9);
        assertThat(right.json().at("/typed/0/corrected").asBoolean()).isTrue();
        final Workshop.Answer back = workshop.delete(path);
        assertThat(back.number("/now/temperatureC")).isEqualTo(46);
        assertThat(back.json().at("/typed").size()).isEqualTo(1);
        assertThat(
                        workshop.put(
                                        "/api/temper/bowls/"
                                                + id
                                                + "/readings/"
                                                + UUID.randomUUID(),
                                        "{\"temperatureC\":31}")
                                .status())
                .isEqualTo(404);
    }

    /** Six makers correct one reading they all saw: one of them is right, five look again. */
    @Test
    void ofSixCorrectionsOfOneReadingOneStands() {
        final String id = begin("");
        final UUID reading = UUID.randomUUID();
        type(id, reading, 46);
        final String path = "/api/temper/bowls/" + id + "/readings/" + reading;
        final List<Integer> answers =
                IntStream.range(0, 6)
                        .mapToObj(
                                n ->
                                        CompletableFuture.supplyAsync(
                                                () ->
                                                        workshop.put(
                                                                path,
                                                                "{\"temperatureC\":"
                                                                        + (31 + n)
                                                                        + ",\"was\":46}")))
                        .toList()
                        .stream()
                        .map(answer -> answer.join().status())
                        .sorted()
                        .toList();
        assertThat(answers).containsExactly(200, 409, 409, 409, 409, 409);
    }

    @Test
    void notesAreCorrectedAndTakenBack() {
        final String id = begin("");
        type(id, UUID.randomUUID(), 33.4);
        final double plain = workshop.get("/api/temper/bowls/" + id).number("/now/stablePercent");
        final Workshop.Answer seeded = note(id, "\"kind\":\"SEED\",\"amount\":900");
        final String seed = "/api/temper/bowls/" + id + "/events/" + seeded.at("/events/0/id");
        final String correction =
                "{\"id\":\"" + UUID.randomUUID() + "\",\"kind\":\"SEED\",\"amount\":90}";
        final Workshop.Answer right = workshop.put(seed, correction);
        assertThat(right.number("/now/massG")).isEqualTo(3090);
        assertThat(right.json().at("/events").size()).isEqualTo(1);
        assertThat(right.json().at("/events/0/corrected").asBoolean()).isTrue();
        assertThat(workshop.put(seed, correction).number("/now/massG"))
                .as("sent again")
                .isEqualTo(3090);
        assertThat(workshop.put(seed, correction.replaceFirst("[0-9a-f]{8}", "00000007")).status())
                .as("what was corrected is not corrected again")
                .isEqualTo(409);
        final Workshop.Answer back =
                workshop.delete("/api/temper/bowls/" + id + "/events/" + right.at("/events/0/id"));
        assertThat(back.number("/now/massG")).isEqualTo(3000);
        assertThat(back.number("/now/stablePercent")).isCloseTo(plain, within(1e-6));
        assertThat(note(id, "\"kind\":\"SEED\",\"amount\":5,\"timeS\":99999").at("/field"))
                .as("nothing was done tomorrow")
                .isEqualTo("time of the note");
    }

    /** Six screens correct one note at once: one of them is right, and only one amount counts. */
    @Test
    void oneOfSixCorrectionsOfANoteStands() throws Exception {
        final String id = begin("");
        type(id, UUID.randomUUID(), 35);
        final Workshop.Answer seeded = note(id, "\"kind\":\"SEED\",\"amount\":100");
        final String path = "/api/temper/bowls/" + id + "/events/" + seeded.at("/events/0/id");
        final var six = java.util.concurrent.Executors.newFixedThreadPool(6);
        try {
            final java.util.List<java.util.concurrent.Callable<Integer>> at =
                    java.util.stream.IntStream.range(0, 6)
                            .<java.util.concurrent.Callable<Integer>>mapToObj(
                                    k ->
                                            () ->
                                                    workshop.put(
                                                                    path,
                                                                    "{\"id\":\""
                                                                            + UUID.randomUUID()
                                                                            + "\",\"kind\":\"SEED\","
                                                                            + "\"amount\":"
                                                                            + (150 + k)
                                                                            + "}")
                                                            .status())
                            .toList();
            final java.util.List<Integer> answers = new java.util.ArrayList<>();
            for (final var answer : six.invokeAll(at)) {
                answers.add(answer.get());
            }
            assertThat(answers).containsExactlyInAnyOrder(200, 409, 409, 409, 409, 409);
        } finally {
            six.shutdown();
        }
        final Workshop.Answer after = workshop.get("/api/temper/bowls/" + id);
        assertThat(after.json().at("/events").size()).isEqualTo(1);
        assertThat(after.number("/now/massG")).isBetween(3150.0, 3156.0);
    }

    @Test
    void aProbeIsHeardOnceHoweverOftenItSends() {
        final String probe = "probe-" + UUID.randomUUID();
        final String id = begin(",\"probe\":\"" + probe + "\"");
        final String pack = pack(probe, 1, 46, 45.8, 45.6, 45.4);
        assertThat(workshop.post("/api/devices/senml", pack).number("/kept")).isEqualTo(4);
        final Workshop.Answer again = workshop.post("/api/devices/senml", pack);
        assertThat(again.number("/kept")).isZero();
        assertThat(again.number("/known")).isEqualTo(4);
        final Workshop.Answer bowl = workshop.get("/api/temper/bowls/" + id);
        assertThat(bowl.number("/now/temperatureC")).isEqualTo(45.4);
        assertThat(bowl.number("/now/readings")).isEqualTo(4);
        assertThat(workshop.get("/api/temper/bowls/" + id + "/chart").json().at("/timeS").size())
                .isEqualTo(4);
    }

    @Test
    void rubbishFromADeviceIsNamedAndTheRestTaken() {
        final Workshop.Answer mixed =
                workshop.post(
                        "/api/devices/senml",
                        "[{\"bn\":\"x-\",\"bu\":\"Cel\"},{\"n\":\"a\",\"v\":31},7,"
                                + "{\"n\":\"a\",\"v\":\"hot\"},{\"n\":\"a\",\"u\":\"W\",\"v\":3},"
                                + "{\"n\":\"b\",\"u\":\"K\",\"v\":304.65},{\"n\":\"a\",\"t\":\"x\"}]");
        assertThat(mixed.status()).as(mixed.text()).isEqualTo(200);
        assertThat(mixed.number("/kept")).isEqualTo(2);
        assertThat(mixed.number("/unheard")).isEqualTo(2);
        assertThat(mixed.json().at("/rejected").size()).isEqualTo(4);
        assertThat(workshop.get("/api/temper/strays").text()).contains("x-a").contains("x-b");
        for (final String rubbish : new String[] {"hello", "{}", "[[[", "\u0000\u0001"}) {
            final Workshop.Answer answer = workshop.post("/api/devices/senml", rubbish);
            assertThat(answer.status()).as(rubbish).isEqualTo(400);
            assertThat(answer.text()).doesNotContain("Exception");
        }
        // A list in which nothing is a reading is one whose readings are all refused.
        final Workshop.Answer none = workshop.post("/api/devices/senml", "[1e999]");
        assertThat(none.status()).as(none.text()).isEqualTo(200);
        assertThat(none.json().at("/rejected").size()).isEqualTo(1);
    }

    @Test
    void lateReadingsAreSortedIn() {
        final String probe = "probe-" + UUID.randomUUID();
        final String id = begin(",\"probe\":\"" + probe + "\"");
        workshop.post("/api/devices/senml", pack(probe, 100, 45, 44.9));
        workshop.post("/api/devices/senml", pack(probe, 10, 46, 45.9));
        final Workshop.Answer chart = workshop.get("/api/temper/bowls/" + id + "/chart");
        assertThat(chart.number("/celsius/0")).isEqualTo(46);
        assertThat(workshop.get("/api/temper/bowls/" + id).number("/now/temperatureC"))
                .isEqualTo(44.9);
    }

    /**
     * Melted gently it is worked where its kept crystals lie: the window drawn is the one meant.
     */
    @Test
    void theWindowOfABowlIsTheOneItsPlanWorksItIn() {
        final String gentle = begin(",\"method\":\"KEEP_TEMPER\"");
        final Workshop.Answer bowl = workshop.get("/api/temper/bowls/" + gentle);
        final Workshop.Answer usual =
                workshop.get("/api/temper/bowls/" + begin(",\"method\":\"SEED_THIRD\""));
        assertThat(bowl.number("/work/high")).isGreaterThan(usual.number("/work/high") + 0.3);
        for (final double read : new double[] {30, 31, 31.5, 32, 32.3, 32.5}) {
            type(gentle, UUID.randomUUID(), read);
        }
        workshop.post("/api/temper/bowls/" + gentle + "/end", "");
        final Workshop.Answer back = workshop.get("/api/temper/bowls/" + gentle + "/reading-back");
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(back.number("/work/high")).isEqualTo(bowl.number("/work/high"));
    }

    @Test
    void seedAndPaperTestChangeTheEstimate() {
        final String id = begin("");
        type(id, UUID.randomUUID(), 33.4);
        final double before = workshop.get("/api/temper/bowls/" + id).number("/now/stablePercent");
        final Workshop.Answer seeded = note(id, "\"kind\":\"SEED\",\"amount\":90");
        assertThat(seeded.number("/now/stablePercent")).isGreaterThan(before + 1);
        assertThat(seeded.number("/now/massG")).isEqualTo(3090);
        final Workshop.Answer tested = note(id, "\"kind\":\"PAPER_NOT_SET\",\"amount\":180");
        assertThat(tested.number("/now/stablePercent"))
                .isLessThan(seeded.number("/now/stablePercent"));
        assertThat(note(id, "\"kind\":\"SEED\",\"amount\":-2").at("/field"))
                .isEqualTo("seed stirred in");
        assertThat(seeded.json().at("/events").size()).isEqualTo(1);
    }

    @Test
    void anEndedBowlIsReadBackAndTakesNothingMore() {
        final String id = begin("");
        workshop.post("/api/temper/bowls/" + id + "/end", "");
        assertThat(note(id, "\"kind\":\"DULL\"").status()).isEqualTo(409);
        final Workshop.Answer back = workshop.get("/api/temper/bowls/" + id + "/reading-back");
        assertThat(back.status()).isEqualTo(400);
        assertThat(back.at("/field")).isEqualTo("readings");
        assertThat(workshop.get("/api/temper/bowls/" + UUID.randomUUID()).status()).isEqualTo(404);
    }

    /** The simulated probe speaks SenML over HTTP like any other; ten times faster than life. */
    @Test
    void aSimulatedBowlIsReadByItsOwnProbe() {
        final String id =
                begin(
                        ",\"simulated\":{\"pace\":20,\"startC\":47,\"noiseK\":0.05,\"dropouts\":0,"
                                + "\"skin\":0}");
        final Callable<Workshop.Answer> bowl = () -> workshop.get("/api/temper/bowls/" + id);
        final double before =
                await().atMost(SOON)
                        .until(bowl, now -> now.number("/now/readings") >= 4)
                        .number("/now/temperatureC");
        note(id, "\"kind\":\"BATH\",\"amount\":120");
        await().atMost(SOON).until(bowl, now -> now.number("/now/temperatureC") <= before - 2);
        workshop.post("/api/temper/bowls/" + id + "/end", "");
    }

    @Test
    void theDemoTracesAreReadBackWithTheirVerdicts() {
        final Workshop.Answer list = workshop.get("/api/temper/bowls?state=ENDED&size=200");
        String verdicts = "";
        for (final var item : list.json().at("/items")) {
            if (item.at("/source").asString().equals("FILE")
                    && item.at("/name").asString().contains("day")) {
                final Workshop.Answer back =
                        workshop.get(
                                "/api/temper/bowls/" + item.at("/id").asString() + "/reading-back");
                verdicts += item.at("/name").asString() + "=" + back.at("/verdict") + ";";
            }
        }
        assertThat(verdicts)
                .contains("monday cold bath=IN_TEMPER")
                .contains("wednesday rewarmed too far=LOST")
                .contains("friday never cold enough=NONE")
                .contains("saturday an hour at work=OVER");
    }
}
