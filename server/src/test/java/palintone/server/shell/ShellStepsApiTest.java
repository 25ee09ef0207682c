package palintone.server.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Shaken, drained, scraped, coated, capped, turned out. */
class ShellStepsApiTest {

    private static final String DARK = "\"couverture\":\"dark-66\",\"mould\":\"half-28\"";
    private static final String CAST = "\"cast\":{" + DARK + ",\"asked\":\"WAIT\",\"value\":60}";

    private final Workshop workshop = Workshop.shared();

    private Answer post(final String path, final String body) {
        return workshop.post("/api/shells/" + path, "{" + body + "}");
    }

    @Test
    void fromFullToScraped() {
        final Answer tapped = post("drain", CAST);
        assertThat(tapped.status()).as(tapped.text()).isEqualTo(200);
        final Answer table = post("drain", CAST + ",\"shaken\":\"TABLE\",\"shakenS\":90");
        assertThat(table.number("/left/value")).isLessThan(tapped.number("/left/value"));
        assertThat(table.number("/caught/value")).isLessThan(table.number("/left/value"));
        assertThat(tapped.number("/scrapeFrom/value"))
                .isLessThan(tapped.number("/scrapeUntil/value"));
        assertThat(tapped.number("/ways/1/lip/value"))
                .isGreaterThan(tapped.number("/ways/0/lip/value"));
        assertThat(tapped.json().at("/caught/basis/sources/0/citation").asString()).isNotBlank();
    }

    @Test
    void coatsAreCountedOrFound() {
        final Answer two = post("coats", CAST + ",\"coats\":2");
        assertThat(two.status()).as(two.text()).isEqualTo(200);
        assertThat(two.json().at("/coats").size()).isEqualTo(2);
        assertThat(two.number("/mass/value"))
                .isCloseTo(
                        two.number("/coats/0/massG") + two.number("/coats/1/massG"), within(1e-6));
        final Answer found =
                post("coats", "\"cast\":{" + DARK + ",\"asked\":\"MEAN\",\"value\":3.5}");
        assertThat(found.json().at("/found").asBoolean()).isTrue();
        assertThat(found.number("/together/value")).isCloseTo(3.5, within(0.05));
        final Answer never =
                post("coats", "\"cast\":{" + DARK + ",\"asked\":\"MEAN\",\"value\":0.5}");
        assertThat(never.json().at("/found").asBoolean()).isFalse();
        assertThat(never.text()).contains("the nearest is");
    }

    @Test
    void aCapIsWeighedAndTimed() {
        final Answer cap = post("cap", DARK + ",\"shellMm\":1.6,\"capMm\":2");
        assertThat(cap.status()).as(cap.text()).isEqualTo(200);
        assertThat(cap.number("/perMould/value"))
                .isCloseTo(32 * cap.number("/mass/value"), within(0.01));
        assertThat(cap.number("/secondFrom/value")).isLessThan(cap.number("/begins/value"));
        assertThat(cap.text()).contains("Scrapings of this batch hold");
        final Answer cold =
                post("cap", DARK + ",\"shellMm\":1.6,\"capMm\":2,\"rimC\":16,\"fillC\":31");
        assertThat(cold.text()).contains("too cold to melt", "as warm as the cap");
        final Answer dead = post("cap", DARK + ",\"shellMm\":1.6,\"capMm\":2,\"stablePercent\":0");
        assertThat(dead.json().at("/firm").isNull() || dead.json().at("/firm").isMissingNode())
                .isTrue();
        assertThat(dead.text()).contains("not in temper");
    }

