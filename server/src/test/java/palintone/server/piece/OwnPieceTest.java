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

    /** One filling inside another, two halves without caps: kept, made, in tables and back. */
    @Test
    void aHeartInHalvesWithoutCapsIsMade() {
        final String layers =
                "{\"filling\":\"plum-ganache\",\"inside\":\"sesame-crisp\",\"insideG\":1.2}";
        final String more = ",\"joined\":\"CHOCOLATE\",\"uncapped\":true";
        final Answer kept =
                workshop.put(
                        "/api/pieces/own-heart",
                        piece(layers, more).replace("Own piece", "Two-heart"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.number("/layers/0/insideG")).isEqualTo(1.2);
        assertThat(kept.json().at("/uncapped").asBoolean()).isTrue();
        assertThat(kept.json().at("/qualities/allergens").toString()).contains("SESAME");
        final Answer needs = workshop.get("/api/pieces/own-heart/needs?pieces=12");
        assertThat(needs.number("/fillings/1/inPieces/value")).isCloseTo(28.8, within(1e-9));
        final Answer batch = workshop.get("/api/batches/" + workshop.begin("own-heart"));
        assertThat(batch.text()).contains("Pipe inside").doesNotContain("\"CAP\"");
        final String csv = workshop.get("/api/exchange/lists/pieces.csv").text();
        assertThat(workshop.importInto("?into=pieces", "pieces.csv", csv).status()).isLessThan(300);
        final Answer again = workshop.get("/api/pieces/own-heart");
        assertThat(again.at("/layers/0/inside")).isEqualTo("sesame-crisp");
        assertThat(workshop.get("/api/pieces/moisture/own-heart").status()).isNotEqualTo(500);
        final String none = layers.replace(",\"insideG\":1.2", "");
        assertThat(trial(none).at("/detail")).contains("grams of the filling inside");
        assertThat(trial(layers.replace("sesame-crisp", "nowhere")).at("/detail"))
                .contains("nowhere");
        assertThat(workshop.post("/api/pieces/trial", piece(layers, ",\"uncapped\":true")).status())
                .isEqualTo(400);
    }

    /** Two layers of one base: made once, parted, each by its own figures; in tables and back. */
    @Test
    void aBaseIsPartedIntoFlavours() {
        final String layers =
                "{\"filling\":\"plum-ganache\",\"share\":0.5},"
                        + "{\"filling\":\"plum-ganache\",\"share\":0.5,\"flavours\":"
                        + "[{\"ingredient\":\"hazelnuts\",\"per100G\":8}]}";
        final Answer kept =
                workshop.put(
                        "/api/pieces/own-parts", piece(layers, "").replace("Own piece", "Parts"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.at("/layers/1/filling")).isEqualTo("plum-ganache");
        assertThat(kept.number("/layers/1/flavours/0/per100G")).isCloseTo(8, within(1e-6));
        assertThat(kept.json().at("/qualities/allergens").toString()).contains("NUTS");
        final Answer needs = workshop.get("/api/pieces/own-parts/needs?pieces=12");
        assertThat(needs.json().at("/fillings").size()).isEqualTo(2);
        final String id = java.util.UUID.randomUUID().toString();
        assertThat(
                        workshop.post(
                                        "/api/batches",
                                        "{\"id\":\""
                                                + id
                                                + "\",\"piece\":\"own-parts\",\"pieces\":12}")
                                .status())
                .isEqualTo(201);
        final String batch = workshop.get("/api/batches/" + id).text();
        assertThat(batch.split("Part the base", -1)).hasSizeGreaterThan(2);
        final String csv = workshop.get("/api/exchange/lists/pieces.csv").text();
        assertThat(workshop.importInto("?into=pieces", "pieces.csv", csv).status()).isLessThan(300);
        assertThat(workshop.get("/api/pieces/own-parts").number("/layers/1/flavours/0/per100G"))
                .isCloseTo(8, within(1e-6));
        assertThat(trial(layers.replace(":8}", ":90}")).at("/detail")).contains("to 100 g of");
        assertThat(trial(layers.replace("hazelnuts", "nowhere")).at("/detail")).contains("nowhere");
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
