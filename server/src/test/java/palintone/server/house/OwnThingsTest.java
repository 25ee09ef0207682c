package palintone.server.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Colours, mixtures, tools, photos: the smaller things of a house of one's own. */
class OwnThingsTest {

    private static final String COLOUR =
            "{\"name\":\"%s\",\"base\":\"COCOA_BUTTER\",\"sharePercent\":9,\"dissolves\":\"%s\","
                    + "\"strained\":false,\"useC\":29,\"leftG\":150,\"tint\":\"%s\",\"version\":%s}";

    private final Workshop workshop = Workshop.shared();

    private static String colour(
            final String name, final String dissolves, final String tint, final String version) {
        return COLOUR.formatted(name, dissolves, tint, version);
    }

    @Test
    void aColourIsKeptChangedPutAwayAndFound() {
        final Answer water =
                workshop.put("/api/colours/sky", colour("sky", "WATER", "#88aacc", "null"));
        assertThat(water.status()).isEqualTo(400);
        assertThat(water.at("/allowed")).contains("beads up");
        final Answer tint = workshop.put("/api/colours/sky", colour("sky", "FAT", "blue", "null"));
        assertThat(tint.at("/field")).isEqualTo("tint");
        final Answer missing = workshop.put("/api/colours/sky", "{\"name\":\"sky\"}");
        assertThat(missing.status()).as(missing.text()).isEqualTo(400);

        final Answer kept =
                workshop.put("/api/colours/sky", colour("sky", "FAT", "#88aacc", "null"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.at("/remarks/0/template")).startsWith("Not strained");
        assertThat(workshop.get("/api/find?q=sky").text()).contains("COLOUR");
        final Answer twice =
                workshop.put("/api/colours/sky", colour("sky", "FAT", "#88aacc", "null"));
        assertThat(twice.status()).isEqualTo(409);
        final long version = (long) kept.number("/colour/version");
        assertThat(
                        workshop.put(
                                        "/api/colours/sky/archived",
                                        "{\"archived\":true,\"version\":" + version + "}")
                                .at("/archived"))
                .isEqualTo("true");
        assertThat(workshop.get("/api/colours?find=sky").number("/total")).isZero();
        assertThat(workshop.get("/api/find?q=sky").text()).doesNotContain("COLOUR");
    }

    private static String mixture(final String parts) {
        return "{\"name\":\"Own mixture\",\"densityGPerMl\":1,\"gramsPer100\":{},"
                + "\"allergens\":[],\"source\":\"parts\",\"fromMemory\":false,\"parts\":["
                + parts
                + "]}";
    }

    private static String part(final String id, final double percent) {
        return "{\"ingredient\":\"" + id + "\",\"percent\":" + percent + "}";
    }

    @Test
    void aMixtureFollowsFromItsPartsAndFollowsThemWhenTheyChange() {
        final String base =
                "{\"name\":\"Base\",\"couverture\":\"DARK\",\"densityGPerMl\":1.2,"
                        + "\"gramsPer100\":{\"COCOA_BUTTER\":%s,\"COCOA_SOLIDS\":30,"
                        + "\"SUCROSE\":%s},\"allergens\":[\"SOYA\"],\"source\":\"x\","
                        + "\"fromMemory\":false,\"version\":%s}";
        final Answer first =
                workshop.put("/api/ingredients/mix-base", base.formatted(40, 30, "null"));
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        final Answer mixed =
                workshop.put(
                        "/api/ingredients/own-mixture",
                        mixture(part("mix-base", 60) + "," + part("milk-41", 40)));
        assertThat(mixed.status()).as(mixed.text()).isEqualTo(200);
        assertThat(mixed.number("/gramsPer100/COCOA_BUTTER"))
                .isCloseTo(0.6 * 40 + 0.4 * 32, within(1e-9));
        assertThat(mixed.at("/couverture")).isEqualTo("MILK");
        assertThat(mixed.json().at("/allergens").toString()).contains("MILK").contains("SOYA");

        workshop.put(
                "/api/ingredients/mix-base",
                base.formatted(50, 20, (long) first.number("/version")));
        assertThat(workshop.get("/api/ingredients/own-mixture").number("/gramsPer100/COCOA_BUTTER"))
                .isCloseTo(0.6 * 50 + 0.4 * 32, within(1e-9));
        assertThat(workshop.post("/api/couvertures/mixture", "{\"parts\":[]}").at("/allowed"))
                .isEqualTo("2 to 6");
        final Answer nested =
                workshop.post(
                        "/api/couvertures/mixture",
                        "{\"parts\":["
                                + part("own-mixture", 50)
                                + ","
                                + part("milk-41", 50)
                                + "]}");
        assertThat(nested.at("/value")).contains("a mixture itself");
        final Answer unknown =
                workshop.put(
                        "/api/ingredients/other-mixture",
                        mixture(part("nobody", 50) + "," + part("milk-41", 50)));
        assertThat(unknown.status()).isEqualTo(400);
        assertThat(unknown.at("/field")).isEqualTo("part of the mixture");
        final Answer coating =
                workshop.post(
                        "/api/couvertures/mixture",
                        "{\"parts\":[" + part("dark-66", 50) + "," + part("coating", 50) + "]}");
        assertThat(coating.at("/cautions/0/template")).contains("lauric fat");
        // Cast of it like of any other.
        final Answer piece =
                workshop.post(
                        "/api/pieces/trial",
                        "{\"kind\":\"MOULDED\",\"name\":\"T\",\"story\":\"T\",\"mould\":\"tall-dome\","
                                + "\"couverture\":\"dark-66\",\"capCouverture\":\"own-mixture\","
                                + "\"shellMm\":1.6,\"headRoomMm\":1.8,"
                                + "\"colours\":[{\"colour\":\"plum\",\"filmMm\":0.05}],"
                                + "\"layers\":[{\"filling\":\"plum-ganache\"}]}");
        assertThat(piece.status()).as(piece.text()).isEqualTo(200);
        assertThat(piece.at("/coats/0/tint")).isEqualTo("#6b2a4a");
        assertThat(piece.at("/capKind")).isEqualTo("MILK");
    }

    @Test
    void whatAPieceCannotWearIsNamed() {
        final String piece =
                "{\"kind\":\"MOULDED\",\"name\":\"T\",\"story\":\"T\",\"mould\":\"tall-dome\","
                        + "\"couverture\":\"dark-66\",\"shellMm\":1.6,\"headRoomMm\":1.8,"
                        + "\"layers\":[{\"filling\":\"plum-ganache\"}],%s}";
        final String[][] wrong = {
            {"\"colours\":[{\"colour\":\"no-such\",\"filmMm\":0.05}]", "no-such"},
            {"\"colours\":[{\"name\":\"x\",\"filmMm\":3}]", "colour film is 3 mm"},
            {"\"colours\":[{\"filmMm\":0.05}]", "colour"},
            {"\"colours\":[null]", "colours"},
            {"\"finishes\":[{\"kind\":\"GLITTER\"}]", "DUST"},
            {"\"finishes\":[{\"words\":\"gold\"}]", "kind"},
            {"\"capCouverture\":\"butter\"", "couverture of the cap is butter"},
            {"\"capCouverture\":\"no-such\"", "no-such"},
        };
        for (final String[] each : wrong) {
            final Answer answer = workshop.post("/api/pieces/trial", piece.formatted(each[0]));
            assertThat(answer.status()).as(each[0] + answer.text()).isBetween(400, 404);
            assertThat(answer.text()).as(each[0]).contains(each[1]).doesNotContain("Exception");
        }
    }

    @Test
    void toolsSetLimitsAndNothingIsSaidOfWhatIsNotNamed() throws Exception {
        try (Workshop own = Workshop.open()) {
            final Answer before = own.get("/api/pieces/plum-bay/needs?moulds=60");
            assertThat(before.json().at("/remarks").toString())
                    .contains("Cabinet")
                    .contains("in turns");
            final var rules =
                    (tools.jackson.databind.node.ObjectNode)
                            own.get("/api/house").json().at("/rules");
            rules.putArray("melters").addObject().put("name", "Pan").put("holdsG", 500);
            rules.putArray("scales")
                    .addObject()
                    .put("name", "Old")
                    .put("stepG", 5)
                    .put("mostG", 9000);
            rules.putArray("thermometers");
            final Answer kept = own.put("/api/house", rules.toString());
            assertThat(kept.status()).as(kept.text()).isEqualTo(200);
            final String said =
                    own.get("/api/pieces/plum-bay/needs?moulds=2").json().at("/remarks").toString();
            assertThat(said).contains("Pan").contains("Old").doesNotContain("Cabinet");
            rules.put("version", (long) kept.number("/rules/version"));
            rules.putArray("scales")
                    .addObject()
                    .put("name", "Old")
                    .put("stepG", -1)
                    .put("mostG", 9000);
            final Answer refused = own.put("/api/house", rules.toString());
            assertThat(refused.at("/detail")).contains("step of Old is -1 g");
            rules.putArray("scales").addObject().put("name", "Old");
            assertThat(own.put("/api/house", rules.toString()).status()).isEqualTo(400);
        }
    }

    @Test
    void aPhotoIsKeptAsAPictureAndNothingElseIs() throws IOException {
        workshop.importFiles(
                "moulds.csv",
                "id,name,shape,length_mm,cavities\nphoto-mould,Photo mould,half_sphere,30,8\n");
        final ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 20, BufferedImage.TYPE_INT_ARGB), "png", png);
        final String path = "/api/moulds/photo-mould/photo";
        final String type = "application/octet-stream";
        assertThat(workshop.get(path).status()).isEqualTo(404);
        assertThat(workshop.putBytes(path, type, png.toByteArray()).status()).isEqualTo(200);
        final BufferedImage kept = ImageIO.read(new ByteArrayInputStream(workshop.bytes(path)));
        assertThat(kept.getWidth()).isEqualTo(40);
        assertThat(workshop.get("/api/moulds/photo-mould").at("/photo")).isEqualTo("true");
        final Answer text = workshop.putBytes(path, type, "<script>".getBytes());
        assertThat(text.status()).isEqualTo(400);
        assertThat(text.at("/allowed")).isEqualTo("a JPEG or PNG picture");
        final Answer large = workshop.putBytes(path, type, new byte[11 * 1024 * 1024]);
        assertThat(large.at("/allowed")).isEqualTo("up to 10 MB");
        assertThat(workshop.putBytes("/api/moulds/no-such/photo", type, png.toByteArray()).status())
                .isEqualTo(404);
        assertThat(workshop.delete(path).status()).isEqualTo(200);
        assertThat(workshop.get(path).status()).isEqualTo(404);
    }
}
