package palintone.core.temper.bowl;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.heat.Slab;

/**
 * A second body in contact with the chocolate: water of a bath, or the stone under what is spread
 * on it.
 *
 * @param layersC its temperatures at the start: one where it is stirred, from the touched side down
 *     where it conducts
 * @param layerJPerK what each layer takes up
 * @param contactWPerK heat passing to the first layer per kelvin of difference
 * @param slab how heat goes on into its depth; none where it is stirred
 */
public record HeatSink(
        List<Double> layersC, double layerJPerK, double contactWPerK, Optional<Slab> slab) {

    private static final double WATER_J_PER_G_K = 4.18;

    /** Marble or granite: 2700 kg/m³, 0.85 J/gK, 2.6 W/mK; from memory. */
    private static final double STONE_J_PER_M3K = 2700e3 * 0.85;

    private static final double STONE_W_PER_MK = 2.6;
    private static final int STONE_LAYERS = 8;

    /**
     * Spread, gathered and spread again: half the time in contact, through a thin film that is
     * turned over; W/m²K. Calibrated by hand: 2 kg from 45 to 27 °C on a stone of 20 °C in some
     * four minutes. A still film of 6 mm would pass 83.
     */
    private static final double TABLING_W_PER_M2K = 165;

    /** How thick it is spread, m; practice. */
    private static final double SPREAD_M = 0.006;

    private static final double SPREAD_SHARE_OF_STONE = 0.8;

    /** Gathered in a heap it touches this part of what it covered when it was spread; ours. */
    private static final double HEAP = 0.2;

    /**
     * Allowed: layers of the bath or stone 1 to 100; temperature of the bath or stone −5 to 100 °C;
     * heat capacity above 0 to 1000000000 J/K; contact 0 to 1000000 W/K.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public HeatSink {
        layersC = List.copyOf(layersC);
        Require.between("layers of the bath or stone", layersC.size(), 1, 100, "");
        layersC.forEach(c -> Require.between("temperature of the bath or stone", c, -5, 100, "°C"));
        Require.positive("heat capacity", layerJPerK, 1e9, "J/K");
        Require.between("contact", contactWPerK, 0, 1e6, "W/K");
    }

    /**
     * Water around the vessel. Allowed: water temperature 0 to 100 °C; water above 0 to 1000000 g.
     *
     * @param waterG of it, ice counted as water of 0 °C held there by its melting
     */
    public static HeatSink water(
            final BowlVessel vessel, final double waterC, final double waterG) {
        Require.between("water temperature", waterC, 0, 100, "°C");
        Require.positive("water", waterG, 1_000_000, "g");
        return stirred(waterC, waterG * WATER_J_PER_G_K, vessel.waterWPerK());
    }

    /** A body of one temperature throughout. */
    public static HeatSink stirred(
            final double startC, final double capacityJPerK, final double contactWPerK) {
        return new HeatSink(List.of(startC), capacityJPerK, contactWPerK, Optional.empty());
    }

    /** Area that a mass covers on a stone, m². */
    public static double spreadM2(
            final double massG, final double densityGPerMl, final double stoneM2) {
        return Math.min(SPREAD_SHARE_OF_STONE * stoneM2, massG / densityGPerMl * 1e-6 / SPREAD_M);
    }

    /**
     * The stone under what is worked on it: the rest of the slab takes no heat in these minutes.
     * Allowed: stone area 0.002 to 20 m²; stone thickness 0.005 to 0.2 m.
     *
     * @param stoneC its temperature, 5 to 35 °C
     * @param thicknessM of the slab
     * @param spreadM2 covered by chocolate
     */
    public static HeatSink stone(
            final double stoneC, final double thicknessM, final double spreadM2) {
        Require.between("stone temperature", stoneC, 5, 35, "°C");
        Require.between("stone area", spreadM2, 0.002, 20, "m²");
        Require.between("stone thickness", thicknessM, 0.005, 0.2, "m");
        final Slab slab =
                new Slab(spreadM2, thicknessM / STONE_LAYERS, STONE_W_PER_MK, STONE_J_PER_M3K);
        return new HeatSink(
                Collections.nCopies(STONE_LAYERS, stoneC),
                slab.layerJPerK(),
                slab.touchWPerK(TABLING_W_PER_M2K * spreadM2),
                Optional.of(slab));
    }

    /** The same body at other temperatures: as it was left. */
    public HeatSink at(final List<Double> otherC) {
        return new HeatSink(otherC, layerJPerK, contactWPerK, slab);
    }

    /** The part of a stone that stays under the chocolate when it is gathered in a heap. */
    public HeatSink underHeap() {
        return new HeatSink(
                layersC,
                layerJPerK * HEAP,
                contactWPerK * HEAP,
                slab.map(
                        s ->
                                new Slab(
                                        s.areaM2() * HEAP,
                                        s.layerM(),
                                        s.conductivityWPerMK(),
                                        s.heatJPerM3K())));
    }

    /** What the whole of it takes up, J/K. */
    public double capacityJPerK() {
        return layerJPerK * layersC.size();
    }

    /** How fast its layers warm, K/s; heat comes in at the first. */
    void warming(
            final double[] celsius, final int first, final double intoFirstW, final double[] d) {
        if (slab.isPresent()) {
            slab.get().warming(celsius, first, layersC.size(), intoFirstW, d);
        } else {
            d[first] = intoFirstW / layerJPerK;
        }
    }
}
