package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two couvertures, two fillings, two flavours in one piece; what goes in by taste; two cuts. */
class TwoInOneTest {

    private final House house = House.shared();

    private static void number(final Page page, final String label, final String value) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().fill(value);
    }

    private static void choose(final Page page, final String label, final String what) {
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label))
                .last()
                .fill(what);
        page.getByRole(AriaRole.OPTION).first().click();
    }

    private static void select(final Page page, final String label, final String option) {
        page.locator(".v-select", new Page.LocatorOptions().setHasText(label)).first().click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(option))
                .first()
                .click();
    }

    /** White outside, dark within, on a base of the white: two bowls, the coat's own minutes. */
    @Test
    void aFigureHasAnOuterCoatAndABaseOfAnotherCouverture() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.url("/pieces/heron"));
            page.getByText("Copy").click();
            number(page, "Name", "Pale heron");
            number(page, "Wall", "4");
            choose(page, "Another couverture outside or below", "House ivory 33");
            number(page, "Outer coat", "3.9");
            assertThat(page.locator("main")).containsText("outer coat is 3.9 mm");
            number(page, "Outer coat", "1.4");
            page.getByLabel("Base of it").check();
            assertThat(page.locator("main")).containsText("brushed into the mould");
            assertThat(page.locator("svg.front").last()).containsText("outside, House ivory 33");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Pale heron");
            assertThat(page.locator("main")).containsText("For the second couverture");
            screen.begins().click();
            screen.atStep(1, "Mould ready");
            assertThat(screen.led())
                    .containsSubsequence(
                            "Test",
                            "Second bowl",
                            "Outer coat",
                            "Cast",
                            "Wait",
                            "Drain",
                            "Scrape",
                            "Demould",
                            "Weigh");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** A crisp heart in a ganache, two halves without caps, led to the scale. */
    @Test
    void aHeartInHalvesWithoutCapsIsLedToTheEnd() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.url("/pieces/plum-bay"));
            page.getByText("Copy").click();
            number(page, "Name", "Plum heart");
            select(page, "Halves", "a seam of chocolate");
            page.getByLabel("Joined as they are filled, without caps").check();
            choose(page, "Another filling piped into its middle", "Sesame crisp");
            assertThat(page.locator("main")).containsText("The filling inside wants its grams.");
            number(page, "Of it in each", "90");
            assertThat(page.locator("main")).containsText("what is set into Plum ganache");
            number(page, "Of it in each", "1");
            assertThat(page.locator("svg.section").last()).containsText("sesame crisp");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Plum heart");
            assertThat(page.locator(".fetch .caution").last()).containsText("sesame");
            page.getByText("It stands ready").click();
            screen.begins().click();
            final List<String> steps = screen.led();
            assertThat(steps)
                    .containsSubsequence(
                            "Fill",
                            "Pipe inside",
                            "Level",
                            "Chill",
                            "Demould",
                            "Join",
                            "Set",
                            "Weigh")
                    .doesNotContain("Cap");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** One ganache, half of it with coffee: one pot, parted while it is warm. */
    @Test
    void oneBaseIsPartedIntoTwoFlavours() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.put(
                    house,
                    "/api/pieces/two-flavours",
                    "{\"kind\":\"MOULDED\",\"name\":\"Two flavours\",\"story\":\"Ours\","
                            + "\"mould\":\"tall-dome\",\"couverture\":\"dark-66\",\"shellMm\":1.6,"
                            + "\"headRoomMm\":1.8,\"layers\":[{\"filling\":\"sesame-ganache\","
                            + "\"share\":0.5},{\"filling\":\"sesame-ganache\",\"share\":0.5}]}");
            page.navigate(house.url("/pieces/two-flavours"));
            page.getByText("Change it").click();
            screen.button("Add a flavour").click();
            choose(page, "Stirred into this part of the base", "Espresso");
            number(page, "To 100 g of it", "8");
            screen.button("Save").click();
            assertThat(page.locator("main")).containsText("with Espresso");
            screen.begins().click();
            final List<String> steps = screen.led();
            assertThat(steps.stream().filter("Part the base"::equals)).hasSize(2);
            assertThat(steps).containsSubsequence("Part the base", "Fill", "Fill", "Cap", "Weigh");
        }
    }

    /** Half first, noted, and the recipe by it. */
    @Test
    void whatGoesInByTasteIsLearntByTheRecipe() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.put(
                    house,
                    "/api/fillings/vanilla-cream",
                    "{\"name\":\"Vanilla cream\",\"operations\":[{\"kind\":\"BOIL\",\"lines\":["
                            + "{\"ingredient\":\"cream-35\",\"amount\":200,\"unit\":\"g\"}]},"
                            + "{\"kind\":\"POUR\",\"lines\":[{\"ingredient\":\"dark-66\","
                            + "\"amount\":296,\"unit\":\"g\"}]},{\"kind\":\"ADD\",\"lines\":["
                            + "{\"ingredient\":\"vanilla-extract\",\"amount\":4,\"unit\":\"g\"}]}]}");
            screen.put(
                    house,
                    "/api/pieces/vanilla-dome",
                    "{\"kind\":\"MOULDED\",\"name\":\"Vanilla dome\",\"story\":\"Ours\","
                            + "\"mould\":\"tall-dome\",\"couverture\":\"dark-66\",\"shellMm\":1.6,"
                            + "\"headRoomMm\":1.8,\"layers\":[{\"filling\":\"vanilla-cream\"}]}");
            page.navigate(house.url("/pieces/vanilla-dome"));
            screen.begins().click();
            screen.until("To taste");
            assertThat(page.locator(".say")).containsText("half of what is written");
            final double wholeG =
                    2
                            * Double.parseDouble(
                                    page.locator(".say")
                                            .textContent()
                                            .replaceAll("(?s).*?([0-9.]+).*", "$1"));
            screen.note(String.valueOf(Math.round(wholeG * 60) / 100.0));
            screen.done();
            page.navigate(house.url("/fillings/versions/vanilla-cream"));
            final Locator doses = page.getByLabel("Tasted at the bench");
            assertThat(doses).containsText("1 batch was tasted");
            doses.getByText("Use it").click();
            assertThat(page.locator(".state")).containsText("changed");
            page.navigate(house.url("/fillings/recipe/vanilla-cream"));
        }
    }

    /** Yolks by three acts, and a log cut by length, each to the scale. */
    @Test
    void yolksAndLogsAreLedToTheEnd() {
        try (Screen screen = Screen.open()) {
            screen.put(
                    house,
                    "/api/pieces/custard-log",
                    "{\"kind\":\"DIPPED\",\"name\":\"Custard log\",\"story\":\"Ours\","
                            + "\"couverture\":\"dark-66\",\"coatMm\":1.2,\"centre\":{\"filling\":"
                            + "\"quince-custard\",\"shape\":\"LOG\",\"lengthMm\":30,\"widthMm\":14,"
                            + "\"forming\":\"ROPED\"}}");
            screen.page.navigate(house.url("/pieces/custard-log"));
            screen.begins().click();
            assertThat(screen.led())
                    .containsSubsequence(
                            "Whisk the yolks", "Warm the yolks", "Cut", "Dip", "Weigh");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** Rounds as many as are wanted, strips out of the rest; too many rounds are named. */
    @Test
    void stripsAreCutBesideRounds() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.url("/coats/sheet"));
            select(page, "Couverture or coating", "House dark 66");
            select(page, "Cut into", "strips beside them");
            number(page, "Rounds wanted", "20");
            assertThat(page.locator("main")).containsText("20 rounds of");
            assertThat(page.locator("main")).containsText("strips of");
            number(page, "Rounds wanted", "999");
            assertThat(page.locator("main")).containsText("rounds wanted is 999");
        }
    }

    /** What this house tasted and liked stands before what is only practice. */
    @Test
    void whatGoesWithPlumIsAskedInTheLarder() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.url("/larder/ingredients/plum-puree"));
            final Locator pairs = screen.page.getByLabel("What goes with it");
            assertThat(pairs).containsText("Bay leaf");
            assertThat(pairs).containsText("liked here");
            assertThat(pairs).containsText("by practice");
            assertThat(screen.faults()).isEmpty();
        }
    }
}
