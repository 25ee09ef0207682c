package palintone.core.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

/**
 * What a batch has noted of its coats: mean of ten centres, mean of ten pieces, and what was
 * planned.
 *
 * @param centreG one centre, g
 * @param pieceG one finished piece, g
 * @param coatG planned on one, g
 * @param otherG planned of what sticks to it besides, g
 * @param factor of the film it was planned with
 * @param at when the pieces were weighed
 */
public record BenchCoats(
        double centreG, double pieceG, double coatG, double otherG, double factor, Instant at) {

    private static final double LEAST = 0.2;
    private static final double MOST = 5;

    /** Empty where one of the two was not weighed, or the dip was not made. */
    public static Optional<BenchCoats> of(final RunningBatch batch) {
        final Optional<Task> dip = only(batch, TaskKind.DIP);
        final Optional<Task> centres = only(batch, TaskKind.WEIGH_CENTRES);
        final Optional<Task> weigh = only(batch, TaskKind.WEIGH);
        if (dip.isEmpty() || centres.isEmpty() || weigh.isEmpty()) {
            return Optional.empty();
        }
        final OptionalDouble coat = dip.get().amount(Amount.COAT);
        final OptionalDouble factor = dip.get().amount(Amount.FILM_FACTOR);
        final List<Double> centre = batch.readings(centres.get().number());
        final List<RunningBatch.EntryStanding> pieces = batch.notes(weigh.get().number());
        if (centre.isEmpty()
                || pieces.isEmpty()
                || coat.isEmpty()
                || factor.isEmpty()
                || batch.status(weigh.get().number()) != RunningBatch.Status.DONE) {
            return Optional.empty();
        }
        final RunningBatch.EntryStanding last = pieces.get(pieces.size() - 1);
        final double plannedG = weigh.get().reading().orElseThrow().target();
        final double plannedCentreG = centres.get().reading().orElseThrow().target();
        return Optional.of(
                new BenchCoats(
                        centre.get(centre.size() - 1),
                        last.value(),
                        coat.getAsDouble(),
                        plannedG - plannedCentreG - coat.getAsDouble(),
                        factor.getAsDouble(),
                        last.at()));
    }

    /** Coat as it was weighed, g; below 0 where the pieces weigh less than their centres. */
    public double weighedG() {
        return pieceG - centreG - otherG;
    }

    /** The factor that would have planned it; empty where no dip gives such a coat. */
    public OptionalDouble saysFactor() {
        final double says = factor * weighedG() / coatG;
        return says >= LEAST && says <= MOST ? OptionalDouble.of(says) : OptionalDouble.empty();
    }

    private static Optional<Task> only(final RunningBatch batch, final TaskKind kind) {
        final List<Task> found =
                batch.process().tasks().stream().filter(task -> task.kind() == kind).toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }
}
