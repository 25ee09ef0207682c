package palintone.server.exchange;

import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import palintone.core.figure.OutOfRangeException;

/** One row of a table, whose refusals name file, row and column. */
final class CsvRow {

    private static final CSVFormat FORMAT =
            CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setTrim(true)
                    .setIgnoreEmptyLines(true)
                    .get();

    private final String file;
    private final CSVRecord row;

    private CsvRow(final String file, final CSVRecord row) {
        this.file = file;
        this.row = row;
    }

    /** All rows of a file with a header. */
    static List<CsvRow> read(final NamedFile file) {
        try (CSVParser parser = CSVParser.parse(file.text(), FORMAT)) {
            return parser.stream().map(row -> new CsvRow(file.name(), row)).toList();
        } catch (java.io.IOException | RuntimeException e) {
            throw new ImportRefusedException(
                    file.name(), 0, "file", "not readable", "a table with a header, in UTF-8");
        }
    }

    /** Row as a reader counts: the header is row 1. */
    private int number() {
        return (int) row.getRecordNumber() + 1;
    }

    String text(final String column) {
        if (!row.isMapped(column) || !row.isSet(column)) {
            throw refused(column, "missing", "a column of this name with a value");
        }
        return row.get(column);
    }

    /** The text, empty where the column is not there. */
    String optional(final String column) {
        return row.isMapped(column) && row.isSet(column) ? row.get(column) : "";
    }

    double number(final String column) {
        final String text = text(column);
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw refused(column, "\"" + text + "\"", "a number with a decimal point");
        }
    }

    /** The number, zero where the cell is empty. */
    double numberOrZero(final String column) {
        return optional(column).isEmpty() ? 0 : number(column);
    }

    int whole(final String column) {
        final double number = number(column);
        if (number != Math.rint(number)) {
            throw refused(column, "\"" + text(column) + "\"", "a whole number");
        }
        return (int) number;
    }

    <E extends Enum<E>> E choice(final String column, final String text, final Class<E> type) {
        try {
            return Enum.valueOf(type, text.toUpperCase(java.util.Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw refused(
                    column,
                    "\"" + text + "\"",
                    java.util.Arrays.stream(type.getEnumConstants())
                            .map(c -> c.name().toLowerCase(java.util.Locale.ROOT))
                            .collect(java.util.stream.Collectors.joining(", ")));
        }
    }

    /** Lets something take this row in, and says where it was when that is refused. */
    void take(final Runnable action) {
        try {
            action.run();
        } catch (OutOfRangeException e) {
            throw refused(e.field(), e.value(), e.allowed());
        }
    }

    private ImportRefusedException refused(
            final String field, final String value, final String allowed) {
        return new ImportRefusedException(file, number(), field, value, allowed);
    }
}
