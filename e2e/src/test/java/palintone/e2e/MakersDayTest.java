package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a piece to a logged batch, as a maker does it. */
class MakersDayTest {

    private final House house = House.shared();

    /** Readings in band, by the title of the step; what is not here is only done. */
    private static final Map<String, String> READINGS =
            Map.ofEntries(
                    Map.entry("Colour", "29"),
                    Map.entry("Mould ready", "23.5"),
                    Map.entry("Melt", "47"),
                    Map.entry("Cool", "31.6"),
                    Map.entry("Seed", "31.4"),
                    Map.entry("Test", "95"),
                    Map.entry("Cast", "31.6"),
                    Map.entry("Fill", "27"),
                    Map.entry("Temper again", "31.5"),
                    Map.entry("Add butter", "35"));

    @Test
    void fromPieceToDaybook() throws IOException {
        try (Screen screen = Screen.open()) {
            // Over the workshop's network: plain http, and a name that is not localhost.
            screen.page.navigate(house.networkUrl("/"));
            assertThat((Boolean) screen.page.evaluate("isSecureContext")).isFalse();
            final Page page = screen.page;
            page.getByRole(com.microsoft.playwright.options.AriaRole.NAVIGATION)
                    .getByText("Pieces")
                    .click();
            page.getByText("Plum & bay").first().click();
            assertThat(screen.title()).hasText("Plum & bay");

            // 100 pieces part-fill the fourth mould, and need less than four whole ones
            assertThat(page.getByText("128 pieces in 4 moulds, 30 steps.")).isVisible();
            final double whole = grams(page.locator(".melt b"));
            page.locator(".choice button", hasText("pieces")).first().click();
            page.locator("input[aria-label='How many pieces']").fill("100");
            assertThat(page.getByText("100 pieces in 4 moulds, 30 steps.")).isVisible();
            page.waitForCondition(() -> grams(page.locator(".melt b")) < whole);

            screen.begins().click();
            screen.atStep(1, "Weigh out");
            assertThat(page.locator(".where .part")).hasText("Plum ganache");
            final String lot = page.locator(".where").textContent().replaceAll("(?s).*lot ", "");
            final Set<String> seen = new TreeSet<>();
            while (!screen.title().textContent().equals("Finished")) {
                final String title = screen.title().textContent();
                final boolean begun = page.locator(".acts .main").textContent().contains("Done");
                if (title.equals("Seed") && begun) {
                    // off band: the string breaks
                    screen.note("35.2");
                    assertThat(page.locator(".reading.off .state")).hasText("out of range");
                    assertThat(page.locator(".reading svg.string"))
                            .hasAttribute(
                                    "aria-label", Pattern.compile(".*out of range, 2.2° over.*"));
                }
                if (READINGS.containsKey(title) && begun) {
                    screen.note(READINGS.get(title));
                    assertThat(page.locator(".reading .state")).hasText("in band");
                }
                seen.add(title);
                screen.done();
            }
            assertThat(seen.containsAll(READINGS.keySet())).as("%s", seen).isTrue();
            assertThat(screen.title()).hasText("Finished");

            page.getByText("Open in the Daybook").click();
            assertThat(screen.title()).hasText("Plum & bay");
            final Locator seed = page.locator("tr", new Page.LocatorOptions().setHasText("Seed"));
            assertThat(seed).containsText("31.4");
            assertThat(seed).containsText("of 2");

            final Download csv = page.waitForDownload(() -> page.getByText("CSV").click());
            assertThat(Files.readString(csv.path()))
                    .contains(lot + ",Plum & bay,15,Seed,temperature in the middle,°C,")
                    .contains("35.2 31.4");
            final Download json = page.waitForDownload(() -> page.getByText("JSON").click());
            final Path file =
                    Files.createTempDirectory("palintone").resolve("batch-read-back.json");
            json.saveAs(file);
            assertThat(Files.readString(file)).contains("\"palintone-batch/1\"").contains(lot);

            page.reload();
            assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Seed")))
                    .containsText("31.4");

            // and read back: it is known, nothing is doubled
            page.getByText("Daybook").last().click();
            screen.button("Import a batch").click();
            page.locator("input[type=file]").setInputFiles(file);
            screen.button("Preview").click();
            assertThat(page.locator(".import")).containsText("1 as they are");
            assertThat(page.locator(".import .acts").getByText("Import")).isDisabled();
            screen.button("Cancel").click();
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aLostBatchIsGivenUpWithItsReason() {
        try (Screen screen = Screen.open()) {
            screen.begin(house, "gooseberry-ivory");
            screen.button("Remark").click();
            assertThat(screen.button("Give the batch up")).isDisabled();
            screen.page.getByLabel("What you saw, did or changed").fill("water in the bowl");
            screen.button("Give the batch up").click();
            assertThat(screen.title()).hasText("Given up");
            screen.page.getByText("Open in the Daybook").click();
            assertThat(screen.title()).hasText("Gooseberry ivory");
            screen.page.getByText("Daybook").last().click();
            assertThat(screen.page.locator("tbody tr").first()).containsText("given up");
        }
    }

    private static Page.LocatorOptions hasText(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }

    private static double grams(final Locator number) {
        return Double.parseDouble(number.textContent().replaceAll("[^0-9.]", ""));
    }
}
