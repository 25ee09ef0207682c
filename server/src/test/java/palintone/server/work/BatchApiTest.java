package palintone.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class BatchApiTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void aReadingUnderTheWindowIsStatedAndTheBowlSaysWhatToDo() {
        final String batch = workshop.begin("buckwheat-honey");
        // Milk: mould, melt, cool, seed.
        for (int step = 1; step <= 3; step++) {
            workshop.done(batch, step);
        }
        final Answer noted = workshop.note(batch, 4, 27.2);
        final var note = noted.json().at("/steps/3/notes/0");
        assertThat(noted.at("/steps/3/kind")).isEqualTo("SEED");
        assertThat(note.at("/bandStatus").asString()).isEqualTo("TIGHT");
        assertThat(note.at("/advice/template").asString()).isEqualTo("{value}, {out} under.");
        assertThat(note.at("/again").asBoolean()).isFalse();
        final var bowl = workshop.get("/api/temper/bowls/" + noted.at("/bowl")).json();
        assertThat(bowl.at("/now/temperatureC").asDouble()).isEqualTo(27.2);
        assertThat(bowl.at("/moves/0/say/template").asString()).isNotBlank();
        assertThat(noted.number("/steps/3/noted")).isEqualTo(27.2);
        assertThat(noted.at("/undo/what")).isEqualTo("reading at Seed");
    }

    /** Kept in memory, and never out of date: what another server wrote is read anew. */
    @Test
    void whatAnotherServerWroteIsSeen() throws Exception {
        final String batch = workshop.begin("plum-bay");
        workshop.note(batch, 5, 44);
        try (Connection books =
                        DriverManager.getConnection(
                                workshop.db.url(), workshop.db.user(), workshop.db.password());
                Statement write = books.createStatement()) {
            write.execute(
                    "insert into batch_entry (id, batch_id, position, kind, step, at, value, text)"
                            + " values (uuid(), '%s', 1, 'NOTE', 5, utc_timestamp(6), 45, '')"
                                    .formatted(batch));
            write.execute(
                    "update batch set entries_kept = 2, version = version + 1 where id = '%s'"
                            .formatted(batch));
        }
        final Answer noted = workshop.note(batch, 5, 46);
        assertThat(noted.status()).as(noted.text()).isEqualTo(200);
        assertThat(noted.json().at("/steps/4/notes").size()).isEqualTo(3);
        assertThat(noted.number("/steps/4/notes/1/value")).isEqualTo(45);
        assertThat(noted.number("/entries")).isEqualTo(3);
    }

    /** However long the batch: a row read and held, the entry, the count, the bowl's own rows. */
    @Test
    void anEntryAsksTheDatabaseLittle() throws Exception {
        final Statistics statistics =
                workshop.bean(EntityManagerFactory.class)
                        .unwrap(SessionFactory.class)
                        .getStatistics();
        final String batch = workshop.begin("plum-bay");
        workshop.note(batch, 5, 44);
        statistics.setStatisticsEnabled(true);
        // The house goes on beside it, a simulated bowl among others: the quietest of five counts.
        long asked = Long.MAX_VALUE;
        for (int i = 0; i < 5; i++) {
            statistics.clear();
            assertThat(workshop.note(batch, 5, 45 + i).status()).isEqualTo(200);
            asked = Math.min(asked, statistics.getPrepareStatementCount());
        }
        statistics.setStatisticsEnabled(false);
        assertThat(asked).isBetween(3L, 6L);
    }

    @Test
    void whatIsReadyMayBeginBesideWhatIsUnderWay() {
        final String batch = workshop.begin("plum-bay");
        final Answer melting = workshop.entry(batch, "\"kind\":\"BEGIN\",\"step\":5");
        assertThat(melting.status()).as(melting.text()).isEqualTo(200);
        assertThat(melting.at("/steps/0/status")).isEqualTo("UNDER_WAY");
        assertThat(melting.at("/steps/4/status")).isEqualTo("UNDER_WAY");
        assertThat(melting.number("/step")).isEqualTo(5);
        assertThat(melting.at("/undo/what")).isEqualTo("beginning of Melt");
        final Answer early = workshop.done(batch, 8);
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.at("/detail")).contains("has not begun: first");
    }

    @Test
    void aFillingIsPartOfTheBatchUnlessItStandsReady() {
        final String order = "{\"id\":\"%s\",\"piece\":\"plum-bay\",\"moulds\":2%s}";
        final Answer made = workshop.post("/api/batches", order.formatted(UUID.randomUUID(), ""));
        assertThat(made.at("/steps/0/kind")).isEqualTo("WEIGH_OUT");
        assertThat(made.at("/steps/0/part")).isEqualTo("Plum ganache");
        assertThat(made.at("/steps/0/status")).isEqualTo("UNDER_WAY");
        final Answer ready =
                workshop.post(
                        "/api/batches",
                        order.formatted(
                                UUID.randomUUID(),
                                ",\"fillings\":\"READY\",\"method\":\"TABLING\""));
        assertThat(ready.at("/steps/0/kind")).isEqualTo("POLISH");
        assertThat(ready.json().at("/steps").toString()).contains("on the stone of");
    }

    /** Tempering a batch is a bowl of the Temper station: what is noted here is noted there. */
    @Test
    void theBowlOfABatchIsOneOfTheTemperStation() {
        final String batch = workshop.begin("plum-bay");
        assertThat(workshop.get("/api/batches/" + batch).at("/bowl")).isEmpty();
        final Answer melted = workshop.note(batch, 5, 46.5);
        final String bowl = melted.at("/bowl");
        assertThat(bowl).isNotBlank();
        final String path = "/api/temper/bowls/" + bowl;
        final Answer there = workshop.get(path);
        assertThat(there.at("/summary/method")).isEqualTo("SEED_THIRD");
        assertThat(there.at("/summary/name")).startsWith("Plum & bay, lot ");
        assertThat(there.number("/now/temperatureC")).isEqualTo(46.5);
        assertThat(there.at("/now/standing")).isEqualTo("THERE");
        assertThat(there.at("/moves/0/kind")).isEqualTo("SEED");

        // Corrected and taken back here, it is there too.
        final String note = melted.at("/steps/4/notes/0/id");
        workshop.entry(
                batch, "\"kind\":\"CORRECT\",\"step\":5,\"value\":47.1,\"about\":\"" + note + "\"");
        assertThat(workshop.get(path).number("/now/temperatureC")).isEqualTo(47.1);

        workshop.done(batch, 5);
        final Answer seeded = workshop.done(batch, 6);
        assertThat(seeded.at("/steps/5/kind")).isEqualTo("SEED");
        final Answer after = workshop.get(path);
        assertThat(after.at("/events/0/kind")).isEqualTo("SEED");
        assertThat(after.number("/events/0/amount")).isGreaterThan(100);
        workshop.entry(
                batch,
                "\"kind\":\"UNDO\",\"step\":6,\"about\":\"" + seeded.at("/steps/5/doneBy") + "\"");
        assertThat(workshop.get(path).json().at("/events").size()).isZero();
        workshop.entry(batch, "\"kind\":\"UNDO\",\"step\":5,\"about\":\"" + note + "\"");
        assertThat(workshop.get(path).json().at("/typed").size()).isZero();
    }

    @Test
    void aBatchMayUseABowlThatStandsInTemper() {
        final String bowl = UUID.randomUUID().toString();
        final String draft =
                "{\"id\":\"%s\",\"name\":\"Morning\",\"couverture\":\"%s\",\"massG\":3000}";
        workshop.post("/api/temper/bowls", draft.formatted(bowl, "dark-66"));
        final String order =
                "{\"id\":\"%s\",\"piece\":\"%s\",\"moulds\":2,\"fillings\":\"READY\",\"bowl\":\"%s\"}";
        final Answer batch =
                workshop.post("/api/batches", order.formatted(UUID.randomUUID(), "plum-bay", bowl));
        assertThat(batch.status()).as(batch.text()).isEqualTo(201);
        assertThat(batch.at("/bowl")).isEqualTo(bowl);
        assertThat(batch.json().at("/steps").toString())
                .doesNotContain("\"MELT\"")
                .contains("TEST");
        final Answer milk =
                workshop.post(
                        "/api/batches",
                        order.formatted(UUID.randomUUID(), "buckwheat-honey", bowl));
        assertThat(milk.status()).isEqualTo(400);
        assertThat(milk.at("/field")).isEqualTo("bowl");
        assertThat(milk.at("/allowed")).isEqualTo("a bowl of milk-41");
        final Answer nowhere =
                workshop.post(
                        "/api/batches",
                        order.formatted(UUID.randomUUID(), "plum-bay", UUID.randomUUID()));
        assertThat(nowhere.status()).isEqualTo(404);

        // What is cast is taken out of it.
        final String id = batch.at("/summary/id");
        for (int step = 1; step <= batch.json().at("/steps").size(); step++) {
            final String kind = batch.at("/steps/" + (step - 1) + "/kind");
            workshop.done(id, step);
            if (kind.equals("SCRAPE")) {
                break;
            }
        }
        final Answer taken = workshop.get("/api/temper/bowls/" + bowl);
        assertThat(taken.at("/events/0/kind")).isEqualTo("TAKEN");
        assertThat(taken.number("/events/0/amount")).isGreaterThan(50);
    }

    @Test
    void anotherBowlCanBeTakenOnTheWay() {
        final String batch = workshop.begin("plum-bay");
        final String bowl = UUID.randomUUID().toString();
        workshop.post(
                "/api/temper/bowls",
                "{\"id\":\""
                        + bowl
                        + "\",\"name\":\"Other\",\"couverture\":\"dark-66\",\"massG\":3000}");
        final Answer used =
                workshop.put("/api/batches/" + batch + "/bowl", "{\"bowl\":\"" + bowl + "\"}");
        assertThat(used.status()).as(used.text()).isEqualTo(200);
        assertThat(workshop.note(batch, 5, 46).at("/bowl")).isEqualTo(bowl);
        assertThat(workshop.get("/api/temper/bowls/" + bowl).number("/now/temperatureC"))
                .isEqualTo(46);
    }

    @Test
    void pressingBeginTwiceBeginsOneBatch() {
        final String order =
                "{\"id\":\"" + UUID.randomUUID() + "\",\"piece\":\"plum-bay\",\"pieces\":100}";
        final Answer first = workshop.post("/api/batches", order);
        final Answer second = workshop.post("/api/batches", order);
        assertThat(second.at("/summary/lot")).isEqualTo(first.at("/summary/lot"));
    }

    @Test
    void lotsBegunAtOnceGetNumbersOfTheirOwn() throws Exception {
        final ExecutorService hands = Executors.newFixedThreadPool(4);
        final List<Future<String>> begun = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            begun.add(
                    hands.submit(
                            () -> {
                                final String id = workshop.begin("gooseberry-ivory");
                                return workshop.get("/api/batches/" + id).at("/summary/lot");
                            }));
        }
        final List<String> lots = new ArrayList<>();
        for (final Future<String> each : begun) {
            lots.add(each.get(30, TimeUnit.SECONDS));
        }
        hands.shutdown();
        assertThat(lots).doesNotHaveDuplicates().hasSize(8);
    }

    @Test
    void twoScreensNotingAtOnceLoseNothing() throws Exception {
        final String batch = workshop.begin("plum-bay");
        final ExecutorService screens = Executors.newFixedThreadPool(2);
        final List<Future<List<Double>>> work = new ArrayList<>();
        for (int screen = 0; screen < 2; screen++) {
            final int base = 20 + screen * 50;
            work.add(
                    screens.submit(
                            () -> {
                                final List<Double> sent = new ArrayList<>();
                                for (int i = 0; i < 40; i++) {
                                    final double value = base + i;
                                    assertThat(workshop.note(batch, 5, value).status())
                                            .isEqualTo(200);
                                    sent.add(value);
                                }
                                return sent;
                            }));
        }
        final List<Double> sent = new ArrayList<>();
        for (final Future<List<Double>> each : work) {
            sent.addAll(each.get(60, TimeUnit.SECONDS));
        }
        screens.shutdown();
        final List<Double> kept = new ArrayList<>();
        workshop.get("/api/batches/" + batch)
                .json()
                .at("/steps/4/notes")
                .forEach(note -> kept.add(note.at("/value").asDouble()));
        assertThat(kept).containsExactlyInAnyOrderElementsOf(sent);
    }

    /** Three batches, three bowls: writers in each other's way are none of the maker's business. */
    @Test
    void threeBatchesNotedAtOnceStandInNobodysWay() throws Exception {
        final ExecutorService screens = Executors.newFixedThreadPool(3);
        final List<Future<List<Integer>>> work = new ArrayList<>();
        for (int screen = 0; screen < 3; screen++) {
            final String batch = workshop.begin("plum-bay");
            work.add(
                    screens.submit(
                            () -> {
                                final List<Integer> answers = new ArrayList<>();
                                for (int i = 0; i < 40; i++) {
                                    answers.add(workshop.note(batch, 5, 44 + i / 10.0).status());
                                }
                                return answers;
                            }));
        }
        for (final Future<List<Integer>> each : work) {
            assertThat(each.get(60, TimeUnit.SECONDS)).containsOnly(200);
        }
        screens.shutdown();
    }

    @Test
    void aStepDoneOnTheOtherScreenIsRefusedHere() {
        final String batch = workshop.begin("plum-bay");
        workshop.done(batch, 1);
        final Answer again = workshop.done(batch, 1);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.at("/detail")).isEqualTo("Step 1 (Polish) is already done.");
    }

    @Test
    void correctionsAndUndoStayOnRecord() {
        final String batch = workshop.begin("plum-bay");
        final String note = workshop.note(batch, 5, 92).at("/steps/4/notes/0/id");
        final Answer corrected =
                workshop.entry(
                        batch,
                        "\"kind\":\"CORRECT\",\"step\":5,\"value\":29.2,\"about\":\""
                                + note
                                + "\"");
        assertThat(corrected.number("/steps/4/notes/0/value")).isEqualTo(29.2);
        assertThat(corrected.json().at("/steps/4/notes/0/corrected").asBoolean()).isTrue();
        final Answer undone =
                workshop.entry(batch, "\"kind\":\"UNDO\",\"step\":5,\"about\":\"" + note + "\"");
        assertThat(undone.json().at("/steps/4/notes").size()).isZero();
        assertThat(undone.number("/entries")).isEqualTo(3);
    }

    @Test
    void impossibleEntriesAreNamedAndChangeNothing() {
        final String batch = workshop.begin("plum-bay");
        final Answer hot = workshop.note(batch, 5, 300);
        assertThat(hot.status()).isEqualTo(400);
        assertThat(hot.at("/allowed")).isEqualTo("-20 to 120 °C");
        final Answer text =
                workshop.entry(batch, "\"kind\":\"NOTE\",\"step\":5,\"value\":\"warm\"");
        assertThat(text.status()).isEqualTo(400);
        assertThat(text.at("/field")).isEqualTo("value");
        assertThat(text.at("/allowed")).isEqualTo("a number");
        final Answer none = workshop.entry(batch, "\"kind\":\"DONE\"");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/detail"))
                .isEqualTo("step is missing or of another kind; allowed: a whole number");
        final Answer half = workshop.entry(batch, "\"kind\":\"DONE\",\"step\":1.5");
        assertThat(half.status()).isEqualTo(400);
        assertThat(half.at("/detail")).contains("a whole number");
        assertThat(workshop.entry(batch, "\"kind\":\"NOTE\",\"step\":5").status()).isEqualTo(400);
        assertThat(workshop.entry(batch, "\"kind\":\"SING\",\"step\":1").status()).isEqualTo(400);
        assertThat(workshop.post("/api/batches/" + batch + "/entries", "{\"id\":").status())
                .isEqualTo(400);
        assertThat(workshop.done(UUID.randomUUID().toString(), 1).status()).isEqualTo(404);
        assertThat(workshop.get("/api/batches/" + batch).number("/entries")).isZero();
    }

    @Test
    void aSecondScreenIsToldOfAnEntry() throws Exception {
        final String batch = workshop.begin("plum-bay");
        final CompletableFuture<String> heard = new CompletableFuture<>();
        final HttpResponse<Stream<String>> line =
                HttpClient.newHttpClient()
                        .send(
                                HttpRequest.newBuilder(workshop.uri("/api/news")).build(),
                                HttpResponse.BodyHandlers.ofLines());
        final Thread listener =
                new Thread(
                        () ->
                                line.body()
                                        .filter(text -> text.contains(batch))
                                        .findFirst()
                                        .ifPresent(heard::complete));
        listener.setDaemon(true);
        listener.start();
        workshop.note(batch, 5, 29);
        assertThat(heard.get(10, TimeUnit.SECONDS)).isEqualTo("data:" + batch);
    }

    @Test
    void anActOfSeveralEntriesStandsWholeOrNotAtAll() {
        final String batch = workshop.begin("plum-bay");
        final String remark = "{\"id\":\"%s\",\"kind\":\"REMARK\",\"step\":1,\"text\":\"went on\"}";
        final String done = "{\"id\":\"%s\",\"kind\":\"DONE\",\"step\":%d}";
        final String act = "{\"entries\":[%s,%s]}";
        final String path = "/api/batches/" + batch + "/acts";
        final Answer refused =
                workshop.post(
                        path,
                        act.formatted(
                                remark.formatted(UUID.randomUUID()),
                                done.formatted(UUID.randomUUID(), 9)));
        assertThat(refused.status()).as(refused.text()).isEqualTo(409);
        assertThat(workshop.get("/api/batches/" + batch).text()).doesNotContain("went on");
        final String whole =
                act.formatted(
                        remark.formatted(UUID.randomUUID()), done.formatted(UUID.randomUUID(), 1));
        assertThat(workshop.post(path, whole).number("/entries")).isEqualTo(2);
        // Sent again after silence, it is written once.
        assertThat(workshop.post(path, whole).number("/entries")).isEqualTo(2);
        assertThat(workshop.post(path, "{\"entries\":[]}").status()).isEqualTo(400);
    }
}
