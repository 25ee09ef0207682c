package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A maker begins empty and stands at the Bench with a first batch of a piece of one's own. */
class OwnHouseTest {

    private static House house;

    @BeforeAll
    static void openEmpty() {
        house = House.empty();
    }

    @AfterAll
    static void close() {
        house.close();
    }

    @ParameterizedTest(name = "{0}x{1}")
    @CsvSource({"820, 1180, Tablet", "360, 740, Phone"})
    void fromNothingToTheBench(final int width, final int height, final String own) {
        try (Screen screen = Screen.open(width, height)) {
            final Page page = screen.page;
            screen.go(house, "/begin").settled();
            takeTheLarder(screen);
            couverture(screen, own + " dark 70");
            mould(screen, own + " cups");
            filling(screen, own + " dark 70", own + " ganache");
            piece(screen, own);
            screen.begins().click();
            assertThat(page).hasURL(Pattern.compile(".*/bench/.*"));
            screen.atStep(1, "Weigh out");
            assertThat(page.locator(".say")).containsText(own + " dark 70");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    /** What was typed outlives a reload, and can be undone. */
    @Test
    void aFormSurvivesAReload() {
        try (Screen screen = Screen.open(1280, 800)) {
            final Page page = screen.page;
            screen.go(house, "/larder/moulds/new");
            name(page).fill("Half written");
            radio(page, "Cone, cut off").click();
            page.getByLabel("Diameter of the floor").fill("12");
            assertThat(page.locator(".weight")).containsText("ml");
            page.reload();
            assertThat(page.getByText("What you typed last time")).isVisible();
            assertThat(name(page)).hasValue("Half written");
            assertThat(page.getByLabel("Diameter of the floor")).hasValue("12");
            page.getByLabel("Diameter of the floor").fill("90");
            assertThat(page.locator(".trouble"))
                    .containsText("diameter of the floor is 90 mm; allowed: 2 to 28 mm");
            screen.button("Undo").click();
            assertThat(page.locator(".trouble")).hasCount(0);
            screen.button("Cancel").click();
            screen.go(house, "/larder/moulds/new");
            assertThat(name(page)).hasValue("");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    /** A point of an outline is moved by keys; crossing lines are refused and nothing is lost. */
    @Test
    void anOutlineIsDrawn() {
        try (Screen screen = Screen.open(1280, 800)) {
            final Page page = screen.page;
            screen.go(house, "/larder/moulds/new");
            name(page).fill("Leaf");
            radio(page, "Flat, own outline").click();
            final Locator points = page.locator("g[role=slider]");
            assertThat(points).hasCount(6);
            final String before = page.locator(".weight").textContent();
            points.first().focus();
            for (int i = 0; i < 8; i++) {
                page.keyboard().press("ArrowLeft");
            }
            assertThat(page.locator(".weight")).not().hasText(before);
            page.getByLabel("Point 1: across").fill("30");
            assertThat(page.locator(".trouble")).containsText("crosses or touches itself");
            page.getByLabel("Point 1: across").fill("-22");
            assertThat(page.locator(".trouble")).hasCount(0);
            screen.button("Add a point").click();
            assertThat(points).hasCount(7);
            screen.button("Save").click();
            assertThat(page.getByText("Leaf")).isVisible();
            screen.button("Archive").last().click();
        }
    }

    /** Two makers change one mould: both states are shown, and picked field by field. */
    @Test
    void twoMakersOnOneMould() {
        try (Screen screen = Screen.open(1280, 800);
                Screen other = Screen.open(1280, 800)) {
            mould(screen, "Shared cups");
            for (final Screen each : new Screen[] {screen, other}) {
                each.go(house, "/larder/moulds/shared-cups");
                assertThat(name(each.page)).hasValue("Shared cups");
            }
            other.page.getByLabel("Moulds owned").fill("7");
            other.button("Save").click();
            assertThat(other.title()).hasText("Moulds");
            screen.page.getByLabel("Its wall").fill("3");
            screen.button("Save").click();
            final Locator two = screen.page.locator(".two[aria-label='Two states']");
            assertThat(two).containsText("Yours: 3.0");
            assertThat(two).containsText("Theirs: 7");
            two.getByText("Theirs: 7").click();
            screen.button("Save these").click();
            assertThat(screen.title()).hasText("Moulds");
            screen.go(house, "/larder/moulds/shared-cups");
            assertThat(screen.page.getByLabel("Moulds owned")).hasValue("7");
            assertThat(screen.page.getByLabel("Its wall")).hasValue("3");
        }
    }

    private static void takeTheLarder(final Screen screen) {
        final Locator take = screen.page.getByText(Pattern.compile("Take over \\d+ common ones"));
        assertThat(
                        screen.page.getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions().setName("The larder")))
                .isVisible();
        // Offers come after the counts: either there is something to take, or it is here.
        assertThat(
                        screen.page
                                .getByText(
                                        Pattern.compile(
                                                "Take over \\d+ common ones|ingredients in the"
                                                        + " larder"))
                                .first())
                .isVisible();
        if (take.count() > 0) {
            take.click();
            assertThat(screen.page.getByRole(AriaRole.STATUS).first())
                    .containsText("taken over from the sample workshop");
        }
    }

    private static void couverture(final Screen screen, final String name) {
        final Page page = screen.page;
        screen.go(house, "/larder/couvertures/new");
        name(page).fill(name);
        page.getByLabel("Cocoa, butter included").fill("70");
        page.getByLabel("Fat", new Page.GetByLabelOptions().setExact(true)).fill("43");
        page.getByLabel("Sugars", new Page.GetByLabelOptions().setExact(true)).fill("90");
        assertThat(page.locator(".trouble")).containsText("sugars is 90 %");
        page.getByLabel("Sugars", new Page.GetByLabelOptions().setExact(true)).fill("28");
        page.getByLabel("Work at").fill("30");
        assertThat(page.locator(".note")).containsText("The bag works at 30.0");
        screen.button("Save").click();
        assertThat(screen.title()).hasText("Couvertures");
    }

    private static void mould(final Screen screen, final String name) {
        final Page page = screen.page;
        screen.go(house, "/larder/moulds/new");
        name(page).fill(name);
        radio(page, "Weighed with water").click();
        page.getByLabel("Water to the brim").fill("8.2");
        assertThat(page.locator(".weight")).containsText("8.2");
        page.getByLabel("Depth").fill("16");
        screen.button("Save").click();
        assertThat(screen.title()).hasText("Moulds");
    }

    private static void filling(final Screen screen, final String couverture, final String name) {
        final Page page = screen.page;
        screen.go(house, "/fillings/recipe?start").settled();
        screen.button("Cream ganache, dark").click();
        // The type names a couverture of this house, the first of its kind.
        assertThat(page.getByLabel("Or paste a recipe")).hasValue(Pattern.compile(" dark 70"));
        final Locator text = page.getByLabel("Or paste a recipe");
        text.fill(text.inputValue().replaceAll("\\w+ dark 70", couverture));
        screen.button("Read it").click();
        assertThat(page.locator(".v-dialog ol")).containsText(couverture);
        name(page).last().fill(name);
        // What the type says, unchanged, needs no second look.
        screen.button("Use this recipe").click();
        screen.button("Save").click();
        screen.button("Save version").click();
        assertThat(page).hasURL(Pattern.compile(".*/fillings/recipe/.+"));
    }

    private static void piece(final Screen screen, final String own) {
        final Page page = screen.page;
        screen.go(house, "/pieces?new");
        name(page).fill(own + " piece");
        choose(page, "Mould", own + " cups");
        choose(page, "Couverture", own + " dark 70");
        choose(page, "Filling", own + " ganache");
        assertThat(page.locator(".weight")).containsText("9.4");
        page.getByLabel("Room for the cap").fill("14");
        assertThat(page.locator(".trouble")).containsText("head room is 14 mm");
        page.getByLabel("Room for the cap").fill("1.8");
        assertThat(page.locator(".trouble")).hasCount(0);
        assertThat(page.locator(".qualities")).containsText("shell and cap of the weight");
        screen.button("Save").click();
        assertThat(screen.title()).hasText(own + " piece");
    }

    private static Locator name(final Page page) {
        return page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator radio(final Page page, final String name) {
        return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name));
    }

    private static void choose(final Page page, final String field, final String what) {
        final Locator box =
                page.locator(".v-autocomplete", new Page.LocatorOptions().setHasText(field))
                        .first();
        box.click();
        page.keyboard().insertText(what);
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(what))
                .first()
                .click();
    }
}
