package palintone.core.filling.read;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import palintone.core.substance.KitchenUnit;

/**
 * A line such as "1 1/2 cups cream 35 %" taken apart.
 *
 * @param raw as it was written
 * @param amount how many units
 * @param unit grams where nothing better is said, pieces where only a number is
 * @param words what it is called
 */
public record WrittenLine(String raw, double amount, KitchenUnit unit, String words) {

    private static final Map<Character, Double> FRACTIONS =
            Map.of('½', 0.5, '¼', 0.25, '¾', 0.75, '⅓', 1 / 3.0, '⅔', 2 / 3.0, '⅛', 0.125);

    private static final Pattern LINE =
            Pattern.compile(
                    "^(?:(\\d+)\\s+)?(\\d+(?:[.,]\\d+)?)(?:\\s*/\\s*(\\d+))?\\s*([½¼¾⅓⅔⅛])?\\s*"
                            + "(fl\\.? ?oz|[\\p{L}]+\\.?)?\\s*(.*)$");
    private static final Pattern ONLY_FRACTION =
            Pattern.compile("^([½¼¾⅓⅔⅛])\\s*([\\p{L}]+\\.?)?\\s*(.*)$");

    /** The line, if it begins with an amount. */
    public static Optional<WrittenLine> read(final String text) {
        final String line = text.strip().replaceFirst("^[-•*·]\\s*", "");
        final Matcher fraction = ONLY_FRACTION.matcher(line);
        if (fraction.matches()) {
            return of(
                    line,
                    FRACTIONS.get(fraction.group(1).charAt(0)),
                    fraction.group(2),
                    fraction.group(3));
        }
        final Matcher m = LINE.matcher(line);
        if (!m.matches()) {
            return Optional.empty();
        }
        double amount = Double.parseDouble(m.group(2).replace(',', '.'));
        if (m.group(3) != null) {
            final double below = Double.parseDouble(m.group(3));
            if (below == 0) {
                return Optional.empty();
            }
            amount /= below;
        }
        if (m.group(1) != null) {
            if (m.group(3) == null) {
                return Optional.empty();
            }
            amount += Double.parseDouble(m.group(1));
        }
        if (m.group(4) != null) {
            amount += FRACTIONS.get(m.group(4).charAt(0));
        }
        return of(line, amount, m.group(5), m.group(6));
    }

    private static Optional<WrittenLine> of(
            final String raw, final double amount, final String word, final String rest) {
        final Optional<KitchenUnit> unit =
                word == null ? Optional.empty() : KitchenUnit.written(word);
        final String words =
                ((unit.isPresent() || word == null ? "" : word + " ") + rest)
                        .replaceFirst("^(?i)of\\s+", "")
                        .strip();
        if (words.isEmpty() || amount <= 0) {
            return Optional.empty();
        }
        return Optional.of(
                new WrittenLine(
                        raw,
                        amount,
                        unit.orElse(KitchenUnit.PIECE),
                        words.substring(0, Math.min(120, words.length()))));
    }

    /** The words without what is said about them after a comma or in brackets, lower case. */
    String plain() {
        return words.replaceAll("\\(.*?\\)", " ").replaceFirst(",.*$", "").toLowerCase(Locale.ROOT);
    }
}
