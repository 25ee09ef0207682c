package palintone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.time.Duration;
import java.util.Arrays;
import java.util.concurrent.CompletableFuture;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Every list goes out, comes in again as it was, and says beforehand what it would change. */
class ListsTest {

    private static final String PREVIEW = "?preview=true";

    private final Workshop workshop = Workshop.shared();

    @ParameterizedTest
    @CsvSource({
        "house,1",
        "ingredients,30",
        "couvertures,3",
        "moulds,4",
        "fillings,5",
        "pieces,5",
    })
    void whatGoesOutComesInAgainAsItWas(final String list, final int atLeast) {
        for (final String ending : new String[] {".csv", ".json"}) {
            final String file = workshop.get("/api/exchange/lists/" + list + ending).text();
            final Answer back = workshop.importInto(PREVIEW, list + ending, file);
            assertThat(back.status()).as(back.text()).isEqualTo(200);
            assertThat(back.number("/0/same")).as(list + ending).isGreaterThanOrEqualTo(atLeast);
            assertThat(back.json().at("/0/things").size()).as(back.text()).isZero();
            assertThat(back.json().at("/0/unread").size()).isZero();
        }
    }

    @Test
    void aPreviewShowsOldBesideNewAndKeepsNothing() {
        final String before = workshop.get("/api/ingredients/butter").text();
        final String table =
                "id,name,price_per_kg\nbutter,Butter of the valley,9.25\nnobody-yet,Nobody yet,1\n";
        final Answer refused = workshop.importInto(PREVIEW, "ingredients.csv", table);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/detail")).contains("row 3").contains("composition");
        final Answer seen =
                workshop.importInto(
                        PREVIEW,
                        "ingredients.csv",
                        table.replace("nobody-yet,Nobody yet,1\n", "milk-41,House milk 41,13.8\n"));
        assertThat(seen.number("/0/changed")).isEqualTo(1);
        assertThat(seen.number("/0/same")).isEqualTo(1);
        assertThat(seen.at("/0/things/0/what")).isEqualTo("CHANGED");
        assertThat(seen.at("/0/things/0/cells/0/column")).isEqualTo("name");
        assertThat(seen.at("/0/things/0/cells/0/after")).isEqualTo("Butter of the valley");
        assertThat(seen.at("/0/things/0/cells/1/after")).isEqualTo("9.25");
        assertThat(workshop.get("/api/ingredients/butter").text()).isEqualTo(before);
    }

    @Test
    void aColumnThatIsNotThereStaysAndACellThatIsEmptyEmpties() {
        final String id = "columns-" + System.nanoTime();
        final Answer first =
                workshop.importFiles(
                        "ingredients.csv",
                        "id,name,ph,price_per_kg,water,sucrose\n" + id + ",Syrup,4,2.5,34,66\n");
        assertThat(first.status()).as(first.text()).isEqualTo(200);
        workshop.importFiles("ingredients.csv", "id,price_per_kg\n" + id + ",3\n");
        final Answer kept = workshop.get("/api/ingredients/" + id);
        assertThat(kept.number("/traits/ph")).isEqualTo(4);
        assertThat(kept.number("/traits/pricePerKg")).isEqualTo(3);
        assertThat(kept.number("/gramsPer100/SUCROSE")).isEqualTo(66);
        workshop.importFiles("ingredients.csv", "id,ph\n" + id + ",\n");
        assertThat(workshop.get("/api/ingredients/" + id).json().at("/traits/ph").isMissingNode())
                .isTrue();
    }

