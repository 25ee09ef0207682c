package palintone.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

/** A program tells refusals apart by their type, never by the words, and finds what it means. */
class ProblemTypesTest {

    private static final String TABLET = "/api/pieces/buckwheat-tablet";

    private final Workshop workshop = Workshop.shared();

    private void refused(final Answer answer, final int status, final String type) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.at("/type")).isEqualTo("/problems/" + type);
        final Answer meaning = workshop.get(answer.at("/type"));
        assertThat(meaning.status()).isEqualTo(200);
        assertThat(meaning.at("/meaning")).isNotBlank();
        assertThat(meaning.at("/title")).isEqualTo(answer.at("/title"));
    }

    private static String bowl(final UUID id, final double grams) {
        return "{\"id\":\""
                + id
                + "\",\"name\":\"Typed\",\"couverture\":\"dark-66\",\"massG\":"
                + grams
                + "}";
    }

    /** As a database says it whose disk is full; tried with a real one by hand. */
    @Test
    void aFullDiskIsSaidAndNothingIsWritten() {
        final String colour =
                "{\"name\":\"No room\",\"base\":\"COCOA_BUTTER\",\"sharePercent\":8,"
                        + "\"dissolves\":\"FAT\",\"strained\":true,\"useC\":31,\"leftG\":100,"
                        + "\"tint\":\"#88aacc\",\"allergens\":[]}";
        final JdbcTemplate jdbc =
                new JdbcTemplate(
                        new DriverManagerDataSource(
                                workshop.db.url(), workshop.db.user(), workshop.db.password()));
        jdbc.execute(
                "create trigger no_room before insert on colour for each row"
                        + " if new.name = 'No room' then signal sqlstate 'HY000' set"
                        + " mysql_errno = 1114, message_text = 'The table is full'; end if");
        try {
            final Answer full = workshop.put("/api/colours/no-room", colour);
            refused(full, 507, "no-room");
            assertThat(full.at("/detail")).contains("disk").contains("Make room");
            assertThat(workshop.get("/api/colours/no-room").status()).isNotEqualTo(200);
        } finally {
            jdbc.execute("drop trigger no_room");
        }
        assertThat(workshop.put("/api/colours/no-room", colour).status()).isEqualTo(200);
    }

    @Test
    void eachHasAnAddressOfItsOwn() {
        refused(workshop.get("/api/pieces/no-such"), 404, "not-here");
        refused(workshop.get("/api/batches/12"), 400, "impossible");
        refused(workshop.post("/api/temper/bowls", "{"), 400, "unreadable");
        refused(workshop.post("/api/temper/bowls", bowl(UUID.randomUUID(), -5)), 400, "impossible");
        refused(
                workshop.post("/api/temper/bowls", "\"" + "x".repeat(3_000_000) + "\""),
                413,
                "too-large");
        refused(workshop.done(workshop.begin("plum-bay"), 9), 409, "not-now");
        refused(workshop.put(TABLET, tablet("null")), 409, "taken");
        refused(workshop.put(TABLET, tablet("-7")), 409, "stale");
        refused(workshop.post(TABLET, "{}"), 405, "not-offered");
        refused(
                workshop.importFiles("pieces.json", "[{\"name\":\"Nothing\"}]"),
                400,
                "not-taken-over");
    }

    private static String tablet(final String version) {
        return "{\"kind\":\"SOLID\",\"name\":\"Buckwheat tablet\",\"story\":\"\",\"mould\":"
                + "\"tablet-150\",\"couverture\":\"dark-66\",\"inclusions\":[],\"version\":"
                + version
                + "}";
    }

    /** What is mended one by one is sent ten times. */
    @Test
    void allThatIsWrongIsNamedAtOnce() {
        final Answer answer = workshop.post("/api/temper/bowls", "{\"massG\":1000}");
        assertThat(answer.status()).isEqualTo(400);
        final JsonNode errors = answer.json().at("/errors");
        assertThat(errors.findValuesAsString("field")).contains("couverture", "id", "name");
        assertThat(answer.at("/field")).isEqualTo(errors.get(0).get("field").asString());
        errors.forEach(each -> assertThat(each.get("allowed").asString()).isNotBlank());
    }

    /**
     * What the core refuses bears the name its owner knows; the rest is named by where it stands.
     */
    @Test
    void allNumbersOutsideTheirLimitsAreNamedAtOnce() {
        final Answer answer =
                workshop.post(
                        "/api/coats/pans",
                        "{\"massG\":500,\"heightMm\":500,\"pans\":["
                                + "{\"name\":\"Tin\",\"lengthMm\":200,\"depthMm\":40},"
                                + "{\"name\":\"Frame\",\"lengthMm\":5,\"depthMm\":900}]}");
        assertThat(answer.status()).isEqualTo(400);
        final JsonNode errors = answer.json().at("/errors");
        assertThat(errors.findValuesAsString("pointer"))
                .containsExactly("/heightMm", "/pans/1/lengthMm", "/pans/1/depthMm");
        assertThat(errors.findValuesAsString("field"))
                .containsExactly("height of the slab", "pans 2 lengthMm", "pans 2 depthMm");
        assertThat(errors.findValuesAsString("allowed"))
                .containsExactly("1 to 200 mm", "30 to 1000 mm", "3 to 200 mm");
        assertThat(answer.at("/field")).isEqualTo("height of the slab");
    }

    @Test
    void theVersionStandsInTheHeadAndIsHeardThere() throws Exception {
        final HttpResponse<String> house = send(HttpRequest.newBuilder().GET(), "/api/house");
        final String tag = house.headers().firstValue("ETag").orElseThrow();
        assertThat(tag).matches("(W/)?\"\\d+\"");
        final String draft = withoutVersion(workshop.get("/api/house").json());
        assertThat(put(draft, "\"-1\"").statusCode()).isEqualTo(400);
        final HttpResponse<String> stale = put(draft, "\"987654321\"");
        assertThat(stale.statusCode()).as(stale.body()).isEqualTo(412);
        assertThat(stale.body()).contains("/problems/stale");
        final HttpResponse<String> kept = put(draft, tag);
        assertThat(kept.statusCode()).as(kept.body()).isEqualTo(200);
        assertThat(kept.headers().firstValue("ETag")).isPresent();
    }

    /** A long list that has not changed is not sent again; one that has is. */
    @Test
    void whatHasNotChangedIsNotSentAgain() throws Exception {
        final String path = "/api/larder/names";
        final HttpResponse<String> first = send(HttpRequest.newBuilder().GET(), path);
        final String tag = first.headers().firstValue("ETag").orElseThrow();
        final HttpResponse<String> again =
                send(HttpRequest.newBuilder().header("If-None-Match", tag).GET(), path);
        assertThat(again.statusCode()).isEqualTo(304);
        assertThat(again.body()).isEmpty();
        final Answer taken =
                workshop.importInto(
                        "?into=ingredients",
                        "ingredients.csv",
                        "id,name,density_g_per_ml,source,from_memory,water\n"
                                + "own-spring,Own spring water,1,label,yes,100\n");
        assertThat(taken.status()).as(taken.text()).isLessThan(300);
        assertThat(
                        send(HttpRequest.newBuilder().header("If-None-Match", tag).GET(), path)
                                .statusCode())
                .isEqualTo(200);
    }

    private HttpResponse<String> put(final String body, final String tag)
            throws IOException, InterruptedException {
        return send(
                HttpRequest.newBuilder()
                        .header("If-Match", tag)
                        .header("Content-Type", "application/json")
                        .PUT(HttpRequest.BodyPublishers.ofString(body)),
                "/api/house");
    }

    private HttpResponse<String> send(final HttpRequest.Builder request, final String path)
            throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        request.uri(workshop.uri(path)).build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private static String withoutVersion(final JsonNode house) {
        final var draft = (tools.jackson.databind.node.ObjectNode) house.at("/rules");
        draft.remove("version");
        return draft.toString();
    }
}
