package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import palintone.server.support.PrivateMariaDb;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A house goes out as one file, and is the same house where that is read in. */
class HouseArchiveTest {

    private static final String ZIP = "application/zip";

    private final Workshop workshop = Workshop.shared();

    private static TreeMap<String, String> unzipped(final byte[] zip) throws IOException {
        final TreeMap<String, String> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private static byte[] zipped(final TreeMap<String, String> files) throws IOException {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (final var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return out.toByteArray();
    }

    private static byte[] with(
            final byte[] zip, final String file, final UnaryOperator<String> change)
            throws IOException {
        final TreeMap<String, String> files = unzipped(zip);
        files.put(file, change.apply(files.getOrDefault(file, "")));
        return zipped(files);
    }

    @Test
    void readIntoAnEmptyHouseItIsTheSameHouseAndBadOnesLeaveItEmpty() throws Exception {
        final byte[] whole = workshop.bytes("/api/exchange/house.zip");
        final String somePiece = workshop.get("/api/pieces/plum-bay").text();
        try (Workshop empty = Workshop.on(PrivateMariaDb.start())) {
            final Answer later =
                    empty.putBytes(
                            "/api/exchange/house",
                            ZIP,
                            with(
                                    whole,
                                    "palintone.json",
                                    t -> t.replaceAll("\"books\":\"\\d+\"", "\"books\":\"999\"")));
            assertThat(later.at("/value")).contains("version 999");
            final Answer other = empty.putBytes("/api/exchange/house", ZIP, "no zip".getBytes());
            assertThat(other.at("/value")).isEqualTo("no archive");
            final Answer torn =
                    empty.putBytes(
                            "/api/exchange/house",
                            ZIP,
                            with(
                                    whole,
                                    "tables/piece.ndjson",
                                    t -> t.replace("\"half-28\"", "\"gone\"")));
            assertThat(torn.at("/value")).isEqualTo("damaged at piece");
            final Answer strange =
                    empty.putBytes(
                            "/api/exchange/house", ZIP, with(whole, "tables/songs.ndjson", t -> t));
            assertThat(strange.at("/value")).contains("songs");
            for (final Answer each : new Answer[] {later, other, torn, strange}) {
                assertThat(each.status()).as(each.text()).isEqualTo(400);
                assertThat(each.text()).doesNotContain("Exception");
            }
            assertThat(empty.get("/api/ingredients").number("/total")).isZero();

            final Answer taken = empty.putBytes("/api/exchange/house", ZIP, whole);
            assertThat(taken.status()).as(taken.text()).isEqualTo(200);
            final TreeMap<String, String> there = unzipped(empty.bytes("/api/exchange/house.zip"));
            final TreeMap<String, String> here = unzipped(whole);
            there.remove("palintone.json");
            here.remove("palintone.json");
            assertThat(there.keySet()).isEqualTo(here.keySet()).hasSizeGreaterThan(15);
            here.forEach((file, text) -> assertThat(there.get(file)).as(file).isEqualTo(text));
            assertThat(empty.get("/api/pieces/plum-bay").text()).isEqualTo(somePiece);

            final Answer again = empty.putBytes("/api/exchange/house", ZIP, whole);
            assertThat(again.status()).isEqualTo(400);
            assertThat(again.at("/value")).startsWith("not empty: it has ");
        }
    }

    /**
     * What an older Palintone exported is read as an old installation would be brought up to date.
     */
    @Test
    void anArchiveOfOlderBooksIsBroughtUpToDate() throws Exception {
        final TreeMap<String, String> files = new TreeMap<>();
        try (PrivateMariaDb old = PrivateMariaDb.start()) {
            final var books = new DriverManagerDataSource(old.url(), old.user(), old.password());
            Flyway.configure().dataSource(books).target("17").load().migrate();
            final JdbcTemplate jdbc = new JdbcTemplate(books);
            jdbc.update(
                    "insert into ingredient (id, name, density_g_per_ml, couverture_kind,"
                            + " source_kind, source_citation, source_from_memory, version,"
                            + " estimated) values ('dark', 'Dark', 1.3, 'DARK', 'WORKSHOP', 'own',"
                            + " false, 0, false)");
            jdbc.update(
                    "insert into ingredient_component values ('dark', 'COCOA_BUTTER', 40),"
                            + " ('dark', 'SUCROSE', 35), ('dark', 'COCOA_SOLIDS', 25)");
            jdbc.update(
                    "insert into mould (id, name, shape, length_mm, width_mm, depth_mm,"
                            + " draft_degrees, cavities, owned, version) values ('m', 'Mould',"
                            + " 'HALF_SPHERE', 30, 30, 15, 0, 24, 2, 0)");
            jdbc.update(
                    "insert into piece (id, kind, name, story, mould_id, couverture_id,"
                            + " colour_name, colour_film_mm, version) values ('p', 'SOLID',"
                            + " 'Drop', 'as ever', 'm', 'dark', 'plum', 0.07, 0)");
            jdbc.update("insert into solid_piece values ('p', null, null)");
            final JsonMapper json = new JsonMapper();
            final BookTables tables = new BookTables(jdbc, json);
            files.put(
                    "palintone.json",
                    "{\"format\":\"palintone-house/1\",\"house\":\"Old\",\"books\":\"17\","
                            + "\"madeAt\":\"2026-01-01T00:00:00Z\"}");
            for (final String table : tables.names()) {
                final StringBuilder rows = new StringBuilder();
                tables.read(table, row -> rows.append(row).append('\n'));
                files.put("tables/" + table + ".ndjson", rows.toString());
            }
        }
        try (Workshop fresh = Workshop.on(PrivateMariaDb.start())) {
            final TreeMap<String, String> torn = new TreeMap<>(files);
            torn.compute("tables/piece.ndjson", (t, rows) -> rows.replace("\"m\"", "\"gone\""));
            final Answer refused = fresh.putBytes("/api/exchange/house", ZIP, zipped(torn));
            assertThat(refused.at("/value")).isEqualTo("damaged at piece");
            assertThat(fresh.get("/api/house").status()).isEqualTo(200);

            final Answer taken = fresh.putBytes("/api/exchange/house", ZIP, zipped(files));
            assertThat(taken.status()).as(taken.text()).isEqualTo(200);
            final Answer piece = fresh.get("/api/pieces/p");
            assertThat(piece.status()).as(piece.text()).isEqualTo(200);
            assertThat(piece.at("/coats/0/name")).isEqualTo("plum");
            assertThat(fresh.get("/api/pieces/p/needs?moulds=1").status()).isEqualTo(200);
        }
    }

    private static String named(final Workshop house, final String name) {
        final ObjectNode rules = (ObjectNode) house.get("/api/house").json().get("rules");
        return rules.put("name", name).toString();
    }

    /** Rules, cabinets and tools are a house too: nothing of them goes without being asked. */
    @Test
    void aHouseWithSettingsKeepsThemUntilItIsSaidThatTheyMayGo() throws Exception {
        final byte[] whole = workshop.bytes("/api/exchange/house.zip");
        try (Workshop own = Workshop.on(PrivateMariaDb.start())) {
            final Answer kept = own.put("/api/house", named(own, "Corner house"));
            assertThat(kept.status()).as(kept.text()).isEqualTo(200);

            final byte[] older =
                    with(
                            whole,
                            "palintone.json",
                            t -> t.replaceAll("\"books\":\"\\d+\"", "\"books\":\"17\""));
            final Answer asked = own.putBytes("/api/exchange/house", ZIP, whole);
            assertThat(asked.status()).isEqualTo(409);
            assertThat(asked.at("/type")).isEqualTo("/problems/in-the-way");
            final Answer refused = own.putBytes("/api/exchange/house?over=true", ZIP, older);
            assertThat(refused.status()).as(refused.text()).isEqualTo(400);
            assertThat(own.get("/api/house").at("/rules/name")).isEqualTo("Corner house");

            // A name this program does not know would be a house nobody can open.
            assertThat(workshop.bean(Choices.class).size()).isGreaterThan(40);
            final byte[] strange =
                    with(
                            whole,
                            "tables/mould.ndjson",
                            t -> t.replaceFirst("HALF_SPHERE", "STARFISH"));
            final Answer unknown = own.putBytes("/api/exchange/house?over=true", ZIP, strange);
            assertThat(unknown.status()).as(unknown.text()).isEqualTo(400);
            assertThat(unknown.at("/detail")).contains("mould, shape", "STARFISH");
            assertThat(own.get("/api/house").at("/rules/name")).isEqualTo("Corner house");

            final var reading =
                    CompletableFuture.supplyAsync(
                            () -> own.putBytes("/api/exchange/house?over=true", ZIP, whole));
            await().atMost(Duration.ofSeconds(120))
                    .until(
                            () -> {
                                own.post("/api/exchange/cancel", "");
                                return reading.isDone();
                            });
            assertThat(reading.join().at("/type")).isEqualTo("/problems/cancelled");
            assertThat(own.get("/api/house").at("/rules/name")).isEqualTo("Corner house");

            final Answer taken = own.putBytes("/api/exchange/house?over=true", ZIP, whole);
            assertThat(taken.status()).as(taken.text()).isEqualTo(200);
            final Answer far = own.get("/api/exchange/progress");
            assertThat(far.number("/done") / far.number("/total")).isBetween(0.9, 1.01);
            assertThat(own.get("/api/house").text()).isEqualTo(workshop.get("/api/house").text());
        }
    }

    /** A database of one's own may let its user make nothing beside the books. */
    @Test
    void aDatabaseThatLetsNothingBeMadeIsSaidAndTheHouseStays() throws Exception {
        final byte[] whole = workshop.bytes("/api/exchange/house.zip");
        final PrivateMariaDb books = PrivateMariaDb.start();
        try (Workshop own = Workshop.on(books)) {
            books.asRoot("revoke all on palintone_scratch.* from 'palintone'@'127.0.0.1'");
            final Answer refused = own.putBytes("/api/exchange/house", ZIP, whole);
            assertThat(refused.status()).as(refused.text()).isEqualTo(400);
            assertThat(refused.at("/value")).contains("palintone_scratch");
            assertThat(own.get("/api/pieces").number("/total")).isZero();
        }
    }

    /** The power goes while an archive is read in: the house is the old one or the new one. */
    @Test
    void killedAtAnyMomentThereIsOneWholeHouse() throws Exception {
        final byte[] whole = workshop.bytes("/api/exchange/house.zip");
        final double allPieces = workshop.get("/api/pieces").number("/total");
        final PrivateMariaDb books = PrivateMariaDb.start();
        try (Workshop own = Workshop.on(books)) {
            assertThat(own.put("/api/house", named(own, "Corner house")).status()).isEqualTo(200);
            int killed = 0;
            boolean taken = false;
            // A busy machine is later with everything: the moments reach as far as it takes.
            for (long afterMs = 150; !taken; afterMs *= 2) {
                final var reading =
                        CompletableFuture.supplyAsync(
                                () -> own.putBytes("/api/exchange/house?over=true", ZIP, whole));
                try {
                    reading.get(afterMs, TimeUnit.MILLISECONDS);
                } catch (TimeoutException underWay) {
                    killed++;
                }
                books.kill();
                final Answer answer = reading.get(120, TimeUnit.SECONDS);
                books.up();
                await().atMost(Duration.ofSeconds(60))
                        .until(() -> own.get("/api/house").status() == 200);
                taken = !own.get("/api/house").at("/rules/name").equals("Corner house");
                assertThat(own.get("/api/pieces").number("/total"))
                        .isEqualTo(taken ? allPieces : 0);
                if (!taken) {
                    assertThat(answer.status()).as("nothing promised").isNotEqualTo(200);
                }
            }
            assertThat(killed).isGreaterThan(1);
        }
    }
}
