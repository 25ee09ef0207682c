package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A bar of one's own, from the form to the Bench. */
class SolidPieceTest {

    private final House house = House.shared();

    @Test
    void aBarIsWrittenWeighedAndCast() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.networkUrl("/pieces"));
            screen.button("New piece").click();
            page.getByText("Cast full").click();
            assertThat(page.getByText("Choose a mould.")).isVisible();
            page.getByLabel("Name").fill("Harbour bar");
            page.getByLabel("In a few words").fill("Milk, with hazelnuts.");
            choose(page, "Mould", "Tablets");
            choose(page, "Couverture", "House milk 41");
            assertThat(page.locator(".weight")).hasText(Pattern.compile("11\\d\\s?g"));
            screen.button("Add an inclusion").click();
            page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)).fill("Hazelnuts");
            page.getByRole(AriaRole.OPTION).first().click();
            page.getByLabel("In one").fill("900");
            assertThat(page.locator(".trouble")).containsText("inclusions is");
            page.getByLabel("In one").fill("18");
            assertThat(page.locator(".trouble")).hasCount(0);
            assertThat(page.locator("circle.fleck").first()).isVisible();
            page.getByLabel("A pattern pressed into the back").check();
            assertThat(page.locator("aside")).containsText("relief");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Harbour bar");
            assertThat(page).hasURL(Pattern.compile(".*/pieces/harbour-bar$"));
            assertThat(page.locator(".fetch .caution")).containsText("nuts");

            screen.button("Change it").click();
            assertThat(page.getByLabel("In one")).hasValue("18");
            screen.button("Cancel").click();

            screen.begins().click();
            screen.until("Stir in");
            assertThat(page.locator(".say")).containsText("216 g of Hazelnuts");
            screen.until("Press");
            screen.until("Weigh");
            screen.done();
            assertThat(screen.title()).hasText("Finished");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    private static void choose(final Page page, final String field, final String what) {
        page.locator(".v-autocomplete", new Page.LocatorOptions().setHasText(field))
                .first()
                .click();
        page.getByRole(AriaRole.OPTION)
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText(what))
                .first()
                .click();
    }
}
