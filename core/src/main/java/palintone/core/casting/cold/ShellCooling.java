package palintone.core.casting.cold;

import java.util.ArrayList;
import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.MouldWall;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellCast;
import palintone.core.casting.shell.StandingShell;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A drained shell on its way through the room and the cabinet: when it begins to set, how long it
 * may stand, when it is firm, when it has drawn away from the mould.
 *
 * @param beginsS after draining, in this room: its shine goes, s
 * @param latestS by then it has set too far in the warm to set finely, s
 * @param movedS when it went into the cold, s after draining
 * @param firmS in the cold until nine tenths of what is set in a room of 20 °C has set, s
 * @param releaseS in the cold until it lets go, s; the range is that of the shrinking it takes
 * @param unevenMm difference of the shrinking between floor and wall at release, mm across the
 *     piece
 * @param warmestInsideC the warmest of the chocolate after it went into the cold
 * @param fastestKPerMin of its cooling in the cold
 * @param shrunkPercent of its length against the mould at the end
 * @param airWarmestC of the cabinet's air while it took the heat
 * @param lastShelfC the same at the last shelf the air meets
 * @param stableShare of what is solid at the end, what is form V, 0 to 1
 * @param line how it went, a point every half minute
 */
public record ShellCooling(
        double beginsS,
        double latestS,
        double movedS,
        double firmS,
        Range releaseS,
        double unevenMm,
        double warmestInsideC,
        double fastestKPerMin,
        double shrunkPercent,
        double airWarmestC,
        double lastShelfC,
        double stableShare,
        List<ShellMoment> line) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat, crystals and shrinking through mould and shell; begins to set at a tenth"
                            + " of its fat solid; lets go with a gap of 0.03 to 0.08 mm all round"
                            + " and 88 to 98 % of what will set, at its slowest place");

    /** Of what is set at rest in a room of 20 °C: the same for every cabinet. */
    private static final double FIRM_AT_C = 20;

    private static final double SET_AT_C = 10;

    private static final double COLD_S = 3600;

    private static final double LEAST_STOOD_S = 60;
    private static final double EVERY_S = 30;

    /**
     * A moment of it.
     *
     * @param minutes in the cold
     * @param outerC of the chocolate at the mould
     * @param innerC at the hollow
     * @param shelvesC of the air, shelf by shelf, the one it meets first before the last
     * @param solidPercent of its fat
     * @param shrunkPercent of its length, against the mould
     * @param frontPercent solid of its fat layer by layer, from the mould to the hollow
     */
    public record ShellMoment(
            double minutes,
            double outerC,
            double innerC,
            List<Double> shelvesC,
            double solidPercent,
            double shrunkPercent,
            List<Double> frontPercent) {

        /** The lists are copied. */
        public ShellMoment {
            shelvesC = List.copyOf(shelvesC);
            frontPercent = List.copyOf(frontPercent);
        }
    }

    private static final int LAYERS_SHOWN = 8;

    /**
     * @param cast it came from
     * @param shell as it drained
     * @param movedS after draining it goes into the cold; negative: when it begins to set
     * @param load the cabinet and what stands in it
     * @param opening how it stands there
     */
    public static ShellCooling of(
            final ShellCast cast,
            final Shell shell,
            final double movedS,
            final CabinetLoad load,
            final Opening opening) {
        Require.between("time before the cold", movedS, -1, StandingShell.ROOM_S, "s");
        final One mean = new One(cast, shell, shell.meanMm(), StandingShell.ROOM_S);
        final double begins = mean.standing.whenSolidS(CalibratedCasting.BEGINS_SOLID);
        final double latest =
                mean.standing.whenSolidS(
                        StandingShell.solid(
                                cast.order().bowl().couverture(), CalibratedCasting.LATE_SHARE));
        final double moved = movedS >= 0 ? movedS : Math.min(StandingShell.ROOM_S, begins);
        // Of the others only as long as they stand there.
        final double stood = Math.max(LEAST_STOOD_S, Math.min(StandingShell.ROOM_S, moved));
        mean.chill(load, opening, moved, 0.5);
        final One floor = new One(cast, shell, Math.max(shell.floorMm(), shell.wallMm()), stood);
        floor.chill(load, opening, moved, 0.5);
        final One wall = new One(cast, shell, Math.min(shell.floorMm(), shell.wallMm()), stood);
        wall.chill(load, opening, moved, 0.5);
        // A colder cabinet does not ask for more than one of 10 °C.
        final double full =
                cast.order()
                        .bowl()
                        .couverture()
                        .crystals()
                        .curve()
                        .solidAt(Math.max(SET_AT_C, load.airC()));
        final double firm =
                CalibratedCasting.FIRM_SHARE
                        * cast.order().bowl().couverture().curve().solidAt(FIRM_AT_C);
        final double halfMm = MouldWall.reachM(cast.order().mould().cavity()) * 1000;
        final double[] release = new double[CalibratedCasting.GAP_MM.size()];
        for (int i = 0; i < release.length; i++) {
            final double gap = CalibratedCasting.GAP_MM.get(i) / halfMm;
            final double solid = CalibratedCasting.SET_SHARE.get(i) * full;
            // The slowest place decides.
            release[i] = Math.max(floor.free(gap, solid), wall.free(gap, solid));
        }
        final double usual = release[1];
        final double at = Math.min(COLD_S, usual);
        final double acrossMm = MouldWall.reachM(cast.order().mould().cavity()) * 2000;
        final List<ShellMoment> line = new ArrayList<>();
        double warmest = 0;
        double air = load.airC();
        double last = load.airC();
        for (final double[] point : mean.air.path()) {
            air = Math.max(air, point[1]);
            last = Math.max(last, point[2]);
        }
        double fastest = 0;
        double before = mean.cold.temperatureC(mean.first, 0);
        for (double s = 0; s <= COLD_S; s += EVERY_S) {
            final double outer = mean.cold.temperatureC(mean.first, s);
            final double inner = mean.cold.temperatureC(mean.cold.cells() - 1, s);
            warmest = Math.max(warmest, Math.max(outer, inner));
            fastest = Math.max(fastest, (before - outer) * 60 / EVERY_S);
            before = outer;
            line.add(
                    new ShellMoment(
                            s / 60,
                            outer,
                            inner,
                            mean.shelvesAt(s, load.shelves()),
                            mean.cold.meanSolid(1, s) * 100,
                            Math.max(0, mean.shrunk(s)) * 100,
                            mean.front(s)));
        }
        return new ShellCooling(
                begins,
                latest,
                moved,
                mean.cold.firstS(s -> mean.cold.meanSolid(1, s) >= firm),
                new Range(release[0], release[2]),
                Math.abs(floor.shrunk(at) - wall.shrunk(at)) * acrossMm,
                warmest,
                fastest,
                Math.max(0, mean.shrunk(COLD_S)) * 100,
                air,
                Math.min(last, Math.max(air, warmest)),
                mean.stableShare(),
                List.copyOf(line));
    }

    /** One thickness of it, from the wait to the cold. */
    private static final class One {

        private final ShellCast cast;
        private final StandingShell standing;
        private final CrustPath room;
        private final int first;
        private CrustPath cold;
        private CabinetLoad.Air air;
        private double stiffS;
        private double stiffSolid;
        private double stiffC;
        private double stiffMouldC;

        One(final ShellCast cast, final Shell shell, final double thickMm, final double stoodS) {
            this.cast = cast;
            standing = new StandingShell(cast, shell, thickMm, Opening.DOWN, stoodS);
            room = standing.path();
            first = standing.firstCell();
        }

        void chill(
                final CabinetLoad load,
                final Opening opening,
                final double movedS,
                final double aboveShare) {
            final double areaM2 =
                    cast.order().mould().cavity().wallAreaMm2()
                            / 1e6
                            * cast.order().mould().cavities();
            air = load.new Air(areaM2, aboveShare);
            final CabinetLoad.Air around = air;
            cold =
                    CrustSolver.goOn(
                            room,
                            movedS,
                            standing.strata(),
                            standing.bend(),
                            around,
                            new BoundaryCondition() {
                                @Override
                                public double temperatureC(final double seconds) {
                                    return around.temperatureC(seconds);
                                }

                                @Override
                                public double filmWPerM2K() {
                                    return around.filmWPerM2K() * opening.share();
                                }

                                @Override
                                public void took(
                                        final double fromS,
                                        final double toS,
                                        final double joulePerM2) {
                                    around.beside(joulePerM2 / (toS - fromS));
                                }
                            },
                            COLD_S);
            // It shrinks away only from when it carries itself.
            final double inRoomS = standing.whenSolidS(CalibratedCasting.BEGINS_SOLID);
            if (inRoomS <= movedS) {
                stiffS = 0;
                stiff(room, inRoomS);
            } else {
                stiffS = cold.firstS(s -> cold.meanSolid(1, s) >= CalibratedCasting.BEGINS_SOLID);
                stiff(cold, Math.min(COLD_S, stiffS));
            }
        }

        /** Solid of the fat from the mould to the hollow, per cent. */
        List<Double> front(final double seconds) {
            final int last = cold.cells() - 1;
            final List<Double> front = new ArrayList<>();
            for (int i = 0; i < LAYERS_SHOWN; i++) {
                final int cell =
                        first + Math.round((last - first) * (float) i / (LAYERS_SHOWN - 1));
                front.add(100 * (cold.stable(cell, seconds) + cold.unstable(cell, seconds)));
            }
            return front;
        }

        /** When the gap is wide enough and it is set enough, s. */
        double free(final double shrunk, final double solid) {
            return cold.firstS(s -> shrunk(s) >= shrunk && cold.meanSolid(1, s) >= solid);
        }

        private void stiff(final CrustPath path, final double seconds) {
            stiffSolid = path.meanSolid(1, seconds);
            stiffC = path.meanC(1, seconds);
            stiffMouldC = path.meanC(0, seconds);
        }

        /** Of what is solid at the end, what is form V. */
        double stableShare() {
            double stable = 0;
            double solid = 0;
            for (int cell = first; cell < cold.cells(); cell++) {
                stable += cold.volumeM(cell) * cold.stable(cell, COLD_S);
                solid +=
                        cold.volumeM(cell)
                                * (cold.stable(cell, COLD_S) + cold.unstable(cell, COLD_S));
            }
            return solid > 0 ? stable / solid : 0;
        }

        /** The air at each shelf, the one it meets first before the last. */
        List<Double> shelvesAt(final double seconds, final int shelves) {
            double[] at = air.path().get(0);
            for (final double[] point : air.path()) {
                if (point[0] > seconds) {
                    break;
                }
                at = point;
            }
            final List<Double> each = new ArrayList<>();
            for (int i = 0; i < shelves; i++) {
                // It gathers as much at every shelf it passes.
                each.add(at[1] + (at[2] - at[1]) * (shelves == 1 ? 0 : i / (shelves - 1.0)));
            }
            return each;
        }

        /** Shrinking of the piece against its mould since it became stiff, share of its length. */
        double shrunk(final double seconds) {
            if (seconds < stiffS) {
                return 0;
            }
            return Contraction.againstMould(
                    cast.order().bowl().couverture(),
                    cold.meanSolid(1, seconds) - stiffSolid,
                    stiffC - cold.meanC(1, seconds),
                    stiffMouldC - cold.meanC(0, seconds));
        }
    }
}
