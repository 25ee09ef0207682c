package palintone.core.temper.bowl;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.core.Samples;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

/**
 * The same balances, written a second time in another language and solved by another published
 * solver (the npm package odex, a port of E. Hairer's ODEX; extrapolation instead of Runge–Kutta).
 */
class IndependentSolverTest {

    private static final Path REFERENCE = Path.of("src", "test", "reference");

    @ParameterizedTest(name = "{0} °C, {1} stable, room {2} °C, {3} W, {4} s")
    @CsvSource({
        // startC, stable, unstable, roomC, watts, seconds
        "45, 0, 0, 20, 0, 1800",
        "31.5, 0.01, 0, 20, 0, 1500",
        "27, 0, 0, 24, 20, 900",
        "33.5, 0.02, 0, 20, 60, 600",
        "24, 0.001, 0.02, 18, 30, 1200",
        "20, 0.76, 0, 20, 300, 400",
        // Unstable crystals above 32 °C: they melt, and none becomes stable any more.
        "32.2, 0.03, 0.04, 22, 40, 60",
        "6, 0.3, 0.1, 6, 0, 1800",
    })
    void bothSolversAgreeToAMillionth(
            final double startC,
            final double stable,
            final double unstable,
            final double roomC,
            final double watts,
            final double seconds)
            throws IOException, InterruptedException {
        final double massG = 2000;
        final BowlVessel vessel = BowlVessel.holding(VesselKind.STEEL_BOWL, massG, 1.2);
        final CrystalLaw law = Samples.dark().crystals();
        final BowlSimulation bowl =
                new BowlSimulation(
                        Samples.dark(),
                        law,
                        vessel,
                        new BowlState(0, massG, startC, new Crystals(stable, unstable)),
                        1e-11);
        bowl.run(BowlTreatment.room(roomC, Shear.STIRRED).heated(watts), seconds);

        final double fatG = massG * Samples.DARK_66.composition().fatFraction();
        final CrystalConstants c = law.constants();
        final String given =
                String.format(
                        Locale.ROOT,
                        "{\"constants\":{\"growth\":%s,\"width\":%s,\"nucleation\":%s,"
                                + "\"seedLoss\":%s,\"unstableNucleation\":%s,\"unstableGrowth\":%s},"
                                + "\"shear\":0.5,\"capacity\":%s,\"latentStable\":%s,"
                                + "\"latentUnstable\":%s,\"airWPerK\":%s,\"roomC\":%s,\"watts\":%s,"
                                + "\"startC\":%s,\"stable\":%s,\"unstable\":%s,\"seconds\":%s}",
                        c.growthPerS(),
                        c.growthWidthK(),
                        c.nucleationPerS(),
                        c.seedLossPerS(),
                        c.unstableNucleationPerS(),
                        c.unstableGrowthPerS(),
                        massG * Samples.dark().cpJPerGK() + vessel.capacityJPerK(),
                        fatG * 137,
                        fatG * 110,
                        vessel.airWPerK(),
                        roomC,
                        watts,
                        startC,
                        stable,
                        unstable,
                        seconds);
        final double[] other = reference(given);
        assertThat(bowl.now().temperatureC() / other[0]).isCloseTo(1, within(1e-6));
        assertThat(bowl.now().crystals().stable()).isCloseTo(other[1], within(1e-6));
        assertThat(bowl.now().crystals().unstable()).isCloseTo(other[2], within(1e-6));
    }

    private static double[] reference(final String given) throws IOException, InterruptedException {
        assertThat(Files.exists(REFERENCE.resolve("node_modules/odex")))
                .as("packages of core/src/test/reference are there; ./palintone test fetches them")
                .isTrue();
        final Process node =
                new ProcessBuilder("node", REFERENCE.resolve("bowl.mjs").toString())
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .start();
        node.getOutputStream().write(given.getBytes(StandardCharsets.UTF_8));
        node.getOutputStream().close();
        final String answer =
                new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8).trim();
        assertThat(node.waitFor()).isZero();
        final String[] numbers = answer.substring(1, answer.length() - 1).split(",");
        final double[] values = new double[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            values[i] = Double.parseDouble(numbers[i]);
        }
        return values;
    }
}
