package palintone.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * One screen in the workshop: a page in Debian's Chromium, and the words a maker would use of it.
 */
final class Screen implements AutoCloseable {

    /** How long a screen is given to show what it should, on a machine busy with other work. */
    private static final double PATIENCE_MS = 60_000;

    private static Playwright playwright;
    private static Browser browser;

    final Page page;
    private final BrowserContext context;
    private final List<String> faults = new ArrayList<>();

    private Screen(final BrowserContext context) {
        this.context = context;
        context.setDefaultTimeout(PATIENCE_MS);
        page = context.newPage();
        page.onPageError(faults::add);
    }

    static synchronized Screen open() {
        return open(1280, 800);
    }

    static synchronized Screen open(final int width, final int height) {
        if (browser == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            playwright = Playwright.create();
            browser =
                    playwright
                            .chromium()
                            .launch(
                                    new BrowserType.LaunchOptions()
                                            .setExecutablePath(debians())
                                            .setArgs(
                                                    List.of(
                                                            "--no-sandbox",
                                                            "--disable-gpu",
                                                            "--disable-background-networking",
                                                            "--disable-component-update",
                                                            "--disable-sync",
                                                            "--host-resolver-rules=MAP "
                                                                    + House.NETWORK_NAME
                                                                    + " 127.0.0.1",
                                                            "--font-render-hinting=none",
                                                            "--no-first-run")));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return new Screen(
                browser.newContext(
                        new Browser.NewContextOptions()
                                .setViewportSize(width, height)
                                .setAcceptDownloads(true)));
    }

    /** Without windows of its own where it is there. */
    private static Path debians() {
        return Stream.of("chromium-headless-shell", "chromium")
                .map(name -> Path.of("/usr/bin", name))
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no chromium in /usr/bin"));
    }

    /** A screen on which a language was chosen, that tells what is not in it. */
    static Screen speaking(final String language, final int width, final int height) {
        final Screen screen = open(width, height);
        screen.page.addInitScript("localStorage.setItem('palintone language', '" + language + "')");
        try (var script = Screen.class.getResourceAsStream("/hard-wired.js")) {
            screen.page.addInitScript(new String(script.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return screen;
    }

    /** Texts outside the brackets of the pseudo-language that no maker wrote. */
    @SuppressWarnings("unchecked")
    List<String> hardWired() {
        return (List<String>) page.evaluate("hardWired()");
    }

    Screen go(final House house, final String path) {
        page.navigate(house.url(path));
        return this;
    }

    /** Another place of the house that is open already, as a link on the page leads there. */
    Screen turnTo(final String path) {
        page.evaluate(
                "async path => { await document.querySelector('#app').__vue_app__"
                        + ".config.globalProperties.$router.push(path); window.seenBefore = -1 }",
                path);
        return this;
    }

    /**
     * Begins a batch of a filled piece, its filling made already, and stands at its first step on
     * the Bench.
     */
    Screen begin(final House house, final String piece) {
        go(house, "/pieces/" + piece);
        button("It stands ready").click();
        begins().click();
        assertThat(page.locator(".where b")).hasText("1");
        return this;
    }

    /** Waits until the page stands still: nothing moves, and nothing more comes. */
    Screen settled() {
        return still(150);
    }

    /** Turned to another size; nothing has to come for that. */
    Screen sized(final int width, final int height) {
        page.setViewportSize(width, height);
        page.evaluate(
                "() => new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
        return still(80);
    }

    private Screen still(final int lookedAtEveryMs) {
        page.waitForFunction(
                "() => { const main = document.querySelector('#main');"
                        + " if (!main) return false; const now = main.innerHTML.replace(/\\d/g, '').length;"
                        + " const same = window.seenBefore === now; window.seenBefore = now;"
                        + " return same && main.innerText.trim().length > 30"
                        + " && document.getAnimations().every(a => a.playState !== 'running') }",
                null,
                new Page.WaitForFunctionOptions().setPollingInterval(lookedAtEveryMs));
        return this;
    }

    /** Day or Evening, by the rail. */
    void light(final String name) {
        final Locator lamp = page.locator(".rail").getByText(name, EXACTLY);
        lamp.click();
        assertThat(lamp).hasCount(0);
        settled();
    }

    private static final Locator.GetByTextOptions EXACTLY =
            new Locator.GetByTextOptions().setExact(true);

    Locator button(final String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
    }

    /** The one that notes what was typed at a bowl; the room's strip says "note it" too. */
    Locator noteIt() {
        return page.locator(".acts form button")
                .filter(new Locator.FilterOptions().setHasText("Note it"));
    }

    /** The one that begins a batch, on Pieces. */
    Locator begins() {
        return page.locator("footer .begin");
    }

    Locator title() {
        return page.locator("h1");
    }

    /** Waits until the Bench shows this step. */
    void atStep(final int number, final String name) {
        assertThat(page.locator(".where b")).hasText(String.valueOf(number));
        assertThat(title()).hasText(name);
    }

    /** Types a reading and notes it. */
    void note(final String value) {
        try {
            page.locator(".typing input").fill(value);
            page.locator(".typing input").press("Enter");
        } catch (final TimeoutError e) {
            throw stuck(e);
        }
    }

    /** Presses the main act, Done or Begin, and waits for what it leads to. */
    void done() {
        final String stands =
                "(document.querySelector('.where b')?.textContent.trim() ?? '')"
                        + " + document.querySelector('.acts .main')?.textContent.trim().slice(0, 5)";
        final Object now = page.evaluate(stands);
        try {
            page.locator(".acts .main").click();
            page.waitForFunction("now => (" + stands + ") !== now", now);
        } catch (final TimeoutError e) {
            throw stuck(e);
        }
    }

    /** What stands on the page where nothing went on. */
    private AssertionError stuck(final TimeoutError e) {
        return new AssertionError("at " + page.url() + ": " + page.locator("main").innerText(), e);
    }

    /** One main act after the other, until the Bench shows a step of this name. */
    void until(final String name) {
        for (int acts = 0; acts < 80 && !title().textContent().equals(name); acts++) {
            done();
        }
        assertThat(title()).hasText(name);
    }

    /** One main act after the other to the end of the batch: the steps it went through. */
    List<String> led() {
        final List<String> steps = new ArrayList<>();
        while (!title().textContent().equals("Finished")) {
            steps.add(title().textContent());
            done();
        }
        return steps;
    }

    /** Writes something through the API, as another program would. */
    void put(final House house, final String path, final String body) {
        assertThat(
                        page.request()
                                .put(
                                        house.url(path),
                                        RequestOptions.create()
                                                .setHeader("Content-Type", "application/json")
                                                .setData(body)))
                .isOK();
    }

    /** Errors the page itself has thrown. */
    List<String> faults() {
        return faults;
    }

    @Override
    public void close() {
        context.close();
    }
}
