package palintone.server.books;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.PrivateMariaDb;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

/**
 * Batches kept when work was one list of steps: finished, given up and under way, with undo and
 * corrections in them, they read as they did, and those under way go on.
 */
class OldBatchesTest {

    private static final Instant BEGAN = Instant.parse("2026-10-05T08:00:00Z");
    private static final String[] KINDS = {
        "COLOUR",
        "MOULD",
        "MELT",
        "COOL",
        "SEED",
        "TEST",
        "CAST",
        "WAIT",
        "DRAIN",
        "SCRAPE",
        "SET",
        "CHILL",
        "FILL",
        "LEVEL",
        "TEMPER_AGAIN",
        "CAP",
        "CHILL_CAP",
        "DEMOULD",
        "WEIGH"
    };

    /** What a batch said before, by the rules of then: one step after the other. */
    private static final class Old {
        private final UUID id = UUID.randomUUID();
        private final List<Instant> done = new ArrayList<>();
        private final List<List<Double>> notes = new ArrayList<>();
        private String state = "RUNNING";

        private Old() {
            for (int i = 0; i < KINDS.length; i++) {
                notes.add(new ArrayList<>());
            }
        }
    }

    /** The schema when batches were first kept, and the last before tasks. */
    @ParameterizedTest
    @CsvSource({"2, 25", "8, 100"})
    void theyReadAsTheyDid(final String schema, final int count) throws Exception {
        final PrivateMariaDb db = PrivateMariaDb.start();
        Flyway.configure()
                .dataSource(db.url(), db.user(), db.password())
                .target(schema)
                .load()
                .migrate();
        final Random random = new Random(Long.parseLong(schema));
        final List<Old> batches = new ArrayList<>();
        try (Connection books = DriverManager.getConnection(db.url(), db.user(), db.password())) {
            for (int i = 0; i < count; i++) {
                batches.add(kept(books, random, i));
            }
        }
        try (Workshop workshop = Workshop.on(db)) {
            for (final Old old : batches) {
                final Answer now = workshop.get("/api/batches/" + old.id);
                assertThat(now.status()).as(now.text()).isEqualTo(200);
                same(old, now);
                if (old.state.equals("RUNNING")) {
                    final int step = old.done.size() + 1;
                    final Answer on = workshop.done(old.id.toString(), step);
                    assertThat(on.status()).as(on.text()).isEqualTo(200);
                    assertThat(on.at("/steps/" + (step - 1) + "/status")).isEqualTo("DONE");
                }
            }
        }
    }

    private static void same(final Old old, final Answer now) {
        assertThat(now.at("/summary/state")).isEqualTo(old.state);
        assertThat(now.json().at("/steps").size()).isEqualTo(KINDS.length);
        if (old.state.equals("RUNNING")) {
            assertThat(now.number("/step")).isEqualTo(old.done.size() + 1);
        }
        assertThat(now.at("/steps/14/title")).isEqualTo("Temper again");
        assertThat(now.at("/steps/16/title")).isEqualTo("Chill");
        for (int i = 0; i < KINDS.length; i++) {
            final JsonNode step = now.json().at("/steps/" + i);
            assertThat(step.at("/kind").asString()).isEqualTo(KINDS[i]);
            final List<Double> notes = new ArrayList<>();
            step.at("/notes").forEach(n -> notes.add(n.at("/value").asDouble()));
            assertThat(notes).isEqualTo(old.notes.get(i));
            if (i < old.done.size()) {
                final Instant from = i == 0 ? BEGAN : old.done.get(i - 1);
                assertThat(step.at("/tookS").asDouble())
                        .isCloseTo(
                                old.done.get(i).getEpochSecond() - from.getEpochSecond(),
                                within(1e-9));
                assertThat(step.at("/begunAt").asString()).isEqualTo(from.toString());
            } else {
                assertThat(step.has("tookS")).isFalse();
            }
        }
        // A planned thickness, then a column of the batch, is still what a weight is read by.
        assertThat(now.number("/steps/9/amounts/SHELL")).isEqualTo(1.6);
        old.notes.get(9).stream()
                .filter(g -> g > 80)
                .findFirst()
                .ifPresent(
                        heavy ->
                                assertThat(now.json().at("/steps/9/notes").toString())
                                        .contains("{mm} thick"));
    }

