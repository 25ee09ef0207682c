package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.Reading;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.HeatSource;

/** A reading out of band names its remedy; trade practice, no source. */
class WhatToDoTest {

    private static final Bowl BOWL = new Bowl(2000, 1.7, 34.5, new HeatSource(600, 0.6));

    @ParameterizedTest(name = "{0} at {5}: {6}")
    @CsvSource(
            delimiter = '|',
            value = {
                "MELT | 43 | 45 | 50 | 55 | 41 | at {power}",
                "MELT | 43 | 45 | 50 | 55 | 52 | scorching is near",
                "MELT | 43 | 45 | 50 | 55 | 58 | may be scorched",
                "COOL | 32 | 33 | 34 | 35 | 34.5 | would melt away",
                "COOL | 32 | 33 | 34 | 35 | 31 | at {power}",
                "SEED | 30 | 31 | 32 | 33 | 30.5 | stir, read again",
                "SEED | 30 | 31 | 32 | 33 | 32.6 | the temper goes at {clear}",
                "CAST | 30 | 31 | 32 | 33 | 36 | Temper is lost",
                "TEMPER_AGAIN | 30 | 31 | 32 | 33 | 27 | in pulses of {pulse}",
                "FILL | 20 | 24 | 29 | 31 | 30.5 | melt the shell",
                "FILL | 20 | 24 | 29 | 31 | 21 | Too stiff",
                "CHILL | 6 | 8 | 16 | 18 | 5 | spots and water",
                "CHILL_CAP | 6 | 8 | 16 | 18 | 17 | turns grey",
                "MOULD | 18 | 20 | 29 | 31 | 17 | warm them a little",
                "MOULD | 18 | 20 | 29 | 31 | 30 | loses the temper at the wall",
                "COLOUR | 27 | 28.5 | 30 | 31.5 | 31 | Let it cool",
                "COLOUR | 27 | 28.5 | 30 | 31.5 | 28 | Warm it gently",
            })
    void aTemperatureOutOfBandNamesItsRemedy(
            final TaskKind kind,
            final double lowLimit,
            final double low,
            final double high,
            final double highLimit,
            final double read,
            final String words) {
        final Band band = new Band(lowLimit, low, high, highLimit);
        final Advice advice = ReadingAdvice.on(step(kind, Unit.CELSIUS, band), read, BOWL);
        assertThat(advice.sentence().template()).contains(words);
        assertThat(advice.sentence().template()).startsWith("{value}, {out} ");
        allPlacesFilled(advice.sentence());
    }

    @ParameterizedTest(name = "{0} at {1} g: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SCRAPE | 100 | wait less before draining",
                "SCRAPE | 50 | second coat",
                "WEIGH | 100 | Heavier than planned",
                "WEIGH | 50 | hollows under the cap",
            })
    void aWeightOutOfBandNamesItsCause(
            final TaskKind kind, final double grams, final String words) {
        final Band band = new Band(60, 68, 76, 84);
        final Advice advice = ReadingAdvice.on(step(kind, Unit.GRAM, band), grams, BOWL);
        assertThat(advice.sentence().template()).contains(words);
        allPlacesFilled(advice.sentence());
    }

    private static void allPlacesFilled(final Sentence sentence) {
        final Matcher places = Pattern.compile("\\{(\\w+)}").matcher(sentence.template());
        while (places.find()) {
            assertThat(sentence.values()).containsKey(places.group(1));
        }
    }

    private static Task step(final TaskKind kind, final Unit unit, final Band band) {
        return new Task(
                1,
                kind,
                "",
                "",
                Sentence.of("Do.").with("thick", 1.6, Unit.MILLIMETRE),
                Optional.of(new Reading("reading", unit, band.middle(), band)),
                Optional.empty(),
                1,
                List.of(),
                Set.of(),
                Optional.empty(),
                Source.definition("test"));
    }
}
