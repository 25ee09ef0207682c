package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
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

    /** "Cream 200 g". */
    private static final Pattern AMOUNT_BEHIND =
            Pattern.compile("^(\\p{L}[^\\d:.;]*?)[\\s,]+(\\d+(?:[.,]\\d+)?)\\s*(\\p{L}+)\\.?$");

    /** "cream; 1 lb chocolate": what stands behind the first amount. */
    private static final Pattern ANOTHER_AMOUNT = Pattern.compile("\\d+(?:[.,]\\d+)?\\s*(\\p{L}+)");

    private static final Pattern RANGE =
            Pattern.compile(
                    "^[-•*·]?\\s*(\\d+(?:[.,]\\d+)?)\\s*[-–]\\s*(\\d+(?:[.,]\\d+)?)(?=\\s*\\p{L})");

    /** "10-12 oz" is taken as 11. */
    private static String middle(final String line) {
        final Matcher m = RANGE.matcher(line);
        if (!m.find()) {
            return line;
        }
        final double middle =
                (Double.parseDouble(m.group(1).replace(',', '.'))
                                + Double.parseDouble(m.group(2).replace(',', '.')))
                        / 2;
        return middle + " " + line.substring(m.end()).strip();
    }

    /** The line, if it begins with an amount. */
    public static Optional<WrittenLine> read(final String text) {
        final String line = middle(text.strip().replaceFirst("^[-•*·]\\s*", ""));
        final Matcher behind = AMOUNT_BEHIND.matcher(line);
        // "Boil down to 130 g" ends in an amount too, and is no ingredient.
        if (behind.matches()
                && KitchenUnit.written(behind.group(3)).isPresent()
                && Verbs.first(behind.group(1).toLowerCase(Locale.ROOT)).isEmpty()) {
            return of(
                    text.strip(),
                    Double.parseDouble(behind.group(2).replace(',', '.')),
                    behind.group(3),
                    behind.group(1));
        }
        final Matcher fraction = ONLY_FRACTION.matcher(line);
        if (fraction.matches()) {
            return of(
                    text.strip(),
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
        return of(text.strip(), amount, m.group(5), m.group(6));
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

    /**
     * Degrees, minutes and further amounts beside an ingredient set nothing: they are said to be
     * left out.
     */
    Optional<WrittenRecipe.Unused> unused() {
        final List<String> parts = new ArrayList<>();
        for (final Pattern pattern : List.of(Clause.DEGREES, Clause.MINUTES)) {
            final Matcher m = pattern.matcher(words.toLowerCase(Locale.ROOT));
            while (m.find()) {
                parts.add(m.group());
            }
        }
        final Matcher more = ANOTHER_AMOUNT.matcher(words);
        while (more.find()) {
            if (KitchenUnit.written(more.group(1)).isPresent()) {
                parts.add(more.group());
            }
        }
        if (RANGE.matcher(raw).find()) {
            parts.add("a range: its middle is used");
        }
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(new WrittenRecipe.Unused(raw, parts));
    }

    /** The words without what is said about them after a comma or in brackets, lower case. */
    String plain() {
        return words.replaceAll("\\(.*?\\)", " ").replaceFirst(",.*$", "").toLowerCase(Locale.ROOT);
    }
}
