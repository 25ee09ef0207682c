package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A seal of couverture between two fillings, led from its piece to Weigh back. */
class SealTest {

    private final House house = House.shared();

    @Test
    void aSealIsPouredWaitedForAndCapped() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.url("/pieces/sesame-dusk"));
            assertThat(screen.title()).hasText("Sesame dusk");
            assertThat(
                            screen.page.locator(
                                    "svg.section", new Page.LocatorOptions().setHasText("seal")))
                    .isVisible();
            assertThat(screen.page.getByText("kept in seals")).isVisible();
            screen.begins().click();
            screen.atStep(1, "Weigh out");
            final List<String> done = new ArrayList<>();
            while (!screen.title().textContent().equals("Finished")) {
                final String title = screen.title().textContent();
                if (title.equals("Seal")) {
                    assertThat(screen.page.locator("main")).containsText("of House dark 66 over");
                    assertThat(screen.page.locator("main")).containsText("until it closes");
                }
                if (done.isEmpty() || !done.get(done.size() - 1).equals(title)) {
                    done.add(title);
                }
                screen.done();
            }
            assertThat(done)
                    .containsSubsequence(
                            "Fill",
                            "Level",
                            "Temper again",
                            "Seal",
                            "Wait",
                            "Fill",
                            "Cap",
                            "Weigh");
        }
    }
}
