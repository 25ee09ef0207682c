package palintone.core.work;

import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;

/**
 * One step of a batch as planned.
 *
 * @param number from 1, in the order of work
 * @param kind what is done
 * @param say what to do, with its numbers
 * @param reading what to read, where something is read
 * @param clock how long it takes, where that matters
 * @param caution what can hurt, where something can
 * @param source what target and clock rest on
 */
public record PlannedStep(
        int number,
        StepKind kind,
        Sentence say,
        Optional<Reading> reading,
        Optional<Clock> clock,
        Optional<String> caution,
        Source source) {}