    /** Moulds that always come late make the countdown longer; taken back, it is as before. */
    @Test
    void whatIsTurnedOutTeaches() {
        final String cold =
                "\"cold\":{\"cast\":{"
                        + DARK
                        + ",\"asked\":\"WAIT\",\"value\":61},\"airC\":12,\"moulds\":1}";
        final Answer before = post("demoulded", cold);
        assertThat(before.status()).as(before.text()).isEqualTo(200);
        final double minutes = before.number("/letsGo/value");
        assertThat(before.json().at("/cavities").asInt()).isEqualTo(32);
        final StringBuilder most = new StringBuilder("1");
        for (int cavity = 2; cavity <= 30; cavity++) {
            most.append(',').append(cavity);
        }
        final Answer kept =
                post(
                        "demouldings",
                        cold
                                + ",\"coldMin\":"
                                + minutes * 1.6
                                + ",\"stuck\":["
                                + most
                                + "],\"broken\":[31,32],\"note\":\"Old mould\"");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.number("/letsGo/value")).isGreaterThan(minutes * 1.1);
        assertThat(kept.text()).contains("came out broken", "wash and polish", "Old mould");
        // The cold of the station says the same.
        final Answer way =
                post("cold", "\"cast\":{" + DARK + ",\"asked\":\"WAIT\",\"value\":61},\"airC\":12");
        assertThat(way.number("/0/release/value"))
                .isCloseTo(kept.number("/letsGo/value"), within(0.01));
        final String id = kept.json().at("/found/0/id").asString();
        assertThat(workshop.delete("/api/shells/demouldings/" + id).status()).isEqualTo(204);
        assertThat(post("demoulded", cold).number("/letsGo/value"))
                .isCloseTo(minutes, within(1e-6));
        assertThat(workshop.delete("/api/shells/demouldings/nowhere").status()).isEqualTo(404);
    }

    @Test
    void coloursAreWeighedTimedAndSeenInOrder() {
        final String copper = "{\"name\":\"Copper\",\"filmMm\":0.04,\"how\":\"SPLASHED\"}";
        final String plum = "{\"name\":\"Plum\",\"filmMm\":0.05}";
        final String white = "{\"name\":\"White\",\"filmMm\":0.05}";
        final String mould = "\"mould\":\"half-28\",\"moulds\":3,\"coats\":";
        final Answer three = post("colour", mould + "[" + copper + "," + plum + "," + white + "]");
        assertThat(three.status()).as(three.text()).isEqualTo(200);
        assertThat(three.number("/coats/0/seen")).isEqualTo(0.3);
        assertThat(three.number("/coats/1/seen")).isCloseTo(0.7, within(1e-9));
        assertThat(three.number("/coats/2/seen")).isZero();
        assertThat(three.text()).contains("White is not seen", "Only fat-soluble");
        // Half spheres of 28 mm: 12.3 cm² each, 32 of them, .05 mm, .93 g/ml, .6 caught.
        assertThat(three.number("/coats/1/perMould/value")).isCloseTo(3.05, within(0.05));
        assertThat(three.number("/coats/1/all/value"))
                .isCloseTo(3 * three.number("/coats/1/perMould/value"), within(1e-9));
        assertThat(three.number("/coats/1/nextFrom/value"))
                .isLessThan(three.number("/castFrom/value"));
        final Answer soft = post("colour", mould + "[" + plum + "],\"stablePercent\":0");
        assertThat(soft.json().has("castFrom")).isFalse();
        assertThat(soft.text()).contains("Not in temper");
        assertThat(post("colour", mould + "[]").json().at("/coats").size()).isZero();
        final Answer thick = post("colour", mould + "[{\"name\":\"Plum\",\"filmMm\":4}]");
        assertThat(thick.status()).isEqualTo(400);
        assertThat(thick.text()).contains("colour film");
        final String dust = "{\"name\":\"Gold\",\"filmMm\":0.01,\"how\":\"LUSTRE\"}";
        final String sheet = "{\"name\":\"Fern\",\"filmMm\":0.02,\"how\":\"FILM\"}";
        final Answer dry = post("colour", mould + "[" + sheet + "," + dust + "," + plum + "]");
        assertThat(dry.json().at("/coats/1").has("at")).isFalse();
        assertThat(dry.number("/coats/1/nextFrom/value")).isZero();
        assertThat(dry.number("/castFrom/value"))
                .isEqualTo(post("colour", mould + "[" + plum + "]").number("/castFrom/value"));
        assertThat(dry.text()).contains("only in a magnetic mould").doesNotContain("Fix it");
        final Answer nameless = post("colour", mould + "[{\"filmMm\":0.05}]");
        assertThat(nameless.status()).as(nameless.text()).isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drain | \"shakenS\":0 | shaken for",
                "drain | \"shakenS\":100000 | shaken for",
                "coats | \"coats\":9 | coats",
                "coats | \"coats\":0 | coats",
                "coats | \"rimC\":50 | rim of the halves"
            })
    void badInputIsNamed(final String path, final String more, final String field) {
        final Answer refused = post(path, CAST + "," + more);
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"shellMm\":1.6,\"capMm\":0 | thickness of the cap",
                "\"shellMm\":1.6,\"capMm\":13 | thickness of the cap",
                "\"shellMm\":20,\"capMm\":2 | shell thickness",
                "\"shellMm\":1.6,\"capMm\":2,\"fillC\":90 | filling as it is capped",
                "\"shellMm\":1.6,\"capMm\":2,\"rimC\":-3 | rim of the shell",
                "\"capMm\":2 | shellMm is missing",
                "\"capMm\":2,\"shellMm\":null | shellMm is missing"
            })
    void badCapsAreNamed(final String more, final String field) {
        final Answer refused = post("cap", DARK + "," + more);
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"stuck\":[1] | time in the cold",
                "\"coldMin\":0 | time in the cold",
                "\"coldMin\":20,\"stuck\":[33] | stuck cavity",
                "\"coldMin\":20,\"broken\":[0] | broken cavity",
                "\"coldMin\":20,\"capMm\":0 | thickness of the cap"
            })
    void badDemouldingsAreNamed(final String more, final String field) {
        final Answer refused = post("demouldings", "\"cold\":{" + CAST + "}," + more);
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains(field);
    }

    @Test
    void nothingAtAllIsRefusedNotBroken() {
        for (final String path :
                new String[] {"drain", "coats", "cap", "demoulded", "demouldings", "colour"}) {
            assertThat(post(path, "").status()).as(path).isEqualTo(400);
        }
    }
}
