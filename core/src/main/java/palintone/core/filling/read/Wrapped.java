package palintone.core.filling.read;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sentences that were broken into rows where the paper ended: the break becomes a space, so that
 * "60 g of / the praline" is read as one. Every other letter stays where it stood.
 */
final class Wrapped {

    /** Shorter rows are not broken by the edge of a page. */
    private static final int LEAST = 40;

    private static final Pattern BREAK = Pattern.compile("(?<=[^\\s.;:!?])\\r?\\n(?=\\p{Ll})");
    private static final Pattern FIRST = Pattern.compile("^\\p{L}+");

    private Wrapped() {}

    static String joined(final String text) {
        final StringBuilder all = new StringBuilder(text);
        final Matcher found = BREAK.matcher(text);
        while (found.find()) {
            final int from = text.lastIndexOf('\n', found.start() - 1) + 1;
            if (isProse(text.substring(from, found.start()))
                    && !isImperative(text.substring(found.end()))) {
                for (int i = found.start(); i < found.end(); i++) {
                    all.setCharAt(i, ' ');
                }
            }
        }
        return all.toString();
    }

    /** No row of a list: long, and not an amount without a sentence behind it. */
    private static boolean isProse(final String row) {
        final String plain = row.strip();
        return plain.length() >= LEAST
                && (!Character.isDigit(plain.charAt(0)) || plain.matches(".*\\p{L}\\. \\p{Lu}.*"));
    }

    /** "boil the cream" begins something of its own. */
    private static boolean isImperative(final String rest) {
        final Matcher word = FIRST.matcher(rest);
        return word.find()
                && Lexicon.verb(word.group())
                        .filter(v -> v.form() == Lexicon.Form.BASE)
                        .isPresent();
    }
}
