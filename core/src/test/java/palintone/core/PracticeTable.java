package palintone.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is computed, row by row, beside what makers find (common practice, no source). */
public final class PracticeTable {

    private final List<String> table = new ArrayList<>();
    private final List<String> outside = new ArrayList<>();

    /** One row: from and to as makers have it. */
    public void row(
            final String what,
            final String unit,
            final double from,
            final double to,
            final double is) {
        table.add(
                String.format(
                        Locale.ROOT, "%-62s %8.3g to %8.3g %8.3g %s", what, from, to, is, unit));
        if (!(is >= from && is <= to)) {
            outside.add(what + " is " + is);
        }
    }

    /** Prints it; no row may lie outside. */
    public void holds(final String title, final int rowsAtLeast) {
        System.out.println(title + ": practice from, to; computed\n" + String.join("\n", table));
        assertThat(table).hasSizeGreaterThanOrEqualTo(rowsAtLeast);
        assertThat(outside).isEmpty();
    }
}
