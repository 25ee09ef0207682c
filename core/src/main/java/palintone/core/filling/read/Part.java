package palintone.core.filling.read;

import java.util.Locale;
import palintone.core.substance.KitchenUnit;

/**
 * One piece of a written recipe: a number with what it measures, a word, or a mark.
 *
 * @param kind what it is
 * @param from where it begins in the text
 * @param to where it ends, exclusive
 * @param text as it stands there
 * @param low its number, or the lower one of a range: °C, minutes, mm, per cent, a share of one, or
 *     so many units
 * @param high the upper one; the same where there is one
 * @param unit of an amount
 */
record Part(
        PartKind kind, int from, int to, String text, double low, double high, KitchenUnit unit) {

    /** What a piece may be. */
    enum PartKind {
        WORD,
        MARK,
        BREAK,
        TAB,
        AMOUNT,
        COUNT,
        DEGREES,
        MINUTES,
        MILLIMETRES,
        PERCENT,
        SHARE;

        /** Whether it holds a number. */
        boolean isNumber() {
            return ordinal() >= AMOUNT.ordinal();
        }
    }

    double middle() {
        return (low + high) / 2;
    }

    boolean isRange() {
        return high > low;
    }

    boolean is(final PartKind other) {
        return kind == other;
    }

    boolean isMark(final String marks) {
        return kind == PartKind.MARK && marks.contains(text);
    }

    /** A word in lower case; nothing for what is no word. */
    String word() {
        return kind == PartKind.WORD ? text.toLowerCase(Locale.ROOT) : "";
    }

    /** An amount or a bare number: what an ingredient may begin with. */
    boolean measures() {
        return kind == PartKind.AMOUNT || kind == PartKind.COUNT;
    }
}
