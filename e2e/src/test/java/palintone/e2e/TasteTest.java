package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A piece is tasted whole; what was said becomes the target, and the filling is balanced to it. */
class TasteTest {

    private final House house = House.shared();

    private static Locator button(final Locator in, final String name) {
        return in.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aPieceThatIsTooSweetAsksItsFillingForLess() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/pieces/gooseberry-ivory");
            final Locator taste = page.locator("section.taste");
            assertThat(taste).containsText("Nothing is said of it yet.");
            assertThat(button(taste, "Note the tasting")).isDisabled();
            final Locator sweet = taste.getByRole(AriaRole.GROUP).first();
            button(sweet, "too much").click();
            taste.getByLabel("Words").fill("sugar before fruit");
            button(taste, "Note the tasting").click();
            assertThat(taste.locator("tbody tr")).hasCount(1);
            assertThat(taste.locator("tbody tr"))
                    .containsText("sweet: too much, sugar before fruit");
            // One taster is none.
            assertThat(taste.locator(".caution")).hasCount(0);
            for (int tasted = 2; tasted <= 4; tasted++) {
                button(sweet, "too much").click();
                button(taste, "Note the tasting").click();
                assertThat(taste.locator("tbody tr")).hasCount(tasted);
            }
            assertThat(taste.locator(".caution")).containsText("Sweeter than it is liked here");
            assertThat(taste).containsText("Gooseberry ganache would have to have");
            final String wanted = taste.locator(".of > p").nth(1).textContent();
            // Nothing of what was pressed stays pressed for the next taster.
            assertThat(button(sweet, "too much")).hasAttribute("aria-pressed", "false");

            taste.getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions()
                                    .setName("Balance Gooseberry ganache to it"))
                    .click();
            final Locator wish = page.locator(".wish").first();
            assertThat(wish).containsText("sweetness");
            final double most = Double.parseDouble(wish.getByLabel("to").inputValue());
            assertThat(wanted).contains(String.valueOf(Math.round(most)));

            screen.go(house, "/pieces/gooseberry-ivory");
            assertThat(taste.locator(".caution")).hasCount(1);
            button(taste.locator("tbody tr").first(), "counts").click();
            assertThat(button(taste, "does not count")).isVisible();
            // Of three that are left nothing is said.
            assertThat(taste.locator(".caution")).hasCount(0);
            assertThat(screen.faults()).isEmpty();
        }
    }
}
