package palintone.server.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

/** The demo week over HTTP: orders in, days out, moved, pinned, begun. */
class WeekApiTest {

    private static Workshop workshop;

    @BeforeAll
    static void open() throws Exception {
        workshop = Workshop.open();
    }

    @AfterAll
    static void close() throws Exception {
        workshop.close();
    }

    private static JsonNode settled() {
        await().atMost(Duration.ofMinutes(4))
                .until(() -> !workshop.get("/api/week").at("/state").equals("SOUGHT"));
        return workshop.get("/api/week").json();
    }

    private static Instant at(final JsonNode node, final String field) {
        return Instant.parse(node.at("/" + field).asString());
    }

    @Test
    void theDemoWeekIsLaidOutAndBegun() {
        final Answer planned = workshop.post("/api/week/plan", "{}");
        assertThat(planned.status()).as(planned.text()).isEqualTo(200);
        assertThat(planned.json().at("/work").size()).isPositive();
        assertThat(planned.at("/state")).isEqualTo("SOUGHT");
        final JsonNode week = settled();
        assertThat(week.at("/state").asString()).isEqualTo("STANDS");
        assertThat(week.at("/runs").size()).isEqualTo(6);

        // Orders of one piece that lie close together are one batch, due with the first.
        for (final JsonNode run : week.at("/runs")) {
            if (run.at("/piece").asString().equals("plum-bay")) {
                assertThat(run.at("/pieces").asInt()).isEqualTo(240 + 64);
            }
        }
        nobodyTwoThingsAtOnce(week);
        assertThat(wish(week, "ON_TIME").at("/bound").asInt())
                .isLessThanOrEqualTo(wish(week, "ON_TIME").at("/value").asInt());
        moves(week);
        begins(week);
    }

    private static JsonNode wish(final JsonNode week, final String name) {
        for (final JsonNode wish : week.at("/wishes")) {
            if (wish.at("/wish").asString().equals(name)) {
                return wish;
            }
        }
        throw new AssertionError(name);
    }

    private static void nobodyTwoThingsAtOnce(final JsonNode week) {
        final Map<String, List<JsonNode>> byPerson = new HashMap<>();
        for (final JsonNode work : week.at("/work")) {
            if (work.has("person") && work.at("/minutes").asInt() > 0) {
                byPerson.computeIfAbsent(work.at("/person").asString(), p -> new ArrayList<>())
                        .add(work);
            }
            assertThat(at(work, "earliest")).isBeforeOrEqualTo(at(work, "start"));
            assertThat(at(work, "latest")).isAfterOrEqualTo(at(work, "start"));
        }
        assertThat(byPerson).isNotEmpty();
        byPerson.values()
                .forEach(
                        theirs -> {
                            for (int i = 1; i < theirs.size(); i++) {
                                assertThat(at(theirs.get(i), "start"))
                                        .isAfterOrEqualTo(at(theirs.get(i - 1), "end"));
                            }
                        });
    }

    /** What a move breaks is said before it is made; pinned, it stays where it was put. */
    private static void moves(final JsonNode week) {
        JsonNode moved = null;
        Instant later = null;
        for (final JsonNode work : week.at("/work")) {
            final Instant start = at(work, "start").plus(Duration.ofMinutes(5));
            if (work.has("person") && !at(work, "latest").isBefore(start)) {
                final Answer within = trial(work.at("/id").asString(), start);
                assertThat(within.status()).as(within.text()).isEqualTo(200);
                if (within.json().at("/breaks").size() == 0) {
                    moved = work;
                    later = start;
                    break;
                }
            }
        }
        assertThat(moved).as("something can wait five minutes").isNotNull();
        final String id = moved.at("/id").asString();
        final Answer far = trial(id, at(moved, "start").plus(Duration.ofDays(20)));
        assertThat(far.json().at("/breaks").size()).isPositive();
        assertThat(far.json().at("/breaks/0/words").asString()).isNotBlank();
        final Answer pinned =
                workshop.post(
                        "/api/week/pin", "{\"work\":\"" + id + "\",\"start\":\"" + later + "\"}");
        assertThat(pinned.status()).as(pinned.text()).isEqualTo(200);
        assertThat(workshop.post("/api/week/enough", "{}").status()).isEqualTo(200);
        JsonNode there = null;
        for (final JsonNode work : settled().at("/work")) {
            there = work.at("/id").asString().equals(id) ? work : there;
        }
        assertThat(there).isNotNull();
        assertThat(at(there, "start")).isEqualTo(later);
        assertThat(there.at("/pinned").asBoolean()).isTrue();
        assertThat(
                        workshop.post(
                                        "/api/week/pin",
                                        "{\"work\":\"nothing\",\"start\":\"" + later + "\"}")
                                .status())
                .isEqualTo(404);
    }

