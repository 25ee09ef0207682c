package palintone.core.plan;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Require;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.work.RunningBatch;

/**
 * How quick this house's hands are: what tasks took in its last batches against what they usually
 * take. A few batches say little: they are set against as many tasks at the usual pace as a batch
 * has.
 *
 * @param pace what it takes against the usual; 1 is usual
 * @param spread standard deviation of its logarithm from task to task
 * @param tasks it was seen at
 */
public record HousePace(double pace, double spread, int tasks) {

    /** As spread as hands are that nobody has seen yet; ours, calibrated. */
    private static final double SPREAD_UNSEEN = 0.25;

    /** Tasks at the usual pace that what was seen is set against. */
    private static final int USUAL_TASKS = 20;

    /** Ten times as long was no work, but a maker called away; half a second was a second press. */
    private static final double BEYOND = 6;

    private static final double SHORTEST_S = 30;

    /** Of a house that has made nothing yet. */
    public static final HousePace USUAL = new HousePace(1, SPREAD_UNSEEN, 0);

    /**
     * Allowed: pace 0.1 to 10; spread 0 to 1.
     *
     * @throws palintone.core.figure.OutOfRangeException otherwise
     */
    public HousePace {
        Require.between("pace", pace, 0.1, 10, "");
        Require.between("spread", spread, 0, 1, "");
    }

    /**
     * A batch that was made.
     *
     * @param moulds of all its turns
     * @param pieces of all its turns
     */
    public record Made(RunningBatch batch, int moulds, int pieces) {

        /** What a task was done to: as much as a turn makes, where it was cast in several. */
        private UsualMinutes.Many eachTurn() {
            final int turns =
                    (int)
                            Math.max(
                                    1,
                                    batch.process().tasks().stream()
                                            .filter(t -> t.kind() == TaskKind.POLISH)
                                            .count());
            return new UsualMinutes.Many(
                    (moulds + turns - 1) / turns, (pieces + turns - 1) / turns);
        }
    }

    /** What the last batches say. */
    public static HousePace of(final List<Made> batches) {
        final List<Double> logs = new ArrayList<>();
        for (final Made made : batches) {
            final UsualMinutes.Many many = made.eachTurn();
            for (final Task task : made.batch().process().tasks()) {
                if (!task.byHand()) {
                    continue;
                }
                final double usualS = UsualMinutes.seconds(task, many);
                made.batch()
                        .took(task.number())
                        .map(took -> took.toMillis() / 1000.0 / usualS)
                        .filter(
                                ratio ->
                                        usualS >= SHORTEST_S
                                                && ratio > 1 / BEYOND
                                                && ratio < BEYOND)
                        .ifPresent(ratio -> logs.add(Math.log(ratio)));
            }
        }
        double sum = 0;
        for (final double log : logs) {
            sum += log;
        }
        final double mean = sum / (logs.size() + USUAL_TASKS);
        double squares = USUAL_TASKS * SPREAD_UNSEEN * SPREAD_UNSEEN;
        for (final double log : logs) {
            squares += (log - mean) * (log - mean);
        }
        return new HousePace(
                Math.exp(mean),
                Math.min(1, Math.sqrt(squares / (logs.size() + USUAL_TASKS))),
                logs.size());
    }
}
