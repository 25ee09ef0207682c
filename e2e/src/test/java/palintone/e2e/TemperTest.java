package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The station where the day begins, as a maker uses it. */
class TemperTest {

    private final House house = House.shared();

    private static Locator field(final Page page, final String label) {
        return page.getByLabel(label).first();
    }

    private static void choose(final Page page, final String label, final String option) {
        page.locator(".v-select", new Page.LocatorOptions().setHasText(label)).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option)).click();
    }

    @Test
    void aCurveIsPlannedForThisBowlAndAnotherBesideIt() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/temper");
            assertThat(screen.title()).containsText("in temper");
            final Locator ready =
                    screen.page.locator("button.figure", hasText("ready after")).locator(".number");
            final String three = ready.textContent();
            field(screen.page, "Mass to temper").fill("1000");
            assertThat(ready).not().hasText(three);
            choose(screen.page, "Method", "Tabling on the stone");
            assertThat(screen.title()).containsText("tabling on the stone");
            assertThat(screen.page.locator("ol li").nth(1)).containsText("on the stone of");
            choose(screen.page, "Beside it", "Melting kettle");
            assertThat(screen.page.locator(".which button")).hasCount(2);
            screen.page.locator(".which button").nth(1).click();
            assertThat(screen.page.locator("ol")).containsText("Set the kettle to");
            field(screen.page, "Mass to temper").fill("2");
            assertThat(screen.page.locator(".curve > .trouble"))
                    .containsText("mass to temper is 2 g; allowed: 50 to 100000 g");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void theSmallQuestionsAreAskedBothWays() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/temper/plan");
            final Locator ways = screen.page.locator(".ways");
            ways.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Answer"))
                    .click();
            assertThat(ways.locator(".answer")).containsText("heat in all");
            assertThat(ways.locator(".answer")).containsText("each at most");
            choose(screen.page, "Question", "How much seed, into a bowl at …");
            ways.getByLabel("it stands at").fill("34");
            ways.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Answer"))
                    .click();
            assertThat(ways.locator(".trouble, .answer")).not().hasText("");
        }
    }

    /** By what it is heated with, and what is done with a bowl that is hard or came back. */
    @Test
    void otherHeatsAHardBowlAndWhatCameBack() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper");
            assertThat(screen.title()).containsText("in temper");
            choose(page, "Melted", "over hot water");
            field(page, "Hot water").fill("58");
            assertThat(page.locator("ol").first()).containsText("over water of 58");
            field(page, "Hot water").fill("47");
            assertThat(page.locator(".curve > .trouble")).containsText("hot water is 47");
            field(page, "Hot water").fill("58");
            choose(page, "Method", "Cold bath, up at once");
            assertThat(page.locator("button.figure", hasText("hold that is wanted there")))
                    .isVisible();
            field(page, "Cold bath (House rules").fill("26");
            assertThat(page.locator(".curve > .trouble")).containsText("bath temperature is 26");
            screen.button("dull, streaked or soft").click();
            assertThat(page.locator(".hard .say")).containsText("temper it anew");
            screen.go(house, "/temper/short");
            final Locator back = page.locator("section", hasText("What came back"));
            assertThat(back.locator(".say")).containsText("like new");
            screen.button("Something got into it").click();
            back.getByLabel("What got into it").fill("Sesame crisp");
            page.getByRole(AriaRole.OPTION).first().click();
            back.getByLabel("of it, about").fill("30");
            assertThat(back.locator(".caution")).containsText("sesame");
            back.getByLabel("of it, about").fill("900");
            assertThat(back.locator(".trouble")).containsText("what got into it is 900 g");
            assertThat(screen.faults()).isEmpty();
        }
    }

    /** Simulated bowl, sixty times faster than life: cooled, tested, read back. */
    @Test
    void aSimulatedBowlIsFollowedTestedAndReadBack() {
        try (Screen screen = Screen.open();
                Screen second = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/plan");
            screen.button("Begin this bowl").click();
            screen.button("Simulated").click();
            field(page, "times faster than life").fill("40");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Begin").setExact(true))
                    .click();
            assertThat(page.locator(".degrees")).containsText("4");
            second.page.navigate(page.url());
            assertThat(second.page.locator(".degrees")).containsText("4");
            assertThat(page.locator(".move")).not().hasText("");

            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Cold bath").setExact(true))
                    .click();
            page.locator(".acts input").fill("500");
            screen.noteIt().click();
            // Both screens see it fall, by the probe and not by what was noted.
            assertThat(page.locator(".degrees")).hasText(Pattern.compile("^\\s*(3\\d|2\\d)\\..*"));
            assertThat(second.page.locator(".degrees"))
                    .hasText(Pattern.compile("^\\s*(3\\d|2\\d)\\..*"));

            page.keyboard().press("p");
            screen.button("Smeared now").click();
            screen.button("It has set").click();
            assertThat(page.locator(".revised")).containsText("seed revised from");

            screen.button("Bowl is done with").click();
            assertThat(page.locator(".read table")).containsText("every crystal melted out");
            assertThat(screen.title()).containsText("House dark 66:");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void typedReadingsAreAnsweredWithTheNextMove() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/plan");
            screen.button("Begin this bowl").click();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Begin").setExact(true))
                    .click();
            assertThat(page.getByText("Stir, read in the middle, and note")).isVisible();
            page.keyboard().press("t");
            page.locator(".acts input").fill("57");
            page.locator(".acts input").press("Enter");
            assertThat(page.locator(".alarm.grave")).containsText("scorches");
            assertThat(page.locator(".move")).containsText("Off the heat");
            page.keyboard().press("t");
            page.locator(".acts input").fill("hot");
            page.locator(".acts input").press("Enter");
            assertThat(page.locator(".acts .trouble")).containsText("“hot” is not a number");
            page.locator(".acts input").fill("500");
            page.locator(".acts input").press("Enter");
            assertThat(page.locator(".next > .trouble"))
                    .containsText("temperature is 500 °C; allowed: -15 to 130 °C");
            page.reload();
            assertThat(page.locator(".degrees")).containsText("57.0");
            screen.button("Bowl is done with").click();
        }
    }

    @Test
    void aLoggersFileIsReadBackAndExported() throws IOException {
        final StringBuilder text = new StringBuilder("Zeit;Kanal 1\n");
        for (int i = 0; i < 160; i++) {
            text.append(
                    String.format(
                            Locale.GERMANY,
                            "20.11.2026 10:%02d:%02d;%.1f%n",
                            i / 6,
                            i % 6 * 10,
                            Math.max(31.6, 47 - i * 0.15)));
        }
        final Path file = Files.createTempFile("palintone", ".csv");
        Files.writeString(file, text, StandardCharsets.UTF_8);
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/back");
            assertThat(page.locator(".row")).not().hasCount(0);
            screen.button("Import a trace").click();
            page.locator("input[type=file]").setInputFiles(file);
            assertThat(page.locator(".bring")).containsText("160 readings over 27 min");
            assertThat(page.locator(".bring")).containsText("decimal comma");
            field(page, "Name").fill("Never cold");
            screen.button("Keep and read it back").click();
            assertThat(screen.title()).containsText("Never cold: no temper");
            assertThat(page.locator(".changes")).containsText("or stir in seed");
            assertThat(page.locator("tr.broken").first()).containsText("crystals given a start");
            page.locator(".row", hasText("Monday cold bath"))
                    .locator("button[aria-pressed]")
                    .click();
            assertThat(page.locator(".row button[aria-pressed=true]")).hasCount(1);
            for (final String kind :
                    new String[] {"Picture, SVG", "Picture, PNG", "CSV", "SenML"}) {
                final Download download =
                        page.waitForDownload(
                                () -> page.locator(".out .v-btn", hasText(kind)).first().click());
                assertThat(Files.size(download.path())).as(kind).isGreaterThan(1000);
            }
            assertThat(screen.faults()).isEmpty();
        } finally {
            Files.delete(file);
        }
    }

    @Test
    void aRehearsalIsPlayedScoredAndSurvivesAReload() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/rehearsal");
            page.getByText("A bowl still warm").click();
            screen.button("Stir and read").click();
            assertThat(page.locator(".what dl")).containsText(Pattern.compile("3[67]\\.\\d"));
            page.locator(".choice", hasText("Cold bath")).getByRole(AriaRole.BUTTON).last().click();
            assertThat(page.locator("ol")).containsText("cold bath 3:00");
            page.reload();
            assertThat(page.locator("ol")).containsText("cold bath 3:00");
            assertThat(page.getByText("of 100")).isHidden();
            page.getByText("It is in temper: begin to work").click();
            assertThat(page.locator(".points").first()).containsText("of 100");
            assertThat(page.locator("table.rows tr")).hasCount(5);
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void whatHasGoneWrongHasAnAnswer() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/short");
            assertThat(page.locator(".paths")).containsText("coloured cocoa butter to melt");
            field(page, "of that").fill("200");
            assertThat(page.locator(".paths")).containsText("it will stay soft and bloom");
            screen.button("water in the bowl").click();
            assertThat(page.locator("section.wide", hasText("Gone wrong")))
                    .containsText("use it as sauce, mousse or ganache");
        }
    }

    private static Page.LocatorOptions hasText(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }
}
