package palintone.core.coat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A pan, tin or frame of the house that a slab is poured into.
 *
 * @param name as its owner calls it
 * @param lengthMm 30 to 1000; of a round one its diameter
 * @param widthMm 30 to 1000; empty of a round one
 * @param depthMm 3 to 200
 */
public record Pan(String name, double lengthMm, Optional<Double> widthMm, double depthMm) {

    public static final Source SOURCE = Source.definition("area · height · density");

    private static final double CUBIC_MM_PER_ML = 1000;

    /**
     * @throws OutOfRangeException when a number is impossible
     */
    public Pan {
        Require.text("name of the pan", name, 60);
        Require.between(
                widthMm.isPresent() ? "length of the pan" : "diameter of the pan",
                lengthMm,
                30,
                1000,
                "mm");
        if (widthMm.isPresent()) {
            Require.between("width of the pan", widthMm.get(), 30, 1000, "mm");
        }
        Require.between("depth of the pan", depthMm, 3, 200, "mm");
    }

    /** Its floor, mm². */
    public double areaMm2() {
        return widthMm.map(wide -> lengthMm * wide).orElse(Math.PI / 4 * lengthMm * lengthMm);
    }

    /**
     * How high so much of it stands, mm; more than the pan is deep where it runs over. Allowed:
     * filling for the pan above 0 to 1000000 g.
     *
     * @param massG above 0
     * @param gPerMl density, 0.2 to 2
     */
    public double heightMm(final double massG, final double gPerMl) {
        Require.positive("filling for the pan", massG, 1e6, "g");
        Require.between("density of the filling", gPerMl, 0.2, 2, "g/ml");
        return massG / gPerMl * CUBIC_MM_PER_ML / areaMm2();
    }

    /**
     * What fills it so high, g. Allowed: height of the slab above 0 to 200 mm.
     *
     * @param heightMm above 0, no more than it is deep
     * @throws OutOfRangeException where it is not so deep
     */
    public double massG(final double heightMm, final double gPerMl) {
        if (heightMm > depthMm) {
            throw new OutOfRangeException(
                    "height of the slab", heightMm + " mm", "up to " + depthMm + " mm in " + name);
        }
        Require.positive("height of the slab", heightMm, 200, "mm");
        return areaMm2() * heightMm / CUBIC_MM_PER_ML * gPerMl;
    }

    /**
     * The one in which so much comes nearest to a wanted height without running over; empty where
     * it runs over in every one.
     */
    public static Optional<Pan> nearest(
            final List<Pan> pans, final double massG, final double gPerMl, final double wantedMm) {
        return pans.stream()
                .filter(pan -> pan.heightMm(massG, gPerMl) <= pan.depthMm())
                .min(
                        Comparator.comparingDouble(
                                pan -> Math.abs(Math.log(pan.heightMm(massG, gPerMl) / wantedMm))));
    }
}
