package palintone.core.temper.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import palintone.core.figure.Band;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.temper.Verdict;

/** The moves played so far for one situation, and what they all look at. */
final class MoveList {

    /** No move is played further ahead than this, s. */
    static final double LONGEST_S = 2 * 3600;

    /** Share of the fat that is wanted as stable seed. */
    static final double WANTED_STABLE = 0.01;

    private static final double NOT_IN_TEMPER_MIN = 1000;

    private final Situation here;
    private final double coolC;
    private final List<AdvisedStep> moves = new ArrayList<>();

    MoveList(final Situation here) {
        this.here = here;
        coolC = here.couverture().coolC();
    }

    Situation here() {
        return here;
    }

    /** The window it is worked in. */
    Band work() {
        return here.targets().work();
    }

    /** Where crystals come by themselves, °C. */
    double coolC() {
        return coolC;
    }

    boolean isEmpty() {
        return moves.isEmpty();
    }

    void say(
            final AdvisedStep.StepKind kind,
            final Sentence words,
            final Quantity amount,
            final LookAhead ahead) {
        moves.add(new AdvisedStep(kind, words, amount, ahead.outcome()));
    }

    /** Those that end in temper first, the quickest of them before the others. */
    List<AdvisedStep> ranked() {
        return moves.stream().sorted(Comparator.comparingDouble(MoveList::cost)).toList();
    }

    private static double cost(final AdvisedStep move) {
        if (move.kind() == AdvisedStep.StepKind.STOP_HEATING
                || move.kind() == AdvisedStep.StepKind.PAPER_TEST) {
            return -1;
        }
        final boolean good = move.outcome().verdict() == Verdict.IN_TEMPER;
        return (good ? 0 : NOT_IN_TEMPER_MIN)
                + (move.kind() == AdvisedStep.StepKind.WORK ? 0 : move.outcome().minutes());
    }
}
