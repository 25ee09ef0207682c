package palintone.core.filling.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Water moving between layers that lie on each other: every face passes area · permeance ·
 * difference of water activity, each layer well mixed within itself.
 *
 * <p>Two compartments with straight isotherms have an analytic solution, an exponential, against
 * which this is checked. Permeance of a bare face {@value #BARE} g/(m²·day) for a difference of
 * one; of cocoa butter {@value #COCOA_BUTTER_MM} g·mm/(m²·day). Both are set by hand to crisp
 * layers that last a few days bare and some weeks behind a fat film (common practice), and
 * corrected by the workshop's own crunch checks.
 */
public final class MoistureBetween {

    public static final Source SOURCE =
            Source.calibrated(
                    "two compartments and a resistance; permeance set to crisp layers of days bare"
                            + " and weeks behind fat (common practice)");

    /** Water activity at which crisp things go soft (Katz & Labuza 1981), from memory. */
    public static final Source CRITICAL =
            Source.remembered(
                    "Katz & Labuza 1981, J. Food Sci. 46, 403–409: crispness lost at .35 to .50");

    public static final double SOFT_FROM = 0.35;
    public static final double SOFT_AT = 0.45;
    public static final double SOFT_TO = 0.50;

    static final double BARE = 12;
    static final double COCOA_BUTTER_MM = 0.6;

    private static final int POINTS = 120;

    /** The water activities of all layers at one time. */
    public record At(double days, List<Double> activity) {}

    /**
     * What lies between two layers.
     *
     * @param areaMm2 of the face
     * @param barrierMm thickness of fat painted on it, 0 for none
     * @param towards place of the layer on its other side; {@value #BEFORE} for the one before
     */
    public record Face(double areaMm2, double barrierMm, int towards) {

        static final int BEFORE = -1;

        /**
         * Towards the layer before. Allowed: face between layers above 0 to 10000000 mm²; fat
         * barrier 0 to 5 mm.
         */
        public Face(final double areaMm2, final double barrierMm) {
            this(areaMm2, barrierMm, BEFORE);
        }

        /**
         * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
         */
        public Face {
            Require.positive("face between layers", areaMm2, 1e7, "mm²");
            Require.between("fat barrier", barrierMm, 0, 5, "mm");
        }

        /** For a whole unit of water activity, at the pace of the model. */
        double gramsPerDay() {
            final double permeance =
                    barrierMm > 0 ? 1 / (1 / BARE + barrierMm / COCOA_BUTTER_MM) : BARE;
            return permeance * areaMm2 * 1e-6;
        }
    }

    private MoistureBetween() {}

    /**
     * @param layers from one side to the other, two or more
     * @param faces of each but the first, towards one before it
     * @param days how long to look ahead, 1 to 400
     * @param factor by which the workshop's own checks say water moves faster, 0.01 to 100
     * @throws OutOfRangeException outside these, or when layers and faces do not go together
     */
    public static List<At> follow(
            final List<MoistureLayer> layers,
            final List<Face> faces,
            final double days,
            final double factor) {
        Require.between("days", days, 1, 400, "days");
        Require.between("factor", factor, 0.01, 100, "");
        final MoisturePath path = path(layers, faces, days * factor);
        final List<At> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            final double at = days * i / POINTS;
            points.add(new At(at, Arrays.stream(path.activity(at * factor)).boxed().toList()));
        }
        return points;
    }

    /**
     * @param days at the pace of the model, above 0
     */
    static MoisturePath path(
            final List<MoistureLayer> layers, final List<Face> faces, final double days) {
        if (layers.size() < 2 || faces.size() != layers.size() - 1) {
            throw new OutOfRangeException(
                    "layers",
                    layers.size() + " with " + faces.size() + " faces",
                    "two or more, a face between each two");
        }
        final double[] rate = new double[faces.size()];
        final int[] towards = new int[faces.size()];
        for (int i = 0; i < rate.length; i++) {
            rate[i] = faces.get(i).gramsPerDay();
            towards[i] = faces.get(i).towards() == Face.BEFORE ? i : faces.get(i).towards();
            Require.between("layer on the other side", towards[i], 0, i, "");
        }
        return MoisturePath.of(layers, rate, towards, days);
    }

    /**
     * Days until a layer reaches a water activity.
     *
     * @return infinite where it never does within the path
     */
    public static double daysUntil(final List<At> path, final int layer, final double activity) {
        for (int i = 0; i < path.size(); i++) {
            final double now = path.get(i).activity().get(layer);
            if (now >= activity) {
                if (i == 0) {
                    return 0;
                }
                final At before = path.get(i - 1);
                final double had = before.activity().get(layer);
                return before.days()
                        + (activity - had) / (now - had) * (path.get(i).days() - before.days());
            }
        }
        return Double.POSITIVE_INFINITY;
    }
}
