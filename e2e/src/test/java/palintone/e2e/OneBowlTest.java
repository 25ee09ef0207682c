package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Tempering a batch is a bowl of the Temper station, seen and noted from both. */
class OneBowlTest {

    private final House house = House.shared();

    @Test
    void whatIsNotedAtTheBenchIsSeenAtTheBowlAndTheOtherWayRound() {
        try (Screen bench = Screen.open();
                Screen temper = Screen.open()) {
            bench.go(house, "/pieces/gooseberry-ivory");
            bench.button("It stands ready").click();
            bench.page.locator(".v-select").last().click();
            bench.page
                    .getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName("Cold bath").setExact(true))
                    .click();
            assertThat(bench.page.getByText("Stand the bowl in water")).isVisible();
            bench.begins().click();
            bench.done();
            bench.atStep(2, "Melt");
            bench.note("46.5");
            // Just melted is right, and the bath is next, with its number.
            assertThat(bench.page.locator(".bowl")).containsText("melted: as it should be");
            assertThat(bench.page.locator(".bowl .next")).containsText("Stand the bowl in water");
            bench.page.getByText("Open the bowl").click();
            assertThat(bench.page).hasURL(Pattern.compile(".*/temper/bowls/.+"));
            final String bowl = bench.page.url();
            bench.page.goBack();

            temper.page.navigate(bowl);
            assertThat(temper.page.locator(".degrees")).containsText("46.5");
            assertThat(temper.page.locator(".against")).hasText("melted: as it should be");
            assertThat(temper.page.locator(".move")).containsText("Stand the bowl in water");
            assertThat(temper.page.locator(".phases .here")).hasText("melt");
            temper.button("Note a temperature").click();
            temper.page.locator(".acts form input").fill("46.9");
            temper.noteIt().click();
            assertThat(temper.page.locator(".degrees")).containsText("46.9");
            assertThat(bench.page.locator(".bowl .line")).containsText("46.9");
            org.assertj.core.api.Assertions.assertThat(bench.faults()).isEmpty();
            org.assertj.core.api.Assertions.assertThat(temper.faults()).isEmpty();
        }
    }

    /** The probe of a simulated bowl feeds a batch that uses it; both stations show it. */
    @Test
    void aBatchUsesASimulatedBowlInTemper() {
        try (Screen screen = Screen.open();
                Screen bench = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/plan");
            screen.button("Begin this bowl").click();
            page.getByLabel("Name").last().fill("Probed bowl");
            screen.button("Simulated").click();
            page.getByLabel("begins at").fill("46.5");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Begin").setExact(true))
                    .click();
            assertThat(page.locator(".degrees")).containsText("46");
            bench.go(house, "/pieces/plum-bay");
            bench.button("It stands ready").click();
            bench.page.locator(".v-select").first().click();
            bench.page.getByRole(AriaRole.OPTION).filter(hasText("Probed bowl")).click();
            assertThat(bench.page.getByText("That bowl is tested on paper")).isVisible();
            bench.begins().click();
            bench.until("Test");
            if (bench.page.locator(".acts .main").textContent().contains("Begin")) {
                bench.done();
            }
            assertThat(bench.page.locator(".bowl .line b").first())
                    .hasText(Pattern.compile("\\d\\d\\.\\d\\s°C"));
            bench.note("240");
            // It has not set: there is nothing to melt again in a bowl of another's, so it is said.
            assertThat(bench.page.locator(".reading .state")).hasText("out of range");
            assertThat(page.getByText("smear not set").first()).isAttached();
            screen.button("Bowl is done with").click();
        }
    }

    /** After a failed paper test the main act is to temper again; going on wants a reason. */
    @Test
    void aFailedPaperTestLeadsBackToTheBowl() {
        try (Screen screen = Screen.open()) {
            screen.begin(house, "gooseberry-ivory");
            screen.until("Test");
            screen.note("240");
            assertThat(screen.page.locator(".acts .main")).containsText("Temper again");
            screen.button("Go on anyway").click();
            final var dialog = screen.page.getByRole(AriaRole.DIALOG);
            assertThat(dialog.getByText("Go on anyway")).isVisible();
            dialog.getByText("Cancel").click();
            assertThat(dialog).isHidden();
            screen.page.locator(".acts .main").click();
            screen.atStep(2, "Melt");
            assertThat(screen.page.locator(".acts .main")).containsText("Done");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    private static com.microsoft.playwright.Locator.FilterOptions hasText(final String text) {
        return new com.microsoft.playwright.Locator.FilterOptions().setHasText(text);
    }
}
