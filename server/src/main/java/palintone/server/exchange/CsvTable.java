package palintone.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A table as a spreadsheet opens it. A text with which it would begin to reckon gets an apostrophe
 * in front, and loses it where it is read again; so does one that has such an apostrophe of its
 * own.
 */
public final class CsvTable {

    private static final Pattern RECKONS = Pattern.compile("^'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+([.,]\\d+)?([eE][+-]?\\d+)?");

    private final StringBuilder text = new StringBuilder();
    private final CSVPrinter printer;

    /**
     * @param header names of the columns
     */
    public CsvTable(final List<String> header) {
        try {
            printer = new CSVPrinter(text, CSVFormat.RFC4180);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        row(header);
    }

    /** One row more; what is not there is an empty cell. */
    public void row(final List<?> cells) {
        try {
            printer.printRecord(
                    cells.stream().map(cell -> guarded(Objects.toString(cell, ""))).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public String toString() {
        return text.toString();
    }

    static String guarded(final String cell) {
        return RECKONS.matcher(cell).matches() && !NUMBER.matcher(cell).matches()
                ? "'" + cell
                : cell;
    }

    /** A cell as it was before it was written, without what guarded it. */
    public static String plain(final String cell) {
        return cell.startsWith("'") && RECKONS.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
