package palintone.core.filling.read;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import palintone.core.substance.KitchenUnit;

/** A line such as "1 1/2 cups cream 35 %" taken apart. Its names are worked out once. */
public final class WrittenLine {

    private static final int LONGEST_WORDS = 120;
    private static final Pattern BRACKETS = Pattern.compile("\\(.*?\\)");
    private static final Pattern BEHIND_COMMA = Pattern.compile(",.*$");
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}]+");

    private final String raw;
    private final double amount;
    private final KitchenUnit unit;
    private final String words;
    private final List<String> asides;
    private final String plain;
    private final List<String> names;

    /**
     * @param raw as it was written
     * @param amount how many units
     * @param unit grams where nothing better is said, pieces where only a number is
     * @param words what it is called; cut where they are too long for a name
     * @param asides what stood beside it and set nothing: degrees, minutes, further amounts; and
     *     that of a range the middle is used
     */
    public WrittenLine(
            final String raw,
            final double amount,
            final KitchenUnit unit,
            final String words,
            final List<String> asides) {
        this.raw = raw;
        this.amount = amount;
        this.unit = unit;
        this.words = words.substring(0, Math.min(LONGEST_WORDS, words.length()));
        this.asides = List.copyOf(asides);
        this.plain =
                BEHIND_COMMA
                        .matcher(BRACKETS.matcher(this.words).replaceAll(" "))
                        .replaceFirst("")
                        .toLowerCase(Locale.ROOT)
                        .strip();
        this.names =
                NO_LETTERS
                        .splitAsStream(plain)
                        .filter(w -> !w.isEmpty() && !Lexicon.isNote(w) && !w.equals("of"))
                        .map(Nouns::stem)
                        .toList();
    }

    public String raw() {
        return raw;
    }

    /** How many of its unit. */
    public double amount() {
        return amount;
    }

    public KitchenUnit unit() {
        return unit;
    }

    public String words() {
        return words;
    }

    public List<String> asides() {
        return asides;
    }

    @Override
    public boolean equals(final Object other) {
        return other instanceof WrittenLine line
                && raw.equals(line.raw)
                && Double.compare(amount, line.amount) == 0
                && unit == line.unit
                && words.equals(line.words)
                && asides.equals(line.asides);
    }

    @Override
    public int hashCode() {
        return 31 * raw.hashCode() + words.hashCode();
    }

    @Override
    public String toString() {
        return amount + " " + unit + " " + words;
    }

    /** The line, if a text is one. */
    public static Optional<WrittenLine> read(final String text) {
        final RecipeReading reading = new RecipeReading(text);
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
        return plain;
    }

    /** The nouns it goes by, the head last: "unsalted butter" is only "butter". */
    List<String> names() {
        return names;
    }
}
