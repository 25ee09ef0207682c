package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.Materials;
import palintone.core.process.Process;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

class BenchShellsTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");

    private Process process;
    private Instant now;
    private RunningBatch batch;

    @BeforeEach
    void begin() {
        final Materials needs =
                Samples.halfSpherePiece()
                        .materials(BatchSize.ofMoulds(1, 32), new BatchHabits(2, 0.25, 0.1));
        process = BatchPlan.of(needs, Samples.workplace(needs)).process();
        now = NINE;
        batch = RunningBatch.begin(process, NINE);
    }

    private int number(final TaskKind kind) {
        return process.tasks().stream()
                .filter(t -> t.kind() == kind)
                .findFirst()
                .orElseThrow()
                .number();
    }

    /** Everything up to the scraping, each task for so many seconds. */
    private void upToScraping(final Map<TaskKind, Integer> seconds) {
        for (final Task task : process.tasks()) {
            if (task.kind() == TaskKind.SCRAPE) {
                return;
            }
            if (task.kind() == TaskKind.CAST) {
                batch = batch.accept(Entry.note(UUID.randomUUID(), task.number(), now, 31.2));
            }
            if (task.kind() == TaskKind.MOULD) {
                batch = batch.accept(Entry.note(UUID.randomUUID(), task.number(), now, 24.5));
            }
            now = now.plusSeconds(seconds.getOrDefault(task.kind(), 60));
            batch = batch.accept(Entry.done(UUID.randomUUID(), task.number(), now));
        }
    }

    private static Map<TaskKind, Integer> seconds(final int cast, final int wait, final int drain) {
        return new EnumMap<>(
                Map.of(TaskKind.CAST, cast, TaskKind.WAIT, wait, TaskKind.DRAIN, drain));
    }

    private UUID weigh(final double grams) {
        final UUID id = UUID.randomUUID();
        batch = batch.accept(Entry.note(id, number(TaskKind.SCRAPE), now, grams));
        return id;
    }

    private UUID scraped() {
        final UUID id = UUID.randomUUID();
        now = now.plusSeconds(30);
        batch = batch.accept(Entry.done(id, number(TaskKind.SCRAPE), now));
        return id;
    }

    @Test
    void aMouldWeighedInEarnestIsAWeighing() {
        upToScraping(seconds(70, 80, 25));
        final UUID note = weigh(70);
        assertThat(BenchShells.of(batch)).isEmpty();
        scraped();
        final BenchShells shells = BenchShells.of(batch).orElseThrow();
        assertThat(shells.bowlC()).isEqualTo(31.2);
        assertThat(shells.mouldC()).isEqualTo(24.5);
        assertThat(shells.drainS()).isEqualTo(25);
        assertThat(shells.shellsG()).isEqualTo(70);
        // As the task said it was to be drained, whatever a later plan would choose.
        assertThat(process.task(number(TaskKind.DRAIN)).say().template())
                .contains(
                        switch (shells.vibration()) {
                            case NONE -> "leave it still";
                            case TAPPED -> "tap out";
                            case TABLE -> "vibrating table";
                        });
        final double shaken =
                process.task(number(TaskKind.CAST)).say().values().get("shaken").value();
        assertThat(shells.waitS()).isCloseTo(shaken + 80, within(1e-9));
        batch =
                batch.accept(
                        Entry.correct(UUID.randomUUID(), number(TaskKind.SCRAPE), now, 66, note));
        assertThat(BenchShells.of(batch).orElseThrow().shellsG()).isEqualTo(66);
    }

    @Test
    void takenBackItCountsNoMore() {
        upToScraping(seconds(70, 80, 25));
        weigh(70);
        final UUID done = scraped();
        batch = batch.accept(Entry.undo(UUID.randomUUID(), number(TaskKind.SCRAPE), now, done));
        assertThat(BenchShells.of(batch)).isEmpty();
    }

    /** Pressed through without a mould in the hand: it must not teach. */
    @Test
    void whatWasOnlyPressedThroughWeighsNothing() {
        upToScraping(seconds(2, 1, 1));
        weigh(70);
        scraped();
        assertThat(BenchShells.of(batch)).isEmpty();
    }

    @Test
    void withoutAWeightThereIsNothingToLearn() {
        upToScraping(seconds(70, 80, 25));
        scraped();
        assertThat(BenchShells.of(batch)).isEmpty();
    }

    @Test
    void aMouldLeftForAnHourIsNotAShell() {
        upToScraping(seconds(70, 3600, 25));
        weigh(70);
        scraped();
        assertThat(BenchShells.of(batch)).isEmpty();
    }
}
