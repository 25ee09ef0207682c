package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Phone, tablet and desk, every text a third longer than it is: WCAG 1.4.10, nothing lies beyond
 * the edge, and the bench is usable.
 */
class EveryWidthTest {

    static final List<String> PLACES =
            List.of(
                    "/bench",
                    "/temper/plan",
                    "/temper/bowls",
                    "/temper/back",
                    "/temper/short",
                    "/fillings/recipe/plum-ganache",
                    "/fillings/balance/plum-ganache",
                    "/fillings/sugar/barley-caramel",
                    "/fillings/cool/plum-ganache",
                    "/fillings/mend/plum-ganache",
                    "/fillings/layers/plum-ganache",
                    "/fillings/size/plum-ganache",
                    "/fillings/versions/plum-ganache",
                    "/shells/thickness",
                    "/shells/cold",
                    "/shells/fill",
                    "/coats/dip",
                    "/coats/enrobe",
                    "/coats/slab",
                    "/coats/pipe",
                    "/coats/sheet",
                    "/coats/line",
                    "/coats/weigh",
                    "/shells/weigh",
                    "/shells/colour",
                    "/shells/drain",
                    "/shells/coats",
                    "/shells/demould",
                    "/pieces/plum-bay",
                    "/pieces/sesame-crackle",
                    "/pieces/caraway-truffle",
                    "/pieces/caraway-pebble",
                    "/pieces/heron",
                    "/pieces/rye-bark",
                    "/daybook",
                    "/larder",
                    "/larder/ingredients/new",
                    "/larder/ingredients/butter",
                    "/larder/couvertures",
                    "/larder/couvertures/milk-41",
                    "/begin",
                    "/pieces?new",
                    "/pieces?new=DIPPED",
                    "/pieces?new=HOLLOW",
                    "/pieces?new=SHEET",
                    "/larder/moulds",
                    "/larder/moulds/new",
                    "/larder/moulds/bar-21",
                    "/larder/colours",
                    "/larder/colours/copper",
                    "/larder/couvertures/evening-54",
                    "/house/exchange",
                    "/rehearsal",
                    "/week",
                    "/week/orders",
                    "/week/people",
                    "/house",
                    "/nowhere");

    private final House house = House.shared();

    private static final int[][] SIZES = {{360, 740}, {820, 1180}, {1280, 800}};

    /**
     * Each screen is opened once, turned from phone to tablet to desk, and looked at for what keeps
     * somebody from it.
     */
    @Test
    void everyScreenFitsItsTextsAThirdLongerAndIsThereForEverybody() {
        try (Screen screen = Screen.speaking("en-XA", SIZES[0][0], SIZES[0][1])) {
            final List<String> beyond = new ArrayList<>();
            final List<String> small = new ArrayList<>();
            final List<String> closed = new ArrayList<>();
            final Map<String, List<String>> hardWired = new TreeMap<>();
            screen.go(house, "/bench").settled();
            for (final String place : PLACES) {
                screen.page.setViewportSize(SIZES[0][0], SIZES[0][1]);
                screen.turnTo(place).settled();
                for (final int[] size : SIZES) {
                    screen.sized(size[0], size[1]);
                    final String at = place + " at " + size[0];
                    fits(screen.page, at, beyond, small);
                    final List<String> found = screen.hardWired();
                    if (!found.isEmpty()) {
                        hardWired.put(at, found);
                    }
                }
                Axe.serious(screen, place, closed);
            }
            assertThat(beyond).isEmpty();
            assertThat(small).as("no letter below 12 px").isEmpty();
            assertThat(closed).isEmpty();
            assertThat(hardWired).as("texts that were not looked up").isEmpty();
            assertThat(screen.page.locator("html")).hasAttribute("lang", "en-XA");
            screen.turnTo("/house");
            assertThat(screen.page.locator("body")).containsText("20,0");
            assertThat(screen.faults()).isEmpty();
        }
    }

    private static void fits(
            final Page page, final String at, final List<String> beyond, final List<String> small) {
        final Object over =
                page.evaluate(
                        // A tool that scrolls by itself would hide it from the page.
                        "() => Math.max(document.documentElement.scrollWidth - innerWidth,"
                                + " ...[...document.querySelectorAll('#main, .tool')]"
                                + ".map(e => e.scrollWidth - e.clientWidth))");
        if (((Number) over).intValue() > 0) {
            beyond.add(at + " by " + over);
        }
        final Object tiny = page.evaluate(SMALLEST);
        if (((Number) tiny).doubleValue() < 12) {
            small.add(at + ": " + tiny + " px");
        }
        if (page.evaluate(CUT) instanceof List<?> cut && !cut.isEmpty()) {
            beyond.add(at + " cuts " + cut);
        }
    }

