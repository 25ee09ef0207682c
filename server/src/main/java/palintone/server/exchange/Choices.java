package palintone.server.exchange;

import jakarta.persistence.EntityManagerFactory;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.metamodel.mapping.SelectableMapping;
import org.hibernate.metamodel.spi.MappingMetamodelImplementor;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;

/**
 * Columns of the books that hold one of a few names, as the program knows them. An archive with
 * another name in it would be a house that cannot be opened: it is refused before it is one.
 */
@Component
class Choices {

    /** A column of a table. */
    private record Column(String table, String name) {}

    private final Map<Column, Set<String>> allowed = new TreeMap<>(Choices::inOrder);

    Choices(final EntityManagerFactory factory) {
        final MappingMetamodelImplementor books =
                factory.unwrap(SessionFactoryImplementor.class).getMappingMetamodel();
        books.forEachEntityDescriptor(
                entity -> entity.forEachSelectable((i, column) -> know(column)));
        books.forEachCollectionDescriptor(
                rows -> {
                    final var of = rows.getAttributeMapping();
                    of.getElementDescriptor().forEachSelectable((i, column) -> know(column));
                    if (of.getIndexDescriptor() != null) {
                        of.getIndexDescriptor().forEachSelectable((i, column) -> know(column));
                    }
                });
    }

    private static int inOrder(final Column a, final Column b) {
        final int tables = a.table().compareTo(b.table());
        return tables != 0 ? tables : a.name().compareTo(b.name());
    }

    private void know(final SelectableMapping column) {
        final Class<?> type = column.getJdbcMapping().getJavaTypeDescriptor().getJavaTypeClass();
        if (type.isEnum() && !column.isFormula()) {
            allowed.put(
                    new Column(
                            column.getContainingTableExpression(), column.getSelectionExpression()),
                    Arrays.stream(type.getEnumConstants())
                            .map(each -> ((Enum<?>) each).name())
                            .collect(Collectors.toCollection(TreeSet::new)));
        }
    }

    /** How many columns are looked at. */
    int size() {
        return allowed.size();
    }

    /**
     * @throws OutOfRangeException naming table and column where books hold another name
     */
    void check(final BookTables books) {
        allowed.forEach(
                (column, names) ->
                        books.values(column.table(), column.name()).stream()
                                .filter(value -> !names.contains(value))
                                .findFirst()
                                .ifPresent(
                                        value -> {
                                            throw new OutOfRangeException(
                                                    "archive, "
                                                            + column.table()
                                                            + ", "
                                                            + column.name(),
                                                    value,
                                                    String.join(", ", names));
                                        }));
    }
}
