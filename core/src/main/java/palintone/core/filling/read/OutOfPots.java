package palintone.core.filling.read;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntFunction;
import palintone.core.filling.pot.FromPot;

/**
 * Where a text takes a part of what was made: "take 300 g of the purée", "half of the praline",
 * "the rest of it", and as our own recipes say it, "all of what is in Quince".
 */
final class OutOfPots {

    private final RecipeReading reading;

    /** Parts of what was made before, by the place they stand at. */
    private final Map<Integer, Taken> parts = new TreeMap<>();

    /** Places from which on the text goes on in a pot it names. */
    private final Map<Integer, String> inPots = new TreeMap<>();

    private enum By {
        /** A pot that the text itself calls so. */
        NAME,
        /** What was made and is called so. */
        NOUN,
        /** What is left of it. */
        REST,
        /** All of it, where something else was begun after it was made. */
        ALL
    }

    private record Taken(int to, IntFunction<FromPot> much, String noun, By by) {}

    OutOfPots(final RecipeReading reading) {
        this.reading = reading;
    }

    /** "In Quince: …": only where the text takes out of pots by name. */
    void goOnIn(final int from, final int to) {
        if (!reading.word(from).equals("in") || !byName()) {
            return;
        }
        final int end = nameEnd(from + 1, Math.min(to, from + 6));
        if (end > from + 1 && end < to && reading.at(end).isMark(":")) {
            inPots.put(from, name(from + 1, end));
            reading.went(from, end + 1, PartUse.SET);
        }
    }

    private boolean byName() {
        for (int i = 0; i + 4 < reading.size(); i++) {
            if (isOfAPot(i, reading.size())) {
                return true;
            }
        }
        return false;
    }

    /**
     * A part said without grams: all, a share, or the rest.
     *
     * @param listed lines of the recipe: a share of one of them is no share of a pot
     * @return behind it, or the same place where there is none
     */
    int without(final int i, final int from, final int to, final List<WrittenLine> listed) {
        if (!reading.isFree(i)) {
            return i;
        }
        final double share = share(i);
        if (isOfAPot(i, to) && (reading.word(i).equals("all") || share > 0)) {
            final int end = nameEnd(i + 5, to);
            final IntFunction<FromPot> much =
                    share > 0 ? pot -> FromPot.share(pot, share) : FromPot::all;
            return put(i, new Taken(end, much, name(i + 5, end), By.NAME));
        }
        whole(i, to, listed);
        final boolean rest = reading.word(i).matches("rest|remaining|remainder");
        if (!rest && !(share > 0 && share < 1)) {
            return i;
        }
        int noun = i + 1;
        while (noun < to && reading.word(noun).matches("of|the|this|that")) {
            noun++;
        }
        final String word = noun < to ? reading.word(noun) : "";
        if (!WrittenPots.isMade(word)
                || listed.stream().anyMatch(line -> line.names().contains(word))
                || !rest && byStages(i, from)) {
            return i;
        }
        return put(
                i,
                rest
                        ? new Taken(noun + 1, FromPot::all, word, By.REST)
                        : new Taken(noun + 1, pot -> FromPot.share(pot, share), word, By.NOUN));
    }

    /**
     * "Fold in the crushed praline", "stir the purée into it": what was made apart goes in whole.
     */
    private void whole(final int i, final int to, final List<WrittenLine> listed) {
        if (!reading.word(i).equals("the")) {
            return;
        }
        int noun = i + 1;
        while (noun < to
                && reading.word(noun)
                        .matches("crushed|chopped|cooled|cold|hot|warm|sieved|coated")) {
            noun++;
        }
        final String word = noun < to ? reading.word(noun) : "";
        final boolean goesIn =
                reading.word(i - 1).matches("in|fold|stir|add")
                        || noun + 1 < to && reading.word(noun + 1).matches("into|in");
        // Where it is no pot after all its words are read as before.
        if (goesIn
                && WrittenPots.isMade(word)
                && listed.stream().noneMatch(line -> line.names().contains(word))) {
            parts.put(i, new Taken(noun + 1, FromPot::all, word, By.ALL));
        }
    }

