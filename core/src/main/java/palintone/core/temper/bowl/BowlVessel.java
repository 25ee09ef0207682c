package palintone.core.temper.bowl;

import palintone.core.figure.Require;

/**
 * A vessel as the chocolate in it feels it.
 *
 * @param words what it is
 * @param airWPerK lost to the room per kelvin, top and walls
 * @param waterWPerK taken up or given off per kelvin when it stands in water
 * @param capacityJPerK of its walls, which follow the chocolate
 */
public record BowlVessel(String words, double airWPerK, double waterWPerK, double capacityJPerK) {

    /**
     * From the open surface of warm chocolate to still air, radiation included, W/m²K; ours. More
     * than from a mould at rest ({@code AirFlow}): stirring brings warm mass up all the time.
     */
    private static final double TOP_W_PER_M2K = 12;

    /** Chocolate spread on a stone, where only its top meets the air. */
    public static BowlVessel noneOver(final double areaM2) {
        return new BowlVessel("stone", TOP_W_PER_M2K * areaM2, 0, 0);
    }

    /** The same gathered in a heap: a third of the area it had when it was spread; ours. */
    public static BowlVessel heapOf(final double spreadM2) {
        return noneOver(spreadM2 / 3);
    }

    /**
     * A half sphere that the mass just fills. Allowed: mass 20 to 200000 g.
     *
     * @param massG in it, 20 g to 200 kg
     * @param densityGPerMl of the melted chocolate
     */
    public static BowlVessel holding(
            final VesselKind kind, final double massG, final double densityGPerMl) {
        Require.between("mass", massG, 20, 200_000, "g");
        final double volumeM3 = massG / densityGPerMl * 1e-6;
        final double radiusM = Math.cbrt(3 * volumeM3 / (2 * Math.PI));
        final double topM2 = Math.PI * radiusM * radiusM;
        final double wallM2 = 2 * topM2;
        return new BowlVessel(
                kind.words(),
                TOP_W_PER_M2K * topM2 + kind.airWPerM2K() * wallM2,
                kind.waterWPerM2K() * wallM2,
                kind.wallJPerM2K() * wallM2);
    }

    /** The same vessel where the workshop has measured how fast it loses heat. */
    public BowlVessel losing(final double measuredWPerK) {
        return new BowlVessel(words, measuredWPerK, waterWPerK, capacityJPerK);
    }
}
