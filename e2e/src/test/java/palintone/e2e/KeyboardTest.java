package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** No pointer is touched here. */
class KeyboardTest {

    private final House house = House.shared();

    private static Page.LocatorOptions hasText(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }

    @Test
    void keysAloneGetThroughTheBench() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/pieces/gooseberry-ivory");
            screen.button("It stands ready").focus();
            screen.page.keyboard().press("Enter");
            assertThat(screen.page.getByText(" steps.")).isVisible();
            assertThat(screen.begins()).isEnabled();
            screen.page.evaluate("document.activeElement.blur()");
            final Keyboard keys = screen.page.keyboard();
            keys.press("Space");
            screen.atStep(1, "Mould ready");

            keys.press("t");
            keys.type("23,5"); // a comma will do
            keys.press("Enter");
            assertThat(screen.page.locator(".reading .big")).containsText("23.5");
            // While it is being written down the field has the keys, and the act says Note.
            assertThat(screen.page.locator(".acts .main")).containsText("Done");
            keys.press("Space");
            screen.atStep(2, "Melt");
            keys.press("u");
            screen.atStep(1, "Mould ready");
            keys.press("Space");
            screen.atStep(2, "Melt");

            keys.press("n");
            assertThat(screen.page.getByText("Remark at melt")).isVisible();
            assertThat(screen.page.getByLabel("What you saw, did or changed")).isFocused();
            keys.type("bowl changed");
            keys.press("Control+Enter");
            assertThat(screen.page.getByText("Remark at melt")).isHidden();

            for (int step = 2; !screen.title().textContent().equals("Finished"); step++) {
                assertThat(screen.page.locator(".where b")).hasText(String.valueOf(step));
                // The news of a step may come before the answer to the press that led to it; until
                // then a second press is taken for a double one.
                assertThat(screen.page.locator(".acts .main.v-btn--loading")).hasCount(0);
                keys.press("Space");
                final String now = String.valueOf(step);
                screen.page.waitForFunction(
                        "now => document.querySelector('.where b')?.textContent.trim() !== now",
                        now);
            }
            assertThat(screen.title()).hasText("Finished");

            keys.press("Alt+8");
            assertThat(screen.title()).hasText("Daybook");
            keys.press("?");
            // At once: whoever opens the list by mistake has the finger on Escape already.
            keys.press("Escape");
            assertThat(screen.page.locator("h2", hasText("All keys"))).isHidden();
            keys.press("?");
            assertThat(screen.page.locator("h2", hasText("All keys"))).isVisible();
            keys.press("Escape");
            assertThat(screen.page.locator("h2", hasText("All keys"))).isHidden();
            keys.press("Alt+9");
            assertThat(screen.title()).hasText("Ingredients");
            assertThat(screen.page.locator("table.rows").first().locator("tbody tr"))
                    .not()
                    .hasCount(0);
            keys.press("/");
            keys.type("sesame s");
            assertThat(screen.page.locator("table.rows").first().locator("tbody tr")).hasCount(1);
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** From anywhere to anything: a piece, an act, nothing. */
    @Test
    void anythingIsFoundFromAnywhere() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/house").settled();
            final Keyboard keys = screen.page.keyboard();
            keys.press("Control+k");
            final var field =
                    screen.page
                            .getByRole(com.microsoft.playwright.options.AriaRole.COMBOBOX)
                            .and(screen.page.getByLabel("Find anything"));
            field.fill("sesame");
            assertThat(screen.page.locator("#found li").first()).containsText("Sesame crackle");
            keys.press("Enter");
            assertThat(screen.title()).hasText("Sesame crackle");
            keys.press("Control+k");
            field.fill("zzz");
            assertThat(screen.page.getByText("Nothing called “zzz”.")).isVisible();
            field.fill("new mou");
            assertThat(screen.page.locator("#found li").first()).containsText("New mould");
            keys.press("Enter");
            assertThat(screen.title()).hasText("New mould");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }
}
