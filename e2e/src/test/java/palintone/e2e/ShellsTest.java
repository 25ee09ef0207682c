package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** How thick, how long, when to move, what the scale says: at the station Shells. */
class ShellsTest {

    private final House house = House.shared();

    private static void choose(final Page page, final String label, final String option) {
        page.locator(".v-select", new Page.LocatorOptions().setHasText(label)).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option)).click();
    }

    private static Locator field(final Page page, final String label) {
        return page.getByLabel(label).first();
    }

    private Screen at(final String tab) {
        final Screen screen = Screen.open();
        screen.go(house, "/shells/" + tab);
        choose(screen.page, "Couverture", "House dark 66");
        choose(screen.page, "Mould", "Half spheres 28 mm");
        return screen;
    }

    @Test
    void thicknessAndWaitAreAskedBothWays() {
        try (Screen screen = at("thickness")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("Turn it after 1:00");
            assertThat(page.locator("svg.shell")).isVisible();
            final String thin = screen.title().textContent();
            field(page, "From full to turned").fill("500");
            assertThat(screen.title()).containsText("Turn it after 8:20");
            assertThat(screen.title()).not().hasText(thin);
            page.getByText("Lay it beside").click();
            assertThat(page.locator("svg.shell .beside")).isVisible();
            page.locator(".asked").getByText("Thickness").click();
            field(page, "Mean thickness wanted").fill("2");
            assertThat(screen.title()).hasText(Pattern.compile("Turn it after [1-9]:.*2\\.0.mm.*"));
            field(page, "Mean thickness wanted").fill("0.3");
            assertThat(screen.title()).containsText("No wait gives that");
            assertThat(page.locator(".remarks")).containsText("turned at once it is");
            // What cannot be is named, and what was typed stays.
            field(page, "Mould (the room").fill("40");
            assertThat(page.locator(".trouble"))
                    .containsText("mould temperature is 40 °C; allowed: 0 °C up to");
            assertThat(field(page, "Mould (the room")).hasValue("40");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void bothSchoolsOfTheColdStandSideBySide() {
        try (Screen screen = at("cold")) {
            final Page page = screen.page;
            assertThat(screen.title()).containsText("Into the cold after");
            assertThat(page.locator("tbody tr")).hasCount(3);
            assertThat(page.locator("tbody")).containsText("14 to 16 °C");
            field(page, "Moulds put in at once").fill("40");
            field(page, "It takes away at most").fill("60");
            assertThat(page.locator(".remarks")).containsText("40 moulds at once warm the cabinet");
            page.getByText("8 to 10 °C").click();
            assertThat(page.locator(".remarks")).containsText("dew point");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void theFillingMustNotBeHotterThanTheShellBears() {
        try (Screen screen = at("fill")) {
            assertThat(screen.title()).containsText("Fill no warmer than 30");
            field(screen.page, "Filling in the bag").fill("44");
            assertThat(screen.page.locator(".remarks").first())
                    .containsText("hotter than this shell bears");
        }
    }

    /** The season of the sample workshop, one more mould, and that one taken back. */
    @Test
    void aWeighedMouldIsNotedAndTakenBack() {
        try (Screen screen = at("weigh")) {
            final Page page = screen.page;
            final Locator rows = page.locator("table.rows").last().locator("tbody tr");
            assertThat(page.locator(".answer")).containsText("first of the season");
            final int season = rows.count();
            field(page, "Mould with its shells").fill("0");
            page.locator(".ask button[type=submit]").click();
            assertThat(page.locator(".trouble")).containsText("weight of the shells is 0 g");
            field(page, "Empty mould").fill("800");
            field(page, "Mould with its shells").fill("857");
            field(page, "Remark").fill("by the new scale");
            page.locator(".ask button[type=submit]").click();
            assertThat(page.locator(".answer")).containsText("by the new scale");
            assertThat(rows).hasCount(season + 1);
            rows.filter(new Locator.FilterOptions().setHasText("by the new scale"))
                    .getByText("Take back")
                    .click();
            assertThat(rows).hasCount(season);
            // A scale to practise on stands in the sample workshop; with a filling it reads on.
            choose(page, "Filling, if it is filled", "Plum ganache");
            page.getByText("Read the practice scale").click();
            assertThat(field(page, "Capped")).hasValue(Pattern.compile("\\d+.*"));
            page.locator(".ask button[type=submit]").click();
            assertThat(page.locator(".answer")).containsText("where it lies in this mould");
            rows.filter(new Locator.FilterOptions().setHasText("Practice scale"))
                    .getByText("Take back")
                    .click();
            assertThat(rows).hasCount(season);
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void coloursAreSeenInTheOrderTheyGoIn() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/shells/colour");
            assertThat(screen.title()).containsText("Cast from");
            choose(page, "Mould", "Half spheres 28 mm");
            page.getByText("Add a coat").click();
            final Locator second = page.locator("fieldset.coat").nth(1);
            second.getByLabel("Colour").fill("White backing");
            assertThat(page.locator(".answer")).containsText("White backing is not seen");
            second.getByText("Earlier").click();
            assertThat(page.locator("svg.seen"))
                    .hasAttribute(
                            "aria-label", Pattern.compile("From outside.*White backing.*;.*"));
            field(page, "Stable crystals in the colour").fill("0");
            assertThat(screen.title()).hasText("This colour does not hold");
            field(page, "Film").fill("7");
            assertThat(page.locator(".trouble")).containsText("colour film is 7 mm");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void itIsScrapedInTimeAndCoatedUntilItIsThick() {
        try (Screen screen = at("drain")) {
            final Page page = screen.page;
            assertThat(screen.title()).hasText(Pattern.compile("Scrape from .* to .*"));
            assertThat(page.locator("tbody tr")).hasCount(2);
            field(page, "Shaken for").fill("0");
            assertThat(page.locator(".trouble")).containsText("shaken for is 0 s");
            screen.go(house, "/shells/coats");
            assertThat(screen.title()).hasText(Pattern.compile("2 coats.*3\\.5.mm"));
            assertThat(page.locator("tbody tr")).hasCount(2);
            // The bar is full before that.
            field(page, "All coats together").fill("20");
            assertThat(screen.title()).containsText("No coats give that");
            assertThat(page.locator(".remarks")).containsText("cannot be had of this bowl");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aColdRimIsWarmedBeforeTheCap() {
        try (Screen screen = at("fill")) {
            final Page page = screen.page;
            field(page, "Rims").fill("16");
            assertThat(page.locator(".remarks")).containsText("too cold to melt");
            assertThat(page.locator(".remarks")).containsText("Never return them");
            field(page, "Rims").fill("29");
            assertThat(page.locator(".remarks")).not().containsText("too cold to melt");
            field(page, "Cap thickness").fill("40");
            assertThat(page.locator(".trouble")).containsText("thickness of the cap");
        }
    }

    /** Sent from the Bench with its piece; ticked, kept, and taken back. */
    @Test
    void aMouldIsCountedDownTickedAndTeaches() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/shells/demould?piece=sesame-crackle&min=31");
            assertThat(field(page, "Was in the cold")).hasValue("31");
            assertThat(page.getByLabel("Filled and capped")).isChecked();
            assertThat(screen.title()).containsText("Lets go after");
            page.getByText("Into the cold now").click();
            assertThat(screen.title()).containsText("Another");
            page.getByText("Out of the cold").click();
            assertThat(screen.title()).containsText("Lets go after");
            field(page, "Was in the cold").fill("31");
            final Locator cavities = page.locator("button.cavity");
            cavities.nth(2).click();
            cavities.nth(4).click();
            cavities.nth(4).click();
            assertThat(page.locator(".answer")).containsText("1 stuck, 1 broken");
            // What was ticked outlives a reload.
            screen.go(house, "/shells/demould");
            assertThat(page.locator(".answer")).containsText("1 stuck, 1 broken");
            assertThat(field(page, "Was in the cold")).hasValue("31");
            field(page, "Remark").fill("by the window");
            page.getByText("Save").click();
            assertThat(page.locator(".answer")).containsText("by the window");
            assertThat(page.locator(".answer")).containsText("From 1 mould.");
            assertThat(page.locator(".answer")).containsText("0 stuck, 0 broken");
            page.getByText("Take back").click();
            assertThat(page.locator(".answer")).containsText("tick the first mould");
            assertThat(screen.faults()).isEmpty();
        }
    }
}
