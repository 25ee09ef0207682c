package palintone.core.coat;

import java.util.List;
import java.util.Optional;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.temper.crystal.Crystals;

/** A centre between the palms: how long until it is too soft below its skin. */
public final class HandWarmth {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat from palms of 33 °C through a film set so that a soft ganache smears after"
                            + " ten to twenty seconds out of the cold, as common practice has it");

    /** Nobody rolls what is colder, °C. */
    public static final double COLDEST_C = -20;

    private static final int CELLS = 30;
    private static final double FINEST = 0.2;
    private static final double LONGEST_S = 600;

    private HandWarmth() {}

    /** The very outside is meant to melt a little: that is what makes it round. */
    private static int skin(final CrustPath path) {
        int cell = 0;
        while (cell < path.cells() - 1 && path.depthM(cell) < CalibratedCoat.MELTS_AT_HAND_M) {
            cell++;
        }
        return cell;
    }

    /**
     * How cold it must come to hand to bear it so long.
     *
     * @param wantedS 1 to 60 s
     * @return °C from {@link #COLDEST_C} up to where it is too soft
     */
    public static double comesAtC(final Centre centre, final double wantedS, final double softC) {
        Require.between("between the palms", wantedS, 1, 60, "s");
        double low = COLDEST_C;
        double high = Math.max(COLDEST_C, softC);
        while (high - low > 0.25) {
            final double middle = (low + high) / 2;
            if (seconds(centre, middle, softC) >= wantedS) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /**
     * @param centre that is rolled
     * @param fromC as it comes to hand, −25 to 35 °C
     * @param softC what lies under its skin is too soft at
     * @return s; 0 where it is too soft already, ten minutes where it stays firm so long
     */
    public static double seconds(final Centre centre, final double fromC, final double softC) {
        Require.between("centre as it comes to hand", fromC, -25, 35, "°C");
        if (fromC >= softC) {
            return 0;
        }
        if (softC >= CalibratedCoat.PALM_C) {
            return LONGEST_S;
        }
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                new ConductingLayer(
                                        centre.shape().reachMm() / 1000 * 0.999,
                                        CELLS,
                                        FINEST,
                                        centre.conductsWPerMK(),
                                        centre.gPerMl() * 1e6 * centre.jPerGK(),
                                        Optional.empty(),
                                        fromC,
                                        Crystals.NONE)),
                        centre.bend(0),
                        BoundaryCondition.still(
                                CalibratedCoat.PALM_W_PER_M2K, CalibratedCoat.PALM_C),
                        BoundaryCondition.NONE,
                        LONGEST_S);
        final int skin = skin(path);
        final double first = path.firstS(s -> path.temperatureC(skin, s) >= softC);
        return Math.min(LONGEST_S, first);
    }
}
