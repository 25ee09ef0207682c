package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/** Whatever entries come, in whatever order: the batch refuses or stays whole. */
class AnyOrderTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");

    private static List<PlannedStep> steps(final int count) {
        final List<PlannedStep> steps = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            final Reading reading =
                    new Reading("bowl", Unit.CELSIUS, 31.5, new Band(30, 31, 32, 33));
            steps.add(
                    new PlannedStep(
                            i,
                            StepKind.MELT,
                            Sentence.of("Melt."),
                            i % 2 == 0 ? Optional.empty() : Optional.of(reading),
                            Optional.empty(),
                            Optional.empty(),
                            Source.definition("test")));
        }
        return steps;
    }

    @Property(tries = 300)
    void entriesInAnyOrderLeaveTheBatchWhole(
            @ForAll final long seed, @ForAll @IntRange(min = 1, max = 6) final int count) {
        final Random random = new Random(seed);
        RunningBatch batch = RunningBatch.begin(steps(count), NINE);
        for (int i = 0; i < 60; i++) {
            final RunningBatch before = batch;
            try {
                batch = batch.accept(any(random, batch, count, NINE.plusSeconds(i)));
                assertThat(batch.entries().size() - before.entries().size()).isBetween(0, 1);
                assertThat(batch.entries().subList(0, before.entries().size()))
                        .isEqualTo(before.entries());
            } catch (IllegalMoveException | OutOfRangeException refused) {
                assertThat(refused.getMessage()).isNotBlank();
            }
            whole(batch, count);
        }
    }

    private static void whole(final RunningBatch batch, final int count) {
        assertThat(batch.currentStep().number()).isBetween(1, count);
        final List<Integer> finished =
                IntStream.rangeClosed(1, count)
                        .filter(step -> batch.doneAt(step).isPresent())
                        .boxed()
                        .toList();
        final int done = finished.size();
        // No step is done while an earlier one is not.
        assertThat(finished).isEqualTo(IntStream.rangeClosed(1, done).boxed().toList());
        assertThat(IntStream.rangeClosed(1, count).filter(step -> step % 2 == 0))
                .allSatisfy(step -> assertThat(batch.readings(step)).isEmpty());
        assertThat(batch.state() == RunningBatch.State.FINISHED).isEqualTo(done == count);
        assertThat(batch.endedAt().isPresent())
                .isEqualTo(batch.state() != RunningBatch.State.RUNNING);
        final RunningBatch again =
                RunningBatch.replay(batch.steps(), batch.beganAt(), batch.entries());
        assertThat(again.state()).isEqualTo(batch.state());
        assertThat(again.currentStep().number()).isEqualTo(batch.currentStep().number());
        assertThat(again.stepBeganAt()).isEqualTo(batch.stepBeganAt());
    }

    private static Entry any(
            final Random random, final RunningBatch batch, final int count, final Instant at) {
        final int step = random.nextInt(count + 2);
        final UUID about =
                batch.entries().isEmpty() || random.nextInt(5) == 0
                        ? UUID.randomUUID()
                        : batch.entries().get(random.nextInt(batch.entries().size())).id();
        return switch (random.nextInt(10)) {
            case 0, 1 -> Entry.note(UUID.randomUUID(), step, at, random.nextInt(200) - 40);
            case 2 -> Entry.remark(UUID.randomUUID(), step, at, random.nextBoolean() ? "" : "ok");
            case 3 -> Entry.undo(UUID.randomUUID(), step, at, about);
            case 4 -> Entry.correct(UUID.randomUUID(), step, at, 31, about);
            default ->
                    Entry.done(
                            random.nextInt(8) == 0 ? about : UUID.randomUUID(),
                            random.nextInt(3) == 0 ? step : batch.currentStep().number(),
                            at);
        };
    }
}
