package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/**
 * A screen that hears no answer sends again, and a finger presses twice: under the id the screen
 * chose it is written once. Two readings that are one would make a margin narrower than it is.
 */
class WrittenOnceTest {

    private final Workshop workshop = Workshop.shared();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/fillings/plum-ganache/notes | '\"kind\":\"PH\",\"measured\":3.9,\"words\":\"MARK\"'"
                        + " | /api/fillings/plum-ganache/notes",
                "/api/ingredients/butter/lots | '\"code\":\"MARK\",\"grams\":1000'"
                        + " | /api/ingredients/butter/lots",
                "/api/pieces/sesame-crackle/bites"
                        + " | '\"days\":3,\"crisp\":true,\"words\":\"MARK\"'"
                        + " | /api/pieces/sesame-crackle/moisture",
                "/api/coats/weighings | '\"dip\":{\"couverture\":\"dark-66\",\"centre\":"
                        + "{\"shape\":\"BALL\",\"massG\":9},\"centreC\":20},"
                        + "\"centreG\":9,\"pieceG\":13,\"note\":\"MARK\"'"
                        + " | /api/coats/weighings?couverture=dark-66",
                "/api/shells/weighings | '\"cast\":{\"couverture\":\"milk-41\",\"mould\":"
                        + "\"low-dome\",\"asked\":\"WAIT\",\"value\":60},\"emptyG\":700,"
                        + "\"shelledG\":780,\"note\":\"MARK\"' | ''",
                "/api/shells/demouldings | '\"cold\":{\"cast\":{\"couverture\":\"milk-41\","
                        + "\"mould\":\"low-dome\",\"asked\":\"WAIT\",\"value\":60}},"
                        + "\"coldMin\":25,\"note\":\"MARK\"' | ''",
                "/api/pieces/plum-bay/tastings | '\"score\":8,\"words\":\"MARK\"'"
                        + " | /api/pieces/plum-bay/taste",
            })
    void sentSixTimesAtOnceItIsOneRecord(
            final String path, final String fields, final String shown) {
        final String mark = "once-" + UUID.randomUUID();
        final String body =
                "{\"id\":\"" + UUID.randomUUID() + "\"," + fields.replace("MARK", mark) + "}";
        final List<CompletableFuture<Answer>> sent =
                IntStream.range(0, 6)
                        .mapToObj(
                                i -> CompletableFuture.supplyAsync(() -> workshop.post(path, body)))
                        .toList();
        for (final CompletableFuture<Answer> each : sent) {
            assertThat(each.join().status()).as(each.join().text()).isEqualTo(200);
        }
        // Where it is not asked for by an address, the answer to a seventh shows all of them.
        final Answer all =
                shown == null || shown.isEmpty() ? workshop.post(path, body) : workshop.get(shown);
        final String text = all.text();
        assertThat(text.split(mark, -1).length - 1).as(text).isEqualTo(1);
    }

    /** Each would take the first one's place: one may, the others are told to look again. */
    @Test
    void ofSixCorrectionsOfOneNoteAtOnceOneStands() {
        final UUID bowl = UUID.randomUUID();
        workshop.post(
                "/api/temper/bowls",
                "{\"id\":\""
                        + bowl
                        + "\",\"name\":\"Six\",\"couverture\":\"dark-66\",\"massG\":2000}");
        final UUID note = UUID.randomUUID();
        final String events = "/api/temper/bowls/" + bowl + "/events";
        assertThat(workshop.post(events, seed(note, 150)).status()).isEqualTo(200);
        final List<CompletableFuture<Answer>> sent =
                IntStream.range(0, 6)
                        .mapToObj(
                                i ->
                                        CompletableFuture.supplyAsync(
                                                () ->
                                                        workshop.put(
                                                                events + "/" + note,
                                                                seed(UUID.randomUUID(), 160 + i))))
                        .toList();
        assertThat(sent.stream().map(each -> each.join().status()))
                .containsExactlyInAnyOrder(200, 409, 409, 409, 409, 409);
        final double seeded =
                workshop.get("/api/temper/bowls/" + bowl)
                        .json()
                        .at("/events")
                        .valueStream()
                        .filter(event -> event.at("/kind").asString().equals("SEED"))
                        .mapToDouble(event -> event.at("/amount").asDouble())
                        .sum();
        assertThat(seeded).isBetween(160.0, 165.0);
    }

    private static String seed(final UUID id, final double grams) {
        return "{\"id\":\"" + id + "\",\"kind\":\"SEED\",\"amount\":" + grams + "}";
    }
}
