package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.JsonNode;

/** Pieces tasted whole, and what that makes of the strings of the next. */
class PieceTastingsTest {

    private final Workshop workshop = Workshop.shared();

    private Answer noted(final String id, final String body) {
        return workshop.post("/api/pieces/" + id + "/tastings", body);
    }

    /** A piece of its own: what others have tasted of dark ones must not speak here. */
    private void own(final String id, final String couverture) {
        final Answer put =
                workshop.put(
                        "/api/pieces/" + id,
                        "{\"kind\":\"MOULDED\",\"name\":\"Tasted "
                                + id
                                + "\",\"story\":\"Ours.\",\"mould\":\"tall-dome\",\"couverture\":\""
                                + couverture
                                + "\",\"shellMm\":1.6,\"headRoomMm\":1.8,\"layers\":"
                                + "[{\"filling\":\"plum-ganache\"}]}");
        assertThat(put.status()).as(put.text()).isEqualTo(200);
    }

    /** What was tasted together here comes before what is only practice. */
    @Test
    void whatGoesWithAnIngredientIsAskedOfTheTastings() {
        assertThat(noted("plum-bay", "{\"score\":9}").status()).isLessThan(300);
        final Answer plum = workshop.get("/api/pairs/plum-puree");
        assertThat(plum.at("/family")).isEqualTo("stone fruit");
        JsonNode bay = null;
        JsonNode nut = null;
        for (final JsonNode pair : plum.json().at("/pairs")) {
            bay = pair.at("/id").asString().equals("bay-leaf") ? pair : bay;
            nut = pair.at("/id").asString().equals("walnuts") ? pair : nut;
        }
        assertThat(bay.at("/liked").asBoolean()).isTrue();
        assertThat(bay.at("/tasted").asInt()).isPositive();
        assertThat(nut.at("/practice").asBoolean()).isTrue();
        assertThat(plum.at("/pairs/0/liked")).isEqualTo("true");
        final Answer sugar = workshop.get("/api/pairs/sugar");
        assertThat(sugar.json().at("/pairs").size()).isZero();
        assertThat(workshop.get("/api/pairs/nowhere").status()).isEqualTo(404);
    }

    @Test
    void whatIsSaidOfAPieceIsItsTargetAndCanBeTakenBack() {
        own("tasted-white", "ivory-33");
        final Answer before = workshop.get("/api/pieces/tasted-white/taste");
        assertThat(before.status()).as(before.text()).isEqualTo(200);
        assertThat(before.at("/kind")).isEqualTo("WHITE");
        assertThat(before.json().at("/filled").asBoolean()).isTrue();
        // A tablet is judged by tablets.
        final Answer tablet = workshop.get("/api/pieces/buckwheat-tablet/taste");
        assertThat(tablet.json().at("/filled").asBoolean()).isFalse();
        assertThat(tablet.at("/tastes/1/says/template")).startsWith("Nothing is said");
        final double sweet = before.number("/tastes/0/figure/value");
        assertThat(before.at("/tastes/0/says/template")).startsWith("Nothing is said");

        Answer now = before;
        for (int i = 0; i < 6; i++) {
            now =
                    noted(
                            "tasted-white",
                            "{\"sweet\":\"TOO_MUCH\",\"score\":5,\"words\":\"cloying\"}");
        }
        assertThat(now.status()).as(now.text()).isEqualTo(200);
        final JsonNode figure = now.json().at("/tastes/0/figure");
        assertThat(figure.at("/value").asDouble()).isEqualTo(sweet);
        assertThat(figure.at("/band/high").asDouble()).isLessThan(sweet);
        assertThat(now.at("/tastes/0/says/template")).startsWith("Sweeter than it is liked");
        final JsonNode filling = now.json().at("/tastes/0/fillings/0");
        assertThat(filling.at("/id").asString()).isEqualTo("plum-ganache");
        assertThat(filling.at("/high").asDouble()).isLessThan(filling.at("/now").asDouble());
        assertThat(now.json().at("/tastings").size()).isEqualTo(6);
        assertThat(now.at("/tastings/0/words")).isEqualTo("cloying");

        // The strings of a piece that is only thought of stand against it too.
        final Answer piece = workshop.get("/api/pieces/tasted-white");
        boolean found = false;
        for (final JsonNode each : piece.json().at("/qualities/figures")) {
            if (each.at("/name").asString().equals("sweetness of the whole piece")) {
                found = true;
                assertThat(each.at("/bandStatus").asString()).isNotEqualTo("IN_BAND");
            }
        }
        assertThat(found).isTrue();

        for (final JsonNode tasting : now.json().at("/tastings")) {
            now =
                    workshop.put(
                            "/api/pieces/tasted-white/tastings/" + tasting.at("/id").asString(),
                            "{\"counts\":false}");
            assertThat(now.status()).as(now.text()).isEqualTo(200);
        }
        assertThat(now.json().at("/tastings").size()).isEqualTo(6);
        assertThat(now.json().at("/tastes/0/figure/band").isMissingNode()).isTrue();
        assertThat(now.at("/tastes/0/says/template")).startsWith("Nothing is said");
    }

