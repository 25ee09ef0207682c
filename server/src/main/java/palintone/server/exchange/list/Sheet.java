package palintone.server.exchange.list;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.ss.usermodel.WorkbookFactory;
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

    /** A workbook unfolds to many times its size. */
    private static final int LARGEST_WORKBOOK = 10 * 1024 * 1024;

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
            final List<String> header = new ArrayList<>();
            final List<Line> rows = new ArrayList<>();
            for (final var record : parser) {
                if (header.isEmpty()) {
                    header.addAll(record.toList());
                } else {
                    rows.add(line(file, header, (int) record.getRecordNumber(), record.toList()));
                }
            }
            return new Sheet(file.name(), header, rows, by != ',', List.of());
        } catch (IOException | IllegalStateException | IllegalArgumentException e) {
            throw new ImportRefusedException(
                    file.name(), 0, "file", "not readable", "a table with a header, in UTF-8");
        }
    }

    /** Cells beyond the header would be dropped without a word: they are refused. */
    private static Line line(
            final NamedFile file,
            final List<String> header,
            final int number,
            final List<String> cells) {
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
        final List<String> whole =
                new ArrayList<>(cells.subList(0, Math.min(cells.size(), header.size())));
        while (whole.size() < header.size()) {
            whole.add("");
        }
        return new Line(number, whole);
    }

    private static Sheet workbook(final NamedFile file) {
        if (file.bytes().length > LARGEST_WORKBOOK) {
            throw new ImportRefusedException(
                    file.name(),
                    0,
                    "size",
                    file.bytes().length / 1024 / 1024 + " MB",
                    "workbooks to 10 MB; larger ones saved as CSV");
        }
        try (Workbook book = WorkbookFactory.create(new ByteArrayInputStream(file.bytes()))) {
            final List<String> header = new ArrayList<>();
            final List<Line> rows = new ArrayList<>();
            for (final Row row : book.getSheetAt(0)) {
                final List<String> cells = new ArrayList<>();
                for (int i = 0; i < row.getLastCellNum(); i++) {
                    cells.add(text(row.getCell(i)));
                }
                if (cells.stream().allMatch(String::isBlank)) {
                    continue;
                }
                if (header.isEmpty()) {
                    header.addAll(cells);
                } else {
                    rows.add(line(file, header, row.getRowNum() + 1, cells));
                }
            }
            final List<String> others = new ArrayList<>();
            for (int i = 1; i < book.getNumberOfSheets(); i++) {
                if (book.getSheetAt(i).getPhysicalNumberOfRows() > 0) {
                    others.add(book.getSheetName(i));
                }
            }
            return new Sheet(file.name(), header, rows, true, others);
        } catch (IOException | RuntimeException e) {
            if (e instanceof ImportRefusedException refused) {
                throw refused;
            }
            throw new ImportRefusedException(
                    file.name(), 0, "file", "not readable", "a workbook (.xlsx) or a table in CSV");
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
