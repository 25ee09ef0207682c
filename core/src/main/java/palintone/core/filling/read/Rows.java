package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import palintone.core.filling.read.Lexicon.Form;
import palintone.core.filling.read.Lexicon.Verb;
import palintone.core.substance.KitchenUnit;

/** Rows of a text that are ingredients, in any of the ways they are written. */
final class Rows {

    private static final Set<String> ABOUT =
            Set.of(
                    "about",
                    "approximately",
                    "approx",
                    "ca",
                    "circa",
                    "scant",
                    "heaped",
                    "generous",
                    "good",
                    "level",
                    "around",
                    "some",
                    "another");
    private static final Set<String> CONTAINERS =
            Set.of(
                    "can", "cans", "tin", "tins", "jar", "jars", "packet", "packets", "bag", "bags",
                    "bottle", "carton", "box", "pack", "bar", "bars", "sachet", "tub");
    private static final Set<String> PRESSED =
            Set.of("juice", "zest", "peel", "rind", "seeds", "grated");

    /** What stands before an amount that is a target, not an ingredient. */
    private static final Set<String> TOWARDS =
            Set.of("to", "until", "into", "at", "by", "for", "from", "than", "yields", "makes");

    /** After these a noun in prose is over. */
    private static final Set<String> STOPS =
            Set.of(
                    "to",
                    "into",
                    "onto",
                    "in",
                    "with",
                    "over",
                    "on",
                    "until",
                    "till",
                    "for",
                    "and",
                    "at",
                    "by",
                    "from",
                    "then",
                    "down",
                    "when",
                    "while",
                    "or",
                    "plus",
                    "is",
                    "are",
                    "was",
                    "were",
                    "together",
                    "through",
                    "after",
                    "before",
                    "once",
                    "has",
                    "have",
                    "below",
                    "without",
                    "up",
                    "back",
                    "off",
                    "as");

    /** Counted without being eaten. */
    private static final Set<String> COUNTED =
            Set.of(
                    "yolk",
                    "egg",
                    "white",
                    "pod",
                    "leaf",
                    "lemon",
                    "orange",
                    "lime",
                    "sheet",
                    "bean",
                    "stick",
                    "sprig",
                    "clove",
                    "mandarin",
                    "fruit");

    private final RecipeReading reading;

    Rows(final RecipeReading reading) {
        this.reading = reading;
    }

    /** The ingredients of a row; none where it is prose. Their parts are marked. */
    List<WrittenLine> lines(final int rowFrom, final int rowTo) {
        final int from = begin(rowFrom, rowTo);
        final List<int[]> cells = cells(from, rowTo);
        if (cells.size() > 1) {
            final List<WrittenLine> all = new ArrayList<>();
            for (final int[] cell : cells) {
                final List<WrittenLine> of = one(cell[0], cell[1]);
                if (of.isEmpty()) {
                    return one(from, rowTo);
                }
                all.addAll(of);
            }
            return all;
        }
        return one(from, rowTo);
    }

    /** Past bullets, numbering and the time of day. */
    int begin(final int from, final int to) {
        int i = from;
        while (i < to) {
            final Part part = reading.at(i);
            final boolean numbered =
                    part.is(Part.PartKind.COUNT)
                            && i + 1 < to
                            && reading.at(i + 1).isMark(".)")
                            && reading.at(i + 1).from() == part.to();
            if (numbered) {
                reading.went(i, i + 2, PartUse.NOTHING);
                i += 2;
            } else if (part.is(Part.PartKind.MARK) && !part.text().equals("(")
                    || part.is(Part.PartKind.TAB)) {
                i++;
            } else {
                break;
            }
        }
        return i;
    }

    /** Columns: by a tabulator, an upright stroke or a wide gap. */
    private List<int[]> cells(final int from, final int to) {
        final List<int[]> cells = new ArrayList<>();
        int begin = from;
        for (int i = from; i < to; i++) {
            final boolean between =
                    reading.at(i).is(Part.PartKind.TAB) || reading.at(i).isMark("|");
            final boolean gap = i > begin && reading.at(i).from() - reading.at(i - 1).to() >= 3;
            if (between || gap) {
                if (i > begin) {
                    cells.add(new int[] {begin, i});
                }
                begin = between ? i + 1 : i;
            }
        }
        if (to > begin) {
            cells.add(new int[] {begin, to});
        }
        return cells;
    }

