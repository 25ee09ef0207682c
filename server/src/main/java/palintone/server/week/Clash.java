package palintone.server.week;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.plan.FirstPlan;
import palintone.core.plan.Plan;
import palintone.core.plan.Run;
import palintone.core.plan.Thing;
import palintone.core.plan.Workload;
import palintone.core.plan.Worth;
import palintone.schedule.Ask;
import palintone.schedule.Said;
import palintone.server.figure.SentenceView;

/** Which batches cannot all be in time, and what would free them. */
final class Clash {

    private static final double EFFORT = 10;
    private static final int MOST_S = 60;
    private static final int SEED = 1;

    private final SolverProcess solver;
    private final Workload load;
    private final Plan plan;

    Clash(final SolverProcess solver, final WeekService.Standing now) {
        this.solver = solver;
        load = now.made().load();
        plan = now.plan().orElseThrow();
    }

    WeekView.ClashView find() {
        final int late = Worth.of(load, plan).lateMin();
        if (late == 0) {
            return new WeekView.ClashView(true, List.of(), List.of());
        }
        final List<String> dues =
                load.runs().stream().filter(r -> r.due().isPresent()).map(Run::id).toList();
        final Optional<List<String>> clash = ask(dues);
        final List<String> names =
                clash.orElse(List.of()).stream()
                        .map(
                                id ->
                                        load.runs().stream()
                                                .filter(r -> r.id().equals(id))
                                                .findFirst()
                                                .orElseThrow()
                                                .name())
                        .toList();
        return new WeekView.ClashView(clash.isPresent(), names, frees(late));
    }

    /** What the solver says within its time; empty where it cannot say. */
    private Optional<List<String>> ask(final List<String> dues) {
        final CompletableFuture<List<String>> answer = new CompletableFuture<>();
        final Optional<SolverProcess.Asked> asked =
                solver.ask(
                        new Ask(Ask.What.CLASH, load, Optional.of(plan), EFFORT, SEED, dues),
                        said -> {
                            if (said.kind() == Said.Kind.CLASH) {
                                answer.complete(said.runs());
                            }
                        },
                        () -> answer.completeExceptionally(new IllegalStateException("no answer")));
        if (asked.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(answer.get(MOST_S, TimeUnit.SECONDS))
                    .filter(runs -> !runs.isEmpty());
        } catch (ExecutionException | TimeoutException e) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } finally {
            asked.get().close();
        }
    }

    /**
     * One more of each thing, or a little later: where there is a plan that is less late for it.
     */
    private List<SentenceView> frees(final int late) {
        final List<SentenceView> frees = new ArrayList<>();
        for (final Thing thing : load.things()) {
            final int then = late(withOneMore(thing));
            if (then < late) {
                frees.add(
                        SentenceView.of(
                                Sentence.of(thing.name() + ": one more makes it {less} less late.")
                                        .with("less", late - then, Unit.MINUTE)));
            }
        }
        for (final Run run : load.runs()) {
            final int minutes = Worth.late(run, load, plan);
            if (minutes > 0) {
                frees.add(
                        SentenceView.of(
                                Sentence.of(run.name() + ": wanted {later} later it is in time.")
                                        .with("later", minutes, Unit.MINUTE)));
            }
        }
        return frees;
    }

    private Workload withOneMore(final Thing thing) {
        return load.with(
                load.things().stream()
                        .map(
                                t ->
                                        t.equals(thing)
                                                ? new Thing(
                                                        t.id(),
                                                        t.name(),
                                                        t.units() + 1,
                                                        t.washMin())
                                                : t)
                        .toList());
    }

    private static int late(final Workload other) {
        return FirstPlan.of(other, SEED)
                .map(p -> Worth.of(other, p).lateMin())
                .orElse(Integer.MAX_VALUE);
    }
}
