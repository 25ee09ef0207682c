package palintone.schedule;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import palintone.core.plan.Plan;
import palintone.core.plan.PlanChecker;
import palintone.core.plan.Worth;

/**
 * Solves a workload, wish by wish: the best of one is kept while the next is asked for. Everything
 * better than before is said at once.
 */
final class Solving {

    private final Ask ask;
    private final Consumer<Said> say;
    private Optional<Plan> best;

    Solving(final Ask ask, final Consumer<Said> say) {
        Loader.loadNativeLibraries();
        this.ask = ask;
        this.say = say;
        best = ask.start().filter(p -> PlanChecker.holds(ask.load(), p));
    }

    /** Answers what is asked; the last line said is {@link Said.Kind#DONE}. */
    void run() {
        switch (ask.what()) {
            case PLAN -> plan();
            case CLASH -> clash();
        }
        say.accept(Said.of(Said.Kind.DONE));
    }

    private CpSolver solver() {
        final CpSolver solver = new CpSolver();
        // One worker and a limit in its own time: the same answer on a busy machine.
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(ask.seed())
                .setMaxDeterministicTime(ask.effort());
        return solver;
    }

    private void plan() {
        final PlanModel asked = new PlanModel(ask.load());
        for (final Wish wish : Wish.values()) {
            if (best.isPresent() && wish.of(Worth.of(ask.load(), best.get())) == 0) {
                // Nothing can be less than nothing.
                say.accept(Said.proven(wish, 0, 0));
                asked.model().addLessOrEqual(asked.wish(wish), 0);
                continue;
            }
            best.ifPresent(asked::hint);
            asked.model().clearObjective();
            asked.model().minimize(asked.wish(wish));
            final CpSolver solver = solver();
            final CpSolverStatus status =
                    solver.solve(
                            asked.model(),
                            new CpSolverSolutionCallback() {
                                @Override
                                public void onSolutionCallback() {
                                    found(asked.plan(this::value));
                                }
                            });
            if (status == CpSolverStatus.INFEASIBLE) {
                say.accept(Said.of(Said.Kind.IMPOSSIBLE));
                return;
            }
            if (best.isEmpty()) {
                // Neither found nor ruled out within the effort: nothing more can be said.
                return;
            }
            final int value = wish.of(Worth.of(ask.load(), best.get()));
            final int bound = (int) Math.ceil(Math.max(0, solver.bestObjectiveBound()) - 1e-6);
            say.accept(Said.proven(wish, value, Math.min(value, bound)));
            asked.model().addLessOrEqual(asked.wish(wish), value);
        }
    }

    private void found(final Plan plan) {
        final boolean better =
                best.isEmpty()
                        || Worth.of(ask.load(), plan).compareTo(Worth.of(ask.load(), best.get()))
                                < 0;
        if (better && PlanChecker.holds(ask.load(), plan)) {
            best = Optional.of(plan);
            say.accept(Said.found(plan));
        }
    }

    // ------------------------------------------------------------ what clashes

    /** Leaves out one due moment after another; those without which the rest can be kept remain. */
    private void clash() {
        if (impossible(List.of())) {
            say.accept(Said.of(Said.Kind.IMPOSSIBLE));
            return;
        }
        final List<String> clashing = new ArrayList<>(ask.dues());
        if (!impossible(clashing)) {
            say.accept(Said.clash(List.of()));
            return;
        }
        for (final String one : ask.dues()) {
            final List<String> without = new ArrayList<>(clashing);
            without.remove(one);
            if (impossible(without)) {
                clashing.remove(one);
            }
        }
        say.accept(Said.clash(clashing));
    }

    /** Whether it is sure that these due moments cannot all be kept. */
    private boolean impossible(final List<String> dues) {
        final PlanModel asked = new PlanModel(ask.load());
        for (final String run : dues) {
            asked.late(run).ifPresent(minutes -> asked.model().addEquality(minutes, 0));
        }
        return solver().solve(asked.model()) == CpSolverStatus.INFEASIBLE;
    }

    /** All of it at once, for who does not listen line by line. */
    static List<Said> all(final Ask ask) {
        final List<Said> said = new ArrayList<>();
        new Solving(ask, said::add).run();
        return said;
    }
}
