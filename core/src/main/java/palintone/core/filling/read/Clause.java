package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import palintone.core.filling.read.Lexicon.Form;
import palintone.core.filling.read.Lexicon.Meant;
import palintone.core.filling.read.Lexicon.Verb;

/**
 * A stretch of a sentence with one thing to do.
 *
 * @param from its first part
 * @param to behind its last
 * @param head its verb
 * @param verb what that means
 * @param when whether it only says when the next thing is done: "once it has cooled to 30 °C"
 */
record Clause(int from, int to, int head, Verb verb, boolean when) {

    private static final Set<String> LEADS =
            Set.of(
                    "and",
                    "then",
                    "or",
                    "to",
                    "now",
                    "next",
                    "also",
                    "you",
                    "we",
                    "i",
                    "should",
                    "must",
                    "can",
                    "may",
                    "will",
                    "again",
                    "meanwhile",
                    "it",
                    "them",
                    "just",
                    "finally",
                    "first",
                    "all",
                    "everything",
                    "together",
                    "smooth",
                    "gently",
                    "method");
    private static final Set<String> DETERMINERS =
            Set.of(
                    "the",
                    "a",
                    "an",
                    "of",
                    "for",
                    "in",
                    "its",
                    "their",
                    "this",
                    "that",
                    "medium",
                    "low",
                    "high",
                    "full",
                    "rolling",
                    "fine",
                    "hand",
                    "stick",
                    "immersion",
                    "with",
                    "over",
                    "off",
                    "gentle",
                    "from",
                    "until",
                    "your",
                    "another",
                    "second",
                    "good");
    private static final Set<String> IS = Set.of("is", "are", "was", "were", "been", "be", "being");
    private static final Set<String> HAS = Set.of("has", "have", "had");
    private static final Set<String> OPENERS =
            Set.of("once", "when", "as", "after", "at", "if", "while", "meanwhile", "before");
    private static final Set<String> LETS = Set.of("let", "allow", "leave");
    private static final Set<String> LEANS =
            Set.of(
                    "over", "onto", "on", "in", "into", "to", "with", "for", "at", "until", "down",
                    "and", "through", "then");

    /** The clauses of a sentence; none where it asks for nothing. */
    static List<Clause> of(final RecipeReading reading, final int from, final int to) {
        List<Integer> heads = heads(reading, from, to, false);
        if (heads.isEmpty()) {
            heads = heads(reading, from, to, true);
        }
        final List<Clause> clauses = new ArrayList<>();
        int begin = from;
        for (int k = 0; k < heads.size(); k++) {
            final int head = heads.get(k);
            final int end = k + 1 < heads.size() ? boundary(reading, head, heads.get(k + 1)) : to;
            final Meant meant = Lexicon.verb(reading.word(head)).orElseThrow();
            clauses.add(
                    new Clause(
                            begin,
                            end,
                            head,
                            meant.verb(),
                            meant.form() == Form.PAST && opened(reading, begin, head)));
            begin = end;
        }
        return clauses;
    }

    private static boolean opened(final RecipeReading reading, final int from, final int head) {
        for (int i = from; i < head; i++) {
            if (reading.word(i).matches("once|when|as")) {
                return true;
            }
        }
        return false;
    }

    private static List<Integer> heads(
            final RecipeReading reading, final int from, final int to, final boolean shorthand) {
        final List<Integer> heads = new ArrayList<>();
        for (int i = from; i < to; i++) {
            final Optional<Meant> verb = Lexicon.verb(reading.word(i));
            if (verb.isPresent()
                    && (isHead(reading, from, to, i, verb.get(), heads)
                            || shorthand && isShort(reading, from, to, i, verb.get()))) {
                heads.add(i);
            }
        }
        return heads;
    }

