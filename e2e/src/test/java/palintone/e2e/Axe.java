package palintone.e2e;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import java.util.List;

/** What keeps somebody who sees, hears or reaches otherwise from working with a screen. */
final class Axe {

    private static final List<String> WCAG_22_AA =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private Axe() {}

    /** Adds what breaks WCAG 2.2 AA seriously on the screen as it stands. */
    static void serious(final Screen screen, final String where, final List<String> found) {
        report(axe(screen).withTags(WCAG_22_AA), where, found);
    }

    /** Only the colours: all that is another by day and in the evening. */
    static void contrast(final Screen screen, final String where, final List<String> found) {
        report(axe(screen).withRules(List.of("color-contrast")), where + ", colours", found);
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
}
