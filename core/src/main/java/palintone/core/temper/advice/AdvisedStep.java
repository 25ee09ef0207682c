package palintone.core.temper.advice;

import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.temper.Verdict;

/**
 * Something that could be done next.
 *
 * @param say what to do, with its number
 * @param amount that number
 * @param outcome what comes of it
 */
public record AdvisedStep(StepKind kind, Sentence say, Quantity amount, StepOutcome outcome) {

    /** What sort of move it is. */
    public enum StepKind {
        STOP_HEATING,
        MELT,
        COOL_BATH,
        COOL_ROOM,
        TABLE,
        SEED,
        HOLD,
        HEAT,
        TOP_UP,
        PAPER_TEST,
        WORK
    }

    /**
     * The bowl when the move is done.
     *
     * @param minutes it takes
     * @param stable share of the fat
     */
    public record StepOutcome(
            double minutes, double temperatureC, double stable, Verdict verdict) {}
}
