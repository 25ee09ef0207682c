package palintone.server.exchange.list;

import com.github.pjfanning.xlsx.StreamingReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Workbook;
import palintone.server.exchange.CsvTable;
import palintone.server.exchange.ImportRefusedException;
import palintone.server.exchange.NamedFile;

/**
 * A table as it came: separated by commas, semicolons or tabs (which is what a spreadsheet puts on
 * the clipboard), or a workbook.
 *
 * @param comma whether numbers may have a decimal comma: not where commas part the cells
 * @param rows each as long as the header; texts without the blanks around them
 * @param others further sheets of a workbook that hold something, by name: they are not read
 */
record Sheet(
        String file, List<String> header, List<Line> rows, boolean comma, List<String> others) {

    /** A workbook unfolds to many times its size, bytes. */
    private static final int LARGEST_WORKBOOK = 10 * 1024 * 1024;

    /** Bytes one part of a workbook may unfold to, and how many times its size; then it ends. */
    private static final long LARGEST_PART = 32L * 1024 * 1024;

    private static final double LEAST_PACKED = 0.01;

    /** Far more than any list of a workshop. */
    private static final int MOST_ROWS = 20_000;

    private static final int MOST_CELLS = 500;

    private static final int ROWS_AT_A_TIME = 100;

    /** Bytes. */
    private static final int BUFFER = 16 * 1024;

    static {
        ZipSecureFile.setMaxEntrySize(LARGEST_PART);
        ZipSecureFile.setMaxTextSize(LARGEST_PART);
        ZipSecureFile.setMinInflateRatio(LEAST_PACKED);
    }

    /**
     * One row.
     *
     * @param number as a reader counts: the header is row 1
     */
    record Line(int number, List<String> cells) {}

    static Sheet of(final NamedFile file) {
        final Sheet sheet =
                file.name().toLowerCase(Locale.ROOT).endsWith(".xlsx")
                        ? workbook(file)
                        : separated(file);
        if (sheet.header.stream().allMatch(String::isEmpty)) {
            throw new ImportRefusedException(
                    file.name(), 0, "file", "empty", "a first row that names the columns");
        }
        return sheet;
    }

    private static Sheet separated(final NamedFile file) {
        final String text = file.text();
        final String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        final char by =
                Stream.of('\t', ';', ',')
                        .max(
                                Comparator.comparingLong(
                                        c -> first.chars().filter(i -> i == c).count()))
                        .orElseThrow();
        final CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(by)
                        .setTrim(true)
                        .setIgnoreEmptyLines(true)
                        .get();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            final Building table = new Building(file);
            for (final var record : parser) {
                table.row((int) record.getRecordNumber(), record.toList());
            }
            return table.sheet(by != ',', List.of());
        } catch (IOException | IllegalStateException | IllegalArgumentException e) {
            throw new ImportRefusedException(
                    file.name(), 0, "file", "not readable", "a table with a header, in UTF-8");
        }
    }

    /** A table while it is read; refused as soon as it is larger than any list of a workshop. */
    private static final class Building {

        private final NamedFile file;
        private final List<String> header = new ArrayList<>();
        private final List<Line> rows = new ArrayList<>();

        Building(final NamedFile file) {
            this.file = file;
        }

        ImportRefusedException tooLarge(final String what, final int most) {
            return new ImportRefusedException(
                    file.name(), rows.size() + 2, "table", what, "up to " + most);
        }

        void row(final int number, final List<String> cells) {
            if (cells.stream().allMatch(String::isBlank)) {
                return;
            }
            if (cells.size() > MOST_CELLS) {
                throw tooLarge(cells.size() + " cells in a row", MOST_CELLS);
            }
            if (header.isEmpty()) {
                header.addAll(cells);
                return;
            }
            if (rows.size() == MOST_ROWS) {
                throw tooLarge("more than " + MOST_ROWS + " rows", MOST_ROWS);
            }
            rows.add(line(number, cells));
        }

        /** Cells beyond the header would be dropped without a word: they are refused. */
        private Line line(final int number, final List<String> cells) {
            for (int i = header.size(); i < cells.size(); i++) {
                if (!cells.get(i).isBlank()) {
                    throw new ImportRefusedException(
                            file.name(),
                            number,
                            "cell " + (i + 1),
                            "\"" + cells.get(i) + "\"",
                            header.size() + " cells, as the first row has");
                }
            }
            final List<String> whole = new ArrayList<>();
            cells.stream().limit(header.size()).map(CsvTable::plain).forEach(whole::add);
            while (whole.size() < header.size()) {
                whole.add("");
            }
            return new Line(number, whole);
        }

        Sheet sheet(final boolean comma, final List<String> others) {
            return new Sheet(file.name(), header, rows, comma, others);
        }
    }

    /** Row by row as it is unpacked: a workbook is never in memory as a whole. */
    private static Sheet workbook(final NamedFile file) {
        if (file.bytes().length > LARGEST_WORKBOOK) {
            throw new ImportRefusedException(
                    file.name(),
                    0,
                    "size",
                    file.bytes().length / 1024 / 1024 + " MB",
                    "workbooks to 10 MB; larger ones saved as CSV");
        }
        try (Workbook book =
                StreamingReader.builder()
                        .rowCacheSize(ROWS_AT_A_TIME)
                        .bufferSize(BUFFER)
                        .open(new ByteArrayInputStream(file.bytes()))) {
            final Building table = new Building(file);
            for (final Row row : book.getSheetAt(0)) {
                if (row.getLastCellNum() > MOST_CELLS) {
                    throw table.tooLarge(row.getLastCellNum() + " cells in row", MOST_CELLS);
                }
                final List<String> cells = new ArrayList<>();
                for (int i = 0; i < row.getLastCellNum(); i++) {
                    cells.add(text(row.getCell(i)));
                }
                table.row(row.getRowNum() + 1, cells);
            }
            final List<String> others = new ArrayList<>();
            for (int i = 1; i < book.getNumberOfSheets(); i++) {
                if (book.getSheetAt(i).rowIterator().hasNext()) {
                    others.add(book.getSheetName(i));
                }
            }
            return table.sheet(true, others);
        } catch (IOException | RuntimeException e) {
            if (e instanceof ImportRefusedException refused) {
                throw refused;
            }
            throw new ImportRefusedException(
                    file.name(),
                    0,
                    "file",
                    "not readable",
                    "a workbook (.xlsx) that unfolds to 32 MB at most, or a table in CSV");
        }
    }

    private static String text(final Cell cell) {
        if (cell == null) {
            return "";
        }
        final CellType type =
                cell.getCellType() == CellType.FORMULA
                        ? cell.getCachedFormulaResultType()
                        : cell.getCellType();
        return switch (type) {
            case NUMERIC ->
                    DateUtil.isCellDateFormatted(cell)
                            ? cell.getLocalDateTimeCellValue().toLocalDate().toString()
                            : java.math.BigDecimal.valueOf(cell.getNumericCellValue())
                                    .stripTrailingZeros()
                                    .toPlainString();
            case BOOLEAN -> cell.getBooleanCellValue() ? "yes" : "no";
            case STRING -> cell.getStringCellValue().strip();
            case ERROR -> "#" + new DataFormatter().formatCellValue(cell);
            default -> "";
        };
    }
}
