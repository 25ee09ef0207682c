package palintone.core.casting.film;

import java.util.function.DoubleFunction;
import java.util.function.IntToDoubleFunction;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A film that runs down the wall of a turned mould, by the balance of what comes in from above and
 * what goes on below in each cell: ∂V(h)/∂t + ∂(w·q)/∂s = 0. Second order along the wall (limited
 * slopes, upwind) and in time (Heun); what leaves the wall is counted, so that volume is kept to
 * rounding.
 */
public final class DrainingFilm {

    public static final Source SOURCE =
            Source.remembered(
                    "thin-film lubrication of a Casson fluid down a slope; limit τ0/(ρ·g·sin α)");

    /** Of the thickness: where the stream of a film runs in the mean. */
    private static final double STREAM = 0.625;

    /** Of a cell in a step; with limited slopes nothing overshoots up to two thirds. */
    private static final double COURANT = 0.6;

    private static final double LONGEST_STEP_S = 1;

    private final WallLine wall;
    private final double densityKgPerM3;
    private final double[] held;
    private final double[] thick;
    private FilmFlow[] flows;
    private double drainedM3;

    /**
     * @param wall it stands on
     * @param densityKgPerM3 of the chocolate
     * @param startM thickness everywhere as it is turned, m
     */
    public DrainingFilm(final WallLine wall, final double densityKgPerM3, final double startM) {
        this(wall, densityKgPerM3, cell -> startM);
    }

    /**
     * One that has run already.
     *
     * @param startM thickness by cell, m
     */
    public DrainingFilm(
            final WallLine wall, final double densityKgPerM3, final IntToDoubleFunction startM) {
        this.wall = wall;
        this.densityKgPerM3 = densityKgPerM3;
        held = new double[wall.cells()];
        thick = new double[wall.cells()];
        for (int i = 0; i < held.length; i++) {
            held[i] = wall.heldM(i, startM.applyAsDouble(i));
            thick[i] = wall.thickM(i, held[i]);
        }
    }

    /** What runs has become another: tables of its flow are made anew. */
    private void flows(final Consistency consistency, final double leastSlope) {
        double thickest = 0;
        for (final double h : thick) {
            thickest = Math.max(thickest, h);
        }
        flows = new FilmFlow[wall.cells() + 1];
        final FilmFlow.Sampled sampled = new FilmFlow.Sampled(consistency, thickest * 1.25 + 1e-6);
        FilmFlow last = null;
        double lastSlope = -1;
        for (int face = 1; face < flows.length; face++) {
            final double slope = Math.max(leastSlope, wall.slope(face));
            if (last == null || Math.abs(slope - lastSlope) > 1e-6) {
                last =
                        new FilmFlow(
                                sampled,
                                densityKgPerM3 * PhysicalConstants.GRAVITY_M_PER_S2 * slope);
                lastSlope = slope;
            }
            flows[face] = last;
        }
    }

    /**
     * Drains on.
     *
     * @param seconds 0 to 7200
     * @param every seconds after which the consistency is asked again
     * @param leastSlope share of gravity along a level floor: 0 held still, more where it is rocked
     * @param consistency by the seconds drained in this call
     */
    public void drain(
            final double seconds,
            final double every,
            final double leastSlope,
            final DoubleFunction<Consistency> consistency) {
        Require.between("drain time", seconds, 0, 7200, "s");
        double gone = 0;
        while (gone < seconds - 1e-9) {
            final double part = Math.min(every, seconds - gone);
            flows(consistency.apply(gone + part / 2), leastSlope);
            step(part);
            gone += part;
        }
    }

    private void step(final double seconds) {
        final int n = held.length;
        final double[] first = new double[n];
        final double[] second = new double[n];
        double gone = 0;
        while (gone < seconds - 1e-9) {
            // In cells a second: where a wall widens or bends, a thickness travels faster.
            double fastest = 1e-9;
            for (int i = 0; i < n; i++) {
                fastest =
                        Math.max(
                                fastest,
                                flows[i + 1].fastest(thick[i])
                                        * wall.widthM(i + 1)
                                        / (wall.areaM2(i) * wall.heldPerThick(i, thick[i])));
            }
            final double dt = Math.min(Math.min(LONGEST_STEP_S, COURANT / fastest), seconds - gone);
            final double out1 = rates(first);
            ahead(first, dt);
            final double out2 = rates(second);
            for (int i = 0; i < n; i++) {
                held[i] += dt / 2 * (first[i] + second[i]);
                thick[i] = wall.thickM(i, held[i], thick[i]);
            }
            drainedM3 += dt / 2 * (out1 + out2);
            gone += dt;
        }
    }

    /** The step looked ahead: only the rates there are asked, so along the tangent is enough. */
    private void ahead(final double[] rates, final double dt) {
        for (int i = 0; i < thick.length; i++) {
            thick[i] = wall.within(i, thick[i] + dt * rates[i] / wall.heldPerThick(i, thick[i]));
        }
    }

    /** Fills in what each square metre gains a second; gives what runs off the rim, m³/s. */
    private double rates(final double[] rates) {
        final int n = held.length;
        double in = 0;
        for (int i = 0; i < n; i++) {
            // Nothing comes in above the first: its film begins at nothing.
            final double before = i > 0 ? thick[i] - thick[i - 1] : 2 * thick[0];
            final double after = i + 1 < n ? thick[i + 1] - thick[i] : before;
            final double tilt =
                    before * after <= 0
                            ? 0
                            : Math.signum(before) * Math.min(Math.abs(before), Math.abs(after));
            final double h = Math.max(0, thick[i] + tilt / 2);
            final double narrowed = Math.max(0, 1 - wall.around(i + 1) * STREAM * h);
            final double out = flows[i + 1].at(h) * wall.widthM(i + 1) * narrowed;
            rates[i] = (in - out) / wall.areaM2(i);
            in = out;
        }
        return in;
    }

    /**
     * Spreads what lies on the floor evenly over it: what runs across it as the mould is turned
     * goes from one side to the other, not from its middle outwards.
     *
     * @param steeper share of gravity from which it is wall, not floor
     */
    public void level(final double steeper) {
        double sum = 0;
        double area = 0;
        int cells = 0;
        while (cells < held.length && wall.slope(cells + 1) < steeper) {
            sum += held[cells] * wall.areaM2(cells);
            area += wall.areaM2(cells);
            cells++;
        }
        for (int i = 0; i < cells; i++) {
            held[i] = sum / area;
            thick[i] = wall.thickM(i, held[i]);
        }
    }

    /** Thickness in a cell, m. */
    public double thickM(final int cell) {
        return thick[cell];
    }

    /** On the wall now, m³. */
    public double heldM3() {
        double sum = 0;
        for (int i = 0; i < held.length; i++) {
            sum += held[i] * wall.areaM2(i);
        }
        return sum;
    }

    /** What has run off the rim, m³. */
    public double drainedM3() {
        return drainedM3;
    }
}
