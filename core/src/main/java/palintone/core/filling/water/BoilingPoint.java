package palintone.core.filling.water;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.WagnerPruss1993;

/**
 * Where a syrup boils: the temperature at which its water activity times the pressure of saturated
 * steam equals that of the air.
 *
 * <p>Water activity by {@link Norrish1966} up to the pull of an 80 % sucrose syrup; beyond it the
 * logarithm of the activity coefficient is continued as a straight line, which meets 130 °C at 90.8
 * % (handbook, from memory). Above 130 °C the rise is compressed by {@value #COMPRESSION},
 * calibrated here to about 3 % water left at 150 °C (common practice, no source).
 */
public final class BoilingPoint {

    public static final Source SOURCE =
            Source.calibrated(
                    "aw·psat(T) = P; Norrish continued straight beyond an 80 % sucrose syrup, set to"
                            + " handbook boiling points and to 3 % water at 150 °C");

    static final double COMPRESSION = 0.44;

    private static final double BEND_C = 130;
    private static final double PULL_OF_80_PERCENT = 0.4426;
    private static final WagnerPruss1993 STEAM = new WagnerPruss1993();

    /** Standard atmosphere, hPa. */
    private BoilingPoint() {}

    /**
     * Pressure of the air by the international standard atmosphere.
     *
     * @param altitudeM −400 to 5000 m
     * @return hPa
     */
    public static double pressureHPa(final double altitudeM) {
        Require.between("altitude", altitudeM, -400, 5000, "m");
        return PhysicalConstants.SEA_LEVEL_HPA * Math.pow(1 - 2.25577e-5 * altitudeM, 5.25588);
    }

    /** Where plain water boils, °C. */
    public static double water(final double pressureHPa) {
        return STEAM.temperatureCAt(pressureHPa);
    }

    /** Water activity at the boil, everything dissolved. */
    static double activity(final AqueousPhase phase) {
        final double pull = phase.norrishPull();
        final double square =
                pull <= PULL_OF_80_PERCENT
                        ? pull * pull
                        : PULL_OF_80_PERCENT * (2 * pull - PULL_OF_80_PERCENT);
        final double salts =
                Ross1975.salts(Math.min(6, phase.saltsG() / 74.55 / phase.waterG() * 1000));
        return phase.waterMoleFraction() * Math.exp(-square) * salts;
    }

    /**
     * @param phase what is in the pot, all of it dissolved
     * @param pressureHPa of the air, 500 to 1100
     * @return °C, at most 200
     */
    public static double celsius(final AqueousPhase phase, final double pressureHPa) {
        Require.between("air pressure", pressureHPa, 500, 1100, "hPa");
        final double wanted = Math.min(150_000, pressureHPa / activity(phase));
        final double plain = STEAM.temperatureCAt(wanted);
        return Math.min(200, plain <= BEND_C ? plain : BEND_C + COMPRESSION * (plain - BEND_C));
    }

    /**
     * How much water is left when the syrup has boiled up to a temperature.
     *
     * @param phase what is in the pot
     * @param celsius wanted, above its present boiling point
     * @return grams, in the measure of the phase
     */
    public static double waterLeft(
            final AqueousPhase phase, final double celsius, final double pressureHPa) {
        final double plain =
                celsius <= BEND_C ? celsius : BEND_C + (celsius - BEND_C) / COMPRESSION;
        final double wanted = pressureHPa / STEAM.hPaAt(Math.min(365, plain));
        double low = 0;
        double high = phase.waterG();
        for (int k = 0; k < 60; k++) {
            final double water = (low + high) / 2;
            if (activity(phase.inWater(Math.max(1e-9, water))) < wanted) {
                low = water;
            } else {
                high = water;
            }
        }
        return (low + high) / 2;
    }
}
