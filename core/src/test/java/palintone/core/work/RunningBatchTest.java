package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Band;
import palintone.core.figure.BandStatus;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Unit;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.Materials;
import palintone.core.process.Clock;
import palintone.core.process.ProcessDraft;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;

class RunningBatchTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");

    private BatchPlan plan;
    private RunningBatch batch;

    @BeforeEach
    void begin() {
        final Materials needs =
                Samples.halfSpherePiece()
                        .materials(BatchSize.ofMoulds(4, 32), new BatchHabits(2, 0.25, 0.1));
        plan = BatchPlan.of(needs, Samples.workplace(needs));
        batch = RunningBatch.begin(plan.process(), NINE);
    }

    private int number(final TaskKind kind) {
        return plan.process().tasks().stream()
                .filter(t -> t.kind() == kind)
                .findFirst()
                .orElseThrow()
                .number();
    }

    @Test
    void theTasksAreListedInTheOrderMakersWork() {
        assertThat(plan.process().tasks())
                .extracting(Task::kind)
                .containsExactly(
                        TaskKind.POLISH,
                        TaskKind.COLOUR_READY,
                        TaskKind.COLOUR,
                        TaskKind.MOULD,
                        TaskKind.MELT,
                        TaskKind.SEED,
                        TaskKind.COOL,
                        TaskKind.TEST,
                        TaskKind.CAST,
                        TaskKind.WAIT,
                        TaskKind.DRAIN,
                        TaskKind.SCRAPE,
                        TaskKind.SET,
                        TaskKind.CHILL,
                        TaskKind.FILL,
                        TaskKind.LEVEL,
                        TaskKind.TEMPER_AGAIN,
                        TaskKind.CAP,
                        TaskKind.CHILL_CAP,
                        TaskKind.DEMOULD,
                        TaskKind.WEIGH);
    }

    @Test
    void whatFollowsStraightOnBeginsByItself() {
        batch = done(batch, 1, 60);
        assertThat(batch.focus().kind()).isEqualTo(TaskKind.COLOUR_READY);
        assertThat(batch.begunAt(2)).contains(NINE.plusSeconds(60));
        assertThatThrownBy(() -> done(batch, 1, 70))
                .isInstanceOf(IllegalMoveException.class)
                .hasMessage("Step 1 (Polish) is already done.");
        assertThatThrownBy(() -> done(batch, number(TaskKind.CAST), 70))
                .hasMessageContaining("has not begun: first Test (step")
                .hasMessageContaining("and Mould ready (step 4)");
    }

    /** While the colour dries the hands are free, and the bowl is melted. */
    @Test
    void idleHandsGoToWhatMayBegin() {
        batch = done(done(done(batch, 1, 60), 2, 300), 3, 600);
        assertThat(batch.focus().kind()).isEqualTo(TaskKind.MELT);
        assertThat(batch.status(4)).isEqualTo(RunningBatch.Status.READY);
        assertThat(batch.earliest(4)).contains(NINE.plusSeconds(600 + 5 * 60));
        assertThat(batch.begunAt(number(TaskKind.MELT))).contains(NINE.plusSeconds(600));
    }

    @Test
    void twoTasksRunAtOnce() {
        final int melt = number(TaskKind.MELT);
        batch = batch.accept(Entry.begin(UUID.randomUUID(), melt, NINE.plusSeconds(20)));
        assertThat(batch.status(1)).isEqualTo(RunningBatch.Status.UNDER_WAY);
        assertThat(batch.status(melt)).isEqualTo(RunningBatch.Status.UNDER_WAY);
        assertThat(batch.focus().number()).isEqualTo(melt);
        batch = done(batch, melt, 900);
        assertThat(batch.status(melt + 1)).isEqualTo(RunningBatch.Status.UNDER_WAY);
        assertThat(batch.status(1)).isEqualTo(RunningBatch.Status.UNDER_WAY);
        assertThat(batch.took(melt)).contains(java.time.Duration.ofSeconds(880));
        assertThatThrownBy(() -> batch.accept(Entry.begin(UUID.randomUUID(), melt + 1, NINE)))
                .hasMessageContaining("has begun");
    }

    @Test
    void theWindowOfTheBowlIsTheLatestMomentToCast() {
        for (int step = 1; step < number(TaskKind.CAST); step++) {
            batch = done(batch, step, 10L * step);
        }
        final int cast = number(TaskKind.CAST);
        final long tested = 10L * (cast - 1);
        final RunningBatch.Latest latest = batch.latest(cast).orElseThrow();
        assertThat(latest.at())
                .isEqualTo(
                        NINE.plusSeconds(
                                tested + Math.round(plan.place().temper().window().value() * 60)));
        assertThat(latest.late()).contains("test again");
        assertThat(batch.latest(1)).isEmpty();
    }

    @Test
    void whatAnotherTaskKeepsIsSaid() {
        for (int step = 1; step <= number(TaskKind.SCRAPE); step++) {
            batch = done(batch, step, 10L * step);
        }
        // The shells set: the bowl is free, the moulds are not.
        assertThat(batch.focus().kind()).isEqualTo(TaskKind.SET);
        assertThat(batch.status(number(TaskKind.TEMPER_AGAIN)))
                .isEqualTo(RunningBatch.Status.READY);
        assertThat(batch.taken(number(TaskKind.TEMPER_AGAIN))).isEmpty();
    }

    @Test
    void sendingTheSameEntryTwiceWritesItOnce() {
        final Entry note = Entry.note(UUID.randomUUID(), 5, NINE, 46);
        batch = batch.accept(note).accept(note);
        assertThat(batch.entries()).hasSize(1);
    }

    @Test
    void aCorrectionReplacesTheReadingAndKeepsTheFirst() {
        final Entry note = Entry.note(UUID.randomUUID(), 5, NINE, 92);
        batch = batch.accept(note);
        batch = batch.accept(Entry.correct(UUID.randomUUID(), 5, NINE, 29.2, note.id()));
        assertThat(batch.readings(5)).containsExactly(29.2);
        assertThat(batch.entries()).hasSize(2);
    }

    @Test
    void undoTakesBackTheLastMove() {
        batch = done(batch, 1, 60);
        final Entry last = batch.lastToUndo().orElseThrow();
        batch = batch.accept(Entry.undo(UUID.randomUUID(), 1, NINE.plusSeconds(70), last.id()));
        assertThat(batch.focus().number()).isEqualTo(1);
        assertThat(batch.begunAt(1)).contains(NINE);
        assertThat(batch.lastToUndo()).isEmpty();
        assertThat(batch.entries()).hasSize(2);
    }

    @Test
    void anOlderStepCannotBeReopened() {
        final Entry first = Entry.done(UUID.randomUUID(), 1, NINE);
        final RunningBatch two = done(batch.accept(first), 2, 90);
        assertThatThrownBy(() -> two.accept(Entry.undo(UUID.randomUUID(), 1, NINE, first.id())))
                .hasMessageContaining(
                        "cannot be reopened while Step 2 (Colour ready), which follows it");
    }

    @Test
    void impossibleReadingsAreRefusedByName() {
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 1, NINE, 300)))
                .isInstanceOf(IllegalMoveException.class)
                .hasMessageContaining("takes no reading");
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 5, NINE, 300)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("temperature in the middle is 300 °C; allowed: -20 to 120 °C");
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 4, NINE, 27)))
                .hasMessageContaining("Step 4 (Mould ready) has not begun: first Colour");
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 99, NINE, 47)))
                .hasMessage("step is 99; allowed: 1 to 21");
        assertThatThrownBy(() -> batch.accept(Entry.remark(UUID.randomUUID(), 1, NINE, "")))
                .hasMessageContaining("remark is empty");
    }

    @Test
    void aFinishedBatchTakesCorrectionsOnly() {
        final Entry note = Entry.note(UUID.randomUUID(), 5, NINE, 46);
        batch = batch.accept(note);
        for (int step = 1; step <= plan.process().tasks().size(); step++) {
            batch = done(batch, step, step * 60L);
        }
        assertThat(batch.state()).isEqualTo(RunningBatch.State.FINISHED);
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 5, NINE, 46)))
                .isInstanceOf(IllegalMoveException.class);
        assertThat(
                        batch.accept(Entry.correct(UUID.randomUUID(), 5, NINE, 28.7, note.id()))
                                .readings(5))
                .containsExactly(28.7);
    }

    @Test
    void replayingTheEntriesGivesTheSameBatch() {
        batch = done(batch.accept(Entry.note(UUID.randomUUID(), 5, NINE, 46)), 5, 45);
        final RunningBatch again = RunningBatch.replay(plan.process(), NINE, batch.entries());
        assertThat(again.focus()).isEqualTo(batch.focus());
        assertThat(again.begunAt(6)).isEqualTo(batch.begunAt(6));
        assertThat(again.readings(5)).isEqualTo(batch.readings(5));
    }

    @Test
    void theRecordComparesPlannedWithNoted() {
        batch = done(batch.accept(Entry.note(UUID.randomUUID(), 5, NINE, 41)), 5, 45);
        final PlanVsActual melt = PlanVsActual.of(batch).get(4);
        assertThat(melt.noted()).hasValue(41);
        assertThat(melt.outBy()).isEqualTo(-4);
        assertThat(melt.bandStatus()).isEqualTo(BandStatus.OFF);
        assertThat(melt.tookS()).contains(45L);
    }

    @Test
    void aWaitThatWasCutShortIsNotInBand() {
        final ProcessDraft draft = new ProcessDraft();
        draft.task(TaskKind.WAIT)
                .read("gap", Unit.CELSIUS, 30, new Band(26, 28, 32, 34))
                .clock(new Clock(600, 1200, 2400))
                .handsOn(0)
                .done();
        RunningBatch wait = RunningBatch.begin(draft.done(), NINE);
        wait = done(wait.accept(Entry.note(UUID.randomUUID(), 1, NINE, 30)), 1, 5);
        assertThat(PlanVsActual.of(wait).get(0).readingStatus()).isEqualTo(BandStatus.IN_BAND);
        assertThat(PlanVsActual.of(wait).get(0).time()).isEqualTo(TimeKept.TOO_SHORT);
        assertThat(PlanVsActual.of(wait).get(0).bandStatus()).isEqualTo(BandStatus.TIGHT);
    }

    @Test
    void aReadingTakenBackStaysInTheRecord() {
        final Entry note = Entry.note(UUID.randomUUID(), 5, NINE, 46);
        batch = batch.accept(note);
        batch = batch.accept(Entry.undo(UUID.randomUUID(), 5, NINE.plusSeconds(5), note.id()));
        final PlanVsActual melt = PlanVsActual.of(batch).get(4);
        assertThat(melt.noted()).isEmpty();
        assertThat(melt.takenBack()).containsExactly(46.0);
    }

    private static RunningBatch done(
            final RunningBatch batch, final int step, final long afterSeconds) {
        return batch.accept(Entry.done(UUID.randomUUID(), step, NINE.plusSeconds(afterSeconds)));
    }
}
