package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TraceTimesTest {

    private static final double AT =
            LocalDateTime.of(2026, 11, 23, 14, 5, 9).atZone(ZoneId.systemDefault()).toEpochSecond();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ISO_LOCAL | 2026-11-23T14:05:09",
                "ISO_LOCAL | 2026-11-23 14:05:09",
                "DAY_MONTH_DOTS | 23.11.2026 14:05:09",
                "DAY_MONTH_SLASH | 23/11/2026 14:05:09",
                "MONTH_DAY_SLASH | 11/23/2026 14:05:09",
                "MONTH_DAY_AM_PM | 11/23/2026 2:05:09 PM",
            })
    void momentsOfADayAreTheSame(final TraceTimes way, final String text) {
        assertThat(way.read(text, ZoneOffset.UTC)).isCloseTo(AT, within(1e-6));
        assertThat(TraceTimes.of(List.of(text, text), "time")).isEqualTo(way);
        assertThat(way.absolute()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "ISO_OFFSET, 2026-11-23T14:05:09Z, 1795442709",
        "ISO_OFFSET, 2026-11-23T15:05:09+01:00, 1795442709",
        "EPOCH_SECONDS, 1795442709, 1795442709",
        "EPOCH_MILLIS, 1795442709500, 1795442709.5",
        "CLOCK, 14:05:09, 50709",
        "CLOCK, 9:05:09, 32709",
        "SECONDS, 12.5, 12.5",
    })
    void numbersAndClocks(final TraceTimes way, final String text, final double seconds) {
        assertThat(way.read(text, ZoneOffset.UTC)).isCloseTo(seconds, within(1e-6));
        assertThat(TraceTimes.of(List.of(text), "t")).isEqualTo(way);
    }

    /**
     * A logger without a zone shows the clock of the house, by the day before summer time and
     * after.
     */
    @Test
    void aClockWithoutAZoneIsThatOfTheHouse() {
        final ZoneId vienna = ZoneId.of("Europe/Vienna");
        final double winter = TraceTimes.ISO_LOCAL.read("2026-03-28T12:00:00", vienna);
        final double summer = TraceTimes.ISO_LOCAL.read("2026-03-29T12:00:00", vienna);
        assertThat(winter).isEqualTo(TraceTimes.ISO_OFFSET.read("2026-03-28T11:00:00Z", vienna));
        assertThat(summer - winter).isEqualTo(23 * 3600);
    }

    @Test
    void minutesAreToldByTheirTitle() {
        assertThat(TraceTimes.of(List.of("0.5", "1.0"), "time (min)"))
                .isEqualTo(TraceTimes.MINUTES);
        assertThat(TraceTimes.MINUTES.read("1,5", ZoneOffset.UTC)).isEqualTo(90);
        assertThat(TraceTimes.of(List.of("0.5", "1.0"), "time (s)")).isEqualTo(TraceTimes.SECONDS);
    }

    @Test
    void dayBeforeMonthWhereBothWouldDo() {
        assertThat(TraceTimes.of(List.of("02/03/2026 10:00:00"), "t"))
                .isEqualTo(TraceTimes.DAY_MONTH_SLASH);
    }

    @Test
    void aFewBadRowsDoNotChangeTheReading() {
        final List<String> times =
                java.util.stream.IntStream.range(0, 40)
                        .mapToObj(i -> i == 7 ? "sensor error" : "10:00:" + (10 + i))
                        .toList();
        assertThat(TraceTimes.of(times, "t")).isEqualTo(TraceTimes.CLOCK);
        assertThat(TraceTimes.CLOCK.read("sensor error", ZoneOffset.UTC)).isNaN();
    }

    @Test
    void aDayAloneIsKnown() {
        assertThat(TraceTimes.isDay("23.11.2026")).isTrue();
        assertThat(TraceTimes.isDay("2026-11-23")).isTrue();
        assertThat(TraceTimes.isDay("10:00")).isFalse();
        assertThat(TraceTimes.isDay("")).isFalse();
    }
}
