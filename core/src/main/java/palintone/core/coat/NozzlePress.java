package palintone.core.coat;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A bag pressed evenly through a nozzle: what leaves is its opening times how fast it comes times
 * how long; m = π/4·d²·v·t·ρ.
 *
 * @param nozzleMm across its opening, 1 to 30
 * @param mmPerS how fast it comes out, 2 to 500; as a hand presses until one has been weighed
 */
public record NozzlePress(double nozzleMm, double mmPerS) {

    /** As fast as it comes where nobody has weighed one. */
    public static final double USUAL_MM_PER_S = 50;

    public static final Source SOURCE =
            Source.calibrated(
                    "a hand presses about 50 mm a second through a nozzle: 9 g out of 10 mm in two"
                            + " seconds; weigh one, and it is yours");

    /** One is pressed in so long where nobody says; common practice, no source. */
    public static final double USUAL_S = 2;

    private static final double CUBIC_MM_PER_ML = 1000;

    /**
     * @throws OutOfRangeException when a number is impossible
     */
    public NozzlePress {
        Require.between("nozzle", nozzleMm, 1, 30, "mm");
        Require.between("speed out of the nozzle", mmPerS, 2, 500, "mm/s");
    }

    /**
     * As one was weighed. Allowed: nozzle 1 to 30 mm.
     *
     * @param massG of it, 0.1 to 500
     * @param seconds it was pressed, 0.2 to 60
     * @param gPerMl density, 0.2 to 2
     * @throws OutOfRangeException when a number is impossible, or no hand presses so fast
     */
    public static NozzlePress weighed(
            final double nozzleMm, final double massG, final double seconds, final double gPerMl) {
        Require.between("nozzle", nozzleMm, 1, 30, "mm");
        Require.between("weight of a heap", massG, 0.1, 500, "g");
        Require.between("seconds pressed", seconds, 0.2, 60, "s");
        Require.between("density of the filling", gPerMl, 0.2, 2, "g/ml");
        return new NozzlePress(
                nozzleMm, massG / gPerMl * CUBIC_MM_PER_ML / (areaMm2(nozzleMm) * seconds));
    }

    /**
     * Into a cavity it must go in.
     *
     * @param openingMm of the cavity
     * @throws OutOfRangeException where it is wider than that
     */
    public void into(final double openingMm) {
        if (nozzleMm >= openingMm) {
            throw new OutOfRangeException(
                    "nozzle",
                    nozzleMm + " mm",
                    "narrower than what it goes into, " + openingMm + " mm");
        }
    }

    /**
     * What comes in so long, g.
     *
     * @param seconds 0.2 to 60
     * @param gPerMl density, 0.2 to 2
     */
    public double massG(final double seconds, final double gPerMl) {
        Require.between("seconds pressed", seconds, 0.2, 60, "s");
        Require.between("density of the filling", gPerMl, 0.2, 2, "g/ml");
        return areaMm2(nozzleMm) * mmPerS * seconds / CUBIC_MM_PER_ML * gPerMl;
    }

    /** How long for so much, s. */
    public double secondsFor(final double massG, final double gPerMl) {
        return massG / gPerMl * CUBIC_MM_PER_ML / (areaMm2(nozzleMm) * mmPerS);
    }

    /** The opening that gives so much in so long, pressed as fast, mm. */
    public double openingFor(final double massG, final double seconds, final double gPerMl) {
        return Math.sqrt(4 / Math.PI * massG / gPerMl * CUBIC_MM_PER_ML / (mmPerS * seconds));
    }

    /**
     * How wide a heap comes under a nozzle held so high: it fills a dome up to the nozzle, then
     * spreads, V = 2/3·π·(w/2)²·h; where it runs, it is as wide as it runs.
     *
     * @param heap as it comes to rest by itself
     * @param massG of it
     * @param gPerMl density
     * @param heldMm above the paper, 1 to 100
     */
    public static double acrossMm(
            final PipedHeap heap, final double massG, final double gPerMl, final double heldMm) {
        Require.between("nozzle held above the paper", heldMm, 1, 100, "mm");
        if (!heap.stands() || heap.heightMm() <= heldMm) {
            return heap.acrossMm();
        }
        return 2 * Math.sqrt(1.5 * massG / gPerMl * CUBIC_MM_PER_ML / (Math.PI * heldMm));
    }

    private static double areaMm2(final double nozzleMm) {
        return Math.PI / 4 * nozzleMm * nozzleMm;
    }
}