    private List<WrittenLine> one(final int rowFrom, final int rowTo) {
        int from = rowFrom;
        int to = rowTo;
        while (to > from && reading.at(to - 1).isMark(".,;")) {
            to--;
        }
        while (from < to && ABOUT.contains(reading.word(from))) {
            from++;
        }
        if (from >= to) {
            return List.of();
        }
        if (reading.at(from).measures()) {
            return before(from, to);
        }
        if (reading.word(from).equals("pinch")) {
            return named(from, to, 1, KitchenUnit.PINCH, from + 1, to, List.of());
        }
        final List<WrittenLine> pressed = pressed(from, to);
        return pressed.isEmpty() ? behind(from, to) : pressed;
    }

    /** "200 g cream", and several of it on a row; none where the row goes on as prose. */
    private List<WrittenLine> before(final int from, final int to) {
        final List<int[]> pieces = new ArrayList<>();
        int begin = from;
        int open = 0;
        for (int i = from; i < to; i++) {
            open += reading.at(i).isMark("(") ? 1 : reading.at(i).isMark(")") ? -1 : 0;
            if (open > 0 || i + 1 >= to) {
                continue;
            }
            final boolean comma = reading.at(i).isMark(",;+");
            final boolean and = reading.word(i).equals("and");
            if ((comma || and) && reading.at(i + 1).measures() && !isEach(i + 1, to)) {
                pieces.add(new int[] {begin, i});
                begin = i + 1;
            } else if (comma && goesOnAsProse(i + 1, to)) {
                return List.of();
            }
        }
        pieces.add(new int[] {begin, to});
        final List<WrittenLine> lines = new ArrayList<>();
        for (final int[] piece : pieces) {
            final Optional<Read> read = at(piece[0], piece[1], true);
            if (read.isEmpty()) {
                return List.of();
            }
            lines.addAll(read.get().lines());
        }
        return lines;
    }

    private boolean isEach(final int i, final int to) {
        return i + 1 < to && reading.word(i + 1).equals("each");
    }

    private boolean goesOnAsProse(final int i, final int to) {
        final Optional<Lexicon.Meant> verb = Lexicon.verb(reading.word(i));
        if (verb.isEmpty()
                || verb.get().form() == Form.ING
                || verb.get().verb() == Verb.LIGHT
                || verb.get().verb() == Verb.CUT
                || verb.get().verb() == Verb.OTHER) {
            return false;
        }
        if (!Lexicon.isNote(reading.word(i)) && verb.get().form() == Form.BASE) {
            return true;
        }
        for (int k = i; k < to; k++) {
            if (reading.at(k).is(Part.PartKind.AMOUNT)) {
                return true;
            }
        }
        return false;
    }

    /** "juice of 2 lemons". */
    private List<WrittenLine> pressed(final int from, final int to) {
        int i = from;
        final List<String> what = new ArrayList<>();
        while (i < to
                && (PRESSED.contains(reading.word(i))
                        || reading.word(i).equals("and")
                        || reading.word(i).equals("the")
                        || reading.word(i).equals("finely"))) {
            if (PRESSED.contains(reading.word(i)) && !reading.word(i).equals("grated")) {
                what.add(reading.word(i));
            }
            i++;
        }
        if (what.isEmpty() || !reading.word(i).equals("of")) {
            return List.of();
        }
        i++;
        final boolean counted = i < to && reading.at(i).measures();
        final double many = counted ? reading.at(i).middle() : 1;
        if (!counted && !reading.at(Math.min(i, to - 1)).word().matches("an?")) {
            return List.of();
        }
        i++;
        while (i < to && reading.word(i).matches("an?|of|large|small|whole")) {
            i++;
        }
        if (i >= to || reading.word(i).isEmpty()) {
            return List.of();
        }
        final String fruit = Nouns.stem(reading.word(i));
        reading.went(from, i + 1, PartUse.LINE);
        final String raw = reading.source(from, to);
        return what.stream()
                .map(w -> new WrittenLine(raw, many, KitchenUnit.PIECE, fruit + " " + w, List.of()))
                .toList();
    }

