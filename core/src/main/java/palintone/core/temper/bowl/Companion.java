package palintone.core.temper.bowl;

import palintone.core.figure.Require;

/**
 * A second body in contact with the chocolate: water of a bath, a stone.
 *
 * @param startC its temperature at the start
 * @param capacityJPerK how much heat it takes per kelvin
 * @param contactWPerK heat passing per kelvin of difference
 */
public record Companion(double startC, double capacityJPerK, double contactWPerK) {

    private static final double WATER_J_PER_G_K = 4.18;

    /** Marble or granite: 2700 kg/m³, 0.85 J/gK; from memory. */
    private static final double STONE_J_PER_M3K = 2700e3 * 0.85;

    /**
     * Spread, gathered and spread again: half the time in contact, through a thin film; W/m²K.
     * Calibrated by hand: 2 kg from 45 to 27 °C on a stone of 20 °C in some four minutes.
     */
    private static final double TABLING_W_PER_M2K = 75;

    /** How thick it is spread, m; practice. */
    private static final double SPREAD_M = 0.006;

    private static final double SPREAD_SHARE_OF_STONE = 0.8;

    public Companion {
        Require.between("temperature of the bath or stone", startC, -5, 100, "°C");
        Require.positive("heat capacity", capacityJPerK, 1e9, "J/K");
        Require.between("contact", contactWPerK, 0, 1e6, "W/K");
    }

    /**
     * Water around the vessel.
     *
     * @param waterG of it, ice counted as water of 0 °C held there by its melting
     */
    public static Companion water(final Vessel vessel, final double waterC, final double waterG) {
        Require.between("water temperature", waterC, 0, 100, "°C");
        Require.positive("water", waterG, 1_000_000, "g");
        return new Companion(waterC, waterG * WATER_J_PER_G_K, vessel.waterWPerK());
    }

    /** Area that a mass covers on a stone, m². */
    public static double spreadM2(
            final double massG, final double densityGPerMl, final double stoneM2) {
        return Math.min(SPREAD_SHARE_OF_STONE * stoneM2, massG / densityGPerMl * 1e-6 / SPREAD_M);
    }

    /**
     * A stone that is worked on.
     *
     * @param stoneC its temperature, 5 to 35 °C
     * @param stoneM2 its area
     * @param thicknessM of the slab
     * @param spreadM2 covered by chocolate
     */
    public static Companion stone(
            final double stoneC,
            final double stoneM2,
            final double thicknessM,
            final double spreadM2) {
        Require.between("stone temperature", stoneC, 5, 35, "°C");
        Require.between("stone area", stoneM2, 0.02, 20, "m²");
        Require.between("stone thickness", thicknessM, 0.005, 0.2, "m");
        return new Companion(
                stoneC, STONE_J_PER_M3K * stoneM2 * thicknessM, TABLING_W_PER_M2K * spreadM2);
    }
}
