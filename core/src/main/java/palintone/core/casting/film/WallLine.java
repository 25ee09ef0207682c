package palintone.core.casting.film;

import java.util.Arrays;
import java.util.List;
import palintone.core.mould.Cavity;
import palintone.core.mould.Outline;

/**
 * The wall of a cavity as chocolate runs along it, from the middle of the floor to the rim, in
 * cells of equal length. Turned over, the floor is on top.
 *
 * <p>Round shapes are followed along their meridian, and the wall widens with it; of bars and
 * pulled outlines the section that is drawn is followed, and the wall counts for what the shape
 * has.
 */
public final class WallLine {

    /** Room a film leaves in the middle where the wall turns sharply, share of the bend. */
    private static final double SHARPEST = 0.9;

    /** Corners are rounded over this share of the line: no mould has sharp ones. */
    private static final double ROUNDED = 1 / 24.0;

    private final double lengthM;
    private final double[] areaM2;
    private final double[] widthM;
    private final double[] slope;
    private final double[] bend;
    private final double[] around;
    private final double[] depthMm;
    private final double[] acrossMm;
    private final double[] turn;

    /** Each cell's most, m: beyond it a film fills the bend. Of what is done only. */
    private final double[] thickestM;

    private WallLine(final int cells) {
        lengthM = 0;
        areaM2 = new double[cells];
        widthM = new double[cells + 1];
        slope = new double[cells + 1];
        bend = new double[cells];
        around = new double[cells];
        depthMm = new double[cells];
        acrossMm = new double[cells];
        turn = new double[cells];
        thickestM = new double[0];
    }

    private WallLine(final WallLine of, final double lengthM) {
        this.lengthM = lengthM;
        areaM2 = of.areaM2;
        widthM = of.widthM;
        slope = of.slope;
        bend = of.bend;
        around = of.around;
        depthMm = of.depthMm;
        acrossMm = of.acrossMm;
        turn = of.turn;
        thickestM = new double[bend.length];
        for (int i = 0; i < bend.length; i++) {
            thickestM[i] = SHARPEST / Math.max(1e-3, Math.max(bend[i], around[i]));
        }
    }

    /**
     * @param cavity the mould's
     * @param cells along the wall, 10 to 400
     */
    public static WallLine of(final Cavity cavity, final int cells) {
        final boolean round = cavity.round();
        final double[][] line = fromFloor(cavity);
        final double[] s = line[0];
        final double lengthMm = s[s.length - 1];
        final double cellMm = lengthMm / cells;
        final double windowMm = Math.max(cellMm, lengthMm * ROUNDED);
        final WallLine wall = new WallLine(cells);
        // A corner fills: what bends more sharply than the cavity is wide holds no film back.
        final double reach =
                Math.max(1, Math.min(cavity.depthMm(), Arrays.stream(line[1]).max().orElse(1)))
                        / 1000;
        final double[] turn = new double[cells + 1];
        for (int face = 0; face <= cells; face++) {
            final double at = face * cellMm;
            final double x = at(s, line[1], at);
            final double before = Math.max(0, at - windowMm / 2);
            final double after = Math.min(lengthMm, at + windowMm / 2);
            final double down = at(s, line[2], before) - at(s, line[2], after);
            final double out = at(s, line[1], after) - at(s, line[1], before);
            final double along = Math.hypot(down, out);
            wall.slope[face] = along > 0 ? Math.max(0, down / along) : 0;
            turn[face] = Math.atan2(down, out);
            wall.widthM[face] = (round ? 2 * Math.PI * x : 2) / 1000;
        }
        double area = 0;
        for (int i = 0; i < cells; i++) {
            final double at = (i + 0.5) * cellMm;
            final double x = at(s, line[1], at);
            wall.acrossMm[i] = x;
            wall.depthMm[i] = at(s, line[2], at);
            wall.areaM2[i] =
                    (round
                                    ? Math.PI
                                            * (at(s, line[1], i * cellMm)
                                                    + at(s, line[1], at + cellMm / 2))
                                    : 2)
                            * cellMm
                            / 1e6;
            area += wall.areaM2[i];
            wall.bend[i] =
                    Math.max(0, Math.min(1 / reach, (turn[i + 1] - turn[i]) / cellMm * 1000));
            final double middle = (turn[i] + turn[i + 1]) / 2;
            wall.turn[i] = middle;
            wall.around[i] =
                    round
                            ? Math.max(
                                    0,
                                    Math.min(
                                            1 / reach,
                                            Math.sin(middle) / Math.max(x, windowMm / 2) * 1000))
                            : 0;
        }
        // A section stands for the whole: as much wall as the shape has.
        final double scale = cavity.wallAreaMm2() / 1e6 / area;
        for (int i = 0; i < cells; i++) {
            wall.areaM2[i] *= scale;
            wall.widthM[i] *= scale;
        }
        wall.widthM[cells] *= scale;
        return new WallLine(wall, lengthMm / 1000);
    }

