package palintone.server.larder;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class LarderApiTest {

    private final Workshop workshop = Workshop.shared();

    private static String butter(final double fat, final double density, final long version) {
        return "{\"name\":\"Butter\",\"densityGPerMl\":"
                + density
                + ",\"gramsPer100\":{\"WATER\":16,\"MILK_FAT\":"
                + fat
                + ",\"LACTOSE\":0.7,\"PROTEIN\":0.7,\"ASH\":0.6},\"allergens\":[\"MILK\"],"
                + "\"source\":\"label\",\"fromMemory\":false,\"version\":"
                + version
                + "}";
    }

    @Test
    void theListIsPagedAndSearched() {
        final Answer two = workshop.get("/api/ingredients?size=2&page=1");
        assertThat(two.json().at("/items").size()).isEqualTo(2);
        assertThat(two.number("/total")).isGreaterThanOrEqualTo(15);
        final Answer found = workshop.get("/api/ingredients?find=SESAME%20PASTE,%20HULL");
        assertThat(found.json().at("/items").size()).isEqualTo(1);
        assertThat(found.at("/items/0/allergens/0")).isEqualTo("SESAME");
    }

    @Test
    void whoeverSavesOnAnOlderStateIsToldAndNothingIsLost() {
        final long version = (long) workshop.get("/api/ingredients/butter").number("/version");
        final Answer first = workshop.put("/api/ingredients/butter", butter(82, 0.92, version));
        assertThat(first.status()).isEqualTo(200);
        final Answer second = workshop.put("/api/ingredients/butter", butter(82, 0.93, version));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.at("/field")).isEqualTo("version");
        assertThat(workshop.get("/api/ingredients/butter").number("/densityGPerMl"))
                .isEqualTo(0.92);
    }

    @Test
    void aCompositionThatDoesNotSumIsRefusedWithItsSum() {
        final long version = (long) workshop.get("/api/ingredients/butter").number("/version");
        final Answer answer = workshop.put("/api/ingredients/butter", butter(65, 0.92, version));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/field")).isEqualTo("composition");
        assertThat(answer.at("/detail")).contains("83.0 g in 100 g").contains("99 to 101");
    }

    @Test
    void anUnknownComponentIsNamedWithTheKnownOnes() {
        final Answer answer =
                workshop.put(
                        "/api/ingredients/butter",
                        butter(82, 0.9, 0).replace("LACTOSE", "STARDUST"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail")).contains("STARDUST");
    }

    @Test
    void anImpossibleHouseIsRefusedAndAStaleOneToo() {
        final String rules = workshop.get("/api/house").json().at("/rules").toString();
        final Answer hot =
                workshop.put(
                        "/api/house",
                        rules.replace("\"roomTemperatureC\":20.0", "\"roomTemperatureC\":300"));
        assertThat(hot.status()).isEqualTo(400);
        assertThat(hot.at("/field")).isEqualTo("room temperature");
        final Answer stale =
                workshop.put("/api/house", rules.replaceAll("\"version\":\\d+", "\"version\":99"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(workshop.get("/api/house").json().at("/rules").toString()).isEqualTo(rules);
    }

    @Test
    void moneyHasASignThatCannotBeMistakenForThePrice() {
        final String rules = workshop.get("/api/house").json().at("/rules").toString();
        assertThat(rules).contains("\"currency\":\"€\"");
        final Answer digits =
                workshop.put(
                        "/api/house", rules.replace("\"currency\":\"€\"", "\"currency\":\"9€\""));
        assertThat(digits.status()).isEqualTo(400);
        assertThat(digits.at("/field")).isEqualTo("money");
        assertThat(digits.at("/detail")).contains("without digits");
        assertThat(workshop.get("/api/house").json().at("/rules").toString()).isEqualTo(rules);
    }

    @Test
    void namesOfEverythingComeAtOnceAndInOrder() {
        final Answer names = workshop.get("/api/larder/names");
        // What other tests have put away stands last, and says so.
        assertThat(names.json().size())
                .isEqualTo(
                        (int)
                                (workshop.get("/api/ingredients").number("/total")
                                        + workshop.get("/api/ingredients?archived=true")
                                                .number("/total")));
        String before = "";
        for (final var each : names.json()) {
            if (each.get("name").asString().endsWith(", archived")) {
                break;
            }
            assertThat(each.get("name").asString().compareToIgnoreCase(before))
                    .isGreaterThanOrEqualTo(0);
            before = each.get("name").asString();
            // No more of it than a list to choose from wants.
            assertThat(each.propertyNames()).isSubsetOf("id", "name", "pieceG");
            if (each.get("id").asString().equals("hazelnuts")) {
                assertThat(each.get("pieceG").asDouble()).isEqualTo(1.1);
            }
        }
    }
}
