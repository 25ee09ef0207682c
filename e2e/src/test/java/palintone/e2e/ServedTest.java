package palintone.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** How the interface reaches the screen. */
class ServedTest {

    private static final long MOST_BYTES = 350_000;

    /** Bytes as they came over the line, and how many parts came from somewhere else. */
    private static final String TRAVELLED =
            "home => { const all = [...performance.getEntriesByType('navigation'),"
                    + " ...performance.getEntriesByType('resource')];"
                    + " return [all.reduce((sum, e) => sum + e.transferSize, 0),"
                    + " all.filter(e => !e.name.startsWith(home)).length] }";

    private final House house = House.shared();

    @Test
    void thePageIsAskedForAnewAndItsPartsAreKept() {
        final HttpResponse<byte[]> page = house.get("/");
        assertThat(page.headers().firstValue("cache-control")).hasValue("no-cache");
        assertThat(page.headers().firstValue("content-security-policy").orElse(""))
                .as("what a page may load")
                .contains("default-src 'self'; script-src 'self'")
                .contains("frame-ancestors 'none'");
        final String script = part(page, "src=\"(/assets/[^\"]+\\.js)\"");
        // One alone: of several the server keeps what the first who asked preferred.
        final HttpResponse<byte[]> br = house.get(script, "Accept-Encoding", "br");
        assertThat(br.headers().firstValue("content-encoding")).hasValue("br");
        assertThat(br.headers().firstValue("cache-control").orElse(""))
                .contains("max-age=31536000")
                .contains("immutable");
        assertThat(
                        house.get(script, "Accept-Encoding", "gzip")
                                .headers()
                                .firstValue("content-encoding"))
                .hasValue("gzip");
    }

    @Test
    void answersAreCompressed() {
        final HttpResponse<byte[]> plain = house.get("/api/pieces");
        final HttpResponse<byte[]> gzip = house.get("/api/pieces", "Accept-Encoding", "gzip");
        assertThat(gzip.headers().firstValue("content-encoding")).hasValue("gzip");
        assertThat(gzip.body().length).isLessThan(plain.body().length / 3);
    }

    /** Everything the Bench loads at first, as it travels. */
    @Test
    void theFirstLoadIsSmall() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/bench");
            screen.settled();
            final Object[] seen =
                    ((List<?>) screen.page.evaluate(TRAVELLED, house.url("/"))).toArray();
            assertThat(((Number) seen[0]).longValue()).isBetween(50_000L, MOST_BYTES);
            assertThat(seen[1]).as("asked of anywhere else").isEqualTo(0);
        }
    }

    @Test
    void stationsCanBeOpenedByTheirAddress() {
        assertThat(new String(house.get("/daybook").body())).contains("<div id=\"app\">");
        assertThat(house.get("/assets/nothing.js").statusCode()).isEqualTo(404);
    }

    private static String part(final HttpResponse<byte[]> page, final String pattern) {
        final Matcher matcher = Pattern.compile(pattern).matcher(new String(page.body()));
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    /** What the docs show to those who write programs of their own works as it stands there. */
    @Test
    void theExampleInTheDocsRuns() throws Exception {
        final Process example =
                new ProcessBuilder("node", "../docs/api/example.mjs", house.url(""))
                        .redirectErrorStream(true)
                        .start();
        final String said =
                new String(example.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(example.waitFor()).as(said).isZero();
        assertThat(said)
                .contains("pieces; the first:")
                .contains("not now: ")
                .contains("changed meanwhile: ")
                .endsWith("the batch is abandoned\n");
    }
}
