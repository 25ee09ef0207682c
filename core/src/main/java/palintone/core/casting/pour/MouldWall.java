package palintone.core.casting.pour;

import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.Curvature;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.mould.MouldBody;

/**
 * The wall of a mould as heat sees it. Conductivity and heat of the materials are from memory:
 * polycarbonate 0.2 W/mK and 1.5 MJ/m³K, thermoformed sheet (polyester) 0.2 and 1.5, silicone 0.2
 * and 1.4.
 */
public final class MouldWall {

    static final double CONDUCTS_W_PER_MK = 0.2;
    private static final double RIGID_J_PER_M3K = 1.5e6;
    private static final double SILICONE_J_PER_M3K = 1.4e6;
    public static final int CELLS = 6;

    private MouldWall() {}

    public static double thickM(final Mould mould) {
        return mould.body().wallMm() / 1000;
    }

    static double heatJPerM3K(final Mould mould) {
        return mould.body().material() == MouldBody.Material.SILICONE
                ? SILICONE_J_PER_M3K
                : RIGID_J_PER_M3K;
    }

    /** The wall as a layer heat goes through, all of it at one temperature, °C. */
    public static ConductingLayer stratum(final Mould mould, final double temperatureC) {
        return ConductingLayer.plain(
                thickM(mould), CELLS, CONDUCTS_W_PER_MK, heatJPerM3K(mould), temperatureC);
    }

    /** How far it is from the wall to where the last of the chocolate lies, m. */
    public static double reachM(final Cavity cavity) {
        double half = 0;
        for (int i = 0; i <= 10; i++) {
            half = Math.max(half, cavity.halfWidthMm(cavity.depthMm() * i / 10));
        }
        return Math.min(half, cavity.depthMm()) / 1000;
    }

    /** Bent so that what lies over a square metre of wall is what the cavity holds over it. */
    public static Curvature bend(final Mould mould) {
        final Cavity cavity = mould.cavity();
        final double reach = reachM(cavity);
        final double overM = cavity.volumeMl() / cavity.wallAreaMm2();
        final double power = Math.max(0, Math.min(2, reach / overM - 1));
        return new Curvature(power, reach + thickM(mould));
    }
}