    /** Buttons and headings whose words do not fit into them. */
    private static final String CUT =
            "() => [...document.querySelectorAll('button, .v-btn, h1, h2, h3')].filter(e =>"
                    + " e.clientWidth > 0 && e.innerText?.trim()"
                    + " && e.scrollWidth > e.clientWidth + 1).map(e => e.innerText.trim())";

    /** The smallest letters that are shown, drawings included, px; upright words are turned. */
    private static final String SMALLEST =
            "() => { let least = 99; const walk = document.createTreeWalker(document.body,"
                    + " NodeFilter.SHOW_TEXT); while (walk.nextNode()) { const e ="
                    + " walk.currentNode.parentElement; if (!walk.currentNode.textContent.trim() ||"
                    + " !e.getClientRects().length || !e.getBoundingClientRect().width || e.closest('.v-overlay')) continue; let px ="
                    + " parseFloat(getComputedStyle(e).fontSize); if (e.ownerSVGElement) px *="
                    + " Math.hypot(e.getScreenCTM()?.a ?? 1, e.getScreenCTM()?.b ?? 0); least = Math.min(least, px) } return"
                    + " Math.round(least * 10) / 10 }";

    /** A batch is begun, read and led on a phone, its main act under the thumb. */
    @Test
    void theBenchIsUsedWithOneThumb() {
        try (Screen screen = Screen.open(360, 740)) {
            final Page page = screen.page;
            page.navigate(house.networkUrl("/pieces/gooseberry-ivory"));
            screen.button("It stands ready").click();
            screen.begins().click();
            screen.atStep(1, "Mould ready");
            final BoundingBox done = page.locator(".acts .main").boundingBox();
            final BoundingBox rail = page.locator(".rail").boundingBox();
            assertThat(done.y).as("in the lower half").isGreaterThan(370);
            assertThat(done.y + done.height).as("above the rail").isLessThanOrEqualTo(rail.y + 1);
            assertThat(done.x + done.width).isLessThanOrEqualTo(360);
            assertThat(rail.y + rail.height).isLessThanOrEqualTo(741);
            for (final String touch : new String[] {".acts .v-btn", ".rail a", ".pad button"}) {
                final BoundingBox box = page.locator(touch).first().boundingBox();
                assertThat(box.height).as(touch).isGreaterThanOrEqualTo(56);
            }
            assertThat(page.locator(".say")).isInViewport();
            screen.note("23.5");
            assertThat(page.locator(".reading .state")).hasText("in band");
            screen.done();
            screen.atStep(2, "Melt");
            page.locator(".rail a").nth(7).click();
            assertThat(screen.title()).hasText("Daybook");
            assertThat(screen.faults()).isEmpty();
        }
    }

    @Test
    void aRecipeIsReadAndItsLifeSeenOnAPhone() {
        try (Screen screen = Screen.open(360, 740)) {
            screen.go(house, "/fillings/recipe/plum-ganache").settled();
            assertThat(screen.page.getByText("to be kept cold")).isVisible();
            screen.page.getByText("Start or paste").click();
            screen.page
                    .getByLabel("Or paste a recipe")
                    .fill("200 g cream\n60 g egg yolk\nTemper the yolks.\nServe with pride.");
            screen.button("Read it").click();
            assertThat(screen.page.locator(".asked")).containsText("The text does not say it");
            assertThat(screen.page.locator(".unused")).containsText("Serve with pride");
            assertThat(
                            screen.page.getByRole(
                                    com.microsoft.playwright.options.AriaRole.BUTTON,
                                    new Page.GetByRoleOptions()
                                            .setName(
                                                    java.util.regex.Pattern.compile(
                                                            "^Use (this recipe|without)"))))
                    .isDisabled();
        }
    }

    /** What was asked for comes into sight; nobody looks for an answer below the fold. */
    @Test
    void anAnswerIsSeenOnAPhoneWhereItStandsBelowTheQuestion() {
        try (Screen screen = Screen.open(360, 740)) {
            screen.go(house, "/fillings/balance/plum-ganache").settled();
            screen.button("Less sweet").click();
            assertThat(screen.page.locator(".answer h1")).isInViewport();
        }
    }
}
