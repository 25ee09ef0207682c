package palintone.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;

class ToolsTest {

    private static final Scale BENCH = new Scale("Bench scale", 1, 10_000);
    private static final Scale FINE = new Scale("Fine scale", 0.01, 300);

    private static Tools tools(final Scale... scales) {
        return new Tools(
                List.of(scales),
                List.of(new Thermometer("Probe", 0.3, false)),
                List.of(new Melter("Bowl", 2000), new Melter("Wheel", 6000)),
                List.of(
                        new Cabinet("Cabinet", 12, Cabinet.Air.MOVING, OptionalInt.of(8)),
                        new Cabinet("Cold room", 16, Cabinet.Air.STILL, OptionalInt.empty())));
    }

    @Test
    void theFinestScaleThatBearsItIsTaken() {
        final Tools both = tools(BENCH, FINE);
        assertThat(both.scaleFor(299)).contains(FINE);
        assertThat(both.scaleFor(301)).contains(BENCH);
        assertThat(both.scaleFor(20_000)).isEmpty();
    }

    /** Half a gram in four is an eighth. */
    @Test
    void whatTheLastDigitCannotTellIsSaid() {
        assertThat(BENCH.doubt(4)).isCloseTo(0.125, within(1e-12));
        final var said = tools(BENCH).weighing("lecithin", 4).orElseThrow();
        assertThat(said.values().get("doubt").value()).isCloseTo(12.5, within(1e-9));
        assertThat(tools(BENCH, FINE).weighing("lecithin", 4)).isEmpty();
        assertThat(tools(BENCH).weighing("cream", 400)).isEmpty();
        assertThat(tools().weighing("lecithin", 0.1)).isEmpty();
    }

    @Test
    void theLargestMelterAndTheFirstCabinetSetTheLimit() {
        assertThat(tools().melting(5999)).isEmpty();
        assertThat(tools().melting(6001).orElseThrow().template()).contains("Wheel");
        assertThat(tools().cooling(8)).isEmpty();
        assertThat(tools().cooling(9).orElseThrow().template()).contains("Cabinet");
        final Tools bare = new Tools(List.of(), List.of(), List.of(), List.of());
        assertThat(Tools.said(bare.melting(1e6), bare.cooling(500), bare.reading(band(1))))
                .isEmpty();
    }

    private static Band band(final double wide) {
        return new Band(30, 31, 31 + wide, 33 + wide);
    }

    @Test
    void aThermometerThatCannotTellTheWindowSaysSo() {
        assertThat(tools().reading(band(1))).isEmpty();
        final Tools rough =
                new Tools(
                        List.of(),
                        List.of(
                                new Thermometer("Infrared", 0.1, true),
                                new Thermometer("Old", 1, false)),
                        List.of(),
                        List.of());
        assertThat(rough.reading(band(1)).orElseThrow().template()).startsWith("Old");
        final Tools above =
                new Tools(
                        List.of(),
                        List.of(new Thermometer("Infrared", 0.1, true)),
                        List.of(),
                        List.of());
        assertThat(above.reading(band(2)).orElseThrow().template()).contains("surface only");
    }

    @Test
    void impossibleToolsAreRefused() {
        assertThatThrownBy(() -> new Scale("Bench scale", 0, 100))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("step of Bench scale");
        assertThatThrownBy(() -> new Scale("Bench scale", 10, 5))
                .hasMessageContaining("most of Bench scale");
        assertThatThrownBy(() -> new Cabinet("C", 40, Cabinet.Air.STILL, OptionalInt.empty()))
                .hasMessageContaining("temperature of C");
        assertThatThrownBy(() -> new Melter("", 100)).isInstanceOf(OutOfRangeException.class);
    }
}
