package palintone.server.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** The room is as old as its last reading, and says so. */
class RoomReadingTest {

    private final Workshop workshop = Workshop.shared();

    @Test
    void aReadingIsDatedAndMovesTheDewPoint() {
        final Instant before = Instant.now().minusSeconds(2);
        final Answer read =
                workshop.put("/api/house/air", "{\"temperatureC\":21.5,\"humidityPercent\":55}");
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.number("/rules/roomTemperatureC")).isEqualTo(21.5);
        // Magnus: 21.5 °C at 55 % has its dew point at 12.1 °C.
        assertThat(read.number("/dewPoint/value")).isCloseTo(12.1, within(0.1));
        assertThat(Instant.parse(read.at("/roomReadAt"))).isAfter(before);
        assertThat(read.json().at("/roomIsOld").asBoolean()).isFalse();
        // Other tests share the house.
        workshop.put("/api/house/air", "{\"temperatureC\":20,\"humidityPercent\":52}");
    }

    @Test
    void whatNoRoomCanBeIsRefusedByName() {
        final Answer hot =
                workshop.put("/api/house/air", "{\"temperatureC\":70,\"humidityPercent\":55}");
        assertThat(hot.status()).isEqualTo(400);
        assertThat(hot.text()).contains("room temperature");
        final Answer wet =
                workshop.put("/api/house/air", "{\"temperatureC\":20,\"humidityPercent\":120}");
        assertThat(wet.status()).isEqualTo(400);
        assertThat(wet.text()).contains("humidity");
    }

    @Test
    void afterADayItAsksAgain() {
        final HouseEntity house = new HouseEntity();
        final Instant at = Instant.parse("2026-11-25T08:00:00Z");
        assertThat(HouseView.isOld(house, at)).as("never read").isTrue();
        house.read(20, 52, at);
        assertThat(HouseView.isOld(house, at.plus(Duration.ofHours(23)))).isFalse();
        assertThat(HouseView.isOld(house, at.plus(Duration.ofHours(25)))).isTrue();
    }
}
