package palintone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OrderTextTest {

    /** A Wednesday. */
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 12, 2, 10, 0);

    private static final Map<String, String> PIECES = new LinkedHashMap<>();

    static {
        PIECES.put("plum-bay", "Plum & bay");
        PIECES.put("buckwheat-honey", "Buckwheat honey");
        PIECES.put("buckwheat-tablet", "Buckwheat tablet");
        PIECES.put("heron", "Heron");
        PIECES.put("sesame-dusk", "Sesame dusk");
    }

    private static OrderText read(final String text) {
        return OrderText.read(text, PIECES, NOW);
    }

    @Test
    void anOrderAsItIsSaid() {
        final OrderText read =
                read("240 Plum & bay, 96 Buckwheat honey, 12 herons, ready Saturday 9:00");
        assertThat(read.unread()).isEmpty();
        assertThat(read.lines())
                .containsExactly(
                        new OrderText.Line("plum-bay", 240),
                        new OrderText.Line("buckwheat-honey", 96),
                        new OrderText.Line("heron", 12));
        assertThat(read.due()).hasValue(LocalDateTime.of(2026, 12, 5, 9, 0));
        final OrderText rows =
                read("1'200 x plum and bay\n30 pieces of sesame\nby 24 December noon");
        assertThat(rows.lines())
                .containsExactly(
                        new OrderText.Line("plum-bay", 1200),
                        new OrderText.Line("sesame-dusk", 30));
        assertThat(read("1,200 heron, 2 heron").lines())
                .containsExactly(new OrderText.Line("heron", 1200), new OrderText.Line("heron", 2));
        assertThat(rows.due()).hasValue(LocalDateTime.of(2026, 12, 24, 12, 0));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "some plum & bay",
                "240 Chestnut",
                "96 Buckwheat",
                "0 heron",
                "9999999 heron",
                "ready some day",
                "ready Saturday 25:00",
                "ready 2026-12-01 9:00",
                "ready today 9:00",
                "ready 2026-02-30",
                "12 plum & bay & honey"
            })
    void whatIsNotUnderstoodIsSaid(final String part) {
        final OrderText read = read("12 herons, " + part);
        assertThat(read.lines()).containsExactly(new OrderText.Line("heron", 12));
        assertThat(read.unread()).singleElement().matches(u -> u.text().equals(part));
    }

    @ParameterizedTest
    @CsvSource({
        "Wednesday 9:00, 2026-12-09T09:00",
        "wednesday 11.30, 2026-12-02T11:30",
        "today 5pm, 2026-12-02T17:00",
        "tomorrow, 2026-12-03T09:00",
        "next Saturday 9:00, 2026-12-12T09:00",
        "next monday, 2026-12-07T09:00",
        "2027-01-03 at 8:15, 2027-01-03T08:15",
        "3 jan, 2027-01-03T09:00",
        "Saturday 12 am, 2026-12-05T00:00"
    })
    void daysAsTheyAreSaid(final String said, final LocalDateTime when) {
        assertThat(OrderText.when(said, NOW)).hasValue(when);
    }
}