    private static Old kept(final Connection books, final Random random, final int number)
            throws SQLException {
        final Old old = new Old();
        final List<Object[]> entries = new ArrayList<>();
        Instant at = BEGAN;
        UUID lastDone = null;
        final int acts = random.nextInt(60);
        for (int i = 0; i < acts && old.state.equals("RUNNING"); i++) {
            at = at.plusSeconds(1 + random.nextInt(400));
            final int step = old.done.size() + 1;
            final UUID id = UUID.randomUUID();
            final int what = random.nextInt(10);
            if (what < 3) {
                final double value = 20 + random.nextInt(700) / 10.0;
                entries.add(entry(id, "NOTE", step, at, value, null));
                old.notes.get(step - 1).add(value);
                if (random.nextInt(4) == 0) {
                    final double right = 20 + random.nextInt(700) / 10.0;
                    entries.add(entry(UUID.randomUUID(), "CORRECT", step, at, right, id));
                    final List<Double> notes = old.notes.get(step - 1);
                    notes.set(notes.size() - 1, right);
                }
            } else if (what == 3 && lastDone != null) {
                entries.add(entry(id, "UNDO", old.done.size(), at, null, lastDone));
                old.done.remove(old.done.size() - 1);
                lastDone = null;
            } else if (what == 4 && random.nextInt(6) == 0) {
                entries.add(entry(id, "ABANDON", step, at, null, null));
                old.state = "ABANDONED";
            } else {
                entries.add(entry(id, "DONE", step, at, null, null));
                old.done.add(at);
                lastDone = id;
                if (old.done.size() == KINDS.length) {
                    old.state = "FINISHED";
                }
            }
        }
        write(books, old, number, entries);
        return old;
    }

    private static Object[] entry(
            final UUID id,
            final String kind,
            final int step,
            final Instant at,
            final Double value,
            final UUID about) {
        return new Object[] {
            id, kind, step, at, value, kind.equals("ABANDON") ? "spoilt" : "", about
        };
    }

    private static void write(
            final Connection books, final Old old, final int number, final List<Object[]> entries)
            throws SQLException {
        run(
                books,
                "insert into batch (id, lot, piece_id, piece_name, pieces, moulds, state, began_at,"
                        + " ended_at, bowl_mass_g, bowl_cp, clear_point_c, shell_g, shell_mm,"
                        + " heat_power_w, heat_efficiency, readings, readings_tight, readings_off,"
                        + " version) values (?, ?, 'p', 'Piece', 96, 4, ?, ?, null, 2000, 1.7, 34.5,"
                        + " 2.1, 1.6, 600, 0.6, 0, 0, 0, 0)",
                old.id,
                "261005-" + number,
                old.state,
                BEGAN);
        for (int i = 0; i < KINDS.length; i++) {
            run(
                    books,
                    "insert into batch_step (batch_id, number, kind, say, reading_what,"
                            + " reading_unit, reading_target, band_low_limit, band_low, band_high,"
                            + " band_high_limit, clock_shortest_s, clock_target_s, clock_longest_s,"
                            + " caution, source_kind, source_citation, source_from_memory) values"
                            + " (?, ?, ?, 'Do it.', 'reading', ?, 50, 30, 40, 60, 70, null, null,"
                            + " null, null, 'PRACTICE', 'practice', false)",
                    old.id,
                    i + 1,
                    KINDS[i],
                    KINDS[i].equals("SCRAPE") ? "GRAM" : "CELSIUS");
        }
        for (int i = 0; i < entries.size(); i++) {
            final Object[] e = entries.get(i);
            run(
                    books,
                    "insert into batch_entry (id, batch_id, position, kind, step, at, value, text,"
                            + " about) values (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    e[0],
                    old.id,
                    i,
                    e[1],
                    e[2],
                    e[3],
                    e[4],
                    e[5],
                    e[6]);
        }
    }

    private static void run(final Connection books, final String sql, final Object... values)
            throws SQLException {
        try (PreparedStatement statement = books.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                final Object value =
                        values[i] instanceof Instant at
                                ? Timestamp.from(at)
                                : values[i] instanceof UUID id ? id.toString() : values[i];
                statement.setObject(i + 1, value);
            }
            statement.executeUpdate();
        }
    }
}
