package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import palintone.core.figure.Band;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.Reading;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.HeatSource;

class ReadingAdviceTest {

    private final Bowl bowl = new Bowl(2400, 1.7, 34.5, new HeatSource(600, 0.6));

    private static Task step(final TaskKind kind, final Unit unit, final Band band) {
        return new Task(
                1,
                kind,
                "",
                "",
                Sentence.of("").with("thick", 1.6, Unit.MILLIMETRE),
                Optional.of(new Reading("reading", unit, band.middle(), band)),
                Optional.empty(),
                1,
                List.of(),
                Set.of(),
                Optional.empty(),
                Source.definition("test"));
    }

    private final Task seed = step(TaskKind.SEED, Unit.CELSIUS, new Band(30, 31, 32, 33));

    @Test
    void underTheWindowItNamesTheHeat() {
        final Advice advice = ReadingAdvice.on(seed, 30.4, bowl);
        assertThat(advice.bandStatus()).isEqualTo(BandStatus.TIGHT);
        assertThat(advice.sentence().template())
                .startsWith("{value}, {out} under.")
                .contains("{heat} at {power}");
        // 2400 g · 1.7 J/gK · 1.1 K / 360 W = 12.5 s
        assertThat(advice.sentence().values().get("heat")).isEqualTo(new Quantity(12, Unit.SECOND));
        assertThat(advice.sentence().values().get("out").unit()).isEqualTo(Unit.KELVIN);
    }

    @Test
    void farUnderItSplitsTheHeatIntoPulses() {
        final Sentence sentence = ReadingAdvice.on(seed, 27, bowl).sentence();
        assertThat(sentence.template()).contains("in pulses of {pulse}");
        assertThat(sentence.values().get("heat").value() % 5).isZero();
    }

    @Test
    void aboveTheWindowItSaysWhereTheTemperGoes() {
        assertThat(ReadingAdvice.on(seed, 32.8, bowl).sentence().template())
                .contains("the temper goes at {clear}");
        assertThat(ReadingAdvice.on(seed, 35, bowl).sentence().template())
                .contains("Temper is lost");
    }

    @Test
    void inTheBandItSaysGoOn() {
        final Advice advice = ReadingAdvice.on(seed, 31.5, bowl);
        assertThat(advice.bandStatus()).isEqualTo(BandStatus.IN_BAND);
        assertThat(advice.sentence().template()).isEqualTo("{value}, in the band. Go on.");
    }

    @Test
    void heavyShellsAreReadAsThickness() {
        final Task scrape = step(TaskKind.SCRAPE, Unit.GRAM, new Band(56, 64.4, 75.6, 84));
        final Sentence sentence = ReadingAdvice.on(scrape, 87.5, bowl).sentence();
        assertThat(sentence.template()).contains("{mm} thick");
        assertThat(sentence.values().get("mm").value()).isEqualTo(2.0);
    }

    @Test
    void aSlowPaperTestStopsTheCasting() {
        final Task test = step(TaskKind.TEST, Unit.SECOND, new Band(0, 20, 120, 180));
        assertThat(ReadingAdvice.on(test, 95, bowl).sentence().template()).contains("cast now");
        assertThat(ReadingAdvice.on(test, 150, bowl).sentence().template()).contains("more seed");
        assertThat(ReadingAdvice.on(test, 240, bowl).sentence().template()).contains("Do not cast");
    }
}
