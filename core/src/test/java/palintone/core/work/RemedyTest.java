package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import palintone.core.figure.Band;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.Occupies;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;

/** A reading out of band names its remedy; trade practice, no source. */
class RemedyTest {

    @ParameterizedTest(name = "{0} at {5}: {6}")
    @CsvSource(
            delimiter = '|',
            value = {
                "STIR_IN | 20 | 24 | 28 | 30 | 19 | sets the bowl around it",
                "STIR_IN | 20 | 24 | 28 | 30 | 31 | melts the temper",
                "COOK | 100 | 103 | 105 | 107 | 101 | On with the heat",
                "COOK | 100 | 103 | 105 | 107 | 108 | Off the heat",
                "COOK | 30 | 32 | 34 | 36 | 35 | Let it cool on",
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
        final Advice advice = Remedy.on(step(kind, Unit.CELSIUS, band), read);
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
        final Advice advice = Remedy.on(step(kind, Unit.GRAM, band), grams);
        assertThat(advice.sentence().template()).contains(words);
        allPlacesFilled(advice.sentence());
    }

    /** At the bowl the reading is only stated: what to do there is played ahead by its adviser. */
    @ParameterizedTest
    @EnumSource(
            value = TaskKind.class,
            names = {"MELT", "COOL", "SEED", "HOLD", "REWARM", "CAST", "TEMPER_AGAIN"})
    void atTheBowlItOnlyStates(final TaskKind kind) {
        final Task task = step(kind, Unit.CELSIUS, new Band(30, 31, 32, 33), Occupies.BOWL);
        final Advice under = Remedy.on(task, 30.4);
        assertThat(under.sentence().template()).isEqualTo("{value}, {out} under.");
        assertThat(under.sentence().values().get("out").value()).isCloseTo(0.6, within(1e-9));
        assertThat(under.sentence().values().get("out").unit()).isEqualTo(Unit.KELVIN);
        assertThat(under.bandStatus()).isEqualTo(BandStatus.TIGHT);
        assertThat(under.again()).isFalse();
        assertThat(Remedy.on(task, 35).again()).isTrue();
        assertThat(Remedy.on(task, 31.5).sentence().template()).isEqualTo("{value}, in the band.");
    }

    @Test
    void heavyShellsAreReadAsThickness() {
        final Task scrape = step(TaskKind.SCRAPE, Unit.GRAM, new Band(56, 64.4, 75.6, 84));
        final Advice advice = Remedy.on(scrape, 87.5);
        assertThat(advice.sentence().template()).contains("{mm} thick");
        // 1.6 mm are 70 g.
        assertThat(advice.sentence().values().get("mm").value()).isEqualTo(2.0);
        assertThat(advice.bandStatus()).isEqualTo(BandStatus.OFF);
        assertThat(advice.again()).as("this mould is as it is").isFalse();
    }

    @Test
    void inTheBandOneGoesOn() {
        final Task fill = step(TaskKind.FILL, Unit.CELSIUS, new Band(20, 24, 28, 30));
        assertThat(Remedy.on(fill, 26).sentence().template())
                .isEqualTo("{value}, in the band. Go on.");
        assertThat(Remedy.on(fill, 32).again()).as("so warm it melts the shell").isTrue();
        assertThat(Remedy.on(fill, 29).again()).as("at the edge").isFalse();
    }

    private static void allPlacesFilled(final Sentence sentence) {
        final Matcher places = Pattern.compile("\\{(\\w+)}").matcher(sentence.template());
        while (places.find()) {
            assertThat(sentence.values()).containsKey(places.group(1));
        }
    }

    private static Task step(
            final TaskKind kind, final Unit unit, final Band band, final Occupies... needs) {
        return new Task(
                1,
                kind,
                "",
                "",
                Sentence.of("Do."),
                java.util.Map.of(palintone.core.process.Amount.SHELL, 1.6),
                Optional.of(new TaskReading("reading", unit, band.middle(), band)),
                Optional.empty(),
                1,
                List.of(),
                Set.of(needs),
                Optional.empty(),
                Source.definition("test"));
    }
}
