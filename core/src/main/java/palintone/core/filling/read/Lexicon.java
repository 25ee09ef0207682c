package palintone.core.filling.read;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the words of a recipe mean: read once from {@code words.txt}. */
final class Lexicon {

    /** What a verb asks to be done, before its clause says more. */
    enum Verb {
        BOIL,
        HEAT,
        WARM,
        BRING,
        COOK,
        REDUCE,
        POUR,
        WAIT,
        REST,
        INFUSE,
        STRAIN,
        BLEND,
        STIR,
        ADD,
        MELT,
        COOL,
        CHILL,
        FREEZE,
        CUT,
        CRUSH,
        TEMPER,
        CARAMELISE,
        /** What is cut away from fruit before it is used. */
        TRIM,
        COVER,
        /** Done, but not by the pot: toasting, piping. */
        OTHER,
        /** Helps another verb, or says nothing. */
        LIGHT
    }

    /** How a verb stands. */
    enum Form {
        BASE,
        /** boils */
        THIRD,
        /** boiled */
        PAST,
        /** boiling */
        ING
    }

    /** A verb as it stands in a text. */
    record Meant(Verb verb, Form form) {}

    private static final Map<String, Meant> VERBS = new HashMap<>();
    private static final Set<String> NOTHING = new HashSet<>();
    private static final Set<String> NOTES = new HashSet<>();
    private static final Set<String> ANOTHER = new HashSet<>();
    private static final Set<String> INFUSED = new HashSet<>();
    private static final Set<String> PIECES = new HashSet<>();
    private static final Map<String, Set<String>> KINDS = new HashMap<>();

    static {
        load();
    }

    private Lexicon() {}

    static Optional<Meant> verb(final String word) {
        // "Dry-caramelise", "re-heat".
        final String last =
                word.startsWith("pre-") ? word : word.substring(word.lastIndexOf('-') + 1);
        return Optional.ofNullable(VERBS.getOrDefault(word, VERBS.get(last)));
    }

    /** Whether a word holds others together and says nothing a recipe could be set by. */
    static boolean saysNothing(final String word) {
        return NOTHING.contains(word) || NOTES.contains(word) || word.endsWith("ly");
    }

    /** Whether a word only says how an ingredient was got ready. */
    static boolean isNote(final String word) {
        return NOTES.contains(word);
    }

    /**
     * Whether a word makes another food of what it stands beside: soya of milk, dried of cherries.
     */
    static boolean isAnother(final String word) {
        return ANOTHER.contains(word);
    }

    /** Whether it gives its taste and is strained out. */
    static boolean isInfused(final String word) {
        return INFUSED.contains(word);
    }

    /** Whether a word calls by its kind what has a name of its own: nuts, the fruit, the spirit. */
    static boolean isKindOf(final String kind, final String name) {
        return KINDS.getOrDefault(kind, Set.of()).contains(name);
    }

    /** Whether a word calls anything by its kind. */
    static boolean isKind(final String word) {
        return KINDS.containsKey(word);
    }

    /** Whether it stays in pieces where it is folded in. */
    static boolean isPiece(final String word) {
        return PIECES.contains(word);
    }

    private static void load() {
        try (InputStream in = Lexicon.class.getResourceAsStream("words.txt")) {
            String section = "";
            for (final String row :
                    new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\\R")) {
                final String line = row.strip();
                if (line.startsWith("[")) {
                    section = line;
                } else if (!line.isEmpty() && !line.startsWith("#")) {
                    take(section, line);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void take(final String section, final String line) {
        switch (section) {
            case "[verbs]" -> {
                final int colon = line.indexOf(':');
                final Verb verb = Verb.valueOf(line.substring(0, colon));
                for (final String word : line.substring(colon + 1).split(",")) {
                    forms(verb, word.strip());
                }
            }
            case "[kinds]" -> {
                final int colon = line.indexOf(':');
                KINDS.put(line.substring(0, colon), Set.of(distinct(line.substring(colon + 1))));
            }
            case "[pieces]" -> PIECES.addAll(Set.of(distinct(line)));
            case "[nothing]" -> NOTHING.addAll(Set.of(distinct(line)));
            case "[another]" -> ANOTHER.addAll(Set.of(distinct(line)));
            case "[notes]" -> NOTES.addAll(Set.of(distinct(line)));
            default -> INFUSED.addAll(Set.of(distinct(line)));
        }
    }

    private static String[] distinct(final String line) {
        return java.util.Arrays.stream(line.strip().split("\\s+"))
                .distinct()
                .toArray(String[]::new);
    }

    private static void forms(final Verb verb, final String written) {
        final String[] forms = written.split("/");
        final String base = forms[0];
        final String stem = base.endsWith("e") ? base.substring(0, base.length() - 1) : base;
        final String last = base.substring(base.length() - 1);
        put(base, verb, Form.BASE);
        put(base + "s", verb, Form.THIRD);
        put(base + "es", verb, Form.THIRD);
        put(stem + "ing", verb, Form.ING);
        put(stem + last + "ing", verb, Form.ING);
        put(stem + "ed", verb, Form.PAST);
        for (int i = 1; i < forms.length; i++) {
            put(forms[i], verb, Form.PAST);
        }
    }

    /** What stands first in the list is meant. */
    private static void put(final String word, final Verb verb, final Form form) {
        VERBS.putIfAbsent(word, new Meant(verb, form));
    }
}
