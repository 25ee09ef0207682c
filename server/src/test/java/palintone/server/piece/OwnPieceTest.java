package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** A filled piece of the maker's own, written, refused, changed and put away. */
class OwnPieceTest {

    private final Workshop workshop = Workshop.shared();

    private static String piece(final String layers, final String more) {
        return "{\"kind\":\"MOULDED\",\"name\":\"Own piece\",\"story\":\"Ours.\","
                + "\"mould\":\"tall-dome\",\"couverture\":\"dark-66\",\"shellMm\":1.6,"
                + "\"headRoomMm\":1.8,\"layers\":["
                + layers
                + "]"
                + more
                + "}";
    }

    private Answer trial(final String layers) {
        return workshop.post("/api/pieces/trial", piece(layers, ""));
    }

    @Test
    void layersByGramsHeightAndRestAreDrawnAndWeighed() {
        final Answer drawn =
                trial(
                        "{\"filling\":\"plum-ganache\",\"grams\":2},"
                                + "{\"filling\":\"sesame-crisp\",\"heightMm\":3},"
                                + "{\"filling\":\"plum-ganache\"}");
        assertThat(drawn.status()).as(drawn.text()).isEqualTo(200);
        assertThat(drawn.number("/parts/2/value")).isCloseTo(2, within(1e-9));
        assertThat(drawn.number("/layers/1/heightMm")).isEqualTo(3);
        assertThat(drawn.json().at("/section/regions").size()).isEqualTo(5);
        assertThat(drawn.json().at("/qualities/allergens").toString()).contains("SESAME");
        assertThat(drawn.at("/qualities/figures/0/name")).isEqualTo("shell and cap of the weight");
        double parts = 0;
        for (final var part : drawn.json().at("/parts")) {
            parts += part.at("/value").asDouble();
        }
        assertThat(parts).isCloseTo(drawn.number("/whole/value"), within(1e-9));
    }

    @Test
    void whatClashesIsSaidInNumbers() {
        final Answer deep =
                trial(
                        "{\"filling\":\"plum-ganache\",\"heightMm\":14},"
                                + "{\"filling\":\"sesame-crisp\",\"heightMm\":9}");
        assertThat(deep.status()).isEqualTo(400);
        assertThat(deep.at("/detail")).containsPattern("layers and cap is \\d\\.\\d mm deeper");
        final Answer twice = trial("{\"filling\":\"plum-ganache\",\"heightMm\":4,\"grams\":2}");
        assertThat(twice.at("/detail")).contains("given twice");
        assertThat(trial("").at("/detail")).contains("layers is none");
        assertThat(trial("{\"filling\":\"nowhere\"}").at("/detail")).contains("nowhere");
        assertThat(trial("{\"filling\":\"plum-ganache\",\"grams\":-1}").status()).isEqualTo(400);
    }

    /** An insert is fetched and declared, and a batch of it can be begun. */
    @Test
    void anOwnPieceWithANutIsMade() {
        final String layers =
                "{\"filling\":\"plum-ganache\",\"inserts\":"
                        + "[{\"ingredient\":\"hazelnuts\",\"eachG\":0.8}]}";
        final String id = "own-nut";
        final Answer kept = workshop.put("/api/pieces/" + id, piece(layers, ",\"labelG\":11.5"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.number("/labelG")).isEqualTo(11.5);
        assertThat(kept.at("/qualities/figures/0/name")).isEqualTo("weight against the label");
        assertThat(kept.number("/layers/0/inserts/0/eachG")).isEqualTo(0.8);
        final Answer needs = workshop.get("/api/pieces/" + id + "/needs?pieces=24");
        assertThat(needs.number("/inclusions/0/toWeigh/value")).isCloseTo(19.2, within(1e-9));
        assertThat(needs.json().at("/allergens").toString()).contains("NUTS");
        final String batch = workshop.begin(id);
        assertThat(workshop.get("/api/batches/" + batch).text()).contains("SET_IN");

        final long version = (long) kept.number("/version");
        final Answer away =
                workshop.put(
                        "/api/pieces/" + id + "/archived",
                        "{\"archived\":true,\"version\":" + version + "}");
        assertThat(away.at("/archived")).isEqualTo("true");
        assertThat(workshop.get("/api/pieces?find=Own%20piece").number("/total")).isZero();
        assertThat(workshop.get("/api/pieces?find=Own%20piece&archived=true").number("/total"))
                .isEqualTo(1);
        assertThat(workshop.get("/api/batches/" + batch).status()).isEqualTo(200);
        final Answer stale =
                workshop.put("/api/pieces/" + id, piece(layers, ",\"version\":" + version));
        assertThat(stale.status()).isEqualTo(409);
    }
}
