package palintone.core.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.figure.BandStatus;
import palintone.core.process.Clock;
import palintone.core.process.Reading;
import palintone.core.process.Task;

/**
 * One step of a record: what was planned, what was noted.
 *
 * @param step as planned
 * @param readings as they stand, corrections applied, oldest first
 * @param noted the last of them, which counts
 * @param outBy its signed distance to the band, 0 inside
 * @param bandStatus of the last reading, or of the time where nothing was read
 * @param tookS seconds from begin to done
 */
public record PlanVsActual(
        Task step,
        List<Double> readings,
        OptionalDouble noted,
        double outBy,
        BandStatus bandStatus,
        Optional<Long> tookS) {

    /** The whole record, step by step. */
    public static List<PlanVsActual> of(final RunningBatch batch) {
        return batch.process().tasks().stream().map(step -> one(batch, step)).toList();
    }

    private static PlanVsActual one(final RunningBatch batch, final Task step) {
        final List<Double> readings = batch.readings(step.number());
        final OptionalDouble noted =
                readings.isEmpty()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(readings.get(readings.size() - 1));
        final Optional<Long> took = batch.took(step.number()).map(duration -> duration.toSeconds());
        if (noted.isPresent() && step.reading().isPresent()) {
            final double value = noted.getAsDouble();
            final Reading reading = step.reading().get();
            return new PlanVsActual(
                    step,
                    readings,
                    noted,
                    reading.band().outBy(value),
                    reading.band().bandStatusOf(value),
                    took);
        }
        return new PlanVsActual(step, readings, noted, 0, timeStatus(batch, step, took), took);
    }

    private static boolean tooLate(final RunningBatch batch, final Task task) {
        return batch.begunAt(task.number())
                .flatMap(
                        begun ->
                                batch.latest(task.number())
                                        .map(latest -> begun.isAfter(latest.at())))
                .orElse(false);
    }

    /** Too short, too long or too late a step is tight: the record says so, the maker judges. */
    private static BandStatus timeStatus(
            final RunningBatch batch, final Task step, final Optional<Long> took) {
        if (tooLate(batch, step)) {
            return BandStatus.TIGHT;
        }
        if (step.clock().isEmpty() || took.isEmpty()) {
            return BandStatus.IN_BAND;
        }
        final Clock clock = step.clock().get();
        final long seconds = took.get();
        return seconds < clock.shortestS() || seconds > clock.longestS()
                ? BandStatus.TIGHT
                : BandStatus.IN_BAND;
    }
}
