package palintone.server.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** A couverture of the maker's own, from the label of its bag to a plan. */
class CouvertureApiTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void aBagBecomesACouvertureThatIsPlanned() {
        final Answer label =
                workshop.post(
                        "/api/couvertures/label",
                        "{\"kind\":\"MILK\",\"cocoaPercent\":36,\"fatPercent\":36,"
                                + "\"sugarsPercent\":46,\"bag\":{\"meltC\":45,\"workC\":33}}");
        assertThat(label.status()).as(label.text()).isEqualTo(200);
        assertThat(label.at("/fit/jobs/0/answer")).isEqualTo("FIT");
        assertThat(label.number("/fit/underCream/value")).isBetween(4.0, 15.0);
        assertThat(label.json().at("/rules").size()).isZero();
        assertThat(label.at("/differs/0/template")).contains("The bag works at {bag}");
        double sum = 0;
        for (final var part : label.json().at("/gramsPer100")) {
            sum += part.asDouble();
        }
        assertThat(sum).isCloseTo(100, within(1e-9));
        assertThat(label.number("/densityGPerMl")).isBetween(1.15, 1.3);

        final String draft =
                "{\"name\":\"Own milk 36\",\"densityGPerMl\":1.2,\"gramsPer100\":"
                        + label.json().at("/gramsPer100")
                        + ",\"allergens\":[\"SOYA\"],\"couverture\":\"MILK\","
                        + "\"source\":\"bag\",\"fromMemory\":false,"
                        + "\"bag\":{\"fluidity\":\"THIN\",\"workC\":30}}";
        final Answer silent = workshop.put("/api/ingredients/own-milk", draft);
        assertThat(silent.status()).isEqualTo(400);
        assertThat(silent.at("/detail")).contains("allergens is without milk");
        final Answer kept =
                workshop.put(
                        "/api/ingredients/own-milk",
                        draft.replace("[\"SOYA\"]", "[\"SOYA\",\"MILK\"]"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.at("/bag/fluidity")).isEqualTo("THIN");
        final Answer listed = workshop.get("/api/ingredients?couvertures=true&find=Own%20milk");
        assertThat(listed.number("/total")).isEqualTo(1);

        final Answer away =
                workshop.put(
                        "/api/ingredients/own-milk/archived",
                        "{\"archived\":true,\"version\":" + (long) kept.number("/version") + "}");
        assertThat(away.at("/archived")).isEqualTo("true");
        assertThat(workshop.get("/api/ingredients?find=Own%20milk").number("/total")).isZero();
        assertThat(workshop.get("/api/larder/names").text()).contains("Own milk 36, archived");
    }

    /** White as its bag says it, kept and read back; its own curve is the one it is planned by. */
    @Test
    void aWhiteBagIsKeptAsItSaysItAndWorkedByItsCurve() {
        final Answer label =
                workshop.post(
                        "/api/couvertures/label",
                        "{\"kind\":\"WHITE\",\"cocoaButterPercent\":29,\"milkSolidsPercent\":22,"
                                + "\"sugarPercent\":45,\"bag\":{\"workC\":28.6}}");
        assertThat(label.status()).as(label.text()).isEqualTo(200);
        assertThat(label.json().get("byItsBag").asBoolean()).isTrue();
        final Answer kept =
                workshop.put(
                        "/api/ingredients/own-white",
                        "{\"name\":\"Own white 29\",\"densityGPerMl\":1.2,\"gramsPer100\":"
                                + label.json().at("/gramsPer100")
                                + ",\"allergens\":[\"MILK\"],\"couverture\":\"WHITE\","
                                + "\"source\":\"bag\",\"fromMemory\":false,"
                                + "\"bag\":{\"workC\":28.6}}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        assertThat(kept.number("/asOnABag/cocoaButterPercent")).isCloseTo(29, within(0.05));
        assertThat(kept.number("/asOnABag/milkSolidsPercent")).isCloseTo(22, within(0.05));
        assertThat(kept.number("/asOnABag/sugarPercent")).isCloseTo(45, within(0.05));
        final Answer shell =
                workshop.post(
                        "/api/shells/cast",
                        "{\"couverture\":\"own-white\",\"mould\":\"half-28\","
                                + "\"asked\":\"WAIT\",\"value\":0}");
        assertThat(shell.status()).as(shell.text()).isEqualTo(200);
        final Answer table =
                workshop.post(
                        "/api/couvertures/label",
                        "{\"kind\":\"WHITE\",\"cocoaButterPercent\":29,\"milkSolidsPercent\":22,"
                                + "\"sugarPercent\":57}");
        assertThat(table.status()).isEqualTo(400);
        assertThat(table.at("/detail")).contains("not the sugars of the nutrition table");
        workshop.put(
                "/api/ingredients/own-white/archived",
                "{\"archived\":true,\"version\":" + (long) kept.number("/version") + "}");
    }

    @Test
    void aBagThatCannotBeIsNamed() {
        final Answer fat =
                workshop.post(
                        "/api/couvertures/label",
                        "{\"kind\":\"DARK\",\"cocoaPercent\":30,\"fatPercent\":45,"
                                + "\"sugarsPercent\":50}");
        assertThat(fat.status()).isEqualTo(400);
        assertThat(fat.at("/field")).isEqualTo("fat");
        final Answer none =
                workshop.post(
                        "/api/couvertures/label",
                        "{\"kind\":\"DARK\",\"fatPercent\":40,\"sugarsPercent\":32}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/detail")).contains("cocoaPercent");
    }
}
