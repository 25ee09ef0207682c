package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import palintone.core.filling.pot.OperationKind;

/** The words by which makers call what they do. */
final class Verbs {

    private static final Map<String, OperationKind> WORDS = words();

    private static final String ANY =
            WORDS.keySet().stream()
                    .sorted(Comparator.comparingInt(String::length).reversed())
                    .map(Pattern::quote)
                    .collect(Collectors.joining("|"));

    private static final Pattern VERB = Pattern.compile("\\b(" + ANY + ")(?:s|es|d|ed|ing)?\\b");

    /**
     * "Pour over, wait 3 minutes, blend and cool to 28 °C" is four things to do. A noun that is
     * also a verb ("the boil", "the mix") opens nothing.
     */
    private static final Pattern CLAUSE_ENDS =
            Pattern.compile(
                    "(?i)(?<=[.;])\\s+|,?\\s+(?:and\\s+)?then\\s+|,\\s+(?:and\\s+)?(?=(?:"
                            + ANY
                            + ")(?:s|es|d|ed|ing)?\\b)|\\s+and\\s+(?=(?:"
                            + ANY
                            + ")\\b)");

    private Verbs() {}

    /** Where the first verb of a text stands, and what it means. */
    record Found(String word, OperationKind kind) {}

    static Optional<Found> first(final String lowerCase) {
        final Matcher m = VERB.matcher(lowerCase);
        return m.find()
                ? Optional.of(new Found(m.group(1), WORDS.get(m.group(1))))
                : Optional.empty();
    }

    /** The clauses of a sentence, each with at most one thing to do; none is without a verb. */
    static List<String> clauses(final String sentence) {
        final List<String> clauses = new ArrayList<>();
        String open = "";
        for (final String piece : CLAUSE_ENDS.split(sentence)) {
            open = open.isEmpty() ? piece : open + " and " + piece;
            if (first(open.toLowerCase(Locale.ROOT)).isPresent()) {
                clauses.add(open);
                open = "";
            }
        }
        if (!open.isEmpty()) {
            clauses.add(open);
        }
        return clauses;
    }

    private static Map<String, OperationKind> words() {
        final Map<String, OperationKind> verbs = new LinkedHashMap<>();
        for (final OperationKind kind : OperationKind.values()) {
            verbs.put(kind.words().replaceFirst(",.*$", ""), kind);
        }
        verbs.put("bring to the boil", OperationKind.BOIL);
        verbs.put("back to the boil", OperationKind.BOIL);
        verbs.put("bring to a boil", OperationKind.BOIL);
        verbs.put("heat", OperationKind.BOIL);
        verbs.put("bring", OperationKind.BOIL);
        verbs.put("simmer", OperationKind.BOIL);
        verbs.put("pour", OperationKind.POUR);
        verbs.put("wait", OperationKind.REST);
        verbs.put("infuse", OperationKind.INFUSE);
        verbs.put("steep", OperationKind.INFUSE);
        verbs.put("reduce", OperationKind.BOIL_DOWN);
        verbs.put("strain", OperationKind.SIEVE);
        verbs.put("caramelize", OperationKind.CARAMELISE);
        verbs.put("mix", OperationKind.ADD);
        verbs.put("stir in", OperationKind.ADD);
        verbs.put("fold", OperationKind.ADD);
        verbs.put("melt", OperationKind.ADD);
        verbs.put("combine", OperationKind.ADD);
        verbs.put("dissolve", OperationKind.ADD);
        verbs.put("whip", OperationKind.ADD);
        verbs.put("beat", OperationKind.ADD);
        verbs.put("weigh", OperationKind.ADD);
        verbs.put("temper the yolk", OperationKind.TEMPER_YOLKS);
        verbs.put("temper the egg yolk", OperationKind.TEMPER_YOLKS);
        verbs.put("cook", OperationKind.COOK_SUGAR);
        verbs.put("chill", OperationKind.REST);
        verbs.put("leave", OperationKind.REST);
        verbs.put("whisk", OperationKind.EMULSIFY);
        verbs.put("stir", OperationKind.EMULSIFY);
        return verbs;
    }
}