    private static Answer trial(final String work, final Instant start) {
        return workshop.post(
                "/api/week/trial", "{\"work\":\"" + work + "\",\"start\":\"" + start + "\"}");
    }

    private static void begins(final JsonNode week) {
        final String run = week.at("/runs/0/id").asString();
        final Answer first = workshop.post("/api/week/begin", "{\"run\":\"" + run + "\"}");
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        final Answer again = workshop.post("/api/week/begin", "{\"run\":\"" + run + "\"}");
        assertThat(again.at("/summary/id")).isEqualTo(first.at("/summary/id"));
        // What has begun stays where it is, whatever is planned anew.
        final Answer planned = workshop.post("/api/week/plan", "{}");
        assertThat(planned.status()).as(planned.text()).isEqualTo(200);
        boolean begun = false;
        for (final JsonNode work : planned.json().at("/work")) {
            begun |= work.at("/begun").asBoolean() && work.at("/run").asString().equals(run);
        }
        assertThat(begun).isTrue();
        assertThat(planned.json().at("/stale").asBoolean()).isFalse();
        more(run);
        workshop.post("/api/week/enough", "{}");
    }

    /** What is ordered after a batch has begun is a batch of its own, and not lost in that one. */
    private static void more(final String run) {
        final String piece = run.substring(0, run.indexOf('@'));
        final Instant due = Instant.ofEpochSecond(60 * Long.parseLong(run.replaceAll(".*@", "")));
        final Answer put =
                workshop.put(
                        "/api/week/orders/more",
                        "{\"name\":\"More\",\"due\":\""
                                + due.plus(Duration.ofHours(20))
                                + "\",\"lines\":[{\"piece\":\""
                                + piece
                                + "\",\"pieces\":11}]}");
        assertThat(put.status()).as(put.text()).isEqualTo(200);
        assertThat(workshop.get("/api/week").json().at("/stale").asBoolean()).isTrue();
        final Answer planned = workshop.post("/api/week/plan", "{}");
        assertThat(planned.status()).as(planned.text()).isEqualTo(200);
        assertThat(
                        planned.json()
                                .at("/runs")
                                .valueStream()
                                .filter(r -> r.at("/piece").asString().equals(piece))
                                .map(r -> r.at("/id").asString() + " " + r.at("/pieces").asInt()))
                .contains(run + "#2 11")
                .hasSize(2);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        final Answer noPiece =
                workshop.put(
                        "/api/week/orders/x",
                        "{\"name\":\"X\",\"due\":\"Saturday 9:00\",\"lines\":[{\"piece\":\"nougat\",\"pieces\":3}]}");
        assertThat(noPiece.status()).isEqualTo(400);
        assertThat(noPiece.text()).contains("nougat");
        final Answer noDay =
                workshop.put(
                        "/api/week/orders/x",
                        "{\"name\":\"X\",\"due\":\"soon\",\"lines\":[{\"piece\":\"heron\",\"pieces\":3}]}");
        assertThat(noDay.status()).isEqualTo(400);
        assertThat(noDay.text()).contains("soon").contains("Saturday 9:00");
        final Answer noLines =
                workshop.put(
                        "/api/week/orders/x",
                        "{\"name\":\"X\",\"due\":\"Saturday 9:00\",\"lines\":[]}");
        assertThat(noLines.status()).isEqualTo(400);
        final Answer hours =
                workshop.put(
                        "/api/week/people/x",
                        "{\"name\":\"X\",\"hours\":[{\"weekday\":\"MONDAY\",\"from\":\"12:00\",\"to\":\"08:00\"}]}");
        assertThat(hours.status()).isEqualTo(400);
        assertThat(hours.text()).contains("X");
        assertThat(workshop.get("/api/week/people").text()).doesNotContain("\"x\"");
        final String many =
                "{\"name\":\"Many\",\"due\":\"next Saturday 9:00\",\"lines\":[{\"piece\":\"caraway-truffle\",\"pieces\":5000}]}";
        assertThat(workshop.put("/api/week/orders/many", many).status()).isEqualTo(200);
        final Answer longer = workshop.post("/api/week/plan", "{}");
        assertThat(longer.status()).isEqualTo(400);
        assertThat(longer.text()).contains("Caraway truffle").contains("in one go");
        assertThat(workshop.delete("/api/week/orders/many").status()).isEqualTo(204);
    }

    @Test
    void anOrderIsReadAsItIsSaid() {
        final Answer read =
                workshop.post(
                        "/api/week/orders/read",
                        "{\"text\":\"24 herons, 12 of something, ready tomorrow 9:00\"}");
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.at("/lines/0/name")).isEqualTo("Heron");
        assertThat(read.json().at("/lines").size()).isEqualTo(1);
        assertThat(read.at("/unread/0/text")).isEqualTo("12 of something");
        assertThat(read.at("/due")).isNotBlank();
    }
}
