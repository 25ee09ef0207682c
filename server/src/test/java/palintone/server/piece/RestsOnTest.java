package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import palintone.server.support.Workshop;

/** What the shelf forgets to ask for stays old on it, in weight, price and allergens. */
class RestsOnTest {

    private static final List<String> MADE_OF =
            List.of("ingredient", "filling", "colour", "mould", "piece");

    private final Workshop workshop = Workshop.shared();
    private final JdbcTemplate jdbc =
            new JdbcTemplate(
                    new DriverManagerDataSource(
                            workshop.db.url(), workshop.db.user(), workshop.db.password()));

    @Test
    void whateverThePiecesNameIsAskedFor() {
        final String fillings =
                (String) jdbc.queryForMap("show create view piece_filling").get("Create View");
        final List<Map<String, Object>> named =
                jdbc.queryForList(
                        "select lower(table_name) t, lower(column_name) c,"
                                + " lower(referenced_table_name) r"
                                + " from information_schema.key_column_usage"
                                + " where table_schema = 'palintone'"
                                + " and (table_name = 'piece' or table_name like 'piece\\_%'"
                                + " or table_name like '%\\_piece' or table_name in"
                                + " ('hollow_figure', 'solid_inclusion'))"
                                + " and referenced_table_name is not null"
                                + " and column_name not in ('id', 'piece_id')");
        assertThat(named).hasSizeGreaterThan(14);
        for (final Map<String, Object> key : named) {
            final String table = (String) key.get("t");
            final String column = (String) key.get("c");
            assertThat(MADE_OF).contains((String) key.get("r"));
            if ("filling".equals(key.get("r"))) {
                assertThat(fillings).contains("`" + table + "`.`" + column + "`");
            } else {
                // The plate is followed where the sheet's own are asked for.
                assertThat(RestsOn.VERSIONS)
                        .as("%s of %s", column, table)
                        .contains(
                                "plate_id".equals(column)
                                        ? "= d.plate_id where d.id in"
                                        : "t." + column + " it from " + table + " t where");
            }
        }
    }
}
