package palintone.core.filling.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Which of the lines weighed in a stretch of text speaks of. */
final class Mentions {

    /** What names one thing and also colours another: milk chocolate is no milk. */
    private static final Set<String> COLOURS =
            Set.of(
                    "milk",
                    "cream",
                    "butter",
                    "egg",
                    "water",
                    "dark",
                    "white",
                    "brown",
                    "sea",
                    "lemon",
                    "orange",
                    "light",
                    "heavy",
                    "double",
                    "bittersweet",
                    "golden",
                    "ivory",
                    "corn",
                    "coconut",
                    "cocoa",
                    "fruit",
                    "sweetened",
                    "condensed",
                    "whipping",
                    "caster",
                    "icing",
                    "powdered",
                    "smooth",
                    "house",
                    "flaky");

    private Mentions() {}

    /**
     * @param reading whose words they are
     * @param lines weighed in
     * @return the lines it names, each once, in the order of the lines
     */
    static List<WrittenLine> in(
            final RecipeReading reading,
            final int from,
            final int to,
            final List<WrittenLine> lines) {
        final Set<WrittenLine> found = new java.util.LinkedHashSet<>();
        for (int i = from; i < to; i++) {
            final String word = Nouns.stem(reading.word(i));
            if (word.isEmpty()) {
                continue;
            }
            int best = 0;
            final List<WrittenLine> nearest = new ArrayList<>();
            for (final WrittenLine line : lines) {
                final int score = score(reading, from, i, word, line.names());
                if (score > best) {
                    best = score;
                    nearest.clear();
                }
                if (score > 0 && score == best) {
                    nearest.add(line);
                }
            }
            found.addAll(nearest);
        }
        return lines.stream().filter(found::contains).toList();
    }

    /** How many of its names stand there together, ending in this word; 0 where it is not meant. */
    private static int score(
            final RecipeReading reading,
            final int from,
            final int i,
            final String word,
            final List<String> names) {
        final int at = names.lastIndexOf(word);
        if (at < 0) {
            // By its kind, where nothing bears the name itself: the nuts, the spirit.
            return Lexicon.isKind(word) && names.stream().anyMatch(n -> Lexicon.isKindOf(word, n))
                    ? 1
                    : 0;
        }
        final boolean head = at == names.size() - 1;
        if (!head && (COLOURS.contains(word) || word.length() < 4)) {
            return 0;
        }
        int score = head ? 2 : 1;
        for (int k = 1; k <= at && i - k >= from; k++) {
            if (!names.get(at - k).equals(Nouns.stem(reading.word(i - k)))) {
                break;
            }
            score += 2;
        }
        // "cocoa butter" is not the butter: another thing's colour stands before it.
        final String before = Nouns.stem(reading.word(i - 1));
        final boolean foreign = i > from && COLOURS.contains(before) && !names.contains(before);
        return foreign && head ? 1 : score;
    }

    /** Whether a word is part of the name of a line. */
    static boolean names(final String word, final List<WrittenLine> lines) {
        final String stem = Nouns.stem(word);
        return lines.stream()
                .flatMap(line -> line.names().stream())
                .anyMatch(name -> name.equals(stem) || Lexicon.isKindOf(stem, name));
    }
}
