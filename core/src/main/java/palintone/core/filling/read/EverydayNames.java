package palintone.core.filling.read;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What makers call things that the larder calls otherwise: unsalted butter, powdered sugar. Read
 * from a list of ids with their names; a tilde marks a name that only likely means it.
 */
public final class EverydayNames {

    private final Map<String, Known> known = new HashMap<>();

    /**
     * What a name means.
     *
     * @param id of the ingredient
     * @param sure or else only likely
     */
    public record Known(String id, boolean sure) {}

    /**
     * @param list a line for each id: the id, a colon, names with semicolons between
     */
    public EverydayNames(final String list) {
        for (final String row : list.split("\\R")) {
            final int colon = row.indexOf(':');
            if (colon < 0 || row.startsWith("#")) {
                continue;
            }
            for (final String name : row.substring(colon + 1).split(";")) {
                final boolean likely = name.strip().startsWith("~");
                known.putIfAbsent(
                        key(name.replace("~", ""), t -> true),
                        new Known(row.substring(0, colon).strip(), !likely));
            }
        }
    }

    /**
     * What somebody who writes this most likely means.
     *
     * @param words as they were written, with what is said of the preparation
     */
    public Optional<Known> of(final String words) {
        final int cut = words.indexOf(',') < 0 ? words.length() : words.indexOf(',');
        final int bracket = words.indexOf('(') < 0 ? words.length() : words.indexOf('(');
        final int end = Math.min(cut, bracket);
        final String head = words.substring(0, end);
        final String rest = words.substring(end);
        // "Milk, soya" and "milk (soya)" are soya milk.
        for (final String whole : new String[] {rest + " " + head, words}) {
            final Optional<Known> known = same(whole);
            if (known.isPresent()) {
                return known;
            }
        }
        if (tokens(rest).anyMatch(Lexicon::isAnother)) {
            // What makes another food of it is not passed over: somebody is asked.
            return Optional.empty();
        }
        final boolean cutOff = tokens(rest).anyMatch(EverydayNames::saysSomething);
        final Optional<Known> known = same(head);
        if (known.isPresent()) {
            return known.map(k -> new Known(k.id(), k.sure() && !cutOff));
        }
        // "Dark chocolate 64 %" is dark chocolate, of a strength that is not known here.
        final Known any = known(head, t -> !isNote(t) && !t.matches("\\d.*"));
        return Optional.ofNullable(any).map(k -> new Known(k.id(), false));
    }

    private Optional<Known> same(final String name) {
        final Known whole = known(name, t -> true);
        return Optional.ofNullable(whole == null ? known(name, t -> !isNote(t)) : whole);
    }

    private Known known(final String name, final Predicate<String> counts) {
        return known.get(key(name, counts));
    }

    /** Said of the preparation only; what is dried or salted is another thing. */
    private static boolean isNote(final String word) {
        return Lexicon.isNote(word) && !Lexicon.isAnother(word);
    }

    private static boolean saysSomething(final String word) {
        return !isNote(word) && !word.matches("\\d.*|g|kg|ml|l|oz|lb|lbs|tin|can|jar|packet");
    }

    private static Stream<String> tokens(final String name) {
        final String plain =
                Normalizer.normalize(name.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                        .replaceAll("\\p{M}", "");
        return Arrays.stream(plain.split("[^\\p{L}\\d]+"))
                .filter(t -> !t.isEmpty() && !t.equals("of") && !t.equals("the"));
    }

    private static String key(final String name, final Predicate<String> counts) {
        return tokens(name).filter(counts).map(Nouns::stem).collect(Collectors.joining(" "));
    }
}
