package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Every text in brackets and a third longer, numbers, dates and lists as in German: what stands
 * outside the brackets, and no maker wrote it, is hard-wired. Every screen as it opens is seen in
 * {@link EveryWidthTest}; here is what opens on it, and a batch.
 */
class PseudoLanguageTest {

    private final House house = House.shared();
    private final Map<String, List<String>> hardWired = new TreeMap<>();

    private void look(final Screen screen, final String place) {
        final List<String> found = screen.hardWired();
        if (!found.isEmpty()) {
            hardWired.put(place, found);
        }
    }

    /** Dialogs, refusals, and a text that would be hard-wired is really found. */
    @Test
    void whatOpensAndWhatIsRefusedIsInTheLanguageToo() {
        try (Screen screen = Screen.speaking("en-XA", 1280, 800)) {
            screen.go(house, "/temper/plan").settled();
            screen.page.locator("button.figure").first().click();
            assertThat(screen.page.locator(".basis")).isVisible();
            look(screen, "why a number");
            screen.page.keyboard().press("Escape");
            screen.page.keyboard().press("Control+k");
            screen.page.keyboard().type("sesame");
            assertThat(screen.page.locator("#found li").first()).isVisible();
            look(screen, "find");

            screen.go(house, "/larder/moulds").settled();
            screen.button("Import").click();
            screen.page.locator(".v-dialog textarea").first().fill("name;cavities\nX;many");
            screen.button("Preview").click();
            assertThat(screen.page.locator(".v-dialog .trouble")).containsText("many");
            look(screen, "a row that cannot be read");

            screen.go(house, "/fillings/balance/plum-ganache").settled();
            screen.button("Keep longer").click();
            assertThat(screen.page.locator(".answer table").first()).isVisible();
            look(screen, "balanced");

            screen.go(house, "/rehearsal").settled();
            screen.page.locator(".exercises button").first().click();
            screen.button("Stir and read").click();
            assertThat(screen.page.locator("ol li").first()).isVisible();
            look(screen, "practice");
            assertThat(hardWired).isEmpty();

            screen.page.evaluate("document.querySelector('h1').append('Not looked up')");
            assertThat(screen.hardWired()).containsExactly("Not looked up");
        }
    }

    /** From the piece to the Daybook, with a reading that is out of range on the way. */
    @Test
    void aBatchIsLedInTheLanguageChosen() {
        try (Screen screen = Screen.speaking("en-XA", 1280, 800)) {
            screen.go(house, "/pieces/sesame-crackle").settled();
            screen.page.locator(".made button").last().click();
            screen.begins().click();
            assertThat(screen.page.locator(".where b")).hasText("1");
            look(screen, "first step");
            screen.note("99");
            assertThat(screen.page.locator(".reading .state")).isVisible();
            look(screen, "out of range");
            screen.note("23,5");
            assertThat(screen.page.locator(".reading .big")).containsText("23,5");
            for (int step = 1; step < 8; step++) {
                screen.done();
                assertThat(screen.page.locator(".acts .main.v-btn--loading")).hasCount(0);
                look(screen, screen.title().textContent());
            }
            assertThat(hardWired).isEmpty();
            assertThat(screen.faults()).isEmpty();
        }
    }
}
