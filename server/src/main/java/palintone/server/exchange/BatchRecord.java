package palintone.server.exchange;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.process.After;
import palintone.core.process.Amount;
import palintone.core.process.Clock;
import palintone.core.process.Occupies;
import palintone.core.process.Process;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;
import palintone.core.temper.HeatSource;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.Bowl;
import palintone.core.work.Entry;
import palintone.core.work.EntryKind;
import palintone.core.work.RunningBatch;
import palintone.server.figure.BandView;
import palintone.server.work.BatchFacts;

/** A batch as a file: docs/schema/batch-1.schema.json describes it, this mirrors it. */
record BatchRecord(
        String format,
        UUID id,
        String lot,
        String pieceId,
        String pieceName,
        int pieces,
        int moulds,
        Instant beganAt,
        RunningBatch.State state,
        @Nullable String couverture,
        @Nullable TemperingMethod method,
        @Nullable BowlPart bowl,
        List<BatchFacts.Material> materials,
        @Nullable BatchFacts.Declared declared,
        List<StepPart> steps,
        List<EntryPart> entries) {

    static final String FORMAT = "palintone-batch/1";

    record BowlPart(
            double massG,
            double cpJPerGK,
            double clearPointC,
            @Nullable Double shellG,
            @Nullable Double shellMm,
            double heatPowerW,
            double heatEfficiency) {}

    record ValuePart(double value, Unit unit) {}

    record ReadingPart(String what, Unit unit, double target, BandView band) {}

    record ClockPart(int shortestS, int targetS, int longestS) {}

    record SourcePart(Source.SourceKind kind, String citation, boolean fromMemory) {}

    record StepPart(
            int number,
            TaskKind kind,
            @Nullable String title,
            @Nullable String part,
            String say,
            Map<String, ValuePart> values,
            @Nullable Map<Amount, Double> amounts,
            @Nullable ReadingPart reading,
            @Nullable ClockPart clock,
            @Nullable Double handsOn,
            @Nullable List<AfterPart> after,
            @Nullable List<Occupies> occupies,
            @Nullable String caution,
            SourcePart source) {}

    record AfterPart(
            int step,
            @Nullable Integer leastLagS,
            @Nullable Integer greatestLagS,
            @Nullable Boolean straightOn,
            @Nullable String late) {}

    record EntryPart(
            UUID id,
            EntryKind kind,
            int step,
            Instant at,
            @Nullable Double value,
            @Nullable String text,
            @Nullable UUID about) {}

    static BatchRecord of(final BatchFacts facts, final RunningBatch running) {
        final Bowl bowl = facts.bowl();
        return new BatchRecord(
                FORMAT,
                facts.id(),
                facts.lot(),
                facts.pieceId(),
                facts.pieceName(),
                facts.pieces(),
                facts.moulds(),
                facts.beganAt(),
                running.state(),
                facts.couverture(),
                facts.method(),
                bowl == null
                        ? null
                        : new BowlPart(
                                bowl.massG(),
                                bowl.cpJPerGK(),
                                bowl.clearPointC(),
                                null,
                                null,
                                bowl.heat().powerW(),
                                bowl.heat().efficiency()),
                facts.materials(),
                facts.declared(),
                facts.process().tasks().stream().map(BatchRecord::part).toList(),
                running.entries().stream().map(BatchRecord::part).toList());
    }

    BatchFacts facts() {
        return new BatchFacts(
                id,
                lot,
                pieceId,
                pieceName,
                pieces,
                moulds,
                beganAt,
                couverture,
                method,
                bowl == null
                        ? null
                        : new Bowl(
                                bowl.massG,
                                bowl.cpJPerGK,
                                bowl.clearPointC,
                                new HeatSource(bowl.heatPowerW, bowl.heatEfficiency)),
                materials,
                declared,
                new Process(steps.stream().map(this::task).toList()));
    }

    List<Entry> accepted() {
        return entries.stream().map(BatchRecord::entry).toList();
    }

    private static StepPart part(final Task step) {
        final Map<String, ValuePart> values = new LinkedHashMap<>();
        step.say()
                .values()
                .forEach((name, q) -> values.put(name, new ValuePart(q.value(), q.unit())));
        return new StepPart(
                step.number(),
                step.kind(),
                step.title(),
                step.part(),
                step.say().template(),
                values,
                step.amounts(),
                step.reading()
                        .map(
                                r ->
                                        new ReadingPart(
                                                r.what(),
                                                r.unit(),
                                                r.target(),
                                                BandView.of(r.band())))
                        .orElse(null),
                step.clock()
                        .map(c -> new ClockPart(c.shortestS(), c.targetS(), c.longestS()))
                        .orElse(null),
                step.handsOn(),
                step.after().stream()
                        .map(
                                a ->
                                        new AfterPart(
                                                a.task(),
                                                a.leastLagS(),
                                                a.greatestLagS().isPresent()
                                                        ? a.greatestLagS().getAsInt()
                                                        : null,
                                                a.straightOn(),
                                                a.late()))
                        .toList(),
                List.copyOf(step.occupies()),
                step.caution().orElse(null),
                new SourcePart(
                        step.source().kind(),
                        step.source().citation(),
                        step.source().fromMemory()));
    }

    private Task task(final StepPart part) {
        final Map<String, Quantity> values = new LinkedHashMap<>();
        part.values.forEach((name, v) -> values.put(name, Quantity.of(v.value, v.unit)));
        if (part.kind == TaskKind.SCRAPE && bowl != null && bowl.shellMm != null) {
            values.putIfAbsent("thick", Quantity.of(bowl.shellMm, Unit.MILLIMETRE));
        }
        return new Task(
                part.number,
                part.kind,
                part.title == null ? part.kind.words() : part.title,
                part.part == null ? "" : part.part,
                new Sentence(part.say, values),
                part.amounts == null ? Amount.ofOldFile(part.kind, values) : part.amounts,
                Optional.ofNullable(part.reading)
                        .map(r -> new TaskReading(r.what, r.unit, r.target, r.band.band())),
                Optional.ofNullable(part.clock)
                        .map(c -> new Clock(c.shortestS, c.targetS, c.longestS)),
                part.handsOn == null ? 1 : part.handsOn,
                part.after == null
                        ? Process.chain(part.number)
                        : part.after.stream().map(BatchRecord::after).toList(),
                part.occupies == null ? Set.of() : Set.copyOf(part.occupies),
                Optional.ofNullable(part.caution),
                new Source(part.source.kind, part.source.citation, part.source.fromMemory));
    }

    private static After after(final AfterPart part) {
        return new After(
                part.step,
                part.leastLagS == null ? 0 : part.leastLagS,
                part.greatestLagS == null ? OptionalInt.empty() : OptionalInt.of(part.greatestLagS),
                Boolean.TRUE.equals(part.straightOn),
                part.late == null ? "" : part.late);
    }

    private static EntryPart part(final Entry entry) {
        return new EntryPart(
                entry.id(),
                entry.kind(),
                entry.step(),
                entry.at(),
                entry.value().isPresent() ? entry.value().getAsDouble() : null,
                entry.text().isEmpty() ? null : entry.text(),
                entry.about().orElse(null));
    }

    private static Entry entry(final EntryPart part) {
        return new Entry(
                part.id,
                part.kind,
                part.step,
                part.at,
                part.value == null ? OptionalDouble.empty() : OptionalDouble.of(part.value),
                part.text == null ? "" : part.text,
                Optional.ofNullable(part.about));
    }
}
