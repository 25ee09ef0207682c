package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.List;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.MouldWall;
import palintone.core.mould.Cavity;
import palintone.core.mould.Mould;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.Crystals;

/**
 * What is cast onto: the mould's own wall, or the wall with the coats that were cast before.
 *
 * @param mould all of it stands in
 * @param cavity what is left to cast into
 * @param behind layers from the outside in
 * @param thickM of those layers together, m
 */
public record CastSurface(Mould mould, Cavity cavity, List<ConductingLayer> behind, double thickM) {

    private static final int COAT_CELLS = 8;

    /**
     * A mould nothing has been cast into yet.
     *
     * @param mouldC its temperature, °C
     */
    public static CastSurface bare(final Mould mould, final double mouldC) {
        return new CastSurface(
                mould,
                mould.cavity(),
                List.of(MouldWall.stratum(mould, mouldC)),
                MouldWall.thickM(mould));
    }

    /**
     * The same with one more coat, all of it as warm and as set as it stands now.
     *
     * @param coatMm thickness of the new one
     * @param mouldC of the mould's wall by now
     * @param coatC of the coats by now
     * @throws palintone.core.figure.OutOfRangeException when it leaves no room
     */
    CastSurface coated(
            final Couverture couverture,
            final double coatMm,
            final double mouldC,
            final double coatC,
            final Crystals crystals) {
        final List<ConductingLayer> layers = new ArrayList<>();
        layers.add(MouldWall.stratum(mould, mouldC));
        // Earlier coats and this one have stood beside each other long enough to be as warm.
        final double coatsM = thickM - MouldWall.thickM(mould) + coatMm / 1000;
        layers.add(ConductingLayer.chocolate(couverture, coatsM, COAT_CELLS, 1, coatC, crystals));
        return new CastSurface(
                mould, cavity.inset(coatMm), layers, MouldWall.thickM(mould) + coatsM);
    }

    /** From what is there to where the last of the chocolate lies, m. */
    double reachM() {
        return Math.min(
                MouldWall.reachM(cavity),
                MouldWall.reachM(mould.cavity()) + MouldWall.thickM(mould) - thickM);
    }

    Curvature bend() {
        return MouldWall.bend(mould);
    }
}
