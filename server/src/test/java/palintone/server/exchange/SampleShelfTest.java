package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import palintone.server.support.PrivateMariaDb;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** An empty house takes single things over from the sample workshop. */
class SampleShelfTest {

    @Test
    void anEmptyHouseTakesALarderAndAMould() throws Exception {
        try (Workshop workshop = Workshop.on(PrivateMariaDb.start())) {
            assertThat(workshop.get("/api/ingredients").number("/total")).isZero();
            final Answer offers = workshop.get("/api/sample");
            assertThat(offers.json().size()).isGreaterThan(150);
            final Answer larder =
                    workshop.post("/api/sample/take", "{\"kind\":\"INGREDIENT\",\"ids\":[]}");
            assertThat(larder.number("/taken")).isGreaterThan(140);
            final Answer mould =
                    workshop.post("/api/sample/take", "{\"kind\":\"MOULD\",\"ids\":[\"half-28\"]}");
            assertThat(mould.number("/taken")).isEqualTo(1);
            assertThat(workshop.get("/api/moulds").number("/total")).isEqualTo(1);
            // No couverture and no price of the invented workshop came along.
            assertThat(workshop.get("/api/ingredients?couvertures=true").number("/total")).isZero();
            final Answer listed = workshop.get("/api/ingredients?size=200");
            for (final var each : listed.json().at("/items")) {
                assertThat(each.at("/traits/pricePerKg").isMissingNode()).isTrue();
            }
            // Taken twice changes nothing.
            assertThat(
                            workshop.post(
                                            "/api/sample/take",
                                            "{\"kind\":\"INGREDIENT\",\"ids\":[]}")
                                    .number("/taken"))
                    .isZero();
            final Answer none =
                    workshop.post("/api/sample/take", "{\"kind\":\"MOULD\",\"ids\":[\"nowhere\"]}");
            assertThat(none.status()).isEqualTo(400);
            assertThat(none.at("/detail")).contains("nowhere");
        }
    }
}
