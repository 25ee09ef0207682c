package palintone.core.temper.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import palintone.core.figure.Require;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.trace.Sample;

/**
 * A thermometer with its faults: noise, an offset, readings that do not come, and readings from the
 * skin, which is colder than the middle. Seven kelvin have been seen; common practice, no source.
 *
 * @param noiseK standard deviation
 * @param offsetK shown too much
 * @param dropouts share of readings that never come
 * @param skin share of readings taken from the skin
 */
public record SimulatedProbe(double noiseK, double offsetK, double dropouts, double skin) {

    private static final double SKIN_LEAST_K = 2;
    private static final double SKIN_MOST_K = 7;

    /**
     * Allowed: noise 0 to 5 K; offset −5 to 5 K; dropouts 0 to 95 %; skin readings 0 to 95 %.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public SimulatedProbe {
        Require.between("noise", noiseK, 0, 5, "K");
        Require.between("offset", offsetK, -5, 5, "K");
        Require.between("dropouts", dropouts * 100, 0, 95, "%");
        Require.between("skin readings", skin * 100, 0, 95, "%");
    }

    /** One reading, °C, or not a number where it does not come. */
    public double read(final double trueC, final Random random) {
        if (random.nextDouble() < dropouts) {
            return Double.NaN;
        }
        final double skinK =
                random.nextDouble() < skin
                        ? SKIN_LEAST_K + random.nextDouble() * (SKIN_MOST_K - SKIN_LEAST_K)
                        : 0;
        return trueC + offsetK + noiseK * random.nextGaussian() - skinK;
    }

    /** Reads a path at even steps; what does not come is left out, as a real probe would. */
    public List<Sample> read(final List<BowlState> path, final double everyS, final Random random) {
        final List<Sample> samples = new ArrayList<>();
        int at = 0;
        final double last = path.get(path.size() - 1).timeS();
        for (double t = path.get(0).timeS(); t <= last; t += everyS) {
            while (at < path.size() - 2 && path.get(at + 1).timeS() < t) {
                at++;
            }
            final double c = read(between(path, at, t), random);
            if (!Double.isNaN(c)) {
                samples.add(new Sample(t, c));
            }
        }
        return samples;
    }

    private static double between(final List<BowlState> path, final int at, final double timeS) {
        final BowlState a = path.get(at);
        final BowlState b = path.get(Math.min(at + 1, path.size() - 1));
        if (b.timeS() <= a.timeS()) {
            return b.temperatureC();
        }
        final double along =
                Math.max(0, Math.min(1, (timeS - a.timeS()) / (b.timeS() - a.timeS())));
        return a.temperatureC() + along * (b.temperatureC() - a.temperatureC());
    }
}