    /**
     * A plane of one slope, a metre wide, as the closed forms of draining have it.
     *
     * @param lengthM along it
     * @param slope share of gravity along it, 0 to 1
     * @param cells along it, 10 to 400
     */
    public static WallLine plane(final double lengthM, final double slope, final int cells) {
        final WallLine wall = new WallLine(cells);
        Arrays.fill(wall.slope, slope);
        Arrays.fill(wall.widthM, 1);
        Arrays.fill(wall.areaM2, lengthM / cells);
        return new WallLine(wall, lengthM);
    }

    /** Way along the wall, place across and depth, mm, from the middle of the floor to the rim. */
    private static double[][] fromFloor(final Cavity cavity) {
        final List<Outline.Point> profile = cavity.profile(0, cavity.depthMm());
        final Outline.Point last = profile.get(profile.size() - 1);
        final boolean level = last.acrossMm() > 0;
        final int count = profile.size() + (level ? 1 : 0);
        final double[][] line = new double[3][count];
        int k = 0;
        if (level) {
            line[1][k] = 0;
            line[2][k++] = last.downMm();
        }
        for (int i = profile.size() - 1; i >= 0; i--) {
            line[1][k] = profile.get(i).acrossMm();
            line[2][k++] = profile.get(i).downMm();
        }
        for (int i = 1; i < count; i++) {
            line[0][i] =
                    line[0][i - 1]
                            + Math.hypot(line[1][i] - line[1][i - 1], line[2][i] - line[2][i - 1]);
        }
        return line;
    }

    private static double at(final double[] s, final double[] values, final double where) {
        int i = Arrays.binarySearch(s, where);
        if (i >= 0) {
            return values[i];
        }
        i = -i - 1;
        if (i == 0) {
            return values[0];
        }
        if (i >= s.length) {
            return values[s.length - 1];
        }
        final double part = (where - s[i - 1]) / Math.max(1e-12, s[i] - s[i - 1]);
        return values[i - 1] + part * (values[i] - values[i - 1]);
    }

    /** Along the wall from the middle of the floor to the rim, m. */
    public double lengthM() {
        return lengthM;
    }

    public int cells() {
        return areaM2.length;
    }

    /** Wall of one cell, m². */
    public double areaM2(final int cell) {
        return areaM2[cell];
    }

    /** Depth of the middle of a cell below the rim, mm. */
    public double depthMm(final int cell) {
        return depthMm[cell];
    }

    /** Half the width there, mm. */
    public double acrossMm(final int cell) {
        return acrossMm[cell];
    }

    /** Across, mm per mm inwards from the wall. */
    public double inwardAcross(final int cell) {
        return -Math.sin(turn[cell]);
    }

    /** Down, mm per mm inwards from the wall. */
    public double inwardDown(final int cell) {
        return -Math.cos(turn[cell]);
    }

    /** Width of the stream between two cells, m; face 0 is the middle of the floor. */
    double widthM(final int face) {
        return widthM[face];
    }

    /** Share of gravity that pulls along the wall at a face, 0 on a level floor to 1. */
    public double slope(final int face) {
        return slope[face];
    }

    /** Bend across the stream at a face, 1/m: the film narrows inwards. */
    double around(final int face) {
        return face == 0 ? around[0] : around[Math.min(face, around.length) - 1];
    }

    /** Chocolate over a square metre of wall in a cell, by thickness, m: the exact offset. */
    public double heldM(final int cell, final double thickM) {
        final double h = Math.min(thickM, thickestM[cell]);
        final double both = bend[cell] + around[cell];
        return h - both * h * h / 2 + bend[cell] * around[cell] * h * h * h / 3;
    }

    /** The other way round. */
    double thickM(final int cell, final double heldM) {
        return thickM(cell, heldM, heldM);
    }

    /**
     * The same, from a thickness nearby.
     *
     * @param nearM where to look first, m
     */
    double thickM(final int cell, final double heldM, final double nearM) {
        final double both = bend[cell] + around[cell];
        if (both == 0) {
            return within(cell, heldM);
        }
        final double third = bend[cell] * around[cell] / 3;
        double h = within(cell, nearM);
        for (int i = 0; i < 30; i++) {
            final double over = h - both * h * h / 2 + third * h * h * h - heldM;
            final double step = over / heldPerThick(cell, h);
            h = within(cell, h - step);
            // What a step of Newton's method is off by goes with the square of the step.
            if (both * step * step < 1e-13) {
                break;
            }
        }
        return h;
    }

    /** A thickness no less than nothing and no more than there is room for, m. */
    double within(final int cell, final double thickM) {
        return Math.max(0, Math.min(thickestM[cell], thickM));
    }

    /** How much more is held by a film that is a little thicker, m/m. */
    double heldPerThick(final int cell, final double thickM) {
        return Math.max(0.02, (1 - bend[cell] * thickM) * (1 - around[cell] * thickM));
    }
}
