package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What was noted wrongly is put right, and what is new never lies over what was there. */
class CorrectionsTest {

    private final House house = House.shared();

    @Test
    void aTypedReadingAndANoteAreCorrectedAndUndone() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.networkUrl("/temper/plan"));
            screen.button("Begin this bowl").click();
            page.getByRole(AriaRole.DIALOG)
                    .getByText(
                            "Begin",
                            new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                    .last()
                    .click();
            screen.button("Note a temperature").click();
            page.locator(".acts form input").fill("46");
            screen.noteIt().click();
            assertThat(page.locator(".degrees")).containsText("46.0");
            screen.button("Seed stirred in").click();
            page.locator(".acts form input").fill("900");
            screen.noteIt().click();
            page.getByText("What was noted (2)").click();
            screen.button("Correct seed stirred in").click();
            page.getByLabel("It was").fill("90");
            screen.button("Save").click();
            assertThat(page.locator(".notes")).containsText("90 g");
            assertThat(page.locator(".notes")).containsText("corrected");
            screen.button("Undo temperature").click();
            assertThat(page.getByText("What was noted (1)")).isVisible();
            assertThat(page.locator(".degrees")).isHidden();
            screen.button("Bowl is done with").click();
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** Two screens write a recipe of one name: both are in the books. */
    @Test
    void twoRecipesOfOneNameAreBothKept() {
        try (Screen bench = Screen.open();
                Screen office = Screen.open()) {
            for (final Screen screen : new Screen[] {bench, office}) {
                screen.go(house, "/fillings/recipe").settled();
                screen.button("Start or paste").click();
                screen.page
                        .getByLabel("Or paste a recipe")
                        .fill("boil: 200 g cream 35 %\npour over: 300 g house dark 66");
                screen.button("Read it").click();
                screen.page.getByRole(AriaRole.DIALOG).getByLabel("Name").fill("Twin ganache");
                screen.button("Use this recipe").click();
                screen.button("This is it").click();
                assertThat(screen.page.locator(".state")).containsText("new");
            }
            for (final Screen screen : new Screen[] {bench, office}) {
                screen.button("Save").click();
                screen.button("Save version").click();
                assertThat(screen.page.locator(".state")).containsText("version 1");
            }
            // The address follows once the list of fillings is read again.
            assertThat(bench.page).hasURL(Pattern.compile(".*/twin-ganache$"));
            assertThat(office.page).hasURL(Pattern.compile(".*/twin-ganache-2$"));
        }
    }

    @Test
    void theRoomIsReadFromAnyScreen() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/bench");
            screen.page.locator("button.air").click();
            screen.page
                    .getByLabel("Temperature", new Page.GetByLabelOptions().setExact(true))
                    .fill("21.5");
            screen.button("Save").click();
            assertThat(screen.page.locator("button.air")).containsText("21.5");
            assertThat(screen.page.locator("button.air")).containsText("read just now");
            screen.page.locator("button.air").click();
            screen.page
                    .getByLabel("Temperature", new Page.GetByLabelOptions().setExact(true))
                    .fill("20");
            screen.button("Save").click();
            assertThat(screen.page.locator("button.air")).containsText("20.0");
        }
    }
}
