package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
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
import palintone.core.process.After;
import palintone.core.process.Process;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;

/** Whatever entries come, in whatever order: the batch refuses or stays whole. */
class AnyOrderTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");

    /** Tasks that need any of those before them, with lags or without. */
    private static Process graph(final Random random, final int count) {
        final List<Task> tasks = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            final List<After> after = new ArrayList<>();
            for (int before = 1; before < i; before++) {
                if (random.nextInt(3) == 0) {
                    final int least = random.nextInt(2) * random.nextInt(100);
                    after.add(
                            new After(
                                    before,
                                    least,
                                    random.nextBoolean()
                                            ? OptionalInt.empty()
                                            : OptionalInt.of(least + random.nextInt(500)),
                                    random.nextBoolean(),
                                    "too late"));
                }
            }
            tasks.add(task(i, after));
        }
        return new Process(tasks);
    }

    private static Process chain(final int count) {
        return new Process(
                IntStream.rangeClosed(1, count).mapToObj(i -> task(i, Process.chain(i))).toList());
    }

    private static Task task(final int number, final List<After> after) {
        final TaskReading reading =
                new TaskReading("bowl", Unit.CELSIUS, 31.5, new Band(30, 31, 32, 33));
        return new Task(
                number,
                TaskKind.MELT,
                "Melt",
                "",
                Sentence.of("Melt."),
                java.util.Map.of(),
                number % 2 == 0 ? Optional.empty() : Optional.of(reading),
                Optional.empty(),
                number % 3 == 0 ? 0 : 1,
                after,
                Set.of(),
                Optional.empty(),
                Source.definition("test"));
    }

    @Property(tries = 400)
    void entriesInAnyOrderLeaveTheBatchWhole(
            @ForAll final long seed, @ForAll @IntRange(min = 1, max = 8) final int count) {
        final Random random = new Random(seed);
        final Process process = graph(random, count);
        RunningBatch batch = RunningBatch.begin(process, NINE);
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
        assertThat(batch.focus().number()).isBetween(1, count);
        for (final Task task : batch.process().tasks()) {
            final int n = task.number();
            final boolean ready =
                    task.after().stream().allMatch(a -> batch.doneAt(a.task()).isPresent());
            // Nothing is done before what it needs, and nothing that lacks it is under way.
            if (batch.doneAt(n).isPresent() || batch.begunAt(n).isPresent()) {
                assertThat(ready).as("what task %d needs is done", n).isTrue();
            }
            if (n % 2 == 0) {
                assertThat(batch.readings(n)).isEmpty();
            }
            batch.took(n).ifPresent(t -> assertThat(t).isGreaterThanOrEqualTo(Duration.ZERO));
        }
        final boolean all =
                IntStream.rangeClosed(1, count).allMatch(n -> batch.doneAt(n).isPresent());
        assertThat(batch.state() == RunningBatch.State.FINISHED).isEqualTo(all);
        assertThat(batch.endedAt().isPresent())
                .isEqualTo(batch.state() != RunningBatch.State.RUNNING);
        if (batch.state() == RunningBatch.State.RUNNING) {
            assertThat(batch.status(batch.focus().number()))
                    .isIn(RunningBatch.Status.READY, RunningBatch.Status.UNDER_WAY);
        }
        same(batch, RunningBatch.replay(batch.process(), batch.beganAt(), batch.entries()));
    }

    private static void same(final RunningBatch batch, final RunningBatch again) {
        assertThat(again.state()).isEqualTo(batch.state());
        assertThat(again.focus().number()).isEqualTo(batch.focus().number());
        for (final Task task : batch.process().tasks()) {
            final int n = task.number();
            assertThat(again.status(n)).isEqualTo(batch.status(n));
            assertThat(again.begunAt(n)).isEqualTo(batch.begunAt(n));
            assertThat(again.doneAt(n)).isEqualTo(batch.doneAt(n));
            assertThat(again.latest(n)).isEqualTo(batch.latest(n));
            assertThat(again.readings(n)).isEqualTo(batch.readings(n));
        }
    }

    /** Two pairs of hands that take the tasks in two different orders leave the same record. */
    @Property(tries = 300)
    void anyLegalOrderEndsInTheSameRecord(
            @ForAll final long seed, @ForAll @IntRange(min = 1, max = 10) final int count) {
        final Process process = graph(new Random(seed), count);
        final RunningBatch one = inSomeOrder(process, new Random(seed + 1));
        final RunningBatch other = inSomeOrder(process, new Random(seed + 2));
        for (final RunningBatch batch : List.of(one, other)) {
            assertThat(batch.state()).isEqualTo(RunningBatch.State.FINISHED);
            assertThat(PlanVsActual.of(batch))
                    .extracting(row -> row.noted().isPresent())
                    .isEqualTo(process.tasks().stream().map(t -> t.reading().isPresent()).toList());
        }
        for (final Task task : process.tasks()) {
            assertThat(one.readings(task.number())).isEqualTo(other.readings(task.number()));
        }
    }

    private static RunningBatch inSomeOrder(final Process process, final Random random) {
        RunningBatch batch = RunningBatch.begin(process, NINE);
        int at = 0;
        while (batch.state() == RunningBatch.State.RUNNING) {
            final RunningBatch now = batch;
            final List<Task> open =
                    process.tasks().stream()
                            .filter(
                                    t ->
                                            now.status(t.number()) == RunningBatch.Status.READY
                                                    || now.status(t.number())
                                                            == RunningBatch.Status.UNDER_WAY)
                            .toList();
            final Task task = open.get(random.nextInt(open.size()));
            final Instant when = NINE.plusSeconds(++at * 10L);
            if (task.reading().isPresent() && batch.readings(task.number()).isEmpty()) {
                batch =
                        batch.accept(
                                Entry.note(
                                        UUID.randomUUID(),
                                        task.number(),
                                        when,
                                        20 + task.number()));
            } else {
                batch = batch.accept(Entry.done(UUID.randomUUID(), task.number(), when));
            }
        }
        return batch;
    }

    /** Undo, again and again, leads back to a batch of which nothing is done. */
    @Property(tries = 200)
    void undoLeadsBackToTheStart(
            @ForAll final long seed, @ForAll @IntRange(min = 1, max = 8) final int count) {
        final Random random = new Random(seed);
        final Process process = graph(random, count);
        RunningBatch batch = RunningBatch.begin(process, NINE);
        for (int i = 0; i < 40 && batch.state() == RunningBatch.State.RUNNING; i++) {
            try {
                final RunningBatch more =
                        batch.accept(any(random, batch, count, NINE.plusSeconds(i)));
                batch = more.state() == RunningBatch.State.RUNNING ? more : batch;
            } catch (IllegalMoveException | OutOfRangeException refused) {
                assertThat(refused.getMessage()).isNotBlank();
            }
        }
        while (batch.lastToUndo().isPresent()) {
            final Entry last = batch.lastToUndo().get();
            batch =
                    batch.accept(
                            Entry.undo(
                                    UUID.randomUUID(),
                                    last.step(),
                                    NINE.plusSeconds(99),
                                    last.id()));
        }
        final RunningBatch fresh = RunningBatch.begin(process, NINE);
        assertThat(batch.focus()).isEqualTo(fresh.focus());
        for (final Task task : process.tasks()) {
            assertThat(batch.status(task.number())).isEqualTo(fresh.status(task.number()));
            assertThat(batch.readings(task.number())).isEmpty();
        }
    }

    /** A task's moments are those of what it needs, moved by the lags. */
    @Property(tries = 200)
    void earliestAndLatestAreTheLagsOfWhatIsDone(
            @ForAll final long seed, @ForAll @IntRange(min = 2, max = 8) final int count) {
        final Process process = graph(new Random(seed), count);
        final RunningBatch batch = inSomeOrder(process, new Random(seed));
        for (final Task task : process.tasks()) {
            Instant earliest = null;
            Instant latest = null;
            for (final After after : task.after()) {
                final Instant done = batch.doneAt(after.task()).orElseThrow();
                final Instant from = done.plusSeconds(after.leastLagS());
                earliest = earliest == null || from.isAfter(earliest) ? from : earliest;
                if (after.greatestLagS().isPresent()) {
                    final Instant to = done.plusSeconds(after.greatestLagS().getAsInt());
                    latest = latest == null || to.isBefore(latest) ? to : latest;
                }
            }
            assertThat(batch.earliest(task.number())).isEqualTo(Optional.ofNullable(earliest));
            assertThat(batch.latest(task.number()).map(RunningBatch.Latest::at))
                    .isEqualTo(Optional.ofNullable(latest));
        }
    }

    /** Books of before hold one task after the other: they go on as they did. */
    @Property(tries = 50)
    void aChainHasOneTaskUnderWayAtATime(@ForAll @IntRange(min = 1, max = 20) final int count) {
        RunningBatch batch = RunningBatch.begin(chain(count), NINE);
        for (int n = 1; n <= count; n++) {
            assertThat(batch.focus().number()).isEqualTo(n);
            assertThat(batch.begunAt(n)).contains(NINE.plusSeconds(60L * (n - 1)));
            batch = batch.accept(Entry.done(UUID.randomUUID(), n, NINE.plusSeconds(60L * n)));
            assertThat(batch.took(n)).contains(Duration.ofSeconds(60));
        }
        assertThat(batch.state()).isEqualTo(RunningBatch.State.FINISHED);
    }

    private static Entry any(
            final Random random, final RunningBatch batch, final int count, final Instant at) {
        final int step = random.nextInt(count + 2);
        final UUID about =
                batch.entries().isEmpty() || random.nextInt(5) == 0
                        ? UUID.randomUUID()
                        : batch.entries().get(random.nextInt(batch.entries().size())).id();
        return switch (random.nextInt(11)) {
            case 0, 1 -> Entry.note(UUID.randomUUID(), step, at, random.nextInt(200) - 40);
            case 2 -> Entry.remark(UUID.randomUUID(), step, at, random.nextBoolean() ? "" : "ok");
            case 3 -> Entry.undo(UUID.randomUUID(), step, at, about);
            case 4 -> Entry.correct(UUID.randomUUID(), step, at, 31, about);
            case 5 -> Entry.begin(UUID.randomUUID(), step, at);
            default ->
                    Entry.done(
                            random.nextInt(8) == 0 ? about : UUID.randomUUID(),
                            random.nextInt(3) == 0 ? step : batch.focus().number(),
                            at);
        };
    }
}
