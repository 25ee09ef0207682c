package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.film.DrainingFilm;
import palintone.core.casting.film.WallLine;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.SetConsistency;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.mould.Cavity;
import palintone.core.temper.Verdict;

/**
 * Film and crust in one answer: heat and crystals from the wall into the standing chocolate while
 * it waits, then the whole of it turned over; what has set runs no more, the rest drains by its own
 * Casson law at every depth.
 *
 * <p>The heat is followed once, to the longest wait; every shell asked for is a draining of its
 * own. Not for use by two threads at once.
 */
public final class ShellCast {

    public static final Source SOURCE =
            Source.calibrated(
                    "draining Casson film over what has set (heat and crystal law through mould and"
                            + " chocolate); starts from 5 mm left by emptying");

    /** Left longer, a mould is cast full. */
    public static final double LONGEST_WAIT_S = 900;

    private static final int WALL_CELLS = 40;
    private static final int CHOCOLATE_CELLS = 40;
    private static final double FINEST = 0.3;

    /** Mean of the slope over half a turn. */
    private static final double TURNING_SLOPE = 2 / Math.PI;

    private static final double ASKED_EVERY_S = 30;

    private static final double RIM_SHARE = 0.125;
    private static final double FLOOR_SLOPE = 0.5;

    private final CastOrder order;
    private final CastSurface ground;
    private final WallLine wall;
    private final double reachM;
    private final CrustPath path;

    /** Every shell asked for so far: a wait that is looked for comes back to the same again. */
    private final Map<Double, Shell> shells = new HashMap<>();

    /**
     * Follows its heat at once, to the longest wait.
     *
     * @throws OutOfRangeException when it cannot be followed with these numbers
     */
    public ShellCast(final CastOrder order) {
        this(order, CastSurface.bare(order.mould(), order.mouldC()));
    }

