package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import palintone.core.substance.KitchenUnit;

/**
 * A line such as "1 1/2 cups cream 35 %" taken apart.
 *
 * @param raw as it was written
 * @param amount how many units
 * @param unit grams where nothing better is said, pieces where only a number is
 * @param words what it is called
 * @param asides what stood beside it and set nothing: degrees, minutes, further amounts; and that
 *     of a range the middle is used
 */
public record WrittenLine(
        String raw, double amount, KitchenUnit unit, String words, List<String> asides) {

    private static final int LONGEST_WORDS = 120;

    /** The words are cut where they are too long for a name. */
    public WrittenLine {
        words = words.substring(0, Math.min(LONGEST_WORDS, words.length()));
        asides = List.copyOf(asides);
    }

    /** The line, if a text is one. */
    public static Optional<WrittenLine> read(final String text) {
        final Reading reading = new Reading(text);
        final List<WrittenLine> lines = new Rows(reading).lines(0, reading.size());
        return lines.stream().findFirst();
    }

    /** A share of it. */
    WrittenLine part(final double share) {
        return new WrittenLine(raw, amount * share, unit, words, List.of());
    }

    /** What set nothing, if there is any. */
    Optional<WrittenRecipe.Unused> unused() {
        return asides.isEmpty()
                ? Optional.empty()
                : Optional.of(new WrittenRecipe.Unused(raw, asides));
    }

    /** The words without what is said about them after a comma or in brackets, lower case. */
    String plain() {
        return words.replaceAll("\\(.*?\\)", " ")
                .replaceFirst(",.*$", "")
                .toLowerCase(Locale.ROOT)
                .strip();
    }

    /** The nouns it goes by, the head last: "unsalted butter" is only "butter". */
    List<String> names() {
        final List<String> names = new ArrayList<>();
        for (final String word : plain().split("[^\\p{L}]+")) {
            if (!word.isEmpty() && !Lexicon.isNote(word) && !word.equals("of")) {
                names.add(stem(word));
            }
        }
        return names;
    }

    /** One for many, and one name for what has two. */
    static String stem(final String word) {
        final String lower = word.toLowerCase(Locale.ROOT);
        final String one;
        if (lower.equals("leaves")) {
            one = "leaf";
        } else if (lower.endsWith("ies") && lower.length() > 4) {
            one = lower.substring(0, lower.length() - 3) + "y";
        } else if (lower.endsWith("s") && !lower.endsWith("ss") && lower.length() > 3) {
            one = lower.substring(0, lower.length() - 1);
        } else {
            one = lower;
        }
        return switch (one) {
            case "couverture", "choc" -> "chocolate";
            case "purée" -> "puree";
            default -> one;
        };
    }
}
