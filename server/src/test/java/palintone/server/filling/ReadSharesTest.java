package palintone.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Texts of shares, looks and trimming, as the preview gets them. */
class ReadSharesTest {

    private final Workshop workshop = Workshop.shared();
    private final JsonMapper json = JsonMapper.builder().build();

    private JsonNode read(final String text) {
        final Workshop.Answer answer =
                workshop.post(
                        "/api/fillings/read",
                        json.writeValueAsString(json.createObjectNode().put("text", text)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> kinds(final JsonNode read) {
        final List<String> kinds = new ArrayList<>();
        read.get("operations").forEach(op -> kinds.add(op.get("kind").asString()));
        return kinds;
    }

    @Test
    void halfOfAPureeIsFiftyPerCentOutOfItsPot() {
        final JsonNode read =
                read(
                        "500 g plums\n50 g sugar\nStone the plums, simmer with the sugar 10 min, blend"
                                + " and sieve. Take half of the purée, boil with 100 g cream, pour over"
                                + " 200 g dark chocolate.");
        assertThat(kinds(read)).startsWith("TRIM").contains("SIEVE", "BOIL", "POUR");
        final JsonNode boil = read.get("operations").get(kinds(read).lastIndexOf("BOIL"));
        assertThat(boil.get("fromPot").asInt()).isEqualTo(1);
        assertThat(boil.get("takenPercent").asDouble()).isCloseTo(50, within(1e-9));
        assertThat(boil.has("takenG")).isFalse();
        assertThat(read.get("pots").get(1).asString()).isEqualTo("purée");
        assertThat(read.get("unused").toString()).doesNotContain("half");
    }

    @Test
    void aLookIsACustomAndSaidToBeOne() {
        final JsonNode read =
                read("300 g orange juice\n200 g dark chocolate\nReduce the juice until syrupy.");
        final JsonNode down = read.get("operations").get(kinds(read).indexOf("BOIL_DOWN"));
        assertThat(down.get("settings").get("PERCENT").asDouble()).isEqualTo(50);
        assertThat(down.get("asks").size()).isZero();
        assertThat(read.get("unused").toString()).contains("only a look is said");
        // The bench offers the same looks.
        final JsonNode looks = workshop.get("/api/fillings/words").json().get("looks");
        assertThat(looks.toString()).contains("\"syrupy\"").contains("50");
    }

    /** Printed and read again a share is the same share. */
    @Test
    void aShareComesBackOutOfOurOwnText() {
        final String id = "printed-" + System.nanoTime();
        final String recipe =
                """
                {"name":"%s","style":"SOFT_SHELL","pots":["Ganache","Quince"],"operations":[
                {"kind":"ADD","pot":1,"lines":[{"ingredient":"quince-puree","amount":300,"unit":"g"}]},
                {"kind":"BOIL","lines":[{"ingredient":"cream-35","amount":120,"unit":"g"}]},
                {"kind":"POUR","lines":[{"ingredient":"dark-66","amount":260,"unit":"g"}]},
                {"kind":"BLEND","fromPot":1,"takenPercent":40}]}"""
                        .formatted(id);
        assertThat(workshop.put("/api/fillings/" + id, recipe).status()).isEqualTo(200);
        final JsonNode back = read(workshop.get("/api/fillings/" + id + "/recipe.jsonld").text());
        final JsonNode blend = back.get("operations").get(kinds(back).indexOf("BLEND"));
        assertThat(blend.get("takenPercent").asDouble()).isCloseTo(40, within(1e-9));
        assertThat(blend.get("fromPot").asInt()).isEqualTo(1);
        assertThat(back.get("pots").toString()).contains("Quince");
    }
}
