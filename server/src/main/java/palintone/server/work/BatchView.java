package palintone.server.work;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Unit;
import palintone.core.process.Amount;
import palintone.core.process.Occupies;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.substance.Alcohol;
import palintone.core.substance.Allergen;
import palintone.core.work.Advice;
import palintone.core.work.Entry;
import palintone.core.work.PlanVsActual;
import palintone.core.work.Remedy;
import palintone.core.work.RunningBatch;
import palintone.core.work.TimeKept;
import palintone.server.figure.BandView;
import palintone.server.figure.FigureView.SourceView;
import palintone.server.figure.SentenceView;

/**
 * A batch as the Bench and the Daybook show it.
 *
 * @param serverNow so that a screen whose own clock is wrong still counts right
 * @param step the task the hands are at
 * @param bowl of the Temper station it is made from; null before one is begun
 * @param undo what Undo would take back now
 */
public record BatchView(
        BatchSummaryView summary,
        int moulds,
        int step,
        Instant serverNow,
        int entries,
        @Nullable UUID bowl,
        @Nullable String couverture,
        @Nullable UndoView undo,
        List<MaterialView> materials,
        @Nullable DeclaredView declared,
        List<StepView> steps) {

    /** One planned mass, grams. */
    public record MaterialView(BatchFacts.Role role, String name, double grams) {}

    /** What its label has to say, as it was planned; null in batches of before. */
    public record DeclaredView(
            List<Allergen> allergens,
            String unread,
            double alcoholPercent,
            boolean alcohol,
            boolean keepCold) {

        @Nullable
        static DeclaredView of(@Nullable final BatchFacts.Declared it) {
            return it == null
                    ? null
                    : new DeclaredView(
                            it.allergens().stream().sorted().toList(),
                            it.unread(),
                            it.alcoholPercent(),
                            Alcohol.declared(it.alcoholPercent()),
                            it.keepCold());
        }
    }

    /** The entry that would be taken back. */
    public record UndoView(UUID id, int step, String what) {}

    /**
     * One task, planned and noted.
     *
     * @param part what it belongs to; empty for the pieces themselves
     * @param earliest not sooner than this; null while something before it is not done
     * @param taken what others under way keep that it would need too
     * @param byHand whether somebody stands at it most of the time
     * @param atTheBowl whether its reading is one of the bowl
     * @param doneBy the entry that says so; taken back, the task is open again
     * @param bandStatus of the reading
     * @param timeKept whether it had the time it was planned to have
     * @param takenBack readings that were undone
     * @param after numbers of those that must be done before
     */
    public record StepView(
            int number,
            TaskKind kind,
            String title,
            String part,
            RunningBatch.Status status,
            @Nullable Instant begunAt,
            @Nullable Instant earliest,
            @Nullable LatestView latest,
            List<String> taken,
            boolean byHand,
            boolean atTheBowl,
            @Nullable UUID doneBy,
            List<Integer> after,
            SentenceView say,
            Map<Amount, Double> amounts,
            @Nullable ReadingView reading,
            @Nullable ClockView clock,
            @Nullable String caution,
            SourceView source,
            List<NoteView> notes,
            List<RemarkView> remarks,
            @Nullable Double noted,
            double outBy,
            BandStatus bandStatus,
            TimeKept timeKept,
            String timeKeptWords,
            List<Double> takenBack,
            @Nullable Long tookS) {}

    /** The latest moment, and what to do when it has passed. */
    public record LatestView(Instant at, String late) {}

    /** What is to be read. */
    public record ReadingView(String what, Unit unit, double target, BandView band) {}

    /** How long it takes, seconds. */
    public record ClockView(int shortestS, int targetS, int longestS) {}

    /**
     * A reading as it stands, and what to do about it where the bowl does not say it.
     *
     * @param again whether it should be mended and read again before going on
     */
    public record NoteView(
            UUID id,
            Instant at,
            double value,
            boolean corrected,
            BandStatus bandStatus,
            SentenceView advice,
            boolean again) {}

    /** A remark as it stands. */
    public record RemarkView(UUID id, Instant at, String text, boolean corrected) {}

    static BatchView of(
            final BatchEntity entity, final BatchBooks.Opened opened, final Instant now) {
        final BatchFacts facts = opened.facts();
        final RunningBatch batch = opened.running();
        return new BatchView(
                entity.summary(),
                facts.moulds(),
                batch.focus().number(),
                now,
                batch.entries().size(),
                entity.bowlId().orElse(null),
                facts.couverture(),
                batch.lastToUndo().map(last -> undo(last, batch)).orElse(null),
                facts.materials().stream()
                        .map(m -> new MaterialView(m.role(), m.name(), m.grams()))
                        .toList(),
                DeclaredView.of(facts.declared()),
                PlanVsActual.of(batch).stream().map(row -> step(row, batch)).toList());
    }

    private static UndoView undo(final Entry last, final RunningBatch batch) {
        final String title = batch.process().task(last.step()).title();
        final String what =
                switch (last.kind()) {
                    case NOTE -> "reading at " + title;
                    case REMARK -> "remark at " + title;
                    case BEGIN -> "beginning of " + title;
                    default -> title + " done";
                };
        return new UndoView(last.id(), last.step(), what);
    }

    private static StepView step(final PlanVsActual row, final RunningBatch batch) {
        final Task step = row.step();
        return new StepView(
                step.number(),
                step.kind(),
                step.title(),
                step.part(),
                batch.status(step.number()),
                batch.begunAt(step.number()).orElse(null),
                batch.earliest(step.number()).orElse(null),
                batch.latest(step.number()).map(l -> new LatestView(l.at(), l.late())).orElse(null),
                batch.taken(step.number()).stream().map(Occupies::words).toList(),
                step.byHand(),
                step.atTheBowl(),
                batch.doneBy(step.number()).map(Entry::id).orElse(null),
                step.after().stream().map(a -> a.task()).toList(),
                SentenceView.of(step.say()),
                step.amounts(),
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
                batch.notes(step.number()).stream().map(n -> note(n, step)).toList(),
                batch.remarks(step.number()).stream()
                        .map(r -> new RemarkView(r.id(), r.at(), r.text(), r.corrected()))
                        .toList(),
                row.noted().isPresent() ? row.noted().getAsDouble() : null,
                row.outBy(),
                row.readingStatus(),
                row.time(),
                row.time().words(),
                row.takenBack(),
                row.tookS().orElse(null));
    }

    private static NoteView note(final RunningBatch.EntryStanding note, final Task step) {
        final Advice advice = Remedy.on(step, note.value());
        return new NoteView(
                note.id(),
                note.at(),
                note.value(),
                note.corrected(),
                advice.bandStatus(),
                SentenceView.of(advice.sentence()),
                advice.again());
    }
}
