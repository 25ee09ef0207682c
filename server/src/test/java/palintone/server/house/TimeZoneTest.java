package palintone.server.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;
import tools.jackson.databind.node.ObjectNode;

/** A lot bears the day of the house, wherever the machine stands. */
class TimeZoneTest {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("yyMMdd");

    private final Workshop workshop = Workshop.shared();

    private Answer move(final String zone) {
        final ObjectNode rules = (ObjectNode) workshop.get("/api/house").json().get("rules");
        return workshop.put("/api/house", rules.put("zone", zone).toString());
    }

    @AfterEach
    void home() {
        assertThat(move("UTC").status()).isEqualTo(200);
    }

    /** These two are 26 hours apart: one of them has another day than the machine, always. */
    @ParameterizedTest
    @ValueSource(strings = {"Pacific/Kiritimati", "Etc/GMT+12"})
    void aLotIsNumberedByTheDayOfTheHouse(final String zone) {
        assertThat(move(zone).status()).isEqualTo(200);
        final ZoneId here = ZoneId.of(zone);
        final String before = DAY.format(Clock.systemUTC().instant().atZone(here));
        final Answer batch = workshop.get("/api/batches/" + workshop.begin("plum-bay"));
        final String after = DAY.format(Clock.systemUTC().instant().atZone(here));
        final String lot = batch.at("/summary/lot");
        assertThat(lot.substring(0, 6)).as(zone).isIn(before, after);
        workshop.entry(
                batch.at("/summary/id"), "\"kind\":\"ABANDON\",\"step\":1,\"text\":\"tried\"");
    }

    @Test
    void aPlaceThatIsNoneIsSaid() {
        final Answer refused = move("Middle/Earth");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/field")).isEqualTo("time zone");
        assertThat(refused.at("/value")).isEqualTo("\"Middle/Earth\"");
    }
}
