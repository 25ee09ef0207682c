package palintone.core.temper.method;

import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.Sentence;

/**
 * One stretch of the curve.
 *
 * @param band where the thermometer should end
 * @param handsOn share of the time it needs somebody, 0 to 1
 * @param say what to do, with its numbers
 * @param aimC the number it is to end at, °C; a bowl left to stir falls a little below it
 * @param seed that goes in, where it is a phase of seeding
 * @param read when and where to read
 * @param caution where the work can hurt or spoil
 */
public record CurvePhase(
        PhaseKind kind,
        double startS,
        double endS,
        double fromC,
        double toC,
        Band band,
        Sentence say,
        double aimC,
        Optional<Seed> seed,
        Sentence read,
        Optional<Sentence> caution,
        double handsOn) {

    /**
     * Seed for a bowl.
     *
     * @param grams of it
     * @param atC where the bowl stands as it goes in, °C
     */
    public record Seed(double grams, double atC) {}

    /** What the stretches of every curve are; seed goes in where it is a method of seeding. */
    public enum PhaseKind {
        MELT("melt"),
        COOL("cool"),
        SEED("seed"),
        HOLD("hold"),
        REWARM("rewarm"),
        WORK("work");

        private final String words;

        PhaseKind(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public double minutes() {
        return (endS - startS) / 60;
    }
}
