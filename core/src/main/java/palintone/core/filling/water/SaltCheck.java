package palintone.core.filling.water;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * Corrects a water-activity meter by what it reads over saturated salt solutions: their true values
 * after Greenspan (1977), "Humidity fixed points of binary saturated aqueous solutions", J. Res.
 * Nat. Bur. Stand. 81A, 89–96, at 20 and 25 °C, from memory; straight lines between.
 */
public final class SaltCheck {

    public static final Source SOURCE =
            Source.remembered("Greenspan 1977, J. Res. Nat. Bur. Stand. 81A, 89–96");

    /** A saturated solution with undissolved salt at its bottom. */
    public enum Salt {
        MAGNESIUM_CHLORIDE("magnesium chloride", 0.3307, 0.3278),
        POTASSIUM_CARBONATE("potassium carbonate", 0.4316, 0.4316),
        MAGNESIUM_NITRATE("magnesium nitrate", 0.5438, 0.5289),
        SODIUM_CHLORIDE("sodium chloride", 0.7547, 0.7529),
        POTASSIUM_CHLORIDE("potassium chloride", 0.8511, 0.8434),
        POTASSIUM_SULPHATE("potassium sulphate", 0.9759, 0.9730);

        private final String words;
        private final double at20;
        private final double at25;

        Salt(final String words, final double at20, final double at25) {
            this.words = words;
            this.at20 = at20;
            this.at25 = at25;
        }

        public String words() {
            return words;
        }

        /**
         * @param celsius 15 to 30 °C
         */
        public double activity(final double celsius) {
            Require.between("temperature of the salt solution", celsius, 15, 30, "°C");
            return at20 + (at25 - at20) * (celsius - 20) / 5;
        }
    }

    /** What the meter showed over a salt: water activity, 0 to 1, at a temperature. */
    public record SaltReading(Salt salt, double shown, double celsius) {

        /**
         * @throws OutOfRangeException when the meter is more than 0.1 away: then something else is
         *     wrong
         */
        public SaltReading {
            final double truth = salt.activity(celsius);
            Require.between("meter over " + salt.words(), shown, truth - 0.1, truth + 0.1, "");
        }
    }

    /** A meter that stretches more is broken, or the salts were exchanged; ours. */
    private static final double LEAST_SLOPE = 0.8;

    private SaltCheck() {}

    /**
     * What the meter means: shifted by one salt, stretched between two.
     *
     * @param shown water activity over the filling, 0.05 to 1
     * @param readings one or more, each of another salt
     * @throws OutOfRangeException outside these, without a reading, with one salt twice, or where
     *     the readings would have the meter stretch by more than a quarter
     */
    public static Figure corrected(final double shown, final List<SaltReading> readings) {
        Require.between("water activity shown", shown, 0.05, 1, "");
        if (readings.isEmpty()) {
            throw new OutOfRangeException("salt readings", "none", "at least one");
        }
        final Set<Salt> seen = EnumSet.noneOf(Salt.class);
        for (final SaltReading r : readings) {
            if (!seen.add(r.salt())) {
                throw new OutOfRangeException(
                        "salt readings",
                        r.salt().words() + " twice",
                        "each salt once: the same again says nothing of how the meter stretches");
            }
        }
        final double n = readings.size();
        final double meanShown = readings.stream().mapToDouble(SaltReading::shown).sum() / n;
        final double meanTrue =
                readings.stream().mapToDouble(r -> r.salt().activity(r.celsius())).sum() / n;
        double product = 0;
        double square = 0;
        for (final SaltReading r : readings) {
            product += (r.shown() - meanShown) * (r.salt().activity(r.celsius()) - meanTrue);
            square += (r.shown() - meanShown) * (r.shown() - meanShown);
        }
        final double slope = square > 1e-6 ? product / square : 1;
        if (slope < LEAST_SLOPE || slope > 1 / LEAST_SLOPE) {
            throw new OutOfRangeException(
                    "slope of the meter over the salts",
                    String.valueOf(Math.round(slope * 100) / 100.0),
                    "0.8 to 1.25; look which salt is which, or have the meter seen to");
        }
        final double value = Math.max(0.01, Math.min(1, meanTrue + slope * (shown - meanShown)));
        Basis basis =
                Basis.of("true = mean of the salts + slope · (shown − mean shown)")
                        .with("shown", shown, Unit.ONE)
                        .with("slope", slope, Unit.ONE);
        for (final SaltReading r : readings) {
            basis =
                    basis.with(r.salt().words() + " shown", r.shown(), Unit.ONE)
                            .with(
                                    r.salt().words() + " by the table",
                                    r.salt().activity(r.celsius()),
                                    Unit.ONE);
        }
        return Figure.of("water activity, corrected", value, Unit.ONE, basis.from(SOURCE))
                .spread(Math.max(0.01, value - 0.005), Math.min(1, value + 0.005));
    }
}
