package palintone.core.temper.crystal;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * The smear on paper or a knife tip: a thin film that cools to the room and sets. It has set when
 * about 18 % of the fat is solid.
 *
 * @param roomC where it lies, 10 to 30 °C
 */
public record PaperTest(double roomC) {

    /** Solid share of the fat at which a smear no longer takes a fingerprint; from memory. */
    public static final double SET_SOLID = 0.18;

    /** A film of half a millimetre on paper falls towards the room with this time, s; ours. */
    private static final double COOLING_S = 22;

    public static final double LONGEST_S = 3600;
    private static final double STEP_S = 2;

    public static final Source SOURCE =
            Source.practice("a smear in temper sets within two minutes");

    /** Allowed: room temperature 5 to 35 °C. */
    public PaperTest {
        Require.between("room temperature", roomC, 5, 35, "°C");
    }

    /**
     * How long a smear takes.
     *
     * @param law of the couverture
     * @param bowlC where it was taken
     * @param start crystals in it
     * @return seconds to set, {@link #LONGEST_S} where it does not set in an hour, and the crystals
     *     then
     */
    public PaperOutcome smear(final CrystalLaw law, final double bowlC, final Crystals start) {
        final CrystalPath path = new CrystalPath(law, start);
        double from = bowlC;
        double before = path.stable() + path.unstable();
        for (double t = 0; t < LONGEST_S; t += STEP_S) {
            final double to = roomC + (bowlC - roomC) * Math.exp(-(t + STEP_S) / COOLING_S);
            path.advance(from, to, STEP_S, 0);
            from = to;
            final double solid = path.stable() + path.unstable();
            if (solid >= SET_SOLID) {
                final double part = solid > before ? (SET_SOLID - before) / (solid - before) : 1;
                return new PaperOutcome(t + STEP_S * Math.max(0, Math.min(1, part)), path.now());
            }
            before = solid;
        }
        return new PaperOutcome(LONGEST_S, path.now());
    }

    /**
     * @param seconds until it has set
     * @param crystals at that moment
     */
    public record PaperOutcome(double seconds, Crystals crystals) {}
}
