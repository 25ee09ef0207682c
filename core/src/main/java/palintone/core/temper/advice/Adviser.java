package palintone.core.temper.advice;

import java.util.List;
import palintone.core.figure.Band;
import palintone.core.temper.Verdict;

/**
 * What to do next. Every move that makes sense where the bowl is, is played ahead; those that end
 * in temper come first, the quickest of them before the others.
 */
public final class Adviser {

    private static final double SURE = 0.8;
    private static final double EDGE_K = 0.3;

    private final Situation here;
    private final Band work;
    private final MoveList list;
    private final HeatMoves heat;
    private final CoolMoves cool;
    private final SeedMoves seed;

    private Adviser(final Situation here) {
        this.here = here;
        work = here.targets().work();
        list = new MoveList(here);
        heat = new HeatMoves(list);
        cool = new CoolMoves(list);
        seed = new SeedMoves(list);
    }

    /** Moves, the best first; never empty. */
    public static List<AdvisedStep> next(final Situation here) {
        return new Adviser(here).rank();
    }

    private List<AdvisedStep> rank() {
        final double t = here.temperatureC();
        final double seeds = here.estimate().middle().stable();
        if (t > here.targets().melt().highLimit()) {
            heat.stopHeating();
        }
        if (t < work.low() - 4 && here.estimate().middle().solid() > 0.2) {
            heat.melt("It is solid: melt it to {to}.");
        } else if (t > work.high() + EDGE_K) {
            if (seeds >= Verdict.LEAST_STABLE) {
                cool.coolBack();
            }
            seed.seed();
            cool.coolForCrystals();
            cool.coolForSeed();
        } else if (t >= work.low() - EDGE_K) {
            inWindow(seeds);
        } else {
            belowWindow(seeds);
        }
        if (list.isEmpty()) {
            heat.melt("Start again: melt it to {to}.");
        }
        return list.ranked();
    }

    private void inWindow(final double seeds) {
        if (here.estimate().likelihood() < SURE) {
            heat.paperTest();
        }
        if (here.estimate().verdict() == Verdict.OVER) {
            seed.thin();
            heat.warmToTop();
            return;
        }
        if (seeds >= Verdict.LEAST_STABLE) {
            heat.workOn();
        } else {
            seed.seed();
            cool.coolForCrystals();
            heat.waitForGrowth();
        }
    }

    private void belowWindow(final double seeds) {
        if (here.estimate().likelihood() < SURE && here.temperatureC() > work.low() - 2) {
            heat.paperTest();
        }
        if (seeds >= Verdict.LEAST_STABLE) {
            heat.heat();
        }
        if (seeds < MoveList.WANTED_STABLE) {
            heat.holdThenHeat();
        }
    }
}
