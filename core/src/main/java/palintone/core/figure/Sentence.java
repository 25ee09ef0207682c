package palintone.core.figure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Something to say to the maker, with its numbers left as quantities, so that whoever shows it can
 * state them in the maker's own units. Places for numbers are written {@code {name}}.
 *
 * @param template the words
 * @param values the numbers, by the name of their place
 */
public record Sentence(String template, Map<String, Quantity> values) {

    public Sentence {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    public static Sentence of(final String template) {
        return new Sentence(template, Map.of());
    }

    /**
     * With a number for one of its places.
     *
     * @param name of the place, without braces
     * @param value in that unit
     */
    public Sentence with(final String name, final double value, final Unit unit) {
        final Map<String, Quantity> more = new LinkedHashMap<>(values);
        more.put(name, new Quantity(value, unit));
        return new Sentence(template, more);
    }

    /**
     * This sentence followed by another. Where both name a place with different numbers, that of
     * the next gets a name of its own: neither says the number of the other.
     */
    public Sentence and(final Sentence next) {
        if (template.isEmpty() || next.template.isEmpty()) {
            return template.isEmpty() ? next : this;
        }
        final Map<String, Quantity> both = new LinkedHashMap<>(values);
        String words = next.template;
        for (final Map.Entry<String, Quantity> number : next.values.entrySet()) {
            String name = number.getKey();
            for (int n = 2;
                    both.containsKey(name) && !both.get(name).equals(number.getValue());
                    n++) {
                name = number.getKey() + n;
            }
            words = words.replace("{" + number.getKey() + "}", "{" + name + "}");
            both.put(name, number.getValue());
        }
        return new Sentence(template + " " + words, both);
    }
}
