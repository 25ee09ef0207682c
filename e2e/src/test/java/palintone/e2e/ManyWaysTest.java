package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pieces of two couvertures, and batches in turns, led from their sheet to Weigh back. */
class ManyWaysTest {

    private final House house = House.shared();

    @Test
    void aTruffleIsDippedInASecondCouverture() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.url("/pieces/caraway-half-moon"));
            assertThat(screen.title()).hasText("Caraway half-moon");
            assertThat(
                            screen.page.locator(
                                    "svg.section",
                                    new Page.LocatorOptions()
                                            .setHasText("second coat of House dark 66")))
                    .isVisible();
            assertThat(screen.page.getByText("For the second couverture")).isVisible();
            screen.begins().click();
            screen.atStep(1, "Weigh out");
            assertThat(screen.led())
                    .containsSubsequence(
                            "Dip", "Set", "Second bowl", "Second couverture", "Set", "Weigh");
        }
    }

    /** Written by hand: which end, how much of its height, how thick; a bad number is named. */
    @Test
    void aSecondDipIsWrittenOnTheForm() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.url("/pieces/caraway-half-moon"));
            screen.page.getByText("Change it").click();
            final Locator thick =
                    screen.page.getByLabel(
                            "Second coat", new Page.GetByLabelOptions().setExact(true));
            thick.fill("9");
            assertThat(screen.page.locator("main")).containsText("second coat is 9 mm");
            thick.fill("0.8");
            assertThat(screen.page.locator("svg.section").last()).containsText("0.8 mm");
        }
    }

    @Test
    void moreMouldsThanThereAreAreCastInTurns() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.url("/pieces/heron"));
            assertThat(screen.title()).hasText("Heron");
            final Locator many = screen.page.locator(".row input").first();
            many.fill("5");
            assertThat(screen.page.getByText("cast in 2 turns, one after the other")).isVisible();
            assertThat(screen.page.getByText("In the bowl for each of 2 turns")).isVisible();
            screen.begins().click();
            screen.atStep(1, "Mould ready");
            assertThat(screen.page.locator("main")).containsText("turn 1 of 2");
            final List<String> done = screen.led();
            assertThat(done)
                    .containsSubsequence(
                            "Cast",
                            "Demould",
                            "Top up the bowl",
                            "Mould ready",
                            "Cast",
                            "Demould",
                            "Weigh");
            assertThat(done.stream().filter("Weigh"::equals)).hasSize(1);
        }
    }

    /** Out of stock, in order after the powder, and no larger than the piece. */
    @Test
    void aPlateOfASheetIsLaidOnASlabPiece() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.put(
                    house,
                    "/api/pieces/rye-leaf",
                    "{\"kind\":\"SHEET\",\"name\":\"Rye leaf\",\"story\":\"Thin\","
                            + "\"couverture\":\"milk-41\",\"thickMm\":1,\"lengthMm\":300,"
                            + "\"widthMm\":200,\"plateLengthMm\":20,\"plateWidthMm\":15}");
            page.navigate(house.url("/pieces/fig-leaf-square"));
            page.getByText("Copy").click();
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Fig leaf");
            final Locator plate =
                    page.getByRole(
                            AriaRole.COMBOBOX,
                            new Page.GetByRoleOptions().setName("Decoration plate laid on it"));
            plate.fill("Rye bark");
            page.getByRole(AriaRole.OPTION).first().click();
            assertThat(page.locator("main")).containsText("plate laid on it is 60.0 × 40.0 mm");
            plate.fill("Rye leaf");
            page.getByRole(AriaRole.OPTION).first().click();
            assertThat(page.locator("svg.section").last()).containsText("rye leaf");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Fig leaf");
            screen.begins().click();
            screen.atStep(1, "Weigh out");
            assertThat(screen.led())
                    .containsSubsequence("Centres ready", "Lay ready", "Dip", "Set", "Weigh");
        }
    }

    /**
     * A nut whole in the middle: offered by what one weighs, drawn, fetched, pressed in before it
     * sets.
     */
    @Test
    void aHazelnutIsSetIntoATruffle() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            page.navigate(house.url("/pieces/caraway-truffle"));
            page.getByText("Copy").click();
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("With a nut");
            screen.button("Add what is on it").click();
            final Locator line = page.locator(".line.placed").last();
            line.getByLabel("What", new Locator.GetByLabelOptions().setExact(true))
                    .fill("Hazelnuts, roasted");
            page.getByRole(AriaRole.OPTION).first().click();
            line.locator(".v-select").last().click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("in its middle"))
                    .click();
            line.getByText("One weighs about").click();
            assertThat(line).containsText("About 1 of");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("With a nut");
            assertThat(page.locator("main")).containsText("hazelnuts");
            screen.begins().click();
            screen.atStep(1, "Weigh out");
            assertThat(screen.led()).containsSubsequence("Set in", "Dip", "Weigh");
        }
    }
}
