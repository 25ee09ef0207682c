package palintone.server.books;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import palintone.server.support.PrivateMariaDb;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** Books kept with an older release are carried on, not begun anew. */
class MigrationTest {

    @Test
    void fillingsFromBeforeOperationsAreOpenedAsTheirFirstVersion() throws Exception {
        final PrivateMariaDb db = PrivateMariaDb.start();
        Flyway.configure()
                .dataSource(db.url(), db.user(), db.password())
                .target("3")
                .load()
                .migrate();
        write(
                db,
                "insert into ingredient values"
                        + " ('cream', 'Cream', 1.01, null, 'WORKSHOP', 'our dairy', false, 0),"
                        + " ('dark', 'Dark', 1.3, 'DARK', 'WORKSHOP', 'our own', false, 0)",
                "insert into ingredient_component values ('cream', 'WATER', 60), ('cream',"
                        + " 'MILK_FAT', 40), ('dark', 'COCOA_BUTTER', 40), ('dark', 'SUCROSE', 35),"
                        + " ('dark', 'COCOA_SOLIDS', 25)",
                "insert into ingredient_allergen values ('cream', 'MILK')",
                "insert into filling values ('old', 'Old ganache', true, 3)",
                "insert into filling_line values ('old', 0, 'cream', 200, 'GRAM'),"
                        + " ('old', 1, 'dark', 300, 'GRAM')",
                "insert into mould values ('m', 'Mould', 'HALF_SPHERE', 30, 30, 15, 0, 24, 2, 0)",
                "insert into piece (id, name, story, mould_id, couverture_id, shell_mm,"
                        + " head_room_mm, colour_name, colour_film_mm, version) values ('p', 'Piece',"
                        + " 'as ever', 'm', 'dark', 1.5, 1, 'plum', 0.06, 0)",
                "insert into piece_layer values ('p', 0, 'old', 1)");

        try (Workshop workshop = Workshop.on(db)) {
            final Answer opened = workshop.get("/api/fillings/old");
            assertThat(opened.status()).as(opened.text()).isEqualTo(200);
            assertThat(opened.number("/number")).isEqualTo(1);
            assertThat(opened.at("/recipe/operations/0/kind")).isEqualTo("ADD");
            assertThat(opened.json().at("/recipe/operations/0/lines").size()).isEqualTo(2);
            assertThat(opened.number("/recipe/operations/0/lines/1/amount")).isEqualTo(300);

            // Moulds of one list of shapes, layers of shares: as they were.
            final Answer mould = workshop.get("/api/moulds/m");
            assertThat(mould.at("/shape")).isEqualTo("HALF_SPHERE");
            assertThat(mould.number("/cavityMl"))
                    .isCloseTo(2.0 / 3 * Math.PI * Math.pow(1.5, 3), within(1e-9));
            assertThat(mould.number("/rows")).isEqualTo(1);
            assertThat(mould.at("/archived")).isEqualTo("false");
            final Answer piece = workshop.get("/api/pieces/p");
            assertThat(piece.status()).as(piece.text()).isEqualTo(200);
            assertThat(piece.number("/layers/0/share")).isEqualTo(1);
            assertThat(piece.at("/archived")).isEqualTo("false");
            // One colour, sprayed: the first of its coats now.
            assertThat(piece.at("/coats/0/name")).isEqualTo("plum");
            assertThat(piece.number("/coats/0/asked/filmMm")).isEqualTo(0.06);
            assertThat(piece.at("/coats/0/asked/how")).isEqualTo("SPRAYED");

            final Answer versions = workshop.get("/api/fillings/old/versions");
            assertThat(versions.at("/items/0/note")).isEqualTo("as it was");
            final Answer first = workshop.get("/api/fillings/old/versions/1");
            assertThat(first.json().at("/recipe/operations/0/lines").size()).isEqualTo(2);

            final Answer sheet =
                    workshop.post(
                            "/api/fillings/sheet",
                            "{\"recipe\":" + opened.json().get("recipe") + "}");
            assertThat(sheet.number("/weighed/value")).isCloseTo(500, within(1e-9));

            // Its next version is the second one, and the first stays as it was.
            final String changed = opened.json().get("recipe").toString().replace("300", "320");
            final Answer saved = workshop.put("/api/fillings/old", changed);
            assertThat(saved.status()).as(saved.text()).isEqualTo(200);
            assertThat(saved.number("/number")).isEqualTo(2);
            final Answer difference = workshop.get("/api/fillings/old/difference?from=1&to=2");
            assertThat(difference.number("/amounts/0/fromG")).isEqualTo(300);
            assertThat(difference.number("/amounts/0/toG")).isEqualTo(320);

            final Answer pieces = workshop.get("/api/pieces");
            assertThat(pieces.status()).as(pieces.text()).isEqualTo(200);
            final Answer whole = workshop.get("/api/pieces/" + pieces.at("/items/0/id"));
            assertThat(whole.at("/parts/2/name")).isEqualTo("Old ganache");
        }
    }

    private static void write(final PrivateMariaDb db, final String... statements)
            throws SQLException {
        try (Connection c = DriverManager.getConnection(db.url(), db.user(), db.password());
                Statement s = c.createStatement()) {
            for (final String each : statements) {
                s.execute(each);
            }
        }
    }
}
