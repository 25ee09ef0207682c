package palintone.server.exchange.list;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/**
 * The columns a thing has in a table, read off the record it is written down as: a field is a
 * column, a field of a field {@code outer_inner}, the second of a list {@code layers.2.share}. So
 * whatever a draft learns to say, its table can say too.
 */
final class Columns {

    private static final Set<String> NEVER = Set.of("version");
    static final String KIND = "kind";

    private final Map<String, Class<?>> kinds;
    private final Set<String> plain;

    /**
     * @param kinds record by name of the kind; one, of the empty name, where there are no kinds
     * @param plain fields that hold others and whose own name is left out
     */
    Columns(final Map<String, Class<?>> kinds, final Set<String> plain) {
        this.kinds = new LinkedHashMap<>(kinds);
        this.plain = plain;
    }

    static Columns of(final Class<?> record, final String... plain) {
        return new Columns(Map.of("", record), Set.of(plain));
    }

    /** How a cell is written. */
    enum Form {
        ONE,
        /** Words separated by spaces. */
        MANY,
        /** Pairs of numbers, as 12.5:0 13:4. */
        PAIRS
    }

    /**
     * One column.
     *
     * @param path to the value: names, and numbers from 0 in lists
     * @param order where it stands among the columns
     */
    record Place(String name, List<Object> path, Class<?> type, Form form, List<Integer> order) {

        /** The list of things it stands in, where it stands in one. */
        Optional<String> listName() {
            return path.stream().anyMatch(Integer.class::isInstance)
                    ? Optional.of((String) path.get(0))
                    : Optional.empty();
        }
    }

    /** The column of a header as somebody wrote it; empty where none is meant. */
    Optional<Place> find(final String header) {
        final String wanted = header.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", "_");
        if (hasKinds() && KIND.equals(wanted)) {
            return Optional.of(new Place(KIND, List.of(KIND), String.class, Form.ONE, List.of(-1)));
        }
        return kinds.values().stream()
                .flatMap(record -> find(record, "", List.of(), List.of(), wanted).stream())
                .findFirst();
    }

    private boolean hasKinds() {
        return !kinds.containsKey("");
    }