    private static boolean isHead(
            final RecipeReading reading,
            final int from,
            final int to,
            final int i,
            final Meant verb,
            final List<Integer> before) {
        if (reading.went(i) == PartUse.LINE) {
            return false;
        }
        final String word = reading.word(i);
        final String next = i + 1 < to ? reading.word(i + 1) : "";
        if (verb.form() == Form.PAST) {
            return follows(reading, from, i, IS, 3)
                    || follows(reading, from, i, HAS, 4)
                    || !before.isEmpty()
                            && reading.word(i - 1).matches("and|then")
                            && Lexicon.verb(reading.word(before.get(before.size() - 1)))
                                    .filter(v -> v.form() == Form.PAST)
                                    .isPresent();
        }
        if (verb.form() != Form.BASE || next.matches("of|times?")) {
            return false;
        }
        if (word.equals("cream") && !next.matches("the|butter|together")) {
            return false;
        }
        if (verb.verb() == Verb.OTHER
                && reading.word(i - 1).equals("and")
                && !next.isEmpty()
                && !next.matches("the|it|them|a|an|into|in|on|to|with|all|everything")) {
            // "and split vanilla pod" is how it is got ready.
            return false;
        }
        if (word.matches("pur[eé]e") && i != from && !reading.word(i - 1).matches("and|then")) {
            // "… , purée" names it.
            return false;
        }
        if (word.equals("back")) {
            return next.equals("to")
                    && (reading.word(i + 2) + reading.word(i + 3)).matches(".*(boil|simmer).*")
                    && (i == from
                            || reading.at(i - 1).is(Part.PartKind.MARK)
                            || LEADS.contains(reading.word(i - 1)));
        }
        if (word.equals("top") && !next.matches("up|with|the")) {
            return false;
        }
        if (i == from) {
            return true;
        }
        final Part last = reading.at(i - 1);
        final String lead = last.word();
        if (last.is(Part.PartKind.MARK)
                || last.is(Part.PartKind.BREAK)
                || last.is(Part.PartKind.TAB)) {
            return !last.isMark("-–(");
        }
        if (lead.equals("to")) {
            // "bring to boil" is one thing.
            return !(verb.verb() == Verb.BOIL && before.stream().anyMatch(h -> h >= i - 4));
        }
        if (LEADS.contains(lead) || lead.endsWith("ly")) {
            return true;
        }
        if (last.is(Part.PartKind.DEGREES) || last.is(Part.PartKind.MINUTES)) {
            return verb.verb() != Verb.LIGHT;
        }
        if (DETERMINERS.contains(lead)) {
            return false;
        }
        return !before.isEmpty()
                && LETS.contains(reading.word(before.get(before.size() - 1)))
                && i - before.get(before.size() - 1) <= 5
                && verb.verb() != Verb.LIGHT;
    }

    private static boolean follows(
            final RecipeReading reading,
            final int from,
            final int i,
            final Set<String> words,
            final int within) {
        for (int k = i - 1; k >= Math.max(from, i - within); k--) {
            if (reading.at(k).is(Part.PartKind.MARK)) {
                return false;
            }
            if (words.contains(reading.word(k))) {
                return true;
            }
        }
        return false;
    }

    /** "200 g cream boiled, poured over the chocolate, blended". */
    private static boolean isShort(
            final RecipeReading reading,
            final int from,
            final int to,
            final int i,
            final Meant verb) {
        if (verb.form() != Form.PAST
                || verb.verb() == Verb.LIGHT
                || verb.verb() == Verb.OTHER
                || reading.went(i) == PartUse.LINE) {
            return false;
        }
        final boolean ends =
                i + 1 >= to
                        || reading.at(i + 1).is(Part.PartKind.MARK)
                        || reading.at(i + 1).kind().isNumber()
                        || LEANS.contains(reading.word(i + 1));
        final boolean begins =
                i == from
                        || reading.at(i - 1).is(Part.PartKind.MARK)
                        || reading.at(i - 1).is(Part.PartKind.WORD)
                                && !DETERMINERS.contains(reading.word(i - 1));
        return ends && begins;
    }

    /** Where the next thing to do begins: behind a mark or "and", with what says when. */
    private static int boundary(final RecipeReading reading, final int head, final int next) {
        int at = -1;
        for (int i = next - 1; i > head; i--) {
            final Part part = reading.at(i);
            if (part.isMark(",;:.") || part.is(Part.PartKind.BREAK)) {
                if (at >= 0 && !opens(reading, i + 1, at)) {
                    break;
                }
                at = i + 1;
                if (part.isMark(";.") || part.is(Part.PartKind.BREAK)) {
                    return at;
                }
            } else if (at < 0 && part.word().matches("and|then")) {
                at = i;
            } else if (at >= 0
                    && reading.at(at).word().matches("and|then")
                    && OPENERS.contains(part.word())) {
                return i;
            }
        }
        return at < 0 ? opener(reading, head, next) : at;
    }

    /** Whether a stretch begins by saying when. */
    private static boolean opens(final RecipeReading reading, final int from, final int to) {
        int i = from;
        while (i < to && reading.word(i).matches("and|then")) {
            i++;
        }
        return i < to && OPENERS.contains(reading.word(i));
    }

    private static int opener(final RecipeReading reading, final int head, final int next) {
        for (int i = next - 1; i > head; i--) {
            if (reading.word(i).matches("at|once|when")
                    && i + 1 < next
                    && reading.at(i + 1).is(Part.PartKind.DEGREES)) {
                return i;
            }
        }
        return next;
    }
}
