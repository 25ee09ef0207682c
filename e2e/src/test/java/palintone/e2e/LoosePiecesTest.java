package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Pieces that come out of no cavity: written, weighed, led at the Bench, weighed back. */
class LoosePiecesTest {

    private final House house = House.shared();

    private Screen writing(final String kind) {
        final Screen screen = Screen.open();
        screen.page.navigate(house.networkUrl("/pieces"));
        screen.button("New piece").click();
        screen.page
                .locator(".kinds button")
                .filter(new Locator.FilterOptions().setHasText(kind))
                .click();
        return screen;
    }

    private static void choose(final Page page, final String field, final String what) {
        page.locator(".v-autocomplete, .v-select", new Page.LocatorOptions().setHasText(field))
                .first()
                .click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(what))
                .first()
                .click();
    }

    private static void number(final Page page, final String label, final String value) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().fill(value);
    }

    @Test
    void aTruffleIsWrittenDippedAndWeighedBack() {
        try (Screen screen = writing("a square or truffle")) {
            final Page page = screen.page;
            assertThat(page.getByText("Choose a couverture.")).isVisible();
            page.getByLabel("Name").fill("Harbour truffle");
            choose(page, "Couverture", "House milk 41");
            choose(page, "Filling", "Caraway truffle");
            number(page, "One centre weighs", "8");
            assertThat(page.locator(".weight")).hasText(Pattern.compile("1\\d\\.?\\d?\\s?g"));
            // What cannot be is named, and what was typed stays.
            number(page, "Thickness, all coats", "0.1");
            assertThat(page.locator(".trouble")).containsText("coat is 0.1 mm");
            number(page, "Thickness, all coats", "1.3");
            assertThat(page.locator(".trouble")).hasCount(0);
            screen.button("Add what is on it").click();
            page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)).fill("Hazelnuts");
            page.getByRole(AriaRole.OPTION).first().click();
            number(page, "On one", "0.5");
            assertThat(page.locator("circle.fleck").first()).isVisible();
            assertThat(page.locator("aside")).containsText("coat of the weight");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Harbour truffle");
            assertThat(page.locator(".fetch .caution").last()).containsText("hazelnuts");
            // Counted in pieces: there is nothing else to count in.
            assertThat(page.getByLabel("How many pieces")).hasValue("40");
            assertThat(
                            page.getByRole(AriaRole.GROUP)
                                    .filter(new Locator.FilterOptions().setHasText("moulds")))
                    .hasCount(0);
            page.getByText("It stands ready").click();
            screen.begins().click();
            screen.until("Weigh the centres");
            screen.until("Dip");
            assertThat(page.locator(".say")).containsText("Roll in Hazelnuts");
            assertThat(page.locator(".say")).containsText("at a time, no more");
            // The seconds left of a lot, at the task itself.
            page.getByText("First of a lot set down").click();
            assertThat(page.locator(".lot")).containsText("until the first of this lot has set");
            screen.until("Weigh");
            screen.done();
            assertThat(screen.title()).hasText("Finished");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aFigureIsWrittenForItsSizeAndJoined() {
        try (Screen screen = writing("one part or two")) {
            final Page page = screen.page;
            page.getByLabel("Name").fill("Small heron");
            choose(page, "Mould", "Standing heron");
            choose(page, "Couverture", "House dark 66");
            number(page, "Wall", "1");
            assertThat(page.locator("aside")).containsText("breaks under a thumb");
            screen.button("Take it").click();
            assertThat(page.locator("aside")).not().containsText("breaks under a thumb");
            page.getByLabel("On a base").check();
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Small heron");
            assertThat(page.locator("svg.front").last()).isVisible();
            screen.begins().click();
            screen.until("Scrape");
            screen.until("Bases");
            screen.until("Join");
            assertThat(page.locator(".say")).containsText("Both rims flat on a plate");
            screen.until("Glue on");
            assertThat(page.locator(".say")).containsText("onto its base at once");
            screen.until("Weigh");
            screen.done();
            assertThat(screen.title()).hasText("Finished");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void platesAreCutInTheirWindowAndWhatIsRolledNeedsNoBowl() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/pieces/rye-bark");
            assertThat(page.getByLabel("How many sheets")).hasValue("2");
            assertThat(page.locator(".many")).containsText("100 pieces in 2 sheets");
            screen.begins().click();
            screen.until("Spread");
            screen.until("Cut");
            assertThat(page.locator(".say")).containsText("plates of");
            screen.go(house, "/pieces/caraway-pebble");
            assertThat(page.getByText("To fetch from the larder")).isVisible();
            assertThat(page.getByText("to melt, seed included")).hasCount(0);
            page.getByText("It stands ready").click();
            screen.begins().click();
            screen.until("Roll");
            assertThat(page.locator(".say")).containsText("until it just shines");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aSheetOfTwoColoursAndABallOfHalvesAreLedToTheEnd() {
        try (Screen screen = writing("cut out of a thin sheet")) {
            final Page page = screen.page;
            page.getByLabel("Name").fill("Two-tone bark");
            choose(page, "Couverture", "House dark 66");
            choose(page, "Second colour, if there is one", "House milk 41");
            number(page, "Its share of the sheet", "90");
            assertThat(page.locator(".trouble")).containsText("share of the second colour");
            number(page, "Its share of the sheet", "25");
            choose(page, "Pattern", "drizzled over");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Two-tone bark");
            assertThat(page.getByText("For the second couverture:")).isVisible();
            screen.begins().click();
            screen.until("Second bowl");
            screen.until("Pattern");
            assertThat(page.locator(".say")).containsText("Drizzle House milk 41");
            screen.go(house, "/pieces/plum-bay");
            screen.button("Change it").click();
            choose(page, "Halves", "two filled halves: a seam of chocolate");
            assertThat(page.locator("aside")).containsText("seam");
            screen.button("Undo").click();
            assertThat(page.locator("aside")).not().containsText("seam");
            screen.button("Cancel").click();
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void coatsOnTheScaleTeachTheNextDip() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/coats/weigh");
            choose(page, "Couverture", "House ivory 33");
            assertThat(page.getByText("Nothing weighed yet")).isVisible();
            number(page, "One centre, mean of ten", "8.6");
            number(page, "One dipped, mean of ten", "8");
            screen.button("Save").click();
            assertThat(page.locator(".trouble")).containsText("more than its centre");
            number(page, "One dipped, mean of ten", "13");
            screen.button("Save").click();
            assertThat(page.locator("table")).containsText("4.4 g");
            assertThat(page.getByText("half way towards it")).isVisible();
            screen.button("Take back").click();
            assertThat(page.getByText("Nothing weighed yet")).isVisible();
            assertThat(screen.faults()).isEmpty();
        }
    }
}
