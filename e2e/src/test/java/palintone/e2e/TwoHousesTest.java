package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The sample workshop and one's own side by side; lists and a whole house out and in. */
class TwoHousesTest {

    @TempDir Path folder;

    /** Left and come back to; what is in one is not in the other until it is brought there. */
    @Test
    void theSampleIsLeftAndComeBackToAndAHouseIsCarriedOver() {
        final House house = House.shared();
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/bench");
            page.locator(".strip .name").click();
            assertThat(page.getByText("You are here.")).isVisible();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go there")).click();
            assertThat(page).hasURL(house.otherUrl("/begin"));
            assertThat(page.getByText("This is your own workshop.")).isVisible();
            page.navigate(house.otherUrl("/pieces"));
            assertThat(screen.title()).hasText("No pieces yet");

            page.navigate(house.otherUrl("/begin"));
            page.getByText("To the sample workshop").click();
            assertThat(page.locator(".strip .sample")).hasText("sample");
            screen.go(house, "/house/exchange");
            final Download whole =
                    page.waitForDownload(() -> page.getByText("Export whole house").click());
            final Path file = folder.resolve("house.zip");
            whole.saveAs(file);

            page.navigate(house.otherUrl("/house/exchange"));
            page.getByLabel("House archive").setInputFiles(file);
            assertThat(page.getByText(Pattern.compile("is here, as it was on"))).isVisible();
            page.navigate(house.otherUrl("/pieces/plum-bay"));
            assertThat(screen.title()).hasText("Plum & bay");
            page.navigate(house.otherUrl("/house/exchange"));
            page.getByLabel("House archive").setInputFiles(file);
            assertThat(page.locator(".trouble")).containsText("allowed: an empty house");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void rowsArePastedLookedAtAndTaken() {
        final House house = House.shared();
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/larder/moulds");
            screen.button("Import").click();
            final Locator rows = page.getByLabel("Or paste rows from a spreadsheet");
            rows.fill(
                    "name\tshape\tlength_mm\tcavities\tcolour of it\nPasted cups\thalf sphere\t26,5\t18\tred");
            screen.button("Preview").click();
            assertThat(page.locator(".import")).containsText("1 new");
            assertThat(page.locator(".unread")).containsText("colour of it");
            page.locator(".import .acts").getByText("Import").click();
            assertThat(page.locator(".import h2")).hasText("Imported");
            screen.button("Close").click();
            screen.go(house, "/larder/moulds/pasted-cups");
            assertThat(page.getByLabel("Diameter")).hasValue("26.5");

            screen.go(house, "/larder/moulds");
            screen.button("Import").click();
            rows.fill("name\towned\nPasted cups\t4");
            screen.button("Preview").click();
            assertThat(page.locator(".changes")).containsText("owned");
            assertThat(page.locator(".changes td b")).hasText("4");
            screen.button("Back").click();
            rows.fill("name\towned\nPasted cups\tmany");
            screen.button("Preview").click();
            assertThat(page.locator(".import .trouble")).containsText("row 2: owned is \"many\"");
            assertThat(rows).hasValue("name\towned\nPasted cups\tmany");
            screen.button("Cancel").click();
            final Download table =
                    page.waitForDownload(
                            () -> {
                                screen.button("Export moulds").click();
                                page.getByText("As a table (CSV)").click();
                            });
            org.assertj.core.api.Assertions.assertThat(table.suggestedFilename())
                    .isEqualTo("moulds.csv");
            screen.go(house, "/larder/moulds");
            page.locator(".v-card")
                    .filter(new Locator.FilterOptions().setHasText("Pasted cups"))
                    .getByText("Archive")
                    .click();
            assertThat(page.getByText("Pasted cups")).hasCount(0);
        }
    }

    /** A colour, a mixture, and a piece that wears and is capped with them. */
    @Test
    void aPieceIsDressedAndCappedWithAnother() {
        final House house = House.shared();
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/larder/colours/new");
            final Locator name =
                    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
            name.fill("night blue");
            screen.button("Water-soluble").click();
            assertThat(page.locator(".trouble")).containsText("beads up on cocoa butter");
            screen.button("Fat-soluble").click();
            assertThat(page.locator("aside")).containsText("Not strained yet");
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Colours");

            screen.go(house, "/larder/couvertures/evening-54");
            assertThat(page.locator("aside")).containsText("worked at, as milk");
            page.getByLabel("Share").first().fill("60");
            assertThat(page.locator(".trouble")).containsText("110.0 % together");
            screen.button("Cancel").click();

            screen.go(house, "/pieces/sesame-dusk");
            screen.button("Copy").click();
            screen.settled();
            screen.button("Add a colour").click();
            page.getByLabel("Colour", new Page.GetByLabelOptions().setExact(true))
                    .last()
                    .fill("night blue");
            page.keyboard().press("Tab");
            assertThat(page.locator("aside .colour")).hasCount(3);
            assertThat(page.locator(".qualities")).containsText("second bowl in temper");
            page.locator(".beside .v-autocomplete").click();
            page.keyboard().insertText("Plum");
            page.getByRole(AriaRole.OPTION).first().click();
            assertThat(page.locator(".beside th").last()).hasText("Plum & bay");
            assertThat(page.locator(".beside tbody tr")).not().hasCount(0);
            screen.button("Save").click();
            assertThat(screen.title()).hasText("Sesame dusk 2");
            assertThat(page.locator(".fetch")).containsText("coloured cocoa butter, night blue");
            assertThat(page.getByText("For the caps:")).isVisible();
            screen.button("Archive").click();
            assertThat(screen.title()).not().hasText("Sesame dusk 2");
            org.assertj.core.api.Assertions.assertThat(screen.faults()).isEmpty();
        }
    }

    /** Layers that were only tried become a piece with one press. */
    @Test
    void triedLayersBecomeAPiece() {
        final House house = House.shared();
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/fillings/layers/sesame-ganache").settled();
            screen.button("Try layers").click();
            assertThat(page.locator(".answer h1")).containsText("goes soft");
            screen.button("Make a piece of these").click();
            assertThat(screen.title()).hasText("New filled piece");
            assertThat(page.locator("fieldset").first()).containsText("Layer 1");
            assertThat(page.getByText("Choose a couverture.")).isVisible();
            screen.button("Cancel").click();
        }
    }
}
