package palintone.core.taste;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Families of aroma and which of them makers put together, as {@code aromas.txt} beside this class
 * has them; that file is read and changed without a programmer. Common practice, no source.
 */
public final class Aromas {

    private static final String FAMILY = "family ";
    private static final String AGREE = "agree ";

    /** As the house ships them. */
    public static final Aromas OURS = read();

    private final Map<String, List<String>> families;
    private final Set<Set<String>> agree;

    private Aromas(final Map<String, List<String>> families, final Set<Set<String>> agree) {
        this.families = families;
        this.agree = agree;
    }

    private static Aromas read() {
        try (BufferedReader lines =
                new BufferedReader(
                        new InputStreamReader(
                                Objects.requireNonNull(
                                        Aromas.class.getResourceAsStream("aromas.txt")),
                                UTF_8))) {
            return of(lines.lines().toList());
        } catch (final IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /**
     * @param lines as in the file
     * @throws IllegalArgumentException naming a line that says neither a family nor a pair of two
     *     known ones
     */
    static Aromas of(final List<String> lines) {
        final Map<String, List<String>> families = new LinkedHashMap<>();
        final Set<Set<String>> agree = new HashSet<>();
        for (final String line : lines) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith(FAMILY) && line.contains(":")) {
                final int colon = line.indexOf(':');
                families.put(
                        line.substring(FAMILY.length(), colon).strip(),
                        List.of(line.substring(colon + 1).strip().split("\\s+")));
                continue;
            }
            final String[] pair =
                    line.startsWith(AGREE)
                            ? line.substring(AGREE.length()).split("\\+")
                            : new String[0];
            if (pair.length != 2
                    || !families.containsKey(pair[0].strip())
                    || !families.containsKey(pair[1].strip())) {
                throw new IllegalArgumentException("aromas.txt: " + line);
            }
            agree.add(Set.of(pair[0].strip(), pair[1].strip()));
        }
        return new Aromas(families, agree);
    }

    /** All of them, in the order of the file. */
    public Set<String> families() {
        return families.keySet();
    }

    /**
     * The family an ingredient belongs to by its name; where words of several families stand in it,
     * the one named first in it. Empty for what has no aroma of its own here.
     */
    public Optional<String> family(final String ingredient) {
        final String[] words = ingredient.toLowerCase(Locale.ROOT).split("[^\\p{L}]+");
        for (final String word : words) {
            for (final Map.Entry<String, List<String>> family : families.entrySet()) {
                if (family.getValue().stream().anyMatch(word::startsWith)) {
                    return Optional.of(family.getKey());
                }
            }
        }
        return Optional.empty();
    }

    /** Whether makers put two families together. */
    public boolean agree(final String one, final String other) {
        return !one.equals(other) && agree.contains(Set.of(one, other));
    }
}
