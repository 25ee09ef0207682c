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
 */
public record Equipment(
        HeatSource heat,
        double stoneC,
        double stoneM2,
        double stoneMm,
        double bathC,
        double bathG,
        double kettleW) {

    /**
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

    public Equipment withStoneC(final double otherC) {
        return new Equipment(heat, otherC, stoneM2, stoneMm, bathC, bathG, kettleW);
    }

    public Equipment withBathC(final double otherC) {
        return new Equipment(heat, stoneC, stoneM2, stoneMm, otherC, bathG, kettleW);
    }

    public Equipment withHeat(final HeatSource other) {
        return new Equipment(other, stoneC, stoneM2, stoneMm, bathC, bathG, kettleW);
    }
}
