package palintone.server.exchange;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Books beside those of the house, where an archive is unpacked, brought up to date and looked at
 * before the house sees anything of it. Whatever ends that early, the house is as it was; what was
 * left lying here is thrown away the next time.
 */
@Component
class ScratchBooks {

    private static final Logger LOG = LoggerFactory.getLogger(ScratchBooks.class);

    /** What the schema beside the house's is called by. */
    static final String BESIDE = "_scratch";

    private final JdbcTemplate house;
    private final Flyway flyway;
    private final JdbcConnectionDetails access;
    private final JsonMapper json;

    ScratchBooks(
            final JdbcTemplate house,
            final Flyway flyway,
            final JdbcConnectionDetails access,
            final JsonMapper json) {
        this.house = house;
        this.flyway = flyway;
        this.access = access;
        this.json = json;
    }

    /** Empty books; one import at a time sees to it that nobody else has them. */
    Opened open() {
        return new Opened(house.queryForObject("select database()", String.class));
    }

    /** Ours until closed. */
    final class Opened implements AutoCloseable {

        private final String schema;
        private final String houses;
        private final BookTables tables;
        private final TransactionTemplate transaction;
        private final DataSource source;

        private Opened(final String houses) {
            this.houses = houses;
            schema = houses + BESIDE;
            source = inSchema(schema);
            tables = new BookTables(new JdbcTemplate(source), json);
            transaction = new TransactionTemplate(new JdbcTransactionManager(source));
        }

        /** Books of that age, as a house has them before anything is written into them. */
        void blank(final MigrationVersion version) {
            try {
                house.execute("drop database if exists `" + schema + "`");
                house.execute(
                        "create database `"
                                + schema
                                + "` character set utf8mb4 collate utf8mb4_unicode_ci");
            } catch (DataAccessException e) {
                LOG.warn("No scratch books", e);
                throw new OutOfRangeException(
                        "user of the database",
                        "one that may not make \"" + schema + "\"",
                        "one that may make it and drop it again");
            }
            bringTo(version);
        }

        BookTables tables() {
            return tables;
        }

        /** Kept as a whole or not at all, in one go and not row by row. */
        void atOnce(final Runnable what) {
            transaction.executeWithoutResult(status -> what.run());
        }

        void bringTo(final MigrationVersion version) {
            Flyway.configure()
                    .configuration(flyway.getConfiguration())
                    .dataSource(source)
                    .target(version)
                    .load()
                    .migrate();
        }

        /** Tables, of these, in which the house has other rows than these books. */
        List<String> otherThan(final List<String> names) {
            return names.stream().filter(this::differs).toList();
        }

        private boolean differs(final String table) {
            final String theirs = "`%s`.`%s`".formatted(houses, table);
            final String ours = "`%s`.`%s`".formatted(schema, table);
            return isMore(theirs, ours) || isMore(ours, theirs);
        }

        /**
         * Counted, because of EXISTS around EXCEPT MariaDB 10.11 always says that there is none.
         */
        private boolean isMore(final String here, final String than) {
            return house.queryForObject(
                            "select count(*) from (select * from %s except select * from %s) more"
                                    .formatted(here, than),
                            Long.class)
                    > 0;
        }

        /** Takes all of it over into empty tables of the house, within its transaction. */
        void handOver(final List<String> names) {
            for (final String table : names) {
                final String columns =
                        house
                                .queryForList(
                                        "select column_name from information_schema.columns where"
                                                + " table_schema = ? and table_name = ? and"
                                                + " generation_expression is null order by"
                                                + " ordinal_position",
                                        String.class,
                                        houses,
                                        table)
                                .stream()
                                .collect(Collectors.joining("`, `", "`", "`"));
                house.update(
                        "insert into `%s`.`%s` (%s) select %s from `%s`.`%s`"
                                .formatted(houses, table, columns, columns, schema, table));
            }
        }

        @Override
        public void close() {
            house.execute("drop database if exists `" + schema + "`");
        }
    }

    /** Connections of their own: those of the house always stand at its own books. */
    private DataSource inSchema(final String schema) {
        return new DelegatingDataSource(
                new DriverManagerDataSource(
                        access.getJdbcUrl(), access.getUsername(), access.getPassword())) {
            @Override
            public Connection getConnection() throws SQLException {
                final Connection connection = super.getConnection();
                connection.setCatalog(schema);
                return connection;
            }
        };
    }
}
