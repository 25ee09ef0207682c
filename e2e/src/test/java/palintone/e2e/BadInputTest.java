package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is typed stays, and the words say what would be taken. */
class BadInputTest {

    private final House house = House.shared();

    @TempDir private Path folder;

    @Test
    void aBatchOfNothingOrOfTenThousandMouldsCannotBegin() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/pieces/plum-bay");
            final Locator many = screen.page.locator("input[aria-label='How many moulds']");
            for (final String wrong : new String[] {"0", "10000", "-2"}) {
                many.fill(wrong);
                assertThat(screen.page.locator(".many .trouble"))
                        .hasText(Pattern.compile("moulds is -?[0-9]+; allowed: 1 to 200"));
                assertThat(screen.begins()).isDisabled();
                assertThat(many).hasValue(wrong);
            }
            many.fill("a few");
            assertThat(screen.page.locator(".many .trouble")).containsText("whole number");
            many.fill("3");
            assertThat(screen.begins()).isEnabled();
        }
    }

    @Test
    void anImpossibleReadingIsRefusedAndStaysInTheField() {
        try (Screen screen = Screen.open()) {
            screen.begin(house, "gooseberry-ivory");
            screen.note("warm");
            assertThat(screen.page.locator(".reading .trouble"))
                    .containsText("“warm” is not a number");
            screen.note("300");
            assertThat(screen.page.locator(".do > .trouble"))
                    .hasText("mould surface is 300 °C; allowed: -20 to 120 °C");
            assertThat(screen.page.locator(".typing input")).hasValue("300");
        }
    }

    @Test
    void twoWhoEditTheSameIngredientAreBothHeard() {
        try (Screen first = Screen.open();
                Screen second = Screen.open()) {
            for (final Screen screen : new Screen[] {first, second}) {
                screen.go(house, "/larder");
                screen.page.locator("td a", hasText("Sea salt")).click();
                assertThat(density(screen)).hasValue("1");
            }
            density(first).fill("1.25");
            first.button("Save").click();
            assertThat(density(first)).hasCount(0);

            density(second).fill("1.3");
            second.button("Save").click();
            assertThat(second.page.getByText("Somebody saved this meanwhile")).isVisible();
            assertThat(second.button("Theirs: 1.25")).isVisible();
            assertThat(density(second)).hasValue("1.3");
            second.button("Save these").click();
            assertThat(density(second)).hasCount(0);
            assertThat(second.page.locator("tr", hasText("Sea salt"))).containsText("1.30");
        }
    }

    @Test
    void aCompositionThatDoesNotSumIsSaidSo() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/larder");
            screen.page.locator("td a", hasText("Icing sugar")).click();
            screen.page
                    .getByLabel("sucrose", new Page.GetByLabelOptions().setExact(true))
                    .fill("83");
            screen.button("Save").click();
            assertThat(screen.page.locator(".writing .trouble"))
                    .hasText(Pattern.compile("composition is 83.1 g in 100 g .*99 to 101 g"));
        }
    }

    @Test
    void aBadImportNamesItsRow() throws Exception {
        final Path file = folder.resolve("moulds.csv");
        Files.writeString(
                file,
                "id,name,shape,length_mm,width_mm,depth_mm,draft_degrees,cavities,owned\n"
                        + "a,Good,half_sphere,30,,,,24,2\nb,Bad,half_sphere,-3,,,,24,2\n");
        try (Screen screen = Screen.open()) {
            screen.go(house, "/larder");
            screen.button("Import").click();
            screen.page.locator("input[type=file]").setInputFiles(file);
            screen.button("Preview").click();
            assertThat(screen.page.locator(".v-dialog .trouble"))
                    .hasText(
                            "moulds.csv, row 3: diameter is -3 mm; allowed: 4 to 500 mm."
                                    + " Nothing was imported.");
            screen.button("Cancel").click();
            assertThat(screen.page.getByText("Good")).hasCount(0);
        }
    }

    @Test
    void unknownAddressesAndBatchesAreNotBlank() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/cellar");
            assertThat(screen.title()).hasText("Nothing lies here");
            screen.go(house, "/bench/00000000-0000-4000-8000-000000000000");
            assertThat(screen.page.locator(".trouble")).containsText("There is no batch");
            screen.go(house, "/pieces/marzipan-boat");
            assertThat(screen.title()).hasText("No piece of that name");
        }
    }

    private static Locator density(final Screen screen) {
        return screen.page.getByLabel("Density", new Page.GetByLabelOptions().setExact(true));
    }

    private static Page.LocatorOptions hasText(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }
}
