package palintone.core.work;

import java.time.Instant;
import java.util.Optional;
import palintone.core.process.Clock;
import palintone.core.process.Task;

/** Whether a task had the time it was planned to have. What was only read in time is not done. */
public enum TimeKept {
    AS_PLANNED("in time"),
    TOO_SOON("begun too soon"),
    TOO_LATE("begun too late"),
    TOO_SHORT("cut short"),
    TOO_LONG("took too long");

    private final String words;

    TimeKept(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Of one task of a batch; as planned while it has neither begun nor ended otherwise. */
    static TimeKept of(final RunningBatch batch, final Task task) {
        final Optional<Instant> begun = batch.begunAt(task.number());
        if (begun.isPresent()) {
            final Instant at = begun.get();
            if (batch.earliest(task.number()).map(at::isBefore).orElse(false)) {
                return TOO_SOON;
            }
            if (batch.latest(task.number()).map(l -> at.isAfter(l.at())).orElse(false)) {
                return TOO_LATE;
            }
        }
        if (task.clock().isEmpty() || batch.took(task.number()).isEmpty()) {
            return AS_PLANNED;
        }
        final Clock clock = task.clock().get();
        final long took = batch.took(task.number()).get().toSeconds();
        // Quick hands are no fault; a wait that was cut short is.
        if (took < clock.shortestS() && !task.byHand()) {
            return TOO_SHORT;
        }
        return took > clock.longestS() ? TOO_LONG : AS_PLANNED;
    }
}