    /** "Cream 200 g", "Sugar: 80 g". */
    private List<WrittenLine> behind(final int from, final int to) {
        int at = -1;
        for (int i = from; i < to; i++) {
            if (reading.at(i).is(Part.PartKind.AMOUNT)) {
                if (at >= 0) {
                    return List.of();
                }
                at = i;
            }
        }
        final boolean rest =
                at >= 0
                        && (at == to - 1
                                || at == to - 2 && reading.at(to - 1).isMark(")")
                                || isEach(at, to) && at == to - 2);
        if (!rest || at == from || TOWARDS.contains(reading.word(at - 1))) {
            return List.of();
        }
        final Optional<Lexicon.Meant> verb = Lexicon.verb(reading.word(from));
        final boolean does =
                verb.isPresent()
                        && verb.get().form() == Form.BASE
                        && !reading.word(from).equals("cream");
        if (does || reading.word(from).matches("makes|serves|yields?|for|total")) {
            return List.of();
        }
        int end = at;
        while (end > from
                && (reading.at(end - 1).is(Part.PartKind.MARK)
                        || reading.at(end - 1).is(Part.PartKind.TAB))) {
            end--;
        }
        final Part amount = reading.at(at);
        final List<String> asides = asides(from, end, amount, Integer.MAX_VALUE);
        final boolean each = isEach(at, to);
        final List<int[]> names = each ? names(from, end) : List.of(new int[] {from, end});
        final List<WrittenLine> lines = new ArrayList<>();
        for (final int[] name : names) {
            lines.add(
                    new WrittenLine(
                            reading.source(from, to),
                            amount.middle(),
                            amount.unit(),
                            reading.source(name[0], name[1]),
                            asides));
        }
        reading.went(from, to, PartUse.LINE);
        return lines;
    }

    /** Lines, and where the text goes on behind them. */
    record Read(List<WrittenLine> lines, int next) {}

    /**
     * An amount and what it is of.
     *
     * @param i the amount
     * @param row whether everything up to the end belongs to it
     */
    Optional<Read> at(final int i, final int to, final boolean row) {
        final Part first = reading.at(i);
        double low = first.low();
        double high = first.high();
        KitchenUnit unit = first.is(Part.PartKind.AMOUNT) ? first.unit() : KitchenUnit.PIECE;
        int next = i + 1;
        final int inner = bracketed(next, to);
        if (inner >= 0) {
            final int close = closing(next, to);
            final boolean container = CONTAINERS.contains(reading.word(close + 1));
            if (first.is(Part.PartKind.COUNT) && container) {
                low *= reading.at(inner).low();
                high *= reading.at(inner).high();
                unit = reading.at(inner).unit();
            }
            next = close + 1 + (container ? 1 : 0);
        } else if (first.is(Part.PartKind.COUNT) && CONTAINERS.contains(reading.word(next))) {
            for (int k = next; k < to; k++) {
                final int weighs = bracketed(k, to);
                if (weighs >= 0) {
                    low *= reading.at(weighs).low();
                    high *= reading.at(weighs).high();
                    unit = reading.at(weighs).unit();
                    return Optional.of(
                            new Read(
                                    named(i, to, (low + high) / 2, unit, next + 1, k, List.of()),
                                    to));
                }
            }
        }
        while (next < to && reading.word(next).matches("of|the|each|approx|about")
                || next < to && reading.at(next).isMark(".")) {
            next++;
        }
        final boolean each = isEach(i, to);
        int end = next;
        while (end < to && (row || each && !stops(end, true) || !stops(end, false))) {
            end++;
        }
        if (!row && first.is(Part.PartKind.COUNT) && !isCounted(next, end)) {
            return Optional.empty();
        }
        final boolean word =
                java.util.stream.IntStream.range(next, end)
                        .anyMatch(k -> reading.at(k).is(Part.PartKind.WORD));
        if (!word) {
            return Optional.empty();
        }
        final List<String> asides = asides(next, end, first, i);
        if (!each) {
            return Optional.of(
                    new Read(named(i, end, (low + high) / 2, unit, next, end, asides), end));
        }
        final List<WrittenLine> lines = new ArrayList<>();
        for (final int[] name : names(next, end)) {
            lines.addAll(named(i, end, (low + high) / 2, unit, name[0], name[1], asides));
        }
        return Optional.of(new Read(lines, end));
    }

