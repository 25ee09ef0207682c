package palintone.server.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.trace.CleanTrace;
import palintone.core.temper.trace.Sample;
import palintone.core.temper.trace.TraceCleaner;

/**
 * A logger's file, whatever its dialect: delimiter, decimal sign, time format, columns and unit are
 * recognised, shown before anything is kept, and can be put right by hand.
 */
final class TraceCsv {

    private static final char[] DELIMITERS = {'\t', ';', '|', ','};
    private static final Pattern NUMBER =
            Pattern.compile(
                    "\\s*([-+]?\\d+(?:[.,]\\d+)?(?:[eE][-+]?\\d+)?)\\s*(?:°?\\s*[CF])?\\s*");
    private static final int LOOKED_AT = 60;
    private static final int PREVIEWED = 12;
    private static final double FAHRENHEIT_ZERO = 32;
    private static final double SECONDS_A_DAY = 86_400;

    /** What the maker has put right; empty where our reading was. */
    record Wishes(
            Optional<Integer> timeColumn,
            Optional<Integer> temperatureColumn,
            Optional<Boolean> fahrenheit) {

        static final Wishes NONE = new Wishes(Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** How the file is read. */
    record Dialect(
            String delimiter,
            boolean decimalComma,
            List<String> columns,
            int firstRow,
            int dayColumn,
            int timeColumn,
            int temperatureColumn,
            TraceTimes time,
            boolean fahrenheit) {}

    /** One row as it was written and as it is read. */
    public record PreviewRow(String time, String temperature, Double timeS, Double celsius) {}

    private final List<List<String>> rows;
    private final Dialect dialect;
    private final ZoneId zone;
    private final List<Sample> samples = new ArrayList<>();
    private Optional<Instant> beganAt = Optional.empty();

    /**
     * @param zone of the clock of a logger that names none
     */
    TraceCsv(final byte[] bytes, final Wishes wishes, final ZoneId zone) {
        this.zone = zone;
        final String text = text(bytes);
        if (text.isBlank()) {
            throw new OutOfRangeException("file", "empty", "rows of time and temperature");
        }
        final char delimiter = delimiter(text);
        rows = rows(text, delimiter);
        dialect = recognise(delimiter, wishes);
        readAll();
    }

    Dialect dialect() {
        return dialect;
    }

    List<Sample> samples() {
        return samples;
    }

    /** The moment of the first reading, where the file knows the day. */
    Optional<Instant> beganAt() {
        return beganAt;
    }

    boolean maybeFahrenheit() {
        return !dialect.fahrenheit() && TraceCleaner.clean(samples).maybeFahrenheit();
    }

    CleanTrace cleaned() {
        return TraceCleaner.clean(samples);
    }

    List<PreviewRow> preview() {
        return IntStream.range(0, Math.min(PREVIEWED, samples.size()))
                .mapToObj(
                        i -> {
                            final List<String> row = rows.get(dialect.firstRow() + i);
                            final Sample s = samples.get(i);
                            return new PreviewRow(
                                    timeText(row),
                                    cell(row, dialect.temperatureColumn()),
                                    Double.isFinite(s.timeS()) ? s.timeS() : null,
                                    Double.isFinite(s.temperatureC()) ? s.temperatureC() : null);
                        })
                .toList();
    }

    private static String text(final byte[] bytes) {
        final boolean utf16 =
                bytes.length > 1
                        && ((bytes[0] == (byte) 0xFF && bytes[1] == (byte) 0xFE)
                                || (bytes[0] == (byte) 0xFE && bytes[1] == (byte) 0xFF));
        final String text =
                new String(bytes, utf16 ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** The one that cuts most of the first lines into the same number of columns. */
    private static char delimiter(final String text) {
        final List<String> lines = text.lines().filter(l -> !l.isBlank()).limit(LOOKED_AT).toList();
        char best = ',';
        double most = 0;
        for (final char candidate : DELIMITERS) {
            final List<Integer> counts =
                    lines.stream()
                            .map(l -> (int) l.chars().filter(c -> c == candidate).count())
                            .toList();
            final int last = counts.get(counts.size() - 1);
            if (last == 0) {
                continue;
            }
            final long same = counts.stream().filter(c -> c == last).count();
            final double score = same / (double) counts.size();
            // A comma may be the decimal sign: it must be clearly better.
            if (score > most + (candidate == ',' ? 0.1 : 0)) {
                most = score;
                best = candidate;
            }
        }
        return best;
    }

    private static List<List<String>> rows(final String text, final char delimiter) {
        final CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(delimiter)
                        .setIgnoreEmptyLines(true)
                        .setTrim(true)
                        .get();
        final List<List<String>> rows = new ArrayList<>();
        try (var parser = format.parse(new StringReader(text))) {
            for (final CSVRecord record : parser) {
                rows.add(record.toList());
            }
        } catch (final IOException | UncheckedIOException e) {
            throw new OutOfRangeException(
                    "file", "quotes that do not close near row " + (rows.size() + 1), "CSV");
        }
        return rows;
    }

    private Dialect recognise(final char delimiter, final Wishes wishes) {
        final int width = rows.get(rows.size() - 1).size();
        int first = 0;
        while (first < rows.size() - 1
                && (rows.get(first).size() < width || numbers(rows.get(first)) == 0)) {
            first++;
        }
        final List<String> header =
                first > 0 && rows.get(first - 1).size() == width
                        ? rows.get(first - 1)
                        : IntStream.rangeClosed(1, width).mapToObj(i -> "column " + i).toList();
        final List<List<String>> looked =
                rows.subList(first, Math.min(rows.size(), first + LOOKED_AT));
        int day = -1;
        for (int c = 0; c < width && day < 0; c++) {
            final int column = c;
            if (looked.stream().allMatch(r -> TraceTimes.isDay(cell(r, column)))) {
                day = c;
            }
        }
        final int time = wishes.timeColumn().orElse(timeColumn(header, looked, day));
        final int temperature =
                wishes.temperatureColumn().orElse(temperatureColumn(header, looked, time, day));
        if (time < 0 || time >= width || temperature < 0 || temperature >= width) {
            throw new OutOfRangeException(
                    "columns", width + " in the file", "one with times and one with temperatures");
        }
        final int dayColumn = day == time ? -1 : day;
        final List<String> times =
                looked.stream()
                        .map(r -> (dayColumn < 0 ? "" : cell(r, dayColumn) + " ") + cell(r, time))
                        .toList();
        final String title = header.get(temperature).toLowerCase(Locale.ROOT);
        return new Dialect(
                String.valueOf(delimiter),
                delimiter != ','
                        && looked.stream().anyMatch(r -> cell(r, temperature).contains(",")),
                header,
                first,
                dayColumn,
                time,
                temperature,
                TraceTimes.of(times, header.get(time)),
                wishes.fahrenheit().orElse(title.matches(".*(°f|\\bf\\b|fahrenheit|degf).*")));
    }

    private static int timeColumn(
            final List<String> header, final List<List<String>> rows, final int day) {
        for (int c = 0; c < header.size(); c++) {
            final String title = header.get(c).toLowerCase(Locale.ROOT);
            if (c != day && title.matches(".*(time|zeit|uhr|stamp|elapsed|second|\\bs\\b).*")) {
                return c;
            }
        }
        for (int c = 0; c < header.size(); c++) {
            final int column = c;
            if (c != day && rows.stream().anyMatch(r -> cell(r, column).contains(":"))) {
                return c;
            }
        }
        return day == 0 ? 1 : 0;
    }

    private static int temperatureColumn(
            final List<String> header,
            final List<List<String>> rows,
            final int time,
            final int day) {
        for (int c = 0; c < header.size(); c++) {
            final String title = header.get(c).toLowerCase(Locale.ROOT);
            if (c != time && title.matches(".*(temp|°c|°f|cels|fahr|grad|probe|choc).*")) {
                return c;
            }
        }
        for (int c = 0; c < header.size(); c++) {
            final int column = c;
            final long plausible =
                    rows.stream()
                            .mapToDouble(r -> number(cell(r, column)))
                            .filter(v -> v > -15 && v < 140)
                            .count();
            if (c != time && c != day && plausible > rows.size() / 2) {
                return c;
            }
        }
        return -1;
    }

    private void readAll() {
        double first = Double.NaN;
        double before = Double.NaN;
        double days = 0;
        for (final List<String> row : rows.subList(dialect.firstRow(), rows.size())) {
            double time = dialect.time().read(timeText(row), zone);
            if (dialect.time() == TraceTimes.CLOCK && time < before - SECONDS_A_DAY / 2) {
                days++; // past midnight
            }
            before = Double.isNaN(time) ? before : time;
            time += days * SECONDS_A_DAY;
            if (Double.isNaN(first) && !Double.isNaN(time)) {
                first = time;
            }
            final double value = number(cell(row, dialect.temperatureColumn()));
            samples.add(
                    new Sample(
                            time - first,
                            dialect.fahrenheit() ? (value - FAHRENHEIT_ZERO) / 1.8 : value));
        }
        if (dialect.time().absolute() && !Double.isNaN(first)) {
            beganAt = Optional.of(Instant.ofEpochMilli(Math.round(first * 1000)));
        }
    }

    private String timeText(final List<String> row) {
        final String day = dialect.dayColumn() < 0 ? "" : cell(row, dialect.dayColumn()) + " ";
        return day + cell(row, dialect.timeColumn());
    }

    private static long numbers(final List<String> row) {
        return row.stream().filter(c -> !Double.isNaN(number(c))).count();
    }

    private static String cell(final List<String> row, final int column) {
        return column >= 0 && column < row.size() ? row.get(column) : "";
    }

    /** A number, perhaps with its degree sign behind it; words with a digit in them are none. */
    private static double number(final String text) {
        final Matcher found = NUMBER.matcher(text);
        return found.matches() ? Double.parseDouble(found.group(1).replace(',', '.')) : Double.NaN;
    }
}
