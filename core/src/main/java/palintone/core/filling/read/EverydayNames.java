package palintone.core.filling.read;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

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
        final String plain = words.replaceAll("\\(.*?\\)", " ").replaceFirst(",.*$", "");
        final Known whole = known.get(key(plain, t -> true));
        if (whole != null) {
            return Optional.of(whole);
        }
        final Known bare = known.get(key(plain, t -> !Lexicon.isNote(t)));
        if (bare != null) {
            return Optional.of(bare);
        }
        // "Dark chocolate 64 %" is dark chocolate, of a strength that is not known here.
        final Known any = known.get(key(plain, t -> !Lexicon.isNote(t) && !t.matches("\\d.*")));
        return Optional.ofNullable(any).map(k -> new Known(k.id(), false));
    }

    private static String key(final String name, final Predicate<String> counts) {
        final String plain =
                Normalizer.normalize(name.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                        .replaceAll("\\p{M}", "");
        return Arrays.stream(plain.split("[^\\p{L}\\d]+"))
                .filter(t -> !t.isEmpty() && !t.equals("of") && !t.equals("the"))
                .filter(counts)
                .map(WrittenLine::stem)
                .collect(Collectors.joining(" "));
    }
}