    private boolean isCounted(final int from, final int to) {
        for (int k = from; k < to; k++) {
            if (COUNTED.contains(Nouns.stem(reading.word(k)))) {
                return true;
            }
        }
        return false;
    }

    /** Names between commas and "and". */
    private List<int[]> names(final int from, final int to) {
        final List<int[]> names = new ArrayList<>();
        int begin = from;
        for (int i = from; i <= to; i++) {
            if (i == to || reading.at(i).isMark(",+") || reading.word(i).equals("and")) {
                if (i > begin) {
                    names.add(new int[] {begin, i});
                }
                begin = i + 1;
            }
        }
        return names;
    }

    private List<WrittenLine> named(
            final int from,
            final int to,
            final double amount,
            final KitchenUnit unit,
            final int nameFrom,
            final int nameTo,
            final List<String> asides) {
        int begin = nameFrom;
        while (begin < nameTo && reading.word(begin).equals("of")) {
            begin++;
        }
        int end = nameTo;
        while (end > begin && reading.at(end - 1).isMark(",;.:")) {
            end--;
        }
        if (begin >= end || amount <= 0) {
            return List.of();
        }
        reading.went(from, to, PartUse.LINE);
        return List.of(
                new WrittenLine(
                        reading.source(from, to),
                        amount,
                        unit,
                        reading.source(begin, end),
                        asides));
    }

    /** In prose a noun ends at a mark, a small word, a number, or what is done next. */
    private boolean stops(final int i, final boolean each) {
        final Part part = reading.at(i);
        if (part.is(Part.PartKind.WORD)) {
            final String word = part.word();
            if (each && word.equals("and")) {
                return false;
            }
            return STOPS.contains(word)
                    || Lexicon.verb(word)
                            .filter(v -> v.form() == Form.PAST && !Lexicon.isNote(word))
                            .filter(v -> v.verb() != Verb.OTHER)
                            .isPresent();
        }
        return !part.is(Part.PartKind.PERCENT)
                && !part.isMark("-–/'")
                && !(part.is(Part.PartKind.COUNT) && i > 0 && !reading.word(i - 1).isEmpty());
    }

    /** A bracket with another amount in it; the amount's place, or −1. */
    private int bracketed(final int i, final int to) {
        if (i >= to || !reading.at(i).isMark("(")) {
            return -1;
        }
        for (int k = i + 1; k < to && !reading.at(k).isMark(")"); k++) {
            if (reading.at(k).is(Part.PartKind.AMOUNT)) {
                return k;
            }
        }
        return -1;
    }

    private int closing(final int i, final int to) {
        for (int k = i; k < to; k++) {
            if (reading.at(k).isMark(")")) {
                return k;
            }
        }
        return to - 1;
    }

    private List<String> asides(
            final int from, final int to, final Part amount, final int amountAt) {
        final List<String> asides = new ArrayList<>();
        for (int k = from; k < to; k++) {
            final Part part = reading.at(k);
            if (part.is(Part.PartKind.DEGREES)
                    || part.is(Part.PartKind.MINUTES)
                    || part.is(Part.PartKind.MILLIMETRES)
                    || part.is(Part.PartKind.AMOUNT) && k > amountAt) {
                asides.add(part.text().toLowerCase(Locale.ROOT));
            }
        }
        if (amount.isRange()) {
            asides.add("a range: its middle is used");
        }
        return asides;
    }
}
