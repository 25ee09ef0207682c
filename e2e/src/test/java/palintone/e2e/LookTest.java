package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
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

    private static final List<String> WCAG_22_AA =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private final House house = House.shared();

    @Test
    void axeFindsNothingSeriousByDayOrInTheEvening() {
        try (Screen screen = Screen.open()) {
            final List<String> found = new ArrayList<>();
            screen.begin(house, "gooseberry-ivory");
            screen.note("19");
            assertThat(screen.page.locator(".advice")).isVisible();
            bothLights(screen, "bench", found);
            for (final String path :
                    new String[] {
                        "/pieces/sesame-crackle",
                        "/pieces/buckwheat-tablet",
                        "/daybook",
                        "/larder",
                        "/larder/couvertures",
                        "/larder/couvertures/milk-41",
                        "/larder/moulds",
                        "/larder/moulds/bar-21",
                        "/larder/colours",
                        "/larder/colours/copper",
                        "/larder/couvertures/evening-54",
                        "/house/exchange",
                        "/begin",
                        "/pieces?new",
                        "/pieces/heron",
                        "/pieces?new=DIPPED",
                        "/pieces?new=SHEET",
                        "/house"
                    }) {
                screen.go(house, path);
                screen.settled();
                check(screen, path, found);
            }
            for (final String path :
                    new String[] {
                        "/temper/plan",
                        "/temper/back",
                        "/temper/short",
                        "/shells/thickness",
                        "/shells/cold",
                        "/shells/weigh",
                        "/shells/colour",
                        "/shells/drain",
                        "/shells/coats",
                        "/shells/demould",
                        "/coats/dip",
                        "/coats/sheet",
                        "/coats/weigh",
                        "/rehearsal",
                        "/fillings/recipe/plum-ganache",
                        "/fillings/balance/plum-ganache"
                    }) {
                screen.go(house, path);
                screen.settled();
                bothLights(screen, path, found);
            }
            screen.go(house, "/daybook");
            screen.page.locator("td a").first().click();
            assertThat(screen.page.getByText("As planned to need")).isVisible();
            bothLights(screen, "record", found);
            screen.go(house, "/pieces/plum-bay");
            screen.page.locator("button.figure").first().click();
            assertThat(screen.page.locator(".basis")).isVisible();
            screen.settled();
            check(screen, "basis", found);
            assertThat(found).isEmpty();
        }
    }

    /** The tools of fillings; they are made of the same parts, so one theme tells. */
    @Test
    void axeFindsNothingSeriousInTheToolsOfFillings() {
        try (Screen screen = Screen.open()) {
            final List<String> found = new ArrayList<>();
            for (final String tool :
                    new String[] {
                        "sugar/barley-caramel",
                        "cool/plum-ganache",
                        "size/plum-ganache",
                        "versions/buckwheat-honey-ganache"
                    }) {
                screen.go(house, "/fillings/" + tool);
                assertThat(screen.page.locator(".answer").first()).isVisible();
                screen.settled();
                check(screen, tool, found);
            }
            screen.go(house, "/fillings/layers/plum-ganache");
            screen.button("Try layers").click();
            assertThat(screen.page.getByText("One more layer")).isVisible();
            check(screen, "layers tried", found);
            screen.go(house, "/fillings/mend/plum-ganache");
            screen.button("It has split").click();
            assertThat(screen.page.locator(".cause").first()).isVisible();
            check(screen, "mend", found);
            screen.button("Start or paste").click();
            screen.page.getByLabel("Or paste a recipe").fill("100 g moon syrup\n50 g cream");
            screen.button("Read it").click();
            assertThat(screen.page.locator(".doubt").first()).isVisible();
            check(screen, "start", found);
            screen.button("Cancel").click();
            assertThat(found).isEmpty();
        }
    }

    /** Everything by day; in the evening only the colours are others. */
    private static void bothLights(
            final Screen screen, final String where, final List<String> found) {
        check(screen, where, found);
        screen.light("Evening");
        report(axe(screen).withRules(List.of("color-contrast")), where + " in the evening", found);
        screen.light("Day");
    }

    private static void check(final Screen screen, final String where, final List<String> found) {
        report(axe(screen).withTags(WCAG_22_AA), where, found);
    }

    private static AxeBuilder axe(final Screen screen) {
        final AxeRunOptions violations = new AxeRunOptions();
        violations.setResultTypes(List.of("violations"));
        // One document, no frames: nothing has to be put together.
        return new AxeBuilder(screen.page).options(violations).setLegacyMode(true);
    }

    private static void report(final AxeBuilder axe, final String where, final List<String> found) {
        for (final Rule rule : axe.analyze().getViolations()) {
            if (List.of("serious", "critical").contains(rule.getImpact())) {
                found.add(where + ": " + rule.getId() + " " + rule.getNodes().get(0).getHtml());
            }
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
