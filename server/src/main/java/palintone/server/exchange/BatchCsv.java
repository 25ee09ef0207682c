package palintone.server.exchange;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import palintone.core.work.PlanVsActual;
import palintone.core.work.RunningBatch;
import palintone.server.work.BatchService.Recorded;

/**
 * The record of a batch as a table, one step a row, planned beside noted; °C, g and s throughout.
 */
final class BatchCsv {

    private static final List<String> HEADER =
            List.of(
                    "lot",
                    "piece",
                    "step",
                    "what_is_done",
                    "reading",
                    "unit",
                    "target",
                    "low",
                    "high",
                    "noted",
                    "out_by",
                    "against_band",
                    "all_readings",
                    "took_s",
                    "remarks",
                    "taken_back",
                    "time");

    private BatchCsv() {}

    static String of(final Recorded recorded) {
        final CsvTable table = new CsvTable(HEADER);
        PlanVsActual.of(recorded.running()).forEach(row -> table.row(cells(recorded, row)));
        return table.toString();
    }

    private static List<?> cells(final Recorded recorded, final PlanVsActual row) {
        final var reading = row.step().reading();
        return Arrays.asList(
                recorded.facts().lot(),
                recorded.facts().pieceName(),
                row.step().number(),
                row.step().title(),
                reading.map(r -> r.what()).orElse(""),
                reading.map(r -> r.unit().symbol()).orElse(""),
                reading.map(r -> tidy(r.target())).orElse(""),
                reading.map(r -> tidy(r.band().low())).orElse(""),
                reading.map(r -> tidy(r.band().high())).orElse(""),
                row.noted().isPresent() ? tidy(row.noted().getAsDouble()) : "",
                row.noted().isPresent() ? tidy(row.outBy()) : "",
                row.bandStatus(),
                row.readings().stream().map(BatchCsv::tidy).collect(Collectors.joining(" ")),
                row.tookS().map(String::valueOf).orElse(""),
                remarks(recorded.running(), row.step().number()),
                row.takenBack().stream().map(BatchCsv::tidy).collect(Collectors.joining(" ")),
                row.time().words());
    }

    private static String remarks(final RunningBatch running, final int step) {
        return running.remarks(step).stream()
                .map(RunningBatch.EntryStanding::text)
                .collect(Collectors.joining(" | "));
    }

    /** Three decimals at the most: finer than any scale or probe at a bench. */
    private static String tidy(final double value) {
        return new java.math.BigDecimal(value)
                .setScale(3, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
