package palintone.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import palintone.core.work.RunningBatch;

/** A batch under way, laid out as it stands: what has begun is where it was. */
public final class BegunWork {

    private BegunWork() {}

    /**
     * What is still to do, and where what has begun is.
     *
     * @param laid with what was done at the length it took
     * @param fixed stretches that have begun
     */
    public record Begun(BatchWork.Laid laid, List<Fixed> fixed) {}

    /**
     * Lays it out.
     *
     * @param origin moment from which minutes count
     * @param now minute
     * @param person id of who is at a stretch that has begun and is not done, by its id; empty
     *     where nobody knows
     */
    public static Begun of(
            final BatchAsked asked,
            final RunningBatch batch,
            final Instant origin,
            final int now,
            final Function<String, Optional<String>> person) {
        final BatchWork.Laid laid = BatchWork.of(asked);
        final List<Stretch> stretches = new ArrayList<>();
        final List<Fixed> fixed = new ArrayList<>();
        for (final Stretch stretch : laid.stretches()) {
            final Optional<Instant> begun = begun(stretch, batch);
            if (begun.isEmpty()) {
                stretches.add(stretch);
                continue;
            }
            final int start = minute(origin, begun.get());
            final Optional<Instant> done = done(stretch, batch);
            final int minutes =
                    done.map(at -> minute(origin, at) - start)
                            .orElseGet(() -> Math.max(stretch.minutes(), now + 1 - start));
            stretches.add(
                    new Stretch(
                            stretch.id(),
                            stretch.run(),
                            stretch.title(),
                            stretch.part(),
                            Math.min(Stretch.LONGEST_MIN, Math.max(0, minutes)),
                            // Nobody is kept by what is over.
                            stretch.hands() && done.isEmpty(),
                            stretch.skill(),
                            stretch.tasks()));
            fixed.add(
                    new Fixed(
                            stretch.id(),
                            start,
                            done.isPresent() || !stretch.hands()
                                    ? Optional.empty()
                                    : person.apply(stretch.id()),
                            true));
        }
        return new Begun(new BatchWork.Laid(stretches, laid.lags(), laid.holds()), fixed);
    }

    private static Optional<Instant> begun(final Stretch stretch, final RunningBatch batch) {
        return stretch.tasks().stream()
                .filter(number -> number <= batch.process().tasks().size())
                .flatMap(number -> batch.begunAt(number).stream())
                .min(Instant::compareTo);
    }

    private static Optional<Instant> done(final Stretch stretch, final RunningBatch batch) {
        if (stretch.tasks().stream().anyMatch(number -> batch.doneAt(number).isEmpty())) {
            return Optional.empty();
        }
        return stretch.tasks().stream()
                .flatMap(number -> batch.doneAt(number).stream())
                .max(Instant::compareTo);
    }

    private static int minute(final Instant origin, final Instant at) {
        return (int) Math.floorDiv(Duration.between(origin, at).toSeconds(), 60);
    }
}
