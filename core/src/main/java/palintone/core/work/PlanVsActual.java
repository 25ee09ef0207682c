package palintone.core.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.figure.BandStatus;
import palintone.core.process.Task;

/**
 * One step of a record: what was planned, what was noted.
 *
 * @param step as planned
 * @param readings as they stand, corrections applied, oldest first
 * @param takenBack readings that were undone: they do not count, and were read all the same
 * @param noted the last of the readings, which counts
 * @param outBy its signed distance to the band, 0 inside
 * @param readingStatus of the last reading; in band where nothing was read
 * @param time whether it had the time it was planned to have
 * @param tookS seconds from begin to done
 */
public record PlanVsActual(
        Task step,
        List<Double> readings,
        List<Double> takenBack,
        OptionalDouble noted,
        double outBy,
        BandStatus readingStatus,
        TimeKept time,
        Optional<Long> tookS) {

    /** The whole record, step by step. */
    public static List<PlanVsActual> of(final RunningBatch batch) {
        return batch.process().tasks().stream().map(step -> one(batch, step)).toList();
    }

    /**
     * Of reading and time together, the worse: a wait that was skipped is not in band, whatever was
     * read. Too short, too long, too soon or too late is tight: the record says so, the maker
     * judges.
     */
    public BandStatus bandStatus() {
        return readingStatus == BandStatus.IN_BAND && time != TimeKept.AS_PLANNED
                ? BandStatus.TIGHT
                : readingStatus;
    }

    private static PlanVsActual one(final RunningBatch batch, final Task step) {
        final List<Double> readings = batch.readings(step.number());
        final OptionalDouble noted =
                readings.isEmpty() || step.reading().isEmpty()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(readings.get(readings.size() - 1));
        return new PlanVsActual(
                step,
                readings,
                batch.takenBack(step.number()),
                noted,
                noted.isPresent()
                        ? step.reading().orElseThrow().band().outBy(noted.getAsDouble())
                        : 0,
                noted.isPresent()
                        ? step.reading().orElseThrow().band().bandStatusOf(noted.getAsDouble())
                        : BandStatus.IN_BAND,
                TimeKept.of(batch, step),
                batch.took(step.number()).map(duration -> duration.toSeconds()));
    }
}
