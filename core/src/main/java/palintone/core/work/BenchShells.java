package palintone.core.work;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.casting.pour.Vibration;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;

/**
 * What a batch has noted of one mould of shells: how it was cast and what it weighs, as far as it
 * was made in earnest. A batch that was only clicked through weighs nothing.
 *
 * @param bowlC while casting, °C
 * @param mouldC before it, °C
 * @param waitS from full to turned, shaking included, s
 * @param drainS turned over, s
 * @param vibration as it drained, by the task it was drained at
 * @param shellsG of one mould, g
 * @param at when it was weighed
 */
public record BenchShells(
        double bowlC,
        double mouldC,
        double waitS,
        double drainS,
        Vibration vibration,
        double shellsG,
        Instant at) {

    /** Nobody fills and shakes a mould in less; ours. */
    private static final double LEAST_CAST_S = 15;

    private static final double LEAST_DRAIN_S = 5;
    private static final double LONGEST_DRAIN_S = 300;
    private static final double LONGEST_WAIT_S = 900;

    /** Empty where it was not weighed, cast in several coats, or not made in earnest. */
    public static Optional<BenchShells> of(final RunningBatch batch) {
        final Optional<Task> scrape = only(batch, TaskKind.SCRAPE);
        final Optional<Task> cast = only(batch, TaskKind.CAST);
        final Optional<Task> wait = only(batch, TaskKind.WAIT);
        final Optional<Task> drain = only(batch, TaskKind.DRAIN);
        final Optional<Task> mould = only(batch, TaskKind.MOULD);
        // What two couvertures weigh together says of neither how it runs.
        if (batch.process().tasks().stream().anyMatch(t -> t.kind() == TaskKind.OUTER_COAT)) {
            return Optional.empty();
        }
        if (scrape.isEmpty() || cast.isEmpty() || wait.isEmpty() || drain.isEmpty()) {
            return Optional.empty();
        }
        final List<RunningBatch.EntryStanding> weighed = batch.notes(scrape.get().number());
        final double castS = tookS(batch, cast.get());
        final double waitedS = tookS(batch, wait.get());
        final double drainedS = tookS(batch, drain.get());
        if (weighed.isEmpty()
                || batch.status(scrape.get().number()) != RunningBatch.Status.DONE
                || !(castS >= LEAST_CAST_S)
                || !(drainedS >= LEAST_DRAIN_S && drainedS <= LONGEST_DRAIN_S)) {
            return Optional.empty();
        }
        final double shakenS = cast.get().amount(Amount.SHAKEN).orElse(0);
        final OptionalDouble shaking = drain.get().amount(Amount.SHAKING);
        final double waitS = Math.min(castS, shakenS) + waitedS;
        final OptionalDouble bowlC = noted(batch, cast.get());
        if (bowlC.isEmpty() || shaking.isEmpty() || waitS > LONGEST_WAIT_S) {
            return Optional.empty();
        }
        final RunningBatch.EntryStanding last = weighed.get(weighed.size() - 1);
        return Optional.of(
                new BenchShells(
                        bowlC.getAsDouble(),
                        mould.map(task -> noted(batch, task))
                                .orElse(OptionalDouble.empty())
                                .orElse(
                                        mould.flatMap(Task::reading)
                                                .map(TaskReading::target)
                                                .orElse(bowlC.getAsDouble())),
                        waitS,
                        drainedS,
                        Vibration.values()[(int) shaking.getAsDouble()],
                        last.value(),
                        last.at()));
    }

    private static Optional<Task> only(final RunningBatch batch, final TaskKind kind) {
        final List<Task> found =
                batch.process().tasks().stream().filter(task -> task.kind() == kind).toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    private static double tookS(final RunningBatch batch, final Task task) {
        return batch.took(task.number()).map(Duration::toMillis).map(ms -> ms / 1000.0).orElse(0.0);
    }

    /** The last reading, or what it was aimed at where nobody read it. */
    private static OptionalDouble noted(final RunningBatch batch, final Task task) {
        final List<Double> readings = batch.readings(task.number());
        if (!readings.isEmpty()) {
            return OptionalDouble.of(readings.get(readings.size() - 1));
        }
        return task.reading()
                .map(reading -> OptionalDouble.of(reading.target()))
                .orElse(OptionalDouble.empty());
    }
}
