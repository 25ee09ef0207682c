package palintone.core.work;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import palintone.core.process.After;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.Task;

/** How far the tasks of a process are: what its entries, undone ones left out, come to. */
final class Progress {

    private final Process process;
    private final Instant[] begun;
    private final Instant[] done;

    Progress(final Process process, final Instant beganAt, final List<Entry> standing) {
        this.process = process;
        begun = new Instant[process.tasks().size() + 1];
        done = new Instant[process.tasks().size() + 1];
        idle(beganAt);
        for (final Entry entry : standing) {
            final int step = entry.step();
            switch (entry.kind()) {
                case BEGIN, NOTE -> begin(step, entry.at());
                case DONE -> {
                    begin(step, sinceReady(step, beganAt, entry.at()));
                    done[step] = entry.at();
                    straightOn(step, entry.at());
                    idle(entry.at());
                }
                default -> {
                    // Says nothing about how far it is.
                }
            }
        }
    }

    private void begin(final int step, final Instant at) {
        if (begun[step] == null && ready(step)) {
            begun[step] = at;
        }
    }

    /** Done without having been begun: it may have been under way since it could be. */
    private Instant sinceReady(final int step, final Instant beganAt, final Instant now) {
        final Instant since = earliest(step).orElse(beganAt);
        return since.isAfter(now) ? now : since;
    }

    private void straightOn(final int finished, final Instant at) {
        for (final Task task : process.following(finished)) {
            final boolean straight =
                    task.after().stream()
                            .anyMatch(
                                    a ->
                                            a.task() == finished
                                                    && a.straightOn()
                                                    && a.leastLagS() == 0);
            if (straight) {
                begin(task.number(), at);
            }
        }
    }

    /** Idle hands go to the first task that may begin now. */
    private void idle(final Instant at) {
        if (process.tasks().stream()
                .anyMatch(t -> status(t.number()) == RunningBatch.Status.UNDER_WAY)) {
            return;
        }
        process.tasks().stream()
                .filter(t -> status(t.number()) == RunningBatch.Status.READY)
                .filter(t -> !earliest(t.number()).orElse(at).isAfter(at))
                .findFirst()
                .ifPresent(t -> begin(t.number(), at));
    }

    private boolean ready(final int step) {
        return done[step] == null
                && process.task(step).after().stream().allMatch(a -> done[a.task()] != null);
    }

    RunningBatch.Status status(final int step) {
        if (done[step] != null) {
            return RunningBatch.Status.DONE;
        }
        if (!ready(step)) {
            return RunningBatch.Status.WAITING;
        }
        return begun[step] != null ? RunningBatch.Status.UNDER_WAY : RunningBatch.Status.READY;
    }

    boolean allDone() {
        return process.tasks().stream().allMatch(t -> done[t.number()] != null);
    }

    int focus() {
        int best = 0;
        for (final Task task : process.tasks()) {
            final int n = task.number();
            if (status(n) == RunningBatch.Status.UNDER_WAY && (best == 0 || nearer(task, best))) {
                best = n;
            }
        }
        if (best > 0) {
            return best;
        }
        return process.tasks().stream()
                .map(Task::number)
                .filter(n -> status(n) == RunningBatch.Status.READY)
                .findFirst()
                .orElse(process.tasks().size());
    }

    private boolean nearer(final Task task, final int than) {
        final Task other = process.task(than);
        if (task.byHand() != other.byHand()) {
            return task.byHand();
        }
        return begun[task.number()].isAfter(begun[than]);
    }

    Optional<Instant> begunAt(final int step) {
        return status(step) == RunningBatch.Status.WAITING
                ? Optional.empty()
                : Optional.ofNullable(begun[step]);
    }

    Optional<Instant> doneAt(final int step) {
        return Optional.ofNullable(done[step]);
    }

    Optional<Instant> earliest(final int step) {
        final List<After> after = process.task(step).after();
        if (after.stream().anyMatch(a -> done[a.task()] == null)) {
            return Optional.empty();
        }
        return after.stream()
                .map(a -> done[a.task()].plusSeconds(a.leastLagS()))
                .max(Instant::compareTo);
    }

    Optional<RunningBatch.Latest> latest(final int step) {
        RunningBatch.Latest soonest = null;
        for (final After after : process.task(step).after()) {
            if (after.greatestLagS().isEmpty() || done[after.task()] == null) {
                continue;
            }
            final Instant at = done[after.task()].plusSeconds(after.greatestLagS().getAsInt());
            if (soonest == null || at.isBefore(soonest.at())) {
                soonest = new RunningBatch.Latest(at, after.late());
            }
        }
        return Optional.ofNullable(soonest);
    }

    Set<Occupies> taken(final int step) {
        final Set<Occupies> taken = EnumSet.noneOf(Occupies.class);
        if (status(step) != RunningBatch.Status.READY) {
            return taken;
        }
        for (final Task other : process.tasks()) {
            if (other.number() != step && status(other.number()) == RunningBatch.Status.UNDER_WAY) {
                taken.addAll(other.occupies());
            }
        }
        taken.retainAll(process.task(step).occupies());
        return taken;
    }
}
