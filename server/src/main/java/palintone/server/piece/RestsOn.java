package palintone.server.piece;

import palintone.server.coat.CoatVersions;
import palintone.server.colour.ColourVersions;
import palintone.server.filling.FillingVersions;
import palintone.server.larder.IngredientVersions;
import palintone.server.mould.MouldVersions;
import palintone.server.shell.ShellVersions;

/**
 * Everything pieces rest on, with the state it is in, in one question: what the books of pieces
 * name is found here, each neighbour says which state its own things are in.
 */
final class RestsOn {

    /** A piece, and the sheet whose plate it wears: whatever that rests on, it rests on. */
    private static final String PART =
            """
            select p.id of_thing, p.id it from piece p where p.id in (:ids)
            union
            select d.id, d.plate_id from dipped_piece d where d.id in (:ids) and d.plate_id is not null
            """;

    private static final String[][] INGREDIENTS = {
        {"piece", "id", "couverture_id"},
        {"moulded_piece", "id", "cap_couverture_id"},
        {"sheet_piece", "id", "second_couverture_id"},
        {"dipped_piece", "id", "second_couverture_id"},
        {"hollow_figure", "id", "second_couverture_id"},
        {"piece_flavour", "piece_id", "ingredient_id"},
        {"solid_inclusion", "piece_id", "ingredient_id"},
        {"piece_insert", "piece_id", "ingredient_id"},
        {"piece_on", "piece_id", "ingredient_id"},
    };

    /** Of each of {@code :ids}: what it rests on, and the version of that. */
    static final String VERSIONS = question();

    private RestsOn() {}

    private static String question() {
        final StringBuilder ingredients =
                new StringBuilder(FillingVersions.ingredients("of_filling"));
        for (final String[] named : INGREDIENTS) {
            ingredients.append(" union ").append(named(named[0], named[1], named[2]));
        }
        return "with part as (%s), of_filling as (%s), of_mould as (%s), of_colour as (%s),"
                        .formatted(
                                PART,
                                named("piece_filling", "piece_id", "filling_id"),
                                named("piece", "id", "mould_id"),
                                named("piece_coat", "piece_id", "colour_id"))
                + " of_couverture as (%s), of_ingredient as (%s) "
                        .formatted(named("piece", "id", "couverture_id"), ingredients)
                + String.join(
                        " union all ",
                        """
                        select r.of_thing of_thing, concat('p ', x.id) what, x.version v
                          from piece x join part r on r.it = x.id
                        """,
                        MouldVersions.of("of_mould"),
                        ColourVersions.of("of_colour"),
                        FillingVersions.of("of_filling"),
                        IngredientVersions.of("of_ingredient"),
                        ShellVersions.of("of_couverture"),
                        CoatVersions.of("of_couverture"));
    }

    private static String named(final String table, final String piece, final String what) {
        return "select r.of_thing, t.%3$s it from %1$s t join part r on r.it = t.%2$s where t.%3$s is not null"
                .formatted(table, piece, what);
    }
}
