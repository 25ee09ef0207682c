package palintone.core.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/**
 * What a batch has noted of what went in by taste.
 *
 * @param filling name of the filling it went into, as the batch says it
 * @param place of it among those of that filling, from 0
 * @param task number of it
 * @param share of what the recipe says, above 0
 */
public record BenchDoses(String filling, int place, int task, double share) {

    /** Done and noted, in order. */
    public static List<BenchDoses> of(final RunningBatch batch) {
        final List<BenchDoses> doses = new ArrayList<>();
        final Map<String, Integer> seen = new LinkedHashMap<>();
        for (final Task task : batch.process().tasks()) {
            if (task.kind() != TaskKind.TO_TASTE) {
                continue;
            }
            final int place = seen.merge(task.part(), 1, Integer::sum) - 1;
            final double wholeG = task.amount(Amount.DOSE).orElse(0);
            final List<Double> noted = batch.readings(task.number());
            if (wholeG > 0
                    && !noted.isEmpty()
                    && noted.get(noted.size() - 1) > 0
                    && batch.status(task.number()) == RunningBatch.Status.DONE) {
                doses.add(
                        new BenchDoses(
                                task.part(),
                                place,
                                task.number(),
                                noted.get(noted.size() - 1) / wholeG));
            }
        }
        return List.copyOf(doses);
    }
}
