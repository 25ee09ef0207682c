package palintone.server.work;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Unit;
import palintone.core.work.Advice;
import palintone.core.work.Bowl;
import palintone.core.work.Entry;
import palintone.core.work.PlanVsActual;
import palintone.core.work.PlannedStep;
import palintone.core.work.ReadingAdvice;
import palintone.core.work.RunningBatch;
import palintone.core.work.StepKind;
import palintone.server.figure.BandView;
import palintone.server.figure.FigureView.SourceView;
import palintone.server.figure.SentenceView;

/**
 * A batch as the Bench and the Daybook show it.
 *
 * @param serverNow so that a screen whose own clock is wrong still counts right
 * @param undo what Undo would take back now
 */
public record BatchView(
        BatchSummaryView summary,
        int moulds,
        int step,
        Instant stepBeganAt,
        Instant serverNow,
        int entries,
        @Nullable UndoView undo,
        List<MaterialView> materials,
        List<StepView> steps) {

    /** One planned mass, grams. */
    public record MaterialView(BatchFacts.Role role, String name, double grams) {}

    /** The entry that would be taken back. */
    public record UndoView(UUID id, int step, String what) {}

    /** One step, planned and noted. */
    public record StepView(
            int number,
            StepKind kind,
            String title,
            SentenceView say,
            @Nullable ReadingView reading,
            @Nullable ClockView clock,
            @Nullable String caution,
            SourceView source,
            List<NoteView> notes,
            List<RemarkView> remarks,
            @Nullable Double noted,
            double outBy,
            BandStatus bandStatus,
            @Nullable Long tookS) {}

    /** What is to be read. */
    public record ReadingView(String what, Unit unit, double target, BandView band) {}

    /** How long it takes, seconds. */
    public record ClockView(int shortestS, int targetS, int longestS) {}

    /** A reading as it stands, and what to do about it. */
    public record NoteView(
            UUID id,
            Instant at,
            double value,
            boolean corrected,
            BandStatus bandStatus,
            SentenceView advice) {}

    /** A remark as it stands. */
    public record RemarkView(UUID id, Instant at, String text, boolean corrected) {}

    static BatchView of(final BatchEntity entity, final Instant now) {
        final BatchFacts facts = entity.facts();
        final RunningBatch batch = entity.running();
        return new BatchView(
                entity.summary(),
                facts.moulds(),
                batch.currentStep().number(),
                batch.stepBeganAt(),
                now,
                batch.entries().size(),
                batch.lastToUndo().map(last -> undo(last, batch)).orElse(null),
                facts.materials().stream()
                        .map(m -> new MaterialView(m.role(), m.name(), m.grams()))
                        .toList(),
                PlanVsActual.of(batch).stream()
                        .map(row -> step(row, batch, facts.bowl()))
                        .toList());
    }

    private static UndoView undo(final Entry last, final RunningBatch batch) {
        final String title = batch.steps().get(last.step() - 1).kind().words();
        final String what =
                switch (last.kind()) {
                    case NOTE -> "reading at " + title;
                    case REMARK -> "remark at " + title;
                    default -> title + " done";
                };
        return new UndoView(last.id(), last.step(), what);
    }

    private static StepView step(
            final PlanVsActual row, final RunningBatch batch, final Bowl bowl) {
        final PlannedStep step = row.step();
        return new StepView(
                step.number(),
                step.kind(),
                step.kind().words(),
                SentenceView.of(step.say()),
                step.reading()
                        .map(
                                r ->
                                        new ReadingView(
                                                r.what(),
                                                r.unit(),
                                                r.target(),
                                                BandView.of(r.band())))
                        .orElse(null),
                step.clock()
                        .map(c -> new ClockView(c.shortestS(), c.targetS(), c.longestS()))
                        .orElse(null),
                step.caution().orElse(null),
                SourceView.of(step.source()),
                batch.notes(step.number()).stream().map(n -> note(n, step, bowl)).toList(),
                batch.remarks(step.number()).stream()
                        .map(r -> new RemarkView(r.id(), r.at(), r.text(), r.corrected()))
                        .toList(),
                row.noted().isPresent() ? row.noted().getAsDouble() : null,
                row.outBy(),
                row.bandStatus(),
                row.tookS().orElse(null));
    }

    private static NoteView note(
            final RunningBatch.Standing note, final PlannedStep step, final Bowl bowl) {
        final Advice advice = ReadingAdvice.on(step, note.value(), bowl);
        return new NoteView(
                note.id(),
                note.at(),
                note.value(),
                note.corrected(),
                advice.bandStatus(),
                SentenceView.of(advice.sentence()));
    }
}
