package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What every screen must keep to. */
class LookTest {

    private final House house = House.shared();

    /**
     * By day every screen is looked at in {@link EveryWidthTest}; one of each kind tells the rest.
     */
    @Test
    void axeFindsNothingSeriousInTheEvening() {
        try (Screen screen = Screen.open()) {
            final List<String> found = new ArrayList<>();
            screen.begin(house, "gooseberry-ivory");
            screen.note("19");
            assertThat(screen.page.locator(".advice")).isVisible();
            Axe.serious(screen, "bench", found);
            screen.light("Evening");
            Axe.contrast(screen, "bench", found);
            for (final String path :
                    new String[] {
                        "/temper/plan",
                        "/temper/short",
                        "/shells/thickness",
                        "/shells/cold",
                        "/shells/weigh",
                        "/shells/colour",
                        "/coats/dip",
                        "/coats/sheet",
                        "/rehearsal",
                        "/fillings/recipe/plum-ganache",
                        "/fillings/balance/plum-ganache",
                        "/pieces/sesame-crackle",
                        "/larder",
                        "/daybook",
                    }) {
                screen.turnTo(path).settled();
                Axe.contrast(screen, path, found);
            }
            screen.page.locator("td a").first().click();
            assertThat(screen.page.getByText("As planned to need")).isVisible();
            Axe.contrast(screen, "record", found);
            screen.light("Day");
            Axe.serious(screen, "record", found);
            assertThat(found).isEmpty();
        }
    }

    /** What opens on a screen. */
    @Test
    void axeFindsNothingSeriousInWhatOpens() {
        try (Screen screen = Screen.open()) {
            final List<String> found = new ArrayList<>();
            screen.go(house, "/pieces/plum-bay");
            screen.page.locator("button.figure").first().click();
            assertThat(screen.page.locator(".basis")).isVisible();
            screen.settled();
            Axe.serious(screen, "basis", found);
            screen.page.keyboard().press("Escape");
            screen.turnTo("/fillings/layers/plum-ganache");
            screen.button("Try layers").click();
            assertThat(screen.page.getByText("One more layer")).isVisible();
            Axe.serious(screen, "layers tried", found);
            screen.turnTo("/fillings/mend/plum-ganache");
            screen.button("It has split").click();
            assertThat(screen.page.locator(".cause").first()).isVisible();
            Axe.serious(screen, "mend", found);
            screen.button("Start or paste").click();
            screen.page.getByLabel("Or paste a recipe").fill("100 g moon syrup\n50 g cream");
            screen.button("Read it").click();
            assertThat(screen.page.locator(".doubt").first()).isVisible();
            Axe.serious(screen, "start", found);
            screen.button("Cancel").click();
            assertThat(found).isEmpty();
        }
    }

    @Test
    void aNumberCanBeAskedWhy() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/pieces/plum-bay");
            screen.page.locator("button.figure", hasText("water activity")).click();
            assertThat(screen.page.locator(".basis"))
                    .containsText("Norrish 1966, J. Food Technol. 1, 25–39, from memory");
            assertThat(screen.page.locator(".basis .formula")).containsText("aw = xw·exp");
            assertThat(screen.page.locator(".basis")).containsText("Models differ: 0.");
        }
    }

    @Test
    void numbersFollowTheMakersUnits() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/house");
            unit(screen, "°F").click();
            screen.button("Save").click();
            assertThat(screen.page.getByText("Saved.")).isVisible();
            try {
                assertThat(screen.page.locator(".air")).containsText("68.0\u00a0°F");
                screen.begin(house, "gooseberry-ivory");
                screen.done();
                assertThat(screen.page.locator(".reading .big")).hasText("117.5°F");
                screen.note("117");
                assertThat(screen.page.locator(".reading .big")).hasText("117.0°F");
                assertThat(screen.page.locator(".reading .state")).hasText("in band");
                screen.note("900");
                assertThat(screen.page.locator(".do > .trouble"))
                        .containsText("is 900 °F; allowed: -4 to 248 °F");
            } finally {
                screen.go(house, "/house");
                unit(screen, "°C").click();
                screen.button("Save").click();
                assertThat(screen.page.locator(".air")).containsText("20.0\u00a0°C");
            }
        }
    }

    private static Locator unit(final Screen screen, final String symbol) {
        return screen.page.getByText(symbol, new Page.GetByTextOptions().setExact(true));
    }

    /** Rail, number, main act and what to do stay on screen, with targets for one knuckle. */
    @ParameterizedTest(name = "{0} wide")
    @ValueSource(ints = {1280, 820})
    void theBenchFitsTheScreen(final int width) {
        try (Screen screen = Screen.open(width, width == 1280 ? 800 : 1180)) {
            screen.begin(house, "gooseberry-ivory");
            final Page page = screen.page;
            assertThat((Boolean) page.evaluate("document.body.scrollWidth <= innerWidth")).isTrue();
            for (final String what :
                    new String[] {".big", ".say", ".acts .main", ".typing input"}) {
                assertThat(page.locator(what)).isInViewport();
            }
            for (final String touch : new String[] {".pad button", ".acts .v-btn", ".rail a"}) {
                final BoundingBox box = page.locator(touch).first().boundingBox();
                assertThat(Math.min(box.width, box.height)).as(touch).isGreaterThanOrEqualTo(56);
            }
        }
    }

    @Test
    void aClockThatEndsIsSeenAcrossTheRoom() {
        try (Screen screen = Screen.open()) {
            screen.begin(house, "buckwheat-honey");
            screen.until("Drain");
            assertThat(screen.page.locator(".tray")).containsText("Drain");
            // 20 s are the target of this step
            assertThat(screen.page.locator(".flash"))
                    .hasText(
                            "Buckwheat honey: Drain, time is up",
                            new com.microsoft.playwright.assertions.LocatorAssertions
                                            .HasTextOptions()
                                    .setTimeout(90_000));
            assertThat(screen.page.locator(".clock .left"))
                    .hasText(Pattern.compile("\\+\\d:\\d\\d"));
        }
    }

    private static Page.LocatorOptions hasText(final String text) {
        return new Page.LocatorOptions().setHasText(text);
    }
}
