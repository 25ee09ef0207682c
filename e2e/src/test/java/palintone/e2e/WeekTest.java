package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an order, said at the piece, to the days, a move by hand, and the batch begun from it. */
class WeekTest {

    private final House house = House.shared();

    private static Locator button(final Page page, final String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void anOrderBecomesDaysAndTheDaysABatch() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/pieces/buckwheat-tablet");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ready at …"))
                    .click();
            final Locator said = page.getByLabel("What should be ready when");
            assertThat(said).hasValue(Pattern.compile("\\d+ Buckwheat tablet, ready "));
            said.fill("21 Buckwheat tablet, 3 of something, ready next Friday 12:00");
            button(page, "Read it").click();
            assertThat(page.getByText("Not understood: 3 of something")).isVisible();
            said.fill("21 Buckwheat tablet, ready next Friday 12:00");
            button(page, "Read it").click();
            assertThat(page.getByText("21 × Buckwheat tablet")).isVisible();
            page.getByLabel("For", new Page.GetByLabelOptions().setExact(true)).fill("Tea room");
            button(page, "Add").click();
            assertThat(
                            page.getByRole(
                                    AriaRole.HEADING,
                                    new Page.GetByRoleOptions().setName("Tea room")))
                    .isVisible();

            screen.go(house, "/week");
            page.locator("[data-main]").click();
            // At once there is a plan, whatever is still being looked for.
            assertThat(page.locator("h1")).hasText(Pattern.compile("batches"));
            assertThat(page.locator(".lane")).not().hasCount(0);
            final Locator enough = button(page, "Enough");
            if (enough.isVisible()) {
                enough.click();
            }
            assertThat(button(page, "Plan again")).isVisible();

            final Locator first = page.locator(".lane li button").last();
            first.click();
            final Locator card = page.locator("aside.card");
            assertThat(card).containsText("at the latest");
            card.getByText("−60", new Locator.GetByTextOptions().setExact(true)).click();
            assertThat(card.getByRole(AriaRole.STATUS)).isVisible();
            card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close"))
                    .click();

            button(page, "By batch").click();
            final Locator run =
                    page.locator("article")
                            .filter(new Locator.FilterOptions().setHasText("Buckwheat tablet"));
            assertThat(run).containsText("21 pieces");
            run.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Begin")).click();
            page.waitForURL(Pattern.compile(".*/bench/.+"));
            assertThat(page.locator("main")).containsText("Buckwheat tablet");

            screen.go(house, "/week/orders");
            final Locator order =
                    page.locator("article")
                            .filter(new Locator.FilterOptions().setHasText("Tea room"));
            order.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
                    .click();
            assertThat(order).hasCount(0);
        }
    }

    @Test
    void whoWorksWhenIsWrittenDownAndRefusedByName() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/week/people");
            button(page, "Add somebody").click();
            page.getByLabel("Name or role").fill("Helper");
            button(page, "Add hours on Sunday").click();
            page.getByLabel("to", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .fill("07:00");
            button(page, "Save").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Helper");
            page.getByLabel("to", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .fill("11:00");
            button(page, "Save").click();
            final Locator row =
                    page.locator("article")
                            .filter(new Locator.FilterOptions().setHasText("Helper"));
            assertThat(row).containsText("Sunday 08:00–11:00");
            button(page, "Change Helper").click();
            button(page, "Archive").click();
            assertThat(row).hasCount(0);
        }
    }
}