    @Test
    void rowsPastedFromASpreadsheetNeedNoIdAndMayHaveDecimalCommas() {
        final String name = "Pasted " + System.nanoTime();
        final String rows =
                "Name\tWater\tSucrose\tPrice per kg\tShelf\n" + name + "\t33,5\t66,5\t2,4\tleft\n";
        final Answer seen = workshop.importInto(PREVIEW + "&list=ingredients", "rows.txt", rows);
        assertThat(seen.at("/0/unread/0")).isEqualTo("Shelf");
        assertThat(seen.at("/0/cautions/0")).contains("name no allergen");
        assertThat(seen.number("/0/fresh")).isEqualTo(1);
        final Answer taken = workshop.importInto("?list=ingredients", "rows.txt", rows);
        final String id = taken.at("/0/things/0/id");
        assertThat(workshop.get("/api/ingredients/" + id).number("/gramsPer100/WATER"))
                .isEqualTo(33.5);
        // Once more: the name tells which one is meant.
        final Answer again = workshop.importInto("?list=ingredients", "rows.txt", rows);
        assertThat(again.number("/0/same")).isEqualTo(1);
        final Answer doubt =
                workshop.importInto(
                        "?list=ingredients",
                        "rows.txt",
                        "Name\tWater\tSucrose\tPrice per kg\nX\t40\t60\t1,250\n");
        assertThat(doubt.at("/allowed")).contains("without doubt");
    }