    /** Onto what was cast before. */
    public ShellCast(final CastOrder order, final CastSurface ground) {
        this.order = order;
        this.ground = ground;
        wall = WallLine.of(ground.cavity(), WALL_CELLS);
        reachM = ground.reachM();
        final BowlAt bowl = order.bowl();
        final List<ConductingLayer> strata = new ArrayList<>(ground.behind());
        strata.add(
                ConductingLayer.chocolate(
                        bowl.couverture(),
                        reachM,
                        CHOCOLATE_CELLS,
                        FINEST,
                        bowl.temperatureC(),
                        bowl.crystals()));
        path =
                CrustSolver.follow(
                        strata,
                        ground.bend(),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), order.roomC()),
                        BoundaryCondition.NONE,
                        LONGEST_WAIT_S + CalibratedCasting.TURNING_S + order.drainS());
    }

    private ShellCast(final ShellCast of, final CastOrder order) {
        this.order = order;
        ground = of.ground;
        wall = of.wall;
        reachM = of.reachM;
        path = of.path;
    }

    /** The same casting by other factors: what was computed of its heat stands. */
    public ShellCast with(final Learned learned) {
        return new ShellCast(this, order.learning(learned));
    }

    public CastOrder order() {
        return order;
    }

    CastSurface ground() {
        return ground;
    }

    /** Heat and crystals through mould and chocolate while it stands full. */
    public CrustPath path() {
        return path;
    }

    /**
     * The shell that a wait leaves.
     *
     * @param waitS from full to turned, vibrating included, 0 to 900 s
     */
    public Shell after(final double waitS) {
        Require.between("waiting time", waitS, 0, LONGEST_WAIT_S, "s");
        final Shell known = shells.get(waitS);
        if (known != null) {
            return known;
        }
        final Shell shell = drained(waitS);
        shells.put(waitS, shell);
        return shell;
    }

    private Shell drained(final double waitS) {
        final double setM = setM(waitS);
        final double start =
                Math.min(
                        CalibratedCasting.FULL_SHARE * reachM,
                        Math.max(
                                CalibratedCasting.LEFT_BY_EMPTYING_M,
                                setM + CalibratedCasting.OVER_CRUST_M));
        final DrainingFilm film = new DrainingFilm(wall, order.bowl().kgPerM3(), start);
        film.drain(
                CalibratedCasting.TURNING_S,
                CalibratedCasting.TURNING_S,
                TURNING_SLOPE,
                s -> consistency(waitS, s));
        film.level(FLOOR_SLOPE);
        final double rocked = Math.sin(Math.toRadians(order.rockedDegrees())) * TURNING_SLOPE;
        film.drain(
                order.drainS(),
                ASKED_EVERY_S,
                rocked,
                s -> consistency(waitS, CalibratedCasting.TURNING_S + s));
        if (rocked > 0) {
            film.level(FLOOR_SLOPE);
        }
        return read(waitS, film, setM);
    }

    private SetConsistency consistency(final double waitS, final double drainedS) {
        return new SetConsistency(
                order.bowl().couverture(),
                order.bowl().fluidity(),
                path,
                ground.thickM(),
                // What sets faster than we say has come further by then.
                Math.min(path.endS(), (waitS + drainedS) * order.learned().heatFactor()),
                order.vibration().yieldShare() * order.learned().yieldFactor());
    }

    /** How far from the wall the yield value carries a film as thick as it lies deep, m. */
    private double setM(final double waitS) {
        final SetConsistency now = consistency(waitS, order.drainS() / 2);
        final double pull =
                order.bowl().kgPerM3()
                        * PhysicalConstants.GRAVITY_M_PER_S2
                        * CalibratedCasting.OVER_CRUST_M;
        double low = 0;
        double high = reachM;
        if (now.yieldPa(0) < pull) {
            return 0;
        }
        while (high - low > 1e-5) {
            final double middle = (low + high) / 2;
            if (now.yieldPa(middle) > pull) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private Shell read(final double waitS, final DrainingFilm film, final double setM) {
        final int n = wall.cells();
        final List<Shell.Place> places = new ArrayList<>();
        double thinnest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < n; i++) {
            final double mm = film.thickM(i) * 1000;
            places.add(
                    new Shell.Place(
                            wall.acrossMm(i),
                            wall.depthMm(i),
                            mm,
                            wall.acrossMm(i) + mm * wall.inwardAcross(i),
                            wall.depthMm(i) + mm * wall.inwardDown(i)));
            thinnest = Math.min(thinnest, mm);
        }
        final int rim = (int) Math.round(n * (1 - RIM_SHARE));
        final double meanMm = evenMm(film.heldM3());
        return new Shell(
                waitS,
                List.copyOf(places),
                meanMm,
                mean(film, i -> wall.slope(i + 1) < FLOOR_SLOPE && i < rim ? 1 : 0),
                mean(film, i -> wall.slope(i + 1) >= FLOOR_SLOPE && i < rim ? 1 : 0),
                mean(film, i -> i >= rim ? 1 : 0),
                thinnest,
                evenMl(meanMm, film.heldM3() * 1e6) * order.bowl().kgPerM3() / 1000,
                setM * 1000);
    }

    private double mean(final DrainingFilm film, final ToDoubleFunction<Integer> counts) {
        double sum = 0;
        double all = 0;
        for (int i = 0; i < wall.cells(); i++) {
            final double area = wall.areaM2(i) * counts.applyAsDouble(i);
            sum += area * film.thickM(i) * 1000;
            all += area;
        }
        return all > 0 ? sum / all : 0;
    }

    /**
     * What an even shell of that thickness holds by the exact offset of the cavity, corners and
     * all.
     *
     * @param otherwiseMl where it leaves no room inside
     */
    private double evenMl(final double mm, final double otherwiseMl) {
        final Cavity cavity = ground.cavity();
        try {
            return cavity.volumeMl() - cavity.inset(mm).volumeMl();
        } catch (final OutOfRangeException tooThick) {
            return Math.min(otherwiseMl, cavity.volumeMl());
        }
    }

    /** Thickness of an even shell of so much chocolate. */
    private double evenMm(final double heldM3) {
        double low = 0;
        double high = reachM;
        while (high - low > 1e-7) {
            final double middle = (low + high) / 2;
            double sum = 0;
            for (int i = 0; i < wall.cells(); i++) {
                sum += wall.areaM2(i) * wall.heldM(i, middle);
            }
            if (sum < heldM3) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low * 1000;
    }

    /** Whether too little of its seed is left in the middle by the time it is turned. */
    public boolean meltedAway(final double waitS) {
        final double seconds = Math.min(path.endS(), waitS + order.drainS());
        return path.stable(path.cells() - 1, seconds) < Verdict.TRACE_STABLE;
    }

    /** Whether so much has set that the rest does not come out. */
    public boolean willNotFlowOut(final Shell shell) {
        return shell.setMm() / 1000
                > CalibratedCasting.FULL_SHARE * reachM - CalibratedCasting.OVER_CRUST_M;
    }

    /**
     * How long to wait for a mean thickness.
     *
     * @param meanMm wanted, 0.2 to 20 mm
     * @return seconds; empty where it is thicker at once, or never so thick within the longest wait
     */
    public OptionalDouble waitForMean(final double meanMm) {
        Require.between("shell thickness", meanMm, 0.2, 20, "mm");
        return waitFor(meanMm, Shell::meanMm);
    }

    /**
     * How long to wait for a weight of one shell.
     *
     * @param massG wanted, above 0, up to 5000 g
     */
    public OptionalDouble waitForMass(final double massG) {
        Require.positive("weight of a shell", massG, 5000, "g");
        return waitFor(massG, Shell::massG);
    }

    private OptionalDouble waitFor(final double wanted, final ToDoubleFunction<Shell> of) {
        return WaitFor.steadily(wait -> of.applyAsDouble(after(wait)), wanted, LONGEST_WAIT_S);
    }
}
