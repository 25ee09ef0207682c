package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is printed says what the sheet on the screen says. */
class OnPaperTest {

    private final House house = House.shared();

    private static String after(final String text, final String before) {
        final int at = text.indexOf(before);
        return at < 0 ? "" : text.substring(at + before.length()).split("[.;\\n]")[0].strip();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "plum-ganache",
                "gooseberry-ganache",
                "quince-custard",
                "caraway-truffle",
                "barley-caramel",
                "sesame-crisp"
            })
    void thePrintedSheetAndTheJarSayWhatTheSheetSays(final String filling) {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/recipe/" + filling);
            final Locator sheet = page.locator(".right");
            assertThat(sheet).containsText("Allergens:");
            final String shown = sheet.innerText();
            final boolean cold = shown.contains("to be kept cold");
            final String allergens = after(shown, "Allergens: ");
            final List<String> cautions = sheet.locator("p.caution.mt-2").allInnerTexts();
            screen.go(house, "/fillings/size/" + filling);
            page.getByLabel("Left over").fill("60");
            assertThat(page.locator(".jar")).containsText("use by");
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            final Locator paper = page.locator(".answer");
            assertThat(paper).containsText("Contains");
            final String printed = paper.innerText();
            assertThat(after(printed, "Contains "))
                    .isEqualTo(allergens.equals("none") ? "no allergens named" : allergens);
            assertThat(printed.contains("Keep at 4")).as(printed).isEqualTo(cold);
            cautions.forEach(caution -> assertThat(printed).contains(caution));
            // The jar is printed by itself; on the screen it stands beside the sheet.
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
            final String jar = page.locator(".jar").innerText();
            assertThat(jar.contains("or colder")).as(jar).isEqualTo(cold);
            assertThat(after(jar, "contains "))
                    .isEqualTo(allergens.equals("none") ? "no allergens" : allergens);
        }
    }
}
