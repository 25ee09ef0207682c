package palintone.core.filling.cool;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;
import palintone.core.substance.HeatConduction;

/**
 * What a filling cools in, and how its heat leaves.
 *
 * <p>From each surface by natural convection (McAdams 1954, simplified for air at one atmosphere,
 * from memory: flat, warm side up 1.32·(ΔT/L)^¼, down 0.59, upright 1.42) or by moved air (5.7 +
 * 3.8·v, Jürges 1924, from memory), and by radiation (Stefan–Boltzmann). Into what it stands on as
 * into a half space, e/√(πt) (Carslaw & Jaeger 1959), through a contact of 150 W/m²K (calibrated).
 * Inside half the depth conducts; while it is thin and warm its own convection carries three times
 * as much (calibrated), and stirred it does not count at all.
 */
public enum CoolingVessel {
    /** Its top under film, sides and floor through thin steel. */
    BOWL("bowl", 0.25, true),
    /** Spread out, film on it, metal beneath. */
    TRAY("tray", 0.25, false),
    /** A roll that lies: round, a quarter of it on what is beneath. */
    BAG("piping bag", 0.9, false);

    public static final Source SOURCE =
            Source.calibrated(
                    "natural convection (McAdams 1954), moved air (Jürges 1924), radiation, and"
                            + " stone as a half space (Carslaw & Jaeger 1959), all from memory;"
                            + " contact and convection inside set to common practice");

    private static final double LIES_ON = 0.25;
    private static final double CONTACT = 150;
    private static final double FILM_EMITS = 0.9;
    private static final double FIRST_S = 20;

    /** What flows in it when it is thin and warm carries so many times what stillness does. */
    private static final double FLOWING = 3;

    private final String words;
    private final double emits;
    private final boolean upright;

    CoolingVessel(final String words, final double emits, final boolean upright) {
        this.words = words;
        this.emits = emits;
        this.upright = upright;
    }

    public String words() {
        return words;
    }

    /** How the filling itself stands. */
    enum Inside {
        STILL,
        FLOWING,
        STIRRED
    }

    /**
     * Heat that passes for every degree, W/K.
     *
     * @param massG in it
     * @param depthM how deep it lies
     * @param densityGPerMl of it
     * @param on what it stands
     * @param celsius of it
     * @param roomC around it
     * @param seconds since it was put there
     */
    double wattsPerK(
            final double massG,
            final double depthM,
            final double densityGPerMl,
            final CoolingStand on,
            final double celsius,
            final double roomC,
            final double seconds,
            final Inside inside) {
        final double area = massG / densityGPerMl * 1e-6 / depthM;
        final double lengthM = Math.sqrt(area);
        final double half =
                switch (inside) {
                    case STILL -> depthM / 2 / 3 / HeatConduction.FILLING_W_PER_MK;
                    case FLOWING -> depthM / 2 / 3 / HeatConduction.FILLING_W_PER_MK / FLOWING;
                    case STIRRED -> 0;
                };
        final double rises = Math.max(0.1, Math.abs(celsius - roomC));
        final double moved = on.airMPerS() > 0 ? 5.7 + 3.8 * on.airMPerS() : 0;
        final double top = air(moved, 1.32, rises, lengthM) + radiates(FILM_EMITS, celsius, roomC);
        final double floor =
                on.effusivity() > 0
                        ? 1
                                / (1 / CONTACT
                                        + Math.sqrt(Math.PI * Math.max(FIRST_S, seconds))
                                                / on.effusivity())
                        : air(moved, 0.59, rises, lengthM) + radiates(emits, celsius, roomC);
        if (this == BAG) {
            // A cylinder as thick as it is deep has four of its volume over that as its surface.
            final double round = 4 * area;
            final double rolled = half / 2;
            return round
                    * ((1 - LIES_ON) * through(top, rolled) + LIES_ON * through(floor, rolled));
        }
        double watts = area * (through(top, half) + through(floor, half));
        if (upright) {
            final double side = air(moved, 1.42, rises, depthM) + radiates(emits, celsius, roomC);
            watts += 2 * Math.sqrt(Math.PI * area) * depthM * through(side, half);
        }
        return watts;
    }

    private static double air(
            final double moved, final double factor, final double rises, final double lengthM) {
        return moved > 0 ? moved : factor * Math.pow(rises / Math.max(0.02, lengthM), 0.25);
    }

    private static double radiates(final double emits, final double celsius, final double roomC) {
        return emits
                * 4
                * PhysicalConstants.STEFAN_BOLTZMANN_W_PER_M2K4
                * Math.pow((celsius + roomC) / 2 + 273.15, 3);
    }

    private static double through(final double outside, final double half) {
        return outside <= 0 ? 0 : 1 / (1 / outside + half);
    }
}