    private int put(final int i, final Taken part) {
        parts.put(i, part);
        reading.went(i, part.to(), PartUse.NOWHERE);
        return part.to();
    }

    /** As a share of one; 0 where there is none. "By half", "to a third" is a reduction. */
    private double share(final int i) {
        if (i > 0 && reading.word(i - 1).matches("by|to")) {
            return 0;
        }
        final Part part = reading.at(i);
        if (part.is(Part.PartKind.SHARE) || part.is(Part.PartKind.COUNT) && part.low() < 1) {
            return part.middle();
        }
        return part.is(Part.PartKind.PERCENT) ? part.middle() / 100 : 0;
    }

    /** "Pour a third of the caramel over the chocolate": by and by, and all of it in the end. */
    private boolean byStages(final int i, final int from) {
        for (int k = i - 1; k >= Math.max(from, i - 4); k--) {
            if (reading.word(k).matches("pour|pouring|poured|another|second|first|emulsify")) {
                return true;
            }
        }
        return false;
    }

    /**
     * A part said in grams, where it is one and not a line.
     *
     * @param next behind the line that stands there
     * @return whether it is one
     */
    boolean grams(
            final int i, final int next, final WrittenLine line, final List<WrittenLine> listed) {
        final boolean named = isOfAPot(i, reading.size());
        final boolean noun =
                reading.word(i + 1).equals("of")
                        && reading.word(i + 2).matches("the|this|it|that")
                        && listed.stream().noneMatch(l -> isOf(line, l));
        if (!named && !noun) {
            return false;
        }
        reading.went(i, next, PartUse.NOWHERE);
        if (!line.unit().isMass()) {
            if (named) {
                final int end = nameEnd(i + 5, reading.size());
                parts.put(i, new Taken(end, FromPot::all, name(i + 5, end), By.NAME));
            }
            return true;
        }
        final double grams = line.amount() * line.unit().eachG();
        final IntFunction<FromPot> much = pot -> FromPot.some(pot, grams);
        if (named) {
            final int end = nameEnd(i + 5, reading.size());
            parts.put(i, new Taken(end, much, name(i + 5, end), By.NAME));
        } else {
            parts.put(i, new Taken(next, much, line.words().replaceFirst("^.*\\s", ""), By.NOUN));
        }
        return true;
    }

    private static boolean isOf(final WrittenLine own, final WrittenLine listed) {
        return !listed.names().isEmpty()
                && own.names().contains(listed.names().get(listed.names().size() - 1));
    }

    /** "… of what is in Quince", as our own recipes say it. */
    private boolean isOfAPot(final int i, final int to) {
        return i + 5 < to
                && reading.word(i + 1).equals("of")
                && reading.word(i + 2).equals("what")
                && reading.word(i + 3).equals("is")
                && reading.word(i + 4).equals("in");
    }

    private int nameEnd(final int from, final int to) {
        int end = from;
        while (end < to && reading.at(end).is(Part.PartKind.WORD)) {
            end++;
        }
        return end;
    }

    private String name(final int from, final int to) {
        return from < to ? reading.source(from, to).strip() : "";
    }

    /** In which pot a clause goes on, where the text says so. */
    void begin(final Clause clause, final WrittenPots pots) {
        inPots.entrySet().stream()
                .filter(e -> e.getKey() <= clause.from())
                .reduce((a, b) -> b)
                .ifPresent(e -> pots.goOnIn(e.getValue()));
    }

    /** What a clause takes goes to its operation; what nobody made stays said to be unused. */
    void take(final Clause clause, final WrittenPots pots) {
        parts.forEach(
                (place, part) -> {
                    if (place < clause.from() || place >= clause.to()) {
                        return;
                    }
                    final boolean taken =
                            switch (part.by()) {
                                case NAME -> {
                                    pots.takeOut(part.much(), part.noun());
                                    yield true;
                                }
                                case NOUN -> pots.take(part.much(), part.noun());
                                case REST -> pots.rest(part.noun());
                                case ALL -> pots.whole(part.noun());
                            };
                    if (taken) {
                        reading.went(place, part.to(), PartUse.SET);
                    }
                });
    }
}
