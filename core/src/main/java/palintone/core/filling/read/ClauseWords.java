package palintone.core.filling.read;

import java.util.Set;

/** What a clause says: its words and degrees, and whether it speaks of a vessel. */
final class ClauseWords {

    private static final String BROWNS =
            "golden|amber|brown|browned|browns|caramelises?d?|caramelizes?d?|caramel-coloured";

    static final Set<String> VESSELS =
            Set.of(
                    "bowl",
                    "tin",
                    "tray",
                    "frame",
                    "mould",
                    "moulds",
                    "mold",
                    "molds",
                    "jug",
                    "dish",
                    "container",
                    "bag",
                    "shell",
                    "shells",
                    "out",
                    "off",
                    "away");

    static final Set<String> POTS = Set.of("pan", "saucepan", "pot");

    private final RecipeReading reading;

    ClauseWords(final RecipeReading reading) {
        this.reading = reading;
    }

    String text(final Clause clause) {
        return reading.source(clause.from(), clause.to());
    }

    double degrees(final Clause clause) {
        final int at = reading.free(clause.from(), clause.to(), Part.PartKind.DEGREES);
        return at < 0 ? Double.NaN : reading.at(at).middle();
    }

    boolean browns(final Clause clause) {
        return brownsAt(clause)
                && !(says(clause, "brown") && says(clause, "sugar") && !says(clause, "until"));
    }

    /** "Golden syrup" is what it is called, and not how far it is cooked. */
    private boolean brownsAt(final Clause clause) {
        for (int i = clause.from(); i < clause.to(); i++) {
            if (i != clause.head()
                    && reading.word(i).matches(BROWNS)
                    && !isName(reading.word(i), reading.word(i + 1))) {
                return true;
            }
        }
        return false;
    }

    /** Whether a colour is part of a name. */
    static boolean isName(final String colour, final String next) {
        return colour.matches("golden|gold|straw|amber")
                && next.matches("syrup|caster|sugar|raisins?|sultanas?|leaf|dust|rum|treacle");
    }

    boolean says(final Clause clause, final String words) {
        return word(clause, words) >= 0;
    }

    int word(final Clause clause, final String words) {
        for (int i = clause.from(); i < clause.to(); i++) {
            if (i != clause.head() && reading.word(i).matches(words)) {
                return i;
            }
        }
        return -1;
    }

    /** "Stir in the butter", "is blended in"; not "stir in a bowl". */
    boolean isInto(final Clause clause) {
        for (int i = clause.head() + 1; i < clause.to(); i++) {
            if (reading.isFree(i) && reading.word(i).matches("in|into")) {
                int next = i + 1;
                while (next < clause.to()
                        && (reading.word(next).matches("an?|the|large|small|heavy|lined|medium|it")
                                || reading.word(next).endsWith("ed"))) {
                    next++;
                }
                if (next < clause.to() && reading.at(next).is(Part.PartKind.MILLIMETRES)) {
                    return false;
                }
                if (next < clause.to() && reading.at(next).is(Part.PartKind.COUNT)) {
                    next++;
                }
                final String what = reading.word(next);
                return !VESSELS.contains(what)
                        && !POTS.contains(what)
                        && !what.matches("parts|times|stages|batches|balls?|circles?");
            }
        }
        return false;
    }

    boolean in(final Clause clause, final Set<String> vessels) {
        for (int i = clause.head() + 1; i < clause.to(); i++) {
            if (vessels.contains(reading.word(i))) {
                return true;
            }
        }
        return false;
    }
}
