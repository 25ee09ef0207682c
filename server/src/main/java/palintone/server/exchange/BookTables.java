package palintone.server.exchange;

import java.io.IOException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The tables of the books, row by row, whatever they are: each names its own columns. */
@Component
class BookTables {

    private static final int AT_A_TIME = 500;

    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    BookTables(final JdbcTemplate jdbc, final JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** Rows one after the other; null when there are no more. */
    interface Rows {
        JsonNode next() throws IOException;
    }

    /** All tables, each after those it points at. */
    List<String> names() {
        final List<String> all =
                jdbc.queryForList(
                        "select table_name from information_schema.tables where table_schema ="
                                + " database() and table_type = 'BASE TABLE' and table_name <>"
                                + " 'flyway_schema_history' order by table_name",
                        String.class);
        final Map<String, Set<String>> pointsAt = new LinkedHashMap<>();
        all.forEach(table -> pointsAt.put(table, new LinkedHashSet<>()));
        jdbc.query(
                "select table_name, referenced_table_name from"
                        + " information_schema.referential_constraints where constraint_schema ="
                        + " database()",
                row -> {
                    if (!row.getString(1).equals(row.getString(2))) {
                        pointsAt.get(row.getString(1)).add(row.getString(2));
                    }
                });
        final List<String> ordered = new ArrayList<>();
        while (ordered.size() < all.size()) {
            final List<String> ready =
                    all.stream()
                            .filter(t -> !ordered.contains(t))
                            .filter(t -> ordered.containsAll(pointsAt.get(t)))
                            .toList();
            if (ready.isEmpty()) {
                throw new IllegalStateException("Tables point at each other in a ring");
            }
            ordered.addAll(ready);
        }
        return ordered;
    }

    /** What stands in a column, each once. */
    List<String> values(final String table, final String column) {
        return jdbc.queryForList(
                "select distinct `%s` from `%s` where `%s` is not null"
                        .formatted(column, table, column),
                String.class);
    }

    long rows(final String table) {
        return jdbc.queryForObject("select count(*) from `" + table + "`", Long.class);
    }

    /** How many rows a table has, in words: 1 ingredient, 24 temper bowls. */
    String howMany(final String table) {
        final long rows = rows(table);
        return rows + " " + table.replace('_', ' ') + (rows == 1 ? "" : "s");
    }

    /** Empties tables, each before those it points at. */
    void empty(final List<String> inOrder) {
        for (int i = inOrder.size() - 1; i >= 0; i--) {
            jdbc.update("delete from `" + inOrder.get(i) + "`");
        }
    }

    void read(final String table, final Consumer<ObjectNode> to) {
        jdbc.query(
                connection -> {
                    final PreparedStatement all =
                            connection.prepareStatement(
                                    "select * from `" + table + "`" + inOrder(table),
                                    ResultSet.TYPE_FORWARD_ONLY,
                                    ResultSet.CONCUR_READ_ONLY);
                    all.setFetchSize(AT_A_TIME);
                    return all;
                },
                rows -> {
                    to.accept(row(rows));
                });
    }

    /** Always the same order, so that two archives of one house are the same. */
    private String inOrder(final String table) {
        final List<String> key =
                jdbc.queryForList(
                        "select column_name from information_schema.key_column_usage where"
                                + " table_schema = database() and table_name = ? and"
                                + " constraint_name = 'PRIMARY' order by ordinal_position",
                        String.class,
                        table);
        return key.isEmpty()
                ? ""
                : key.stream().collect(Collectors.joining("`, `", " order by `", "`"));
    }

    private ObjectNode row(final ResultSet rows) throws SQLException {
        final ResultSetMetaData columns = rows.getMetaData();
        final ObjectNode out = json.createObjectNode();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            final String name = columns.getColumnName(i);
            if (isBinary(columns.getColumnType(i))) {
                final byte[] bytes = rows.getBytes(i);
                out.put(name, bytes == null ? null : Base64.getEncoder().encodeToString(bytes));
            } else if (isFlag(columns.getColumnType(i))) {
                final boolean flag = rows.getBoolean(i);
                out.put(name, rows.wasNull() ? null : Boolean.valueOf(flag));
            } else if (columns.getColumnType(i) == Types.DOUBLE) {
                final double number = rows.getDouble(i);
                out.put(name, rows.wasNull() ? null : Double.valueOf(number));
            } else if (columns.getColumnType(i) == Types.TIMESTAMP) {
                // Not as a text: of a text the driver drops zeros behind the point.
                final LocalDateTime at = rows.getObject(i, LocalDateTime.class);
                out.put(name, at == null ? null : at.toString());
            } else {
                out.put(name, rows.getString(i));
            }
        }
        return out;
    }

    private static boolean isBinary(final int type) {
        return type == Types.BINARY
                || type == Types.VARBINARY
                || type == Types.LONGVARBINARY
                || type == Types.BLOB;
    }

    private static boolean isFlag(final int type) {
        return type == Types.BIT || type == Types.BOOLEAN;
    }

    /**
     * Writes rows into an empty table.
     *
     * @throws OutOfRangeException when they are not rows of it
     */
    void write(final String table, final Rows rows) throws IOException {
        final Map<String, Integer> types = new LinkedHashMap<>();
        jdbc.query(
                "select * from `" + table + "` where 1 = 0",
                (ResultSet none) -> {
                    for (int i = 1; i <= none.getMetaData().getColumnCount(); i++) {
                        types.put(
                                none.getMetaData().getColumnName(i),
                                none.getMetaData().getColumnType(i));
                    }
                    return null;
                });
        final String insert =
                "insert into `"
                        + table
                        + "` ("
                        + types.keySet().stream()
                                .map(c -> "`" + c + "`")
                                .collect(Collectors.joining(", "))
                        + ") values ("
                        + types.keySet().stream().map(c -> "?").collect(Collectors.joining(", "))
                        + ")";
        final List<Object[]> some = new ArrayList<>();
        for (JsonNode row = rows.next(); row != null; row = rows.next()) {
            some.add(values(table, types, row));
            if (some.size() == AT_A_TIME) {
                insert(table, insert, some);
            }
        }
        insert(table, insert, some);
    }

    private void insert(final String table, final String insert, final List<Object[]> some) {
        try {
            jdbc.batchUpdate(insert, some);
        } catch (DataAccessException e) {
            throw damaged(table);
        }
        some.clear();
    }

    private static Object[] values(
            final String table, final Map<String, Integer> types, final JsonNode row) {
        if (row.size() != types.size() || !row.propertyNames().containsAll(types.keySet())) {
            throw damaged(table);
        }
        final List<Object> values = new ArrayList<>();
        types.forEach(
                (column, type) -> {
                    final JsonNode value = row.path(column);
                    if (value.isNull()) {
                        values.add(null);
                    } else if (isBinary(type)) {
                        values.add(bytes(table, value.asString()));
                    } else if (value.isNumber()) {
                        values.add(value.asDouble());
                    } else if (value.isBoolean()) {
                        values.add(value.asBoolean());
                    } else {
                        values.add(value.asString());
                    }
                });
        return values.toArray();
    }

    private static byte[] bytes(final String table, final String text) {
        try {
            return Base64.getDecoder().decode(text);
        } catch (IllegalArgumentException e) {
            throw damaged(table);
        }
    }

    private static OutOfRangeException damaged(final String table) {
        return new OutOfRangeException(
                "archive",
                "damaged at " + table,
                "a house archive, as Export whole house makes it");
    }
}
