package palintone.core.temper.method;

import palintone.core.figure.Require;
import palintone.core.temper.HeatSource;

/**
 * What stands in the workshop.
 *
 * @param heat microwave or heat gun that melts and rewarms
 * @param stoneC temperature of the stone
 * @param stoneM2 its area
 * @param stoneMm its thickness
 * @param bathC cold water
 * @param bathG of it
 * @param kettleW heating power of the melting kettle; it cools with half of that
 * @param melting what a bowl is melted with, where it is no kettle
 */
public record Equipment(
        HeatSource heat,
        double stoneC,
        double stoneM2,
        double stoneMm,
        double bathC,
        double bathG,
        double kettleW,
        MeltWay melting) {

    /**
     * Allowed: stone temperature 5 to 30 °C; stone area 0.05 to 10 m²; stone thickness 5 to 200 mm;
     * bath temperature 0 to 30 °C; bath water 100 to 500000 g; kettle power 50 to 50000 W.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public Equipment {
        Require.between("stone temperature", stoneC, 5, 30, "°C");
        Require.between("stone area", stoneM2, 0.05, 10, "m²");
        Require.between("stone thickness", stoneMm, 5, 200, "mm");
        Require.between("bath temperature", bathC, 0, 30, "°C");
        Require.between("bath water", bathG, 100, 500_000, "g");
        Require.between("kettle power", kettleW, 50, 50_000, "W");
    }

    /** Where a bowl is melted in bursts of the same heat. */
    public Equipment(
            final HeatSource heat,
            final double stoneC,
            final double stoneM2,
            final double stoneMm,
            final double bathC,
            final double bathG,
            final double kettleW) {
        this(heat, stoneC, stoneM2, stoneMm, bathC, bathG, kettleW, MeltWay.BURSTS);
    }

    public Equipment withStoneC(final double otherC) {
        return new Equipment(heat, otherC, stoneM2, stoneMm, bathC, bathG, kettleW, melting);
    }

    public Equipment withBathC(final double otherC) {
        return new Equipment(heat, stoneC, stoneM2, stoneMm, otherC, bathG, kettleW, melting);
    }

    public Equipment withBathG(final double otherG) {
        return new Equipment(heat, stoneC, stoneM2, stoneMm, bathC, otherG, kettleW, melting);
    }

    public Equipment withMelting(final MeltWay other) {
        return new Equipment(heat, stoneC, stoneM2, stoneMm, bathC, bathG, kettleW, other);
    }

    public Equipment withHeat(final HeatSource other) {
        return new Equipment(other, stoneC, stoneM2, stoneMm, bathC, bathG, kettleW, melting);
    }
}
