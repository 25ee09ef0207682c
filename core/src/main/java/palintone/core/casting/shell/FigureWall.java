package palintone.core.casting.shell;

import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * How thick the wall of a hollow figure must be to be picked up.
 *
 * <p>Under a thumb a shell bends: stress C·F/t², C = 0.27·(1 + ν) for a small patch on a curved
 * shell. The thumb presses with what it always does, and with what it takes to lift the weight by
 * friction, three times over; the weight grows with the wall. t²·σ = C·(F₀ + s·g·ρ·A·t/2μ) gives t.
 */
public final class FigureWall {

    public static final Source SOURCE =
            Source.calibrated(
                    "bending under a thumb (Roark, small patch on a spherical shell, from memory);"
                            + " the stress allowed is set so that figures of 10, 19 and 30 cm come to"
                            + " about 2 to 3, 3 and 4 to 5 mm, as common practice has it");

    private static final double PATCH = 0.27 * 1.3;
    private static final double THUMB_N = 10;
    private static final double SURE = 3;
    private static final double FRICTION = 0.4;

    private FigureWall() {}

    /**
     * Allowed: surface of the figure (mm²) above 0 to 100000000.
     *
     * @param wallMm2 surface of the whole figure, above 0
     * @param gPerMl of the couverture
     * @return mm
     */
    public static double wantedMm(final double wallMm2, final double gPerMl) {
        Require.positive("surface of the figure (mm²)", wallMm2, 1e8, "");
        final double gripPerM =
                SURE
                        * PhysicalConstants.GRAVITY_M_PER_S2
                        * gPerMl
                        * 1000
                        * wallMm2
                        * 1e-6
                        / (2 * FRICTION);
        final double b = PATCH * gripPerM / CalibratedCasting.FIGURE_BEARS_PA;
        final double c = PATCH * THUMB_N / CalibratedCasting.FIGURE_BEARS_PA;
        return 1000 * (b + Math.sqrt(b * b + 4 * c)) / 2;
    }
}
