package palintone.server.exchange.list;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a value into a cell and reads it back. */
final class Cells {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Cells() {}

    static String text(final JsonNode value, final Class<?> type) {
        if (value.isBoolean()) {
            return value.asBoolean() ? "yes" : "no";
        }
        if (value.isNumber()) {
            return number(value);
        }
        final String text = value.asString();
        if (type.isEnum()) {
            return text.toLowerCase(Locale.ROOT);
        }
        return text;
    }

    /** Words, or pairs of numbers, separated by spaces. */
    static String texts(final JsonNode list, final Class<?> item) {
        return list.valueStream()
                .map(
                        each ->
                                each.isObject()
                                        ? each.valueStream()
                                                .map(Cells::number)
                                                .collect(Collectors.joining(":"))
                                        : text(each, item))
                .collect(Collectors.joining(" "));
    }

    private static String number(final JsonNode value) {
        return BigDecimal.valueOf(value.asDouble()).stripTrailingZeros().toPlainString();
    }

    /**
     * @param comma whether numbers may be written with a decimal comma
     * @throws OutOfRangeException naming the column, what stood in the cell and what is allowed
     */
    static JsonNode read(final Columns.Place place, final String cell, final boolean comma) {
        return switch (place.form()) {
            case ONE -> one(place, place.type(), cell, comma);
            case MANY -> {
                final ArrayNode list = NODES.arrayNode();
                for (final String word : cell.split("[\\s;]+")) {
                    list.add(one(place, place.type(), word, comma));
                }
                yield list;
            }
            case PAIRS -> pairs(place, cell);
        };
    }

    private static JsonNode one(
            final Columns.Place place,
            final Class<?> type,
            final String cell,
            final boolean comma) {
        if (type.isEnum()) {
            return NODES.stringNode(choice(place, type, cell));
        }
        if (type == boolean.class || type == Boolean.class) {
            return NODES.booleanNode(yes(place, cell));
        }
        if (type == String.class || !(type.isPrimitive() || Number.class.isAssignableFrom(type))) {
            return NODES.stringNode(cell);
        }
        final double number = number(place, cell, comma);
        if (type == double.class || type == Double.class) {
            return NODES.numberNode(number);
        }
        if (number != Math.rint(number)) {
            throw refused(place, cell, "a whole number");
        }
        return NODES.numberNode((long) number);
    }

    private static double number(
            final Columns.Place place, final String cell, final boolean comma) {
        final String text = cell.strip();
        // 1,250 may be a thousand or one and a quarter: nobody but its writer knows.
        if (comma && text.matches("-?\\d+,\\d{3}")) {
            throw refused(place, cell, "a number written without doubt, as 1.25 or 1250");
        }
        try {
            final double number =
                    Double.parseDouble(
                            comma && text.matches("-?\\d+,\\d+") ? text.replace(',', '.') : text);
            if (Double.isFinite(number) && text.matches("[-+0-9.,eE]+")) {
                return number;
            }
        } catch (NumberFormatException notOne) {
            // Said below.
        }
        throw refused(
                place, cell, comma ? "a number, as 12.5 or 12,5" : "a number with a decimal point");
    }

    private static boolean yes(final Columns.Place place, final String cell) {
        return switch (cell.strip().toLowerCase(Locale.ROOT)) {
            case "yes", "true", "y", "x", "1" -> true;
            case "no", "false", "n", "0", "-" -> false;
            default -> throw refused(place, cell, "yes, no");
        };
    }

    private static String choice(
            final Columns.Place place, final Class<?> type, final String cell) {
        final String wanted = cell.strip().toUpperCase(Locale.ROOT).replaceAll("[\\s-]+", "_");
        return Arrays.stream(type.getEnumConstants())
                .map(each -> ((Enum<?>) each).name())
                .filter(wanted::equals)
                .findFirst()
                .orElseThrow(
                        () ->
                                refused(
                                        place,
                                        cell,
                                        Arrays.stream(type.getEnumConstants())
                                                .map(
                                                        each ->
                                                                ((Enum<?>) each)
                                                                        .name()
                                                                        .toLowerCase(Locale.ROOT))
                                                .collect(Collectors.joining(", "))));
    }

    private static ArrayNode pairs(final Columns.Place place, final String cell) {
        final ArrayNode list = NODES.arrayNode();
        final var fields = place.type().getRecordComponents();
        for (final String pair : cell.strip().split("[\\s;]+")) {
            final String[] both = pair.split(":");
            if (both.length != 2) {
                throw refused(place, pair, "points as 12.5:0 in mm, across:down");
            }
            final ObjectNode point = list.addObject();
            for (int i = 0; i < both.length; i++) {
                try {
                    point.put(fields[i].getName(), Double.parseDouble(both[i]));
                } catch (NumberFormatException e) {
                    throw refused(place, pair, "points as 12.5:0 in mm, across:down");
                }
            }
        }
        return list;
    }

    private static OutOfRangeException refused(
            final Columns.Place place, final String cell, final String allowed) {
        return new OutOfRangeException(place.name(), "\"" + cell + "\"", allowed);
    }
}
