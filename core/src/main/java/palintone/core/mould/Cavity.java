package palintone.core.mould;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import palintone.core.figure.Require;

/**
 * The hollow of a mould, seen from its rim downwards. Depths in mm from the rim plane, 0 at the
 * rim. Every shape has an exact inner offset of its own kind, so that shell, filling and cap are
 * differences of closed forms.
 */
public sealed interface Cavity permits HalfSphere, Dome, Bar, Frustum, HalfEgg, Turned, Pulled {

    double CUBIC_MM_PER_ML = 1000;

    /** Depth from rim to the lowest point, mm. */
    double depthMm();

    /**
     * Half the width of the section that is drawn, mm.
     *
     * @param depthMm 0 to the depth of the cavity
     */
    double halfWidthMm(double depthMm);

    /**
     * Volume between the rim plane and a depth, ml.
     *
     * @param depthMm 0 to the depth of the cavity
     */
    double volumeToMl(double depthMm);

    /** Area of the wall that chocolate clings to, floor included, rim plane not, mm². */
    double wallAreaMm2();

    /** Area of the opening, mm². */
    double rimAreaMm2();

    /**
     * Whether it is round about its middle line, so that its wall widens as its profile does; else
     * the section that is drawn stands for its wall.
     */
    boolean round();

    /**
     * What is left inside a shell of even thickness; the rim plane stays where it is.
     *
     * @param thicknessMm above 0, less than half of every dimension
     * @throws palintone.core.figure.OutOfRangeException when the shell would fill the cavity
     */
    Cavity inset(double thicknessMm);

    /**
     * The profile between two depths, points closer together near the lower one, where round shapes
     * turn fastest.
     *
     * @param fromMm depth of the upper end
     * @param toMm depth of the lower end
     */
    default List<Outline.Point> profile(final double fromMm, final double toMm) {
        final int steps = 48;
        final List<Outline.Point> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            final double z =
                    i == steps
                            ? toMm
                            : fromMm + (toMm - fromMm) * Math.sin(Math.PI / 2 * i / steps);
            points.add(new Outline.Point(halfWidthMm(z), z));
        }
        return Collections.unmodifiableList(points);
    }

    /** Volume of the whole cavity to the brim, ml. */
    default double volumeMl() {
        return volumeToMl(depthMm());
    }

    /** So much may the ratios of two cavities differ that are one form in two sizes; ours. */
    double SAME_FORM = 0.03;

    /**
     * Whether the other is the same form in another size, or a twin: a figure and its big sister.
     * Ratios of volume, wall and opening that no scale changes agree.
     */
    default boolean sameForm(final Cavity other) {
        return getClass() == other.getClass()
                && near(
                        Math.cbrt(volumeMl() * volumeMl()) * 100 / wallAreaMm2(),
                        Math.cbrt(other.volumeMl() * other.volumeMl()) * 100 / other.wallAreaMm2())
                && near(rimAreaMm2() / wallAreaMm2(), other.rimAreaMm2() / other.wallAreaMm2())
                && near(
                        depthMm() * depthMm() / wallAreaMm2(),
                        other.depthMm() * other.depthMm() / other.wallAreaMm2());
    }

    private static boolean near(final double one, final double other) {
        return Math.abs(one - other) <= SAME_FORM * Math.max(one, other);
    }

    /** Refuses a shell that would leave no room, naming the thickness. */
    static double thickness(final double thicknessMm, final double mostMm) {
        if (!(thicknessMm < mostMm)) {
            return Require.between("shell thickness", thicknessMm, 0.2, mostMm * 0.95, "mm");
        }
        return Require.between("shell thickness", thicknessMm, 0.2, 20, "mm");
    }
}