    private Optional<Place> find(
            final Class<?> record,
            final String prefix,
            final List<Object> path,
            final List<Integer> order,
            final String wanted) {
        int at = 0;
        for (final RecordComponent field : record.getRecordComponents()) {
            at++;
            final Optional<Place> found =
                    NEVER.contains(field.getName())
                            ? Optional.empty()
                            : find(
                                    field,
                                    prefix,
                                    and(path, field.getName()),
                                    and(order, at),
                                    wanted);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Optional<Place> find(
            final RecordComponent field,
            final String prefix,
            final List<Object> path,
            final List<Integer> order,
            final String wanted) {
        final String own = prefix + snake(field.getName());
        final String inner = plain.contains(field.getName()) ? prefix : own + "_";
        final Class<?> type = field.getType();
        if (type.isRecord()) {
            return find(type, inner, path, order, wanted);
        }
        if (Map.class.isAssignableFrom(type)) {
            return Stream.of(argument(field, 0).getEnumConstants())
                    .map(key -> (Enum<?>) key)
                    .filter(key -> wanted.equals(inner + key.name().toLowerCase(Locale.ROOT)))
                    .map(
                            key ->
                                    new Place(
                                            wanted,
                                            and(path, key.name()),
                                            argument(field, 1),
                                            Form.ONE,
                                            and(order, key.ordinal())))
                    .findFirst();
        }
        if (!Collection.class.isAssignableFrom(type)) {
            return wanted.equals(own)
                    ? Optional.of(new Place(own, path, type, Form.ONE, order))
                    : Optional.empty();
        }
        final Class<?> item = argument(field, 0);
        if (!item.isRecord() || isPair(item)) {
            return wanted.equals(own)
                    ? Optional.of(
                            new Place(
                                    own,
                                    path,
                                    item,
                                    item.isRecord() ? Form.PAIRS : Form.MANY,
                                    order))
                    : Optional.empty();
        }
        final String[] parts =
                wanted.startsWith(own + ".")
                        ? wanted.substring(own.length() + 1).split("\\.", 2)
                        : new String[0];
        if (parts.length < 2 || !parts[0].matches("[1-9]\\d{0,2}")) {
            return Optional.empty();
        }
        final int number = Integer.parseInt(parts[0]);
        return find(
                item, own + "." + number + ".", and(path, number - 1), and(order, number), wanted);
    }

    /** Everything that is said of a thing, by the name of its column; nothing for what is empty. */
    Map<String, String> cells(final JsonNode thing) {
        final Map<String, String> cells = new LinkedHashMap<>();
        String kind = "";
        if (hasKinds()) {
            kind = thing.path(KIND).asString(kinds.keySet().iterator().next());
            cells.put(KIND, kind.toLowerCase(Locale.ROOT));
        }
        write(kinds.get(kind), thing, "", cells);
        return cells;
    }

    private void write(
            final Class<?> record,
            final JsonNode thing,
            final String prefix,
            final Map<String, String> cells) {
        for (final RecordComponent field : record.getRecordComponents()) {
            final JsonNode value = thing.path(field.getName());
            if (!NEVER.contains(field.getName()) && !value.isMissingNode() && !value.isNull()) {
                write(field, value, prefix, cells);
            }
        }
    }

    private void write(
            final RecordComponent field,
            final JsonNode value,
            final String prefix,
            final Map<String, String> cells) {
        final String own = prefix + snake(field.getName());
        final String inner = plain.contains(field.getName()) ? prefix : own + "_";
        if (field.getType().isRecord()) {
            write(field.getType(), value, inner, cells);
        } else if (value.isObject()) {
            value.properties()
                    .forEach(
                            each ->
                                    put(
                                            cells,
                                            inner + each.getKey().toLowerCase(Locale.ROOT),
                                            Cells.text(each.getValue(), argument(field, 1))));
        } else if (!value.isArray()) {
            put(cells, own, Cells.text(value, field.getType()));
        } else if (!argument(field, 0).isRecord() || isPair(argument(field, 0))) {
            put(cells, own, Cells.texts(value, argument(field, 0)));
        } else {
            for (int i = 0; i < value.size(); i++) {
                write(argument(field, 0), value.get(i), own + "." + (i + 1) + ".", cells);
            }
        }
    }

    private static void put(final Map<String, String> cells, final String name, final String text) {
        if (!text.isEmpty()) {
            cells.put(name, text);
        }
    }

    /** The columns a table of these things needs, in order. */
    List<String> header(final Collection<Map<String, String>> rows) {
        return rows.stream()
                .flatMap(row -> row.keySet().stream())
                .distinct()
                .sorted(Comparator.comparing(name -> find(name).orElseThrow().order(), BY_ORDER))
                .toList();
    }

    private static final Comparator<List<Integer>> BY_ORDER =
            (a, b) -> {
                for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
                    final int by = Integer.compare(a.get(i), b.get(i));
                    if (by != 0) {
                        return by;
                    }
                }
                return Integer.compare(a.size(), b.size());
            };

    private static boolean isPair(final Class<?> item) {
        final RecordComponent[] fields = item.getRecordComponents();
        return fields.length == 2
                && fields[0].getType() == Double.class
                && fields[1].getType() == Double.class;
    }

    private static Class<?> argument(final RecordComponent field, final int number) {
        return (Class<?>)
                ((ParameterizedType) field.getGenericType()).getActualTypeArguments()[number];
    }

    /** densityGPerMl is the column density_g_per_ml. */
    private static String snake(final String name) {
        return name.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    private static <T> List<T> and(final List<? extends T> some, final T one) {
        final List<T> all = new ArrayList<>(some);
        all.add(one);
        return all;
    }
}