    @Test
    void aWorkbookIsReadFormulasByTheirResult() throws IOException {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        final String id = "book-" + System.nanoTime();
        try (XSSFWorkbook book = new XSSFWorkbook()) {
            final var sheet = book.createSheet();
            final String[] header = {"id", "name", "shape", "length_mm", "cavities", "owned"};
            final var first = sheet.createRow(0);
            for (int i = 0; i < header.length; i++) {
                first.createCell(i).setCellValue(header[i]);
            }
            final var row = sheet.createRow(2);
            row.createCell(0).setCellValue(id);
            row.createCell(1).setCellValue("From a workbook");
            row.createCell(2).setCellValue("half sphere");
            row.createCell(3).setCellValue(29.5);
            row.createCell(4).setCellFormula("4*6");
            row.createCell(5).setCellValue(3);
            book.createSheet("Prices").createRow(0).createCell(0).setCellValue("price");
            book.getCreationHelper().createFormulaEvaluator().evaluateAll();
            book.write(out);
        }
        final Answer taken =
                workshop.importBytes("?list=moulds", "my moulds.xlsx", out.toByteArray());
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(taken.at("/0/unread/0")).isEqualTo("sheet Prices");
        assertThat(taken.json().at("/0/cautions").size()).isZero();
        final Answer mould = workshop.get("/api/moulds/" + id);
        assertThat(mould.number("/cavities")).isEqualTo(24);
        assertThat(mould.number("/lengthMm")).isEqualTo(29.5);
        final Answer broken =
                workshop.importBytes("?list=moulds", "my moulds.xlsx", new byte[] {1, 2, 3});
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.at("/allowed")).contains("workbook");
    }

    @Test
    void aWholePieceFitsIntoARow() {
        final String id = "row-" + System.nanoTime();
        final String table =
                "id,kind,name,mould,couverture,shell_mm,head_room_mm,layers.1.filling,layers.1.grams,"
                        + "layers.1.inserts.1.ingredient,layers.1.inserts.1.each_g,layers.2.filling\n"
                        + id
                        + ",moulded,In a row,tall-dome,milk-41,1.6,1.5,sesame-ganache,2,"
                        + "buckwheat-toasted,0.3,plum-ganache\n";
        final Answer taken = workshop.importFiles("pieces.csv", table);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        final Answer piece = workshop.get("/api/pieces/" + id);
        assertThat(piece.json().at("/layers").size()).isEqualTo(2);
        assertThat(piece.at("/story")).isEqualTo("In a row");
        final Answer wrong =
                workshop.importFiles("pieces.csv", table.replace("tall-dome", "no-such-mould"));
        assertThat(wrong.at("/detail")).contains("pieces.csv, row 2").contains("no-such-mould");
    }

    @Test
    void whatAFillingGainsIsOneVersionAndWhatIsTheSameNone() {
        final String file = workshop.get("/api/exchange/lists/fillings.json").text();
        final int before =
                workshop.get("/api/fillings/plum-ganache/versions").json().at("/total").asInt();
        workshop.importFiles("fillings.json", file);
        assertThat(workshop.get("/api/fillings/plum-ganache/versions").json().at("/total").asInt())
                .isEqualTo(before);
    }

    @Test
    void textThatASpreadsheetWouldReckonWithIsHarmlessAndComesBack() {
        final String id = "formula-" + System.nanoTime();
        workshop.importFiles(
                "ingredients.json",
                "[{\"id\":\""
                        + id
                        + "\",\"name\":\"=HYPERLINK(A1)\",\"gramsPer100\":{\"WATER\":100}}]");
        final String csv = workshop.get("/api/exchange/lists/ingredients.csv").text();
        assertThat(csv).contains("'=HYPERLINK(A1)").doesNotContain(",=HYPERLINK");
        workshop.importFiles("ingredients.csv", csv);
        assertThat(workshop.get("/api/ingredients/" + id).at("/name")).isEqualTo("=HYPERLINK(A1)");
    }

    @Test
    void whatIsWrongIsNamedByRowAndColumn() {
        final Answer twice =
                workshop.importFiles(
                        "moulds.csv",
                        "id,name,shape,length_mm,cavities\na-1,A,half_sphere,30,8\na-1,A,half_sphere,30,8\n");
        assertThat(twice.at("/detail")).contains("row 3").contains("as in row 2");
        final Answer column = workshop.importFiles("moulds.csv", "id,name,name\na,A,A\n");
        assertThat(column.at("/value")).isEqualTo("there twice");
        final Answer none = workshop.importFiles("moulds.csv", "12,13\n14,15\n");
        assertThat(none.at("/allowed")).contains("names of columns");
        final Answer nameless =
                workshop.importFiles("moulds.csv", "shape,length_mm,cavities\nhalf_sphere,30,8\n");
        assertThat(nameless.at("/field")).isEqualTo("name");
        final Answer beyond = workshop.importFiles("moulds.csv", "id,name\na,A,half_sphere\n");
        assertThat(beyond.at("/value")).isEqualTo("\"half_sphere\"");
        final Answer solid =
                workshop.importFiles(
                        "pieces.csv",
                        "name,kind,mould,couverture,shell_mm\nX,solid,tablet-150,dark-66,2\n");
        assertThat(solid.at("/detail")).contains("shellMm");
        for (final Answer each : Arrays.asList(twice, column, none, nameless, beyond, solid)) {
            assertThat(each.status()).as(each.text()).isEqualTo(400);
        }
    }

    @Test
    void aTableOfAnOldSpreadsheetKeepsItsLetters() {
        final String id = "old-" + System.nanoTime();
        final Answer taken =
                workshop.importBytes(
                        "",
                        "ingredients.csv",
                        ("id;name;water\n" + id + ";Zuckersirup à la crème;100\n")
                                .getBytes(Charset.forName("windows-1252")));
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(workshop.get("/api/ingredients/" + id).at("/name"))
                .isEqualTo("Zuckersirup à la crème");
    }

    /** Written some hundreds at a time; whose row is refused is said all the same. */
    @Test
    void hundredsOfPiecesAreAllTakenOrNone() {
        final int rows = 600;
        final StringBuilder table =
                new StringBuilder(
                        "id,kind,name,mould,couverture,shell_mm,head_room_mm,layers.1.filling\n");
        for (int i = 0; i < rows; i++) {
            table.append("many-").append(i).append(",moulded,One of many ").append(i);
            table.append(",half-28,dark-66,1.6,1.8,plum-ganache\n");
        }
        final String many = table.toString();
        final String found = "/api/pieces?find=One+of+many";
        final Answer refused =
                workshop.importFiles(
                        "pieces.csv", many.replace("One of many 500,half-28", "One,no-such"));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.at("/detail")).contains("row 502").contains("no-such");
        assertThat(workshop.get(found).number("/total")).isZero();
        final Answer taken = workshop.importFiles("pieces.csv", many);
        assertThat(taken.number("/0/fresh")).as(taken.text()).isEqualTo(rows);
        assertThat(workshop.get(found).number("/total")).isEqualTo(rows);
        assertThat(workshop.importFiles("pieces.csv", many).number("/0/same")).isEqualTo(rows);
        final Answer changed =
                workshop.importFiles(
                        "pieces.csv", many.replace("One of many 400,half-28", "Other,half-28"));
        assertThat(changed.number("/0/changed")).isEqualTo(1);
        assertThat(workshop.get("/api/pieces/many-400").at("/name")).isEqualTo("Other");
        assertThat(workshop.get("/api/pieces/many-400").number("/version")).isEqualTo(1);
        final Answer otherKind =
                workshop.importFiles(
                        "pieces.csv",
                        "id,kind,name,mould,couverture\nmany-3,solid,Solid,bar-40,dark-66\n");
        assertThat(otherKind.status()).as(otherKind.text()).isEqualTo(400);
        assertThat(otherKind.at("/detail")).contains("row 2").contains("shellMm");
    }

    /** What is brought in can be looked at and put away again. */
    @ParameterizedTest
    @ValueSource(strings = {"a/b", "a\\b", "a;b", "50 %", "..", "."})
    void anIdThatCannotStandInAnAddressIsRefused(final String id) {
        final Answer refused = workshop.importFiles("ingredients.csv", table(id, 4));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.at("/detail")).contains("row 2: id is").contains("address");
    }

    @Test
    void anIdWithASpaceAndALetterOfAnotherLanguageIsReached() {
        assertThat(workshop.importFiles("ingredients.csv", table("sirup für b", 4)).status())
                .isEqualTo(200);
        assertThat(workshop.get("/api/ingredients/sirup%20f%C3%BCr%20b").at("/name"))
                .isEqualTo("Looked at");
    }

    /** Two writers: what somebody changed after the look is not written over unseen. */
    @Test
    void whatWasChangedSinceTheLookIsNotImported() {
        workshop.importFiles("ingredients.csv", table("looked-at", 4.2));
        final String later = table("looked-at", 5);
        final Answer seen = workshop.importInto(PREVIEW, "ingredients.csv", later);
        final String rests = seen.at("/0/rests");
        assertThat(rests).hasSize(64);
        workshop.importFiles("ingredients.csv", table("looked-at", 6));
        final Answer refused = workshop.importInto("?rests=" + rests, "ingredients.csv", later);
        assertThat(refused.status()).as(refused.text()).isEqualTo(409);
        assertThat(refused.at("/type")).isEqualTo("/problems/stale");
        assertThat(workshop.get("/api/ingredients/looked-at").text()).contains("6.0");
        final String now = workshop.importInto(PREVIEW, "ingredients.csv", later).at("/0/rests");
        final Answer taken = workshop.importInto("?rests=" + now, "ingredients.csv", later);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(taken.number("/0/changed")).isEqualTo(1);
    }

    private static String table(final String id, final double price) {
        return "id,name,density_g_per_ml,sucrose,water,price_per_kg\n"
                + id
                + ",Looked at,1.2,50,50,"
                + price
                + "\n";
    }

    /** One at a time, and it can be let be: then nothing of it is there. */
    @Test
    void aLongImportIsAloneAndIsLetBe() throws Exception {
        final int rows = 4000;
        final StringBuilder table = new StringBuilder("id,name,density_g_per_ml,sucrose,water\n");
        for (int i = 0; i < rows; i++) {
            table.append("let-be-").append(i).append(",Let be ").append(i).append(",1.2,50,50\n");
        }
        final CompletableFuture<Answer> under =
                CompletableFuture.supplyAsync(
                        () -> workshop.importFiles("ingredients.csv", table.toString()));
        await().atMost(Duration.ofSeconds(120))
                .until(() -> workshop.get("/api/exchange/progress").number("/total") == rows);
        final Answer second = workshop.importInto(PREVIEW, "ingredients.csv", table("second", 3));
        assertThat(second.status()).as(second.text()).isEqualTo(503);
        assertThat(second.at("/type")).isEqualTo("/problems/busy");
        assertThat(workshop.post("/api/exchange/cancel", "").status()).isEqualTo(204);
        final Answer letBe = under.join();
        assertThat(letBe.status()).as(letBe.text()).isEqualTo(409);
        assertThat(letBe.at("/type")).isEqualTo("/problems/cancelled");
        assertThat(workshop.get("/api/ingredients?find=Let+be").number("/total")).isZero();
        // Pressed when nothing is under way it lets be nothing.
        workshop.post("/api/exchange/cancel", "");
        assertThat(workshop.importFiles("ingredients.csv", table("second", 3)).status())
                .isEqualTo(200);
    }
}
