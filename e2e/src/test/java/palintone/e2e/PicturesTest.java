package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Takes the pictures of the README from the sample workshop. Not part of the tests: {@code mvn -pl
 * e2e test -Dtest=PicturesTest -De2e.left.out=}. Look at each before it is committed.
 */
@Tag("pictures")
class PicturesTest {

    private static final Path INTO =
            Path.of("..", "docs", "screenshots").toAbsolutePath().normalize();

    /** What needs no more than to be opened. */
    private static final Map<String, String> PLAIN =
            new TreeMap<>(
                    Map.ofEntries(
                            Map.entry("temper-plan", "/temper/plan"),
                            Map.entry("fillings-recipe", "/fillings/recipe/quince-custard"),
                            Map.entry("pieces", "/pieces/sesame-dusk"),
                            Map.entry("piece-writing", "/pieces/plum-bay?edit"),
                            Map.entry("piece-sheet", "/pieces/rye-bark"),
                            Map.entry("fillings-sugar", "/fillings/sugar"),
                            Map.entry("piece-figure", "/pieces/heron")));

    private final House house = House.shared();

    private static void take(final Screen screen, final String name) {
        screen.settled();
        screen.page.screenshot(new Page.ScreenshotOptions().setPath(INTO.resolve(name + ".png")));
    }

    @Test
    void whatIsOnlyOpened() {
        PLAIN.forEach(
                (name, path) -> {
                    try (Screen screen = Screen.open()) {
                        screen.go(house, path);
                        if (path.equals("/fillings/sugar")) {
                            screen.button("Another pan").click();
                            screen.page.locator("table.rows").last().scrollIntoViewIfNeeded();
                            assertThat(screen.page.getByText("amber").first()).isVisible();
                        } else if (path.startsWith("/fillings/")) {
                            assertThat(screen.page.locator(".right .stands")).isVisible();
                        }
                        if (path.startsWith("/pieces/")) {
                            // The first list of pieces cooks every filling in it.
                            assertThat(screen.page.getByText("To fetch from the larder"))
                                    .isVisible();
                        }
                        if (path.endsWith("?edit")) {
                            screen.button("Change it").click();
                            assertThat(screen.page.locator("aside"))
                                    .containsText("shell and cap of the weight");
                        }
                        take(screen, name);
                    }
                });
    }

    @Test
    void week() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/week");
            screen.page.locator("[data-main]").click();
            assertThat(screen.page.locator(".lane").first()).isVisible();
            // The best of it takes its time; what is found by then is as good a picture.
            if (screen.button("Enough").isVisible()) {
                screen.button("Enough").click();
            }
            assertThat(screen.button("Plan again")).isVisible();
            take(screen, "week");
        }
    }

    @Test
    void theOwnHouseIsEmpty() {
        try (Screen screen = Screen.open()) {
            screen.page.navigate(house.otherUrl("/begin"));
            take(screen, "begin");
        }
    }

    @Test
    void coats() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/coats/dip");
            assertThat(screen.page.locator(".answer .figures")).isVisible();
            screen.settled();
            take(screen, "coats-dip");
        }
    }

    /** Of the half sphere the season's weighings are about. */
    @Test
    void shells() {
        for (final String tab : new String[] {"colour", "thickness"}) {
            try (Screen screen = Screen.open()) {
                screen.page.addInitScript(
                        "localStorage.setItem('palintone.shells.order', JSON.stringify({couverture:"
                                + " 'dark-66', mould: 'half-28', asked: 'MEAN', meanMm: 1.8, waitS:"
                                + " 60, stablePercent: 1, mouldC: 23, vibration: 'TAPPED', drainS:"
                                + " 20, rockedDegrees: 0}));"
                                + "localStorage.setItem('palintone.shells.colours',"
                                + " JSON.stringify({moulds: 4, stablePercent: 1, coats: [{name:"
                                + " 'copper', filmMm: .04, how: 'SPLASHED'}, {name: 'plum', filmMm:"
                                + " .05, how: 'FINGER'}, {name: 'frost white', filmMm: .05, how:"
                                + " 'SPRAYED'}]}))");
                screen.go(house, "/shells/" + tab);
                assertThat(screen.page.locator(".answer h1")).isVisible();
                take(screen, "shells-" + tab);
            }
        }
    }

    @Test
    void aTextRead() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/fillings?start=1");
            screen.page
                    .getByLabel("Or paste a recipe: text or a table")
                    .fill(
                            "Harbour ganache\n9 oz bittersweet chocolate, chopped\n3/4 cup heavy"
                                    + " cream\n2 tbsp unsalted butter\n2 tbsp whiskey\n\nReduce the"
                                    + " cream by a third, pour over the chocolate, wait 2 minutes and"
                                    + " whisk. At 95 °F blend in the butter, then the whiskey. Serve on"
                                    + " a rainy day.");
            screen.button("Read it").click();
            assertThat(screen.page.locator("figure .text")).isVisible();
            screen.page.locator("figure .text").scrollIntoViewIfNeeded();
            take(screen, "fillings-read");
        }
    }

    @Test
    void aFillingBalanced() {
        try (Screen screen = Screen.open()) {
            screen.go(house, "/fillings/balance/plum-ganache");
            assertThat(screen.page.locator(".answer")).containsText("out of range");
            screen.button("Balance it").click();
            assertThat(screen.page.locator("table.moves")).isVisible();
            take(screen, "fillings-balance");
        }
    }

    @Test
    void aBowlFollowedAndReadBack() {
        try (Screen screen = Screen.open()) {
            final Page page = screen.page;
            screen.go(house, "/temper/plan");
            screen.button("Begin this bowl").click();
            screen.button("Simulated").click();
            page.getByLabel("times faster than life").first().fill("40");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Begin").setExact(true))
                    .click();
            assertThat(page.locator(".degrees")).containsText("4");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Cold bath").setExact(true))
                    .click();
            page.locator(".acts input").fill("500");
            screen.noteIt().click();
            assertThat(page.locator(".degrees")).containsText("3");
            page.screenshot(new Page.ScreenshotOptions().setPath(INTO.resolve("temper-live.png")));
            screen.go(house, "/temper/back");
            page.getByText("Monday cold bath").click();
            assertThat(page.locator("section.read h1")).containsText("cold bath");
            take(screen, "temper-back");
        }
    }

    @Test
    void aBatchOnEveryWidth() {
        try (Screen screen = Screen.open();
                Screen phone = Screen.open(360, 740)) {
            screen.begin(house, "plum-bay");
            for (int i = 0; i < 5; i++) {
                screen.done();
            }
            take(screen, "bench");
            final String bench = screen.page.url();
            phone.page.navigate(bench);
            take(phone, "bench-phone");
            screen.go(house, "/daybook")
                    .page
                    .locator("tbody a", new Page.LocatorOptions().setHasText("Sesame"))
                    .last()
                    .click();
            take(screen, "record");
        }
    }
}
