package palintone.core.filling.read;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/**
 * How alike a written name is to the names of the larder: word by word by the likeness of Jaro and
 * Winkler, weighed by the length of the word.
 */
public final class Likeness {

    private static final double LIKE = 0.85;
    private static final double WORTH_SHOWING = 0.55;
    private static final int MOST_SHOWN = 5;
    private static final Set<String> SAYS_NOTHING =
            Set.of("of", "the", "a", "fresh", "chopped", "melted", "soft", "fine", "house", "and");

    /** Names of the larder go without them: "dark couverture 66 %" is "House dark 66". */
    private static final Set<String> SAYS_LITTLE = Set.of("couverture", "chocolate");

    /** What colours many things and names none: an egg white is no white chocolate. */
    private static final Set<String> COLOURS =
            Set.of(
                    "white",
                    "dark",
                    "brown",
                    "light",
                    "black",
                    "red",
                    "green",
                    "sweet",
                    "plain",
                    "double",
                    "heavy",
                    "dried",
                    "ground",
                    "whole",
                    "roasted",
                    "toasted",
                    "raw",
                    "sour",
                    "salted",
                    "unsalted");

    private static final double LITTLE = 0.5;
    private static final JaroWinklerSimilarity JARO_WINKLER = new JaroWinklerSimilarity();

    private final List<Named> larder;
    private final List<String[]> tokens;

    /** To be asked many times. */
    public Likeness(final List<Named> larder) {
        this.larder = List.copyOf(larder);
        this.tokens = larder.stream().map(n -> tokens(n.name())).toList();
    }

    /**
     * A name of the larder and how near it is.
     *
     * @param id of the ingredient
     * @param name of it
     * @param score 0 to 1
     */
    public record Candidate(String id, String name, double score) {}

    /** A name of the larder. */
    public record Named(String id, String name) {}

    /** The nearest names, best first; none that is not worth showing. */
    public static List<Candidate> nearest(final String words, final List<Named> larder) {
        return new Likeness(larder).nearest(words);
    }

    /** The nearest names, best first; none that is not worth showing. */
    public List<Candidate> nearest(final String words) {
        final String[] asked = tokens(words);
        final Pairs pairs = new Pairs();
        return IntStream.range(0, larder.size())
                .mapToObj(
                        i ->
                                new Candidate(
                                        larder.get(i).id(),
                                        larder.get(i).name(),
                                        score(asked, tokens.get(i), pairs)))
                .filter(c -> c.score() >= WORTH_SHOWING)
                .sorted(
                        Comparator.comparingDouble(Candidate::score)
                                .reversed()
                                .thenComparing(Candidate::name))
                .limit(MOST_SHOWN)
                .toList();
    }

    /** The words of a name that say what it is, one for many. */
    static Set<String> telling(final String text) {
        return Arrays.stream(
                        Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                                .replaceAll("\\p{M}", "")
                                .split("[^\\p{L}\\d]+"))
                .filter(w -> !w.isEmpty() && !SAYS_NOTHING.contains(w))
                .filter(w -> !Lexicon.isNote(w) || Lexicon.isAnother(w) || w.equals("whole"))
                .map(Nouns::stem)
                .filter(w -> !SAYS_LITTLE.contains(w))
                .collect(Collectors.toSet());
    }

    private static double score(final String[] asked, final String[] name, final Pairs pairs) {
        if (asked.length == 0 || name.length == 0 || !sharesANoun(asked, name, pairs)) {
            return 0;
        }
        final double there = covered(asked, name, pairs);
        final double back = covered(name, asked, pairs);
        return 0.75 * there + 0.25 * back;
    }

    /** Something must be the same but a colour, where either is more than that. */
    private static boolean sharesANoun(
            final String[] asked, final String[] name, final Pairs pairs) {
        final boolean nouns = Arrays.stream(asked).anyMatch(w -> !COLOURS.contains(w));
        return !nouns
                || Arrays.stream(asked)
                        .filter(w -> !COLOURS.contains(w) && !SAYS_LITTLE.contains(w))
                        .anyMatch(w -> Arrays.stream(name).anyMatch(n -> pairs.alike(w, n) >= LIKE))
                || Arrays.stream(asked)
                        .filter(SAYS_LITTLE::contains)
                        .anyMatch(w -> Arrays.asList(name).contains(w) || chocolate(name));
    }

    /** Names of the larder leave the word couverture out: "House dark 66". */
    private static boolean chocolate(final String[] name) {
        return Arrays.stream(name).anyMatch(n -> n.matches("dark|milk|ivory|white|\\d\\d"))
                && Arrays.stream(name).noneMatch(n -> n.matches("egg|whole|sugar|rum|beer"));
    }

    private static double covered(final String[] these, final String[] by, final Pairs pairs) {
        double sum = 0;
        double weight = 0;
        for (final String word : these) {
            final double best =
                    Arrays.stream(by).mapToDouble(w -> pairs.alike(word, w)).max().orElse(0);
            final double heavy = SAYS_LITTLE.contains(word) ? LITTLE : Math.min(6, word.length());
            sum += heavy * (best < LIKE ? 0 : best);
            weight += heavy;
        }
        return sum / weight;
    }

    /** How alike two words are, each pair worked out once a question: names share their words. */
    private static final class Pairs {

        private final Map<String, Map<String, Double>> known = new HashMap<>();

        double alike(final String a, final String b) {
            final boolean inOrder = a.compareTo(b) <= 0;
            return known.computeIfAbsent(inOrder ? a : b, w -> new HashMap<>())
                    .computeIfAbsent(inOrder ? b : a, w -> workedOut(a, b));
        }

        private static double workedOut(final String a, final String b) {
            if (Character.isDigit(a.charAt(0)) || Character.isDigit(b.charAt(0))) {
                return a.equals(b) ? 1 : 0;
            }
            return JARO_WINKLER.apply(a, b);
        }
    }

    private static String[] tokens(final String text) {
        return Arrays.stream(
                        text.toLowerCase(Locale.ROOT)
                                .replaceAll("\\(.*?\\)", " ")
                                .split("[^\\p{L}\\d]+"))
                .filter(w -> !w.isEmpty() && !SAYS_NOTHING.contains(w))
                .map(w -> w.length() > 4 && w.endsWith("s") ? w.substring(0, w.length() - 1) : w)
                .toArray(String[]::new);
    }
}
