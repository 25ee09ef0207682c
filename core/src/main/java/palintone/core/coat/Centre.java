package palintone.core.coat;

import palintone.core.casting.crust.Curvature;
import palintone.core.figure.Require;
import palintone.core.substance.HeatConduction;

/**
 * What is dipped, as heat meets it.
 *
 * @param shape of it
 * @param gPerMl density, 0.2 to 2
 * @param jPerGK heat it holds, 0.5 to 4.5
 * @param conductsWPerMK how well heat goes through it, 0.05 to 1
 */
public record Centre(CentreShape shape, double gPerMl, double jPerGK, double conductsWPerMK) {

    /** A filling with water in it; from memory. */
    public static final double USUAL_W_PER_MK = HeatConduction.FILLING_W_PER_MK;

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Centre {
        Require.between("density of the centre", gPerMl, 0.2, 2, "g/ml");
        Require.between("heat of the centre", jPerGK, 0.5, 4.5, "J/gK");
        Require.between("conductivity of the centre", conductsWPerMK, 0.05, 1, "W/mK");
    }

    /** g. */
    public double massG() {
        return shape.volumeMl() * gPerMl;
    }

    /**
     * How it is bent with so much around it: as much inside as there is under its surface.
     *
     * @param aroundM of what lies around it, m
     */
    public Curvature bend(final double aroundM) {
        final double perReach =
                shape.areaMm2()
                        * shape.reachMm()
                        / (shape.volumeMl() * CentreShape.CUBIC_MM_PER_ML);
        return new Curvature(
                Math.max(0, Math.min(2, perReach - 1)), shape.reachMm() / 1000 + aroundM);
    }
}
