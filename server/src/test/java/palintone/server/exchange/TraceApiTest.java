package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;

class TraceApiTest {

    private final Workshop workshop = Workshop.shared();

    private static String file(final String header, final String pattern) {
        final StringBuilder text = new StringBuilder(header.isEmpty() ? "" : header + "\n");
        for (int i = 0; i < 120; i++) {
            final double c = 46 - i * 0.15;
            text.append(
                            pattern.replace(
                                            "CLOCK",
                                            String.format("09:%02d:%02d", i / 6, i % 6 * 10))
                                    .replace("SECONDS", String.valueOf(i * 10))
                                    .replace("MINUTES", String.format(Locale.ROOT, "%.4f", i / 6.0))
                                    .replace("EPOCH", String.valueOf(1_795_000_000L + i * 10))
                                    .replace("POINT", String.format(Locale.ROOT, "%.2f", c))
                                    .replace("COMMA", String.format(Locale.GERMANY, "%.2f", c))
                                    .replace(
                                            "FAHR",
                                            String.format(Locale.ROOT, "%.2f", c * 1.8 + 32)))
                    .append("\n");
        }
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "time,temp # 2026-11-20T CLOCK,POINT # ,",
                "Zeit;Temperatur °C # 20.11.2026 CLOCK;COMMA # ;",
                "'' # CLOCK;COMMA # ;",
                "s|probe # SECONDS|POINT # |",
                "'time (min),bowl' # MINUTES,POINT # ,",
                "epoch;celsius # EPOCH;POINT # ;",
                "'Time,Temp °F' # 11/20/2026 CLOCK,FAHR # ,",
                "Zeit;Kanal 1 # CLOCK;COMMA # ;",
                "'No,Time,Humidity,Temp °C' # 7,CLOCK,52,POINT # ,",
            })
    void dialectsAreRecognised(final String header, final String row, final String delimiter) {
        final Workshop.Answer preview =
                workshop.upload(
                        "/api/exchange/traces/preview",
                        file(header, row.replace("T CLOCK", "TCLOCK")));
        assertThat(preview.status()).as(preview.text()).isEqualTo(200);
        assertThat(preview.at("/delimiter")).isEqualTo(delimiter);
        assertThat(preview.number("/readings")).isEqualTo(120);
        assertThat(preview.number("/minutes"))
                .isCloseTo(119 / 6.0, org.assertj.core.api.Assertions.within(0.01));
        assertThat(preview.number("/hottestC"))
                .isCloseTo(46, org.assertj.core.api.Assertions.within(0.02));
    }

    @Test
    void fahrenheitUnderACelsiusLabelIsAskedAbout() {
        final String text = file("time,temp °C", "CLOCK,FAHR");
        final Workshop.Answer asked = workshop.upload("/api/exchange/traces/preview", text);
        assertThat(asked.at("/maybeFahrenheit")).isEqualTo("true");
        final Workshop.Answer right =
                workshop.upload("/api/exchange/traces/preview?fahrenheit=true", text);
        assertThat(right.at("/maybeFahrenheit")).isEqualTo("false");
        assertThat(right.number("/hottestC"))
                .isCloseTo(46, org.assertj.core.api.Assertions.within(0.02));
    }

    @Test
    void takenOverReadBackAndExportedAgain() {
        final String id = UUID.randomUUID().toString();
        final String query = "?id=" + id + "&name=Tuesday&couverture=dark-66&massG=2500";
        final String text = file("seconds,celsius", "SECONDS,POINT") + "1200,NaN\n1195,28\n";
        final Workshop.Answer taken = workshop.upload("/api/exchange/traces" + query, text);
        assertThat(taken.status()).as(taken.text()).isEqualTo(201);
        assertThat(taken.number("/readings")).isEqualTo(122);
        final Workshop.Answer back = workshop.get("/api/temper/bowls/" + id + "/reading-back");
        assertThat(back.number("/readings")).isEqualTo(122);
        assertThat(back.text()).contains("NOT_A_NUMBER");
        final Workshop.Answer csv = workshop.get("/api/exchange/traces/" + id + ".csv");
        assertThat(csv.text()).startsWith("seconds,celsius\n0.000,46.000\n");
        final Workshop.Answer senml = workshop.get("/api/exchange/traces/" + id + ".senml.json");
        assertThat(senml.json().at("/0/bu").asString()).isEqualTo("Cel");
        assertThat(senml.json().size()).isEqualTo(122);
        assertThat(workshop.upload("/api/exchange/traces" + query, text).status()).isEqualTo(201);
        assertThat(workshop.get("/api/temper/bowls/" + id + "/reading-back").number("/readings"))
                .isEqualTo(122);
    }

    @Test
    void whatIsNoTraceIsRefusedInWords() {
        for (final String text : new String[] {"", "dear diary\ntoday it rained\n", "\"open"}) {
            final Workshop.Answer answer = workshop.upload("/api/exchange/traces/preview", text);
            assertThat(answer.status()).as(text).isEqualTo(400);
            assertThat(answer.text()).contains("allowed").doesNotContain("Exception");
        }
    }
}
