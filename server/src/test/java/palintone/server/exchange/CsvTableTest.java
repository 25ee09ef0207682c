package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What somebody called a thing must not reckon in the spreadsheet of somebody else. */
class CsvTableTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=HYPERLINK(\"http://x\")",
                "+cmd|' /C calc'!A0",
                "-2+3",
                "@SUM(A1)",
                "'=already guarded",
                "''+twice",
                "\t=behind a tab",
                "=\nover two lines",
            })
    void isGuardedAndComesBackAsItWas(final String cell) throws IOException {
        final CsvTable table = new CsvTable(List.of("id", cell));
        table.row(List.of(cell, 1));
        final List<List<String>> rows =
                CSVParser.parse(table.toString(), CSVFormat.RFC4180).stream()
                        .map(row -> row.toList())
                        .toList();
        for (final String written : List.of(rows.get(0).get(1), rows.get(1).get(0))) {
            assertThat(written).startsWith("'");
            assertThat(CsvTable.plain(written)).isEqualTo(cell);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"-5", "+3.25", "-1e-6", "Plum", "'a thing in quotes'", "", "5 - 3"})
    void whatDoesNotReckonStaysAsItIs(final String cell) {
        assertThat(CsvTable.guarded(cell)).isEqualTo(cell);
        assertThat(CsvTable.plain(cell)).isEqualTo(cell);
    }

    @Test
    void rowsEndAsTheStandardSays() {
        final CsvTable table = new CsvTable(List.of("a", "b"));
        table.row(List.of("x, y", 2));
        assertThat(table).hasToString("a,b\r\n\"x, y\",2\r\n");
    }
}
