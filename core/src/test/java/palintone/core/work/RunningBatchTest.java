package palintone.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.BandStatus;
import palintone.core.figure.OutOfRangeException;
import palintone.core.heat.RoomAir;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.Materials;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.TemperTargets;

class RunningBatchTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");

    private BatchPlan plan;
    private RunningBatch batch;

    @BeforeEach
    void begin() {
        plan =
                BatchPlanner.plan(
                        Materials.of(
                                Samples.halfSpherePiece(),
                                BatchSize.ofMoulds(4, 32),
                                new BatchHabits(2, 0.25, 0.1)),
                        TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                        SeedPractice.THIRD,
                        new RoomAir(20, 52),
                        12,
                        new HeatSource(600, 0.6));
        batch = RunningBatch.begin(plan.steps(), NINE);
    }

    @Test
    void theStepsComeInTheOrderMakersWork() {
        assertThat(plan.steps())
                .extracting(PlannedStep::kind)
                .containsExactly(
                        StepKind.COLOUR,
                        StepKind.MOULD,
                        StepKind.MELT,
                        StepKind.COOL,
                        StepKind.SEED,
                        StepKind.TEST,
                        StepKind.CAST,
                        StepKind.WAIT,
                        StepKind.DRAIN,
                        StepKind.SCRAPE,
                        StepKind.SET,
                        StepKind.CHILL,
                        StepKind.FILL,
                        StepKind.LEVEL,
                        StepKind.TEMPER_AGAIN,
                        StepKind.CAP,
                        StepKind.CHILL_CAP,
                        StepKind.DEMOULD,
                        StepKind.WEIGH);
        assertThat(plan.steps())
                .extracting(PlannedStep::number)
                .startsWith(1, 2, 3)
                .endsWith(18, 19);
    }

    @Test
    void doneMovesOnAndOnlyFromTheStepUnderWay() {
        batch = done(batch, 1, 60);
        assertThat(batch.currentStep().number()).isEqualTo(2);
        assertThat(batch.stepBeganAt()).isEqualTo(NINE.plusSeconds(60));
        assertThatThrownBy(() -> done(batch, 1, 70))
                .isInstanceOf(IllegalMoveException.class)
                .hasMessage("Step 1 is already done; step 2 is under way.");
        assertThatThrownBy(() -> done(batch, 5, 70)).hasMessageContaining("has not begun");
    }

    @Test
    void sendingTheSameEntryTwiceWritesItOnce() {
        final Entry note = Entry.note(UUID.randomUUID(), 1, NINE, 29);
        batch = batch.accept(note).accept(note);
        assertThat(batch.entries()).hasSize(1);
    }

    @Test
    void aCorrectionReplacesTheReadingAndKeepsTheFirst() {
        final Entry note = Entry.note(UUID.randomUUID(), 1, NINE, 92);
        batch = batch.accept(note);
        batch = batch.accept(Entry.correct(UUID.randomUUID(), 1, NINE, 29.2, note.id()));
        assertThat(batch.readings(1)).containsExactly(29.2);
        assertThat(batch.entries()).hasSize(2);
    }

    @Test
    void undoTakesBackTheLastMove() {
        batch = done(batch, 1, 60);
        final Entry last = batch.lastToUndo().orElseThrow();
        batch = batch.accept(Entry.undo(UUID.randomUUID(), 1, NINE.plusSeconds(70), last.id()));
        assertThat(batch.currentStep().number()).isEqualTo(1);
        assertThat(batch.stepBeganAt()).isEqualTo(NINE);
        assertThat(batch.lastToUndo()).isEmpty();
        assertThat(batch.entries()).hasSize(2);
    }

    @Test
    void anOlderStepCannotBeReopened() {
        final Entry first = Entry.done(UUID.randomUUID(), 1, NINE);
        final RunningBatch two = done(batch.accept(first), 2, 90);
        assertThatThrownBy(() -> two.accept(Entry.undo(UUID.randomUUID(), 1, NINE, first.id())))
                .hasMessageContaining("only the step before");
    }

    @Test
    void impossibleReadingsAreRefusedByName() {
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 1, NINE, 300)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessage("colour in the gun is 300 °C; allowed: -20 to 120 °C");
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 3, NINE, 47)))
                .hasMessageContaining("Step 3 has not begun");
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 99, NINE, 47)))
                .hasMessage("step is 99; allowed: 1 to 19");
        assertThatThrownBy(() -> batch.accept(Entry.remark(UUID.randomUUID(), 1, NINE, "")))
                .hasMessageContaining("remark is empty");
    }

    @Test
    void aFinishedBatchTakesCorrectionsOnly() {
        final Entry note = Entry.note(UUID.randomUUID(), 1, NINE, 29);
        batch = batch.accept(note);
        for (int step = 1; step <= plan.steps().size(); step++) {
            batch = done(batch, step, step * 60L);
        }
        assertThat(batch.state()).isEqualTo(RunningBatch.State.FINISHED);
        assertThatThrownBy(() -> batch.accept(Entry.note(UUID.randomUUID(), 1, NINE, 29)))
                .isInstanceOf(IllegalMoveException.class);
        assertThat(
                        batch.accept(Entry.correct(UUID.randomUUID(), 1, NINE, 28.7, note.id()))
                                .readings(1))
                .containsExactly(28.7);
    }

    @Test
    void replayingTheEntriesGivesTheSameBatch() {
        batch = done(batch.accept(Entry.note(UUID.randomUUID(), 1, NINE, 29)), 1, 45);
        final RunningBatch again = RunningBatch.replay(plan.steps(), NINE, batch.entries());
        assertThat(again.currentStep()).isEqualTo(batch.currentStep());
        assertThat(again.stepBeganAt()).isEqualTo(batch.stepBeganAt());
        assertThat(again.readings(1)).isEqualTo(batch.readings(1));
    }

    @Test
    void theRecordComparesPlannedWithNoted() {
        batch = done(batch.accept(Entry.note(UUID.randomUUID(), 1, NINE, 26)), 1, 45);
        final PlanVsActual first = PlanVsActual.of(batch).get(0);
        assertThat(first.noted()).hasValue(26);
        assertThat(first.outBy()).isEqualTo(-2.5);
        assertThat(first.bandStatus()).isEqualTo(BandStatus.OFF);
        assertThat(first.tookS()).contains(45L);
    }

    private static RunningBatch done(
            final RunningBatch batch, final int step, final long afterSeconds) {
        return batch.accept(Entry.done(UUID.randomUUID(), step, NINE.plusSeconds(afterSeconds)));
    }
}
