package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Station Coats: dipped, cut, piped, spread. */
class CoatsTest {

    private final House house = House.shared();

    private Screen at(final String tab) {
        final Screen screen = Screen.open();
        screen.go(house, "/coats/" + tab);
        return screen;
    }

    private static Locator field(final Page page, final String label) {
        return page.getByLabel(label).first();
    }

    private static void choose(final Page page, final String label, final String option) {
        page.locator(".v-select", new Page.LocatorOptions().setHasText(label)).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option)).click();
    }

    @Test
    void aCoatIsDippedAndTheSecondsLeftAreCounted() {
        try (Screen screen = at("dip")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("of coat on");
            final String before = screen.title().textContent();
            field(page, "Lifted and tapped").fill("20");
            assertThat(screen.title()).not().hasText(before);
            page.getByText("One is set down").click();
            assertThat(page.locator(".left b")).hasText(Pattern.compile("\\d+:\\d\\d"));
            choose(page, "Rolled in", "sesame");
            assertThat(page.locator(".remarks")).containsText("usually carries sesame");
            field(page, "Centre as it is dipped").fill("-18");
            assertThat(page.locator(".remarks")).containsText("swells as it warms");
            // What cannot be is named, and what was typed stays.
            field(page, "Centre as it is dipped").fill("34");
            assertThat(page.locator(".trouble")).containsText("no warmer than the bowl");
            field(page, "Centre as it is dipped").fill("");
            assertThat(page.locator(".trouble")).containsText("A number is missing");
            field(page, "Centre as it is dipped").fill("18");
            field(page, "In the bowl").fill("20");
            assertThat(page.locator(".trouble")).containsText("the fork does not dive");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aSlabIsCutInTheBestWay() {
        try (Screen screen = at("slab")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("117 pieces");
            assertThat(page.locator("svg.cut rect.piece")).hasCount(117);
            field(page, "Trimmed off all round").fill("0");
            field(page, "Length of a piece").fill("24");
            assertThat(screen.title()).containsText("140 pieces");
            field(page, "Length of a piece").fill("400");
            assertThat(page.locator(".trouble")).containsText("length of a piece is 400");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aSheetAndAHeapSayWhenTheyStand() {
        try (Screen screen = at("sheet")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("cut from");
            assertThat(page.locator("svg.cut circle.piece")).hasCount(132);
            field(page, "To be cut after").fill("90");
            assertThat(page.locator(".remarks")).containsText("breaks under the cutter");
            choose(page, "Cut into", "squares or strips");
            assertThat(page.locator("svg.cut rect.piece").first()).isVisible();
            // A coating is not tempered, and leaves moments where couverture leaves minutes.
            choose(page, "Couverture or coating", "House coating");
            assertThat(page.locator(".remarks")).containsText("from wet to brittle");
            assertThat(page.getByLabel("Stable crystals, of the fat")).hasCount(0);
            choose(page, "Couverture or coating", "House dark 66");
            // Empty, it is what this house tempers to.
            assertThat(page.getByLabel("Stable crystals, of the fat")).hasValue("");
            screen.go(house, "/coats/pipe");
            assertThat(screen.title()).containsText("across");
            field(page, "In the bag").fill("38");
            assertThat(screen.title()).containsText("It runs to");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void linesAreDrawnAndAThinBagIsSentIntoTheCold() {
        try (Screen screen = at("line")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("out of the bag");
            field(page, "Opening of the bag").fill("40");
            assertThat(page.locator(".trouble")).containsText("opening of the bag is 40 mm");
            field(page, "Opening of the bag").fill("2");
            field(page, "Bowl (its window if empty)").fill("33");
            assertThat(page.locator(".remarks")).containsText("lay the bag flat");
            choose(page, "What is given", "How wide the line is to be");
            assertThat(screen.title()).containsText("An opening of");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** So much of it in a pan: litres over length and width; a pan of nothing is named. */
    @Test
    void aPanSaysHowHighItStands() {
        try (Screen screen = at("slab")) {
            final Page page = screen.page;
            screen.button("Add a pan").click();
            final Locator pans = page.locator(".pans");
            pans.getByLabel("There is").fill("600");
            pans.getByLabel("Length").fill("200");
            pans.getByLabel("Width, none if round").fill("150");
            pans.getByLabel("Depth").fill("40");
            // Fillings weigh from 1.0 to 1.35 g/ml: 600 g on 300 cm2 stand 14.8 to 20 mm high. What
            // is asked between two fields is answered too, so the answer is waited for.
            assertThat(pans.locator(".says"))
                    .hasText(Pattern.compile("^\\s*(14\\.[89]|1[5-9](\\.\\d)?|20)\\s.*high.*"));
            pans.getByLabel("Depth").fill("10");
            assertThat(pans.locator(".says")).containsText("Runs over.");
            pans.getByLabel("Length").fill("0");
            assertThat(pans.locator(".trouble")).containsText("length");
            assertThat(screen.faults()).isEmpty();
        }
    }
}
