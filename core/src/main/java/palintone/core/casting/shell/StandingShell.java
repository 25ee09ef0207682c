package palintone.core.casting.shell;

import java.util.ArrayList;
import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.SetConsistency;
import palintone.core.heat.AirFlow;
import palintone.core.temper.Couverture;
import palintone.core.temper.crystal.Crystals;

/** A drained shell of one thickness as it stands in the room, for an hour from the draining on. */
public final class StandingShell {

    public static final double ROOM_S = 3600;

    /** A room: what of a couverture is solid at rest there is all it sets to; milk to less. */
    private static final double ROOM_C = 20;

    private static final int CELLS = 20;

    private final ShellCast cast;
    private final List<ConductingLayer> strata;
    private final CrustPath path;

    /**
     * @param thickMm of the chocolate that was cast last
     * @param opening how it stands: upside down the hollow keeps its warm air
     */
    public StandingShell(
            final ShellCast cast, final Shell shell, final double thickMm, final Opening opening) {
        this(cast, shell, thickMm, opening, ROOM_S);
    }

    /**
     * @param forS no longer than this is asked of it, above 0 to an hour
     */
    public StandingShell(
            final ShellCast cast,
            final Shell shell,
            final double thickMm,
            final Opening opening,
            final double forS) {
        this.cast = cast;
        final CastOrder order = cast.order();
        strata = new ArrayList<>(cast.ground().behind());
        strata.add(
                ConductingLayer.chocolate(
                        order.bowl().couverture(),
                        Math.max(2e-4, thickMm / 1000),
                        CELLS,
                        1,
                        order.bowl().temperatureC(),
                        order.bowl().crystals()));
        path =
                CrustSolver.goOn(
                        cast.path(),
                        Math.min(cast.path().endS(), shell.waitS() + order.drainS()),
                        strata,
                        cast.ground().bend(),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), order.roomC()),
                        BoundaryCondition.still(
                                AirFlow.filmWPerM2K(0) * opening.share(), order.roomC()),
                        forS);
    }

    /** Share of the fat that is solid when so much of what sets in a room has set. */
    public static double solid(final Couverture couverture, final double share) {
        return share * couverture.curve().solidAt(ROOM_C);
    }

    /** Share of the fat: set no further than this, a face still bonds with what is cast onto it. */
    public static double bondsSolid(final Couverture couverture) {
        return solid(couverture, CalibratedCasting.BONDS_SHARE);
    }

    /** Whose layers lie as the strata do. */
    public CrustPath path() {
        return path;
    }

    public List<ConductingLayer> strata() {
        return List.copyOf(strata);
    }

    public Curvature bend() {
        return cast.ground().bend();
    }

    /** Number of the layer that was cast last. */
    int layer() {
        return strata.size() - 1;
    }

    /** First cell of it. */
    public int firstCell() {
        return path.cells() - CELLS;
    }

    /** Solid share of its fat in the mean. */
    double solid(final double seconds) {
        return path.meanSolid(layer(), seconds);
    }

    /** When so much of its fat is solid, s after draining; infinite where not within the hour. */
    public double whenSolidS(final double share) {
        return path.firstS(s -> solid(s) >= share);
    }

    /** How it flows in the mean, by the workshop's own yield factor, left still. */
    SetConsistency consistency(final double seconds) {
        return new SetConsistency(
                cast.order().bowl().couverture(),
                cast.order().bowl().fluidity(),
                path,
                cast.ground().thickM(),
                seconds,
                cast.order().learned().yieldFactor());
    }

    /** Of the layer in the mean. */
    Crystals crystals(final double seconds) {
        double stable = 0;
        double unstable = 0;
        double all = 0;
        for (int cell = firstCell(); cell < path.cells(); cell++) {
            stable += path.volumeM(cell) * path.stable(cell, seconds);
            unstable += path.volumeM(cell) * path.unstable(cell, seconds);
            all += path.volumeM(cell);
        }
        return new Crystals(
                Math.max(0, Math.min(1, stable / all)),
                Math.max(0, Math.min(1 - stable / all, unstable / all)));
    }
}