    @Test
    void whatIsNoTastingIsRefusedInWords() {
        assertThat(noted("plum-bay", "{}").status()).isEqualTo(400);
        assertThat(noted("plum-bay", "{}").at("/detail")).contains("tasting", "score from 1 to 10");
        assertThat(noted("plum-bay", "{\"score\":11}").at("/detail")).contains("score", "11");
        assertThat(noted("plum-bay", "{\"sweet\":\"LOTS\"}").status()).isEqualTo(400);
        assertThat(noted("nowhere", "{\"score\":9}").status()).isEqualTo(404);
        assertThat(workshop.get("/api/pieces/nowhere/taste").status()).isEqualTo(404);
        assertThat(
                        workshop.put("/api/pieces/plum-bay/tastings/nowhere", "{\"counts\":false}")
                                .status())
                .isEqualTo(404);
        assertThat(workshop.put("/api/pieces/plum-bay/tastings/nowhere", "{}").status())
                .isEqualTo(400);
        assertThat(
                        noted("plum-bay", "{\"score\":9,\"words\":\"" + "x".repeat(600) + "\"}")
                                .status())
                .isEqualTo(400);
    }

    /** Out as a table and in again: the same tastings, with what the piece then was. */
    @Test
    void tastingsGoOutAndComeIn() {
        own("tasted-out", "milk-41");
        final Answer one = noted("tasted-out", "{\"bitter\":\"TOO_LITTLE\",\"score\":6}");
        final String id = one.at("/tastings/0/id");
        final Answer list = workshop.get("/api/exchange/lists/tastings.csv");
        assertThat(list.status()).isEqualTo(200);
        final String row =
                list.text().lines().filter(l -> l.startsWith(id)).findFirst().orElseThrow();
        assertThat(row).contains("tasted-out", "too_little", "milk");
        final String header = list.text().lines().findFirst().orElseThrow();
        final String other = row.replace(id, "written-elsewhere");
        final Answer taken =
                workshop.importInto(
                        "?list=tastings&preview=false",
                        "tastings.csv",
                        header + "\n" + other + "\n");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        final Answer after = workshop.get("/api/pieces/tasted-out/taste");
        assertThat(after.json().at("/tastings").size()).isEqualTo(2);
        assertThat(after.json().at("/tastings/1/score").asInt()).isEqualTo(6);
        final Answer refused =
                workshop.importInto(
                        "?list=tastings&preview=true",
                        "tastings.csv",
                        "id,piece,noted_at,score\nbad-one,tasted-out,2026-11-20T10:00:00Z,12\n");
        assertThat(refused.text()).contains("score").contains("12");
    }
}
