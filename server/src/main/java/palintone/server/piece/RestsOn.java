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

    /**
     * Where books of pieces name what is in the larder; a sheet's own are those of its plates too.
     */
    private static final String[][] INGREDIENTS = {
        {"piece", "id", "couverture_id", "sheet"},
        {"moulded_piece", "id", "cap_couverture_id", ""},
        {"sheet_piece", "id", "second_couverture_id", "sheet"},
        {"dipped_piece", "id", "second_couverture_id", ""},
        {"hollow_figure", "id", "second_couverture_id", ""},
        {"piece_flavour", "piece_id", "ingredient_id", ""},
        {"solid_inclusion", "piece_id", "ingredient_id", ""},
        {"piece_insert", "piece_id", "ingredient_id", ""},
        {"piece_on", "piece_id", "ingredient_id", "sheet"},
    };

    /** Of each of {@code :ids}: what it rests on, and the version of that. */
    static final String VERSIONS = question();

    private RestsOn() {}

    private static String question() {
        final StringBuilder ingredients =
                new StringBuilder(FillingVersions.ingredients("of_filling"));
        for (final String[] named : INGREDIENTS) {
            ingredients.append(" union ").append(of(named[0], named[1], named[2]));
            if (!named[3].isEmpty()) {
                ingredients.append(" union ").append(ofPlate(named[0], named[1], named[2]));
            }
        }
        return "with part as (%s union %s), of_filling as (%s), of_mould as (%s),"
                        .formatted(
                                of("piece", "id", "id"),
                                ofPlate("piece", "id", "id"),
                                of("piece_filling", "piece_id", "filling_id"),
                                of("piece", "id", "mould_id"))
                + " of_colour as (%s union %s), of_couverture as (%s), of_ingredient as (%s) "
                        .formatted(
                                of("piece_coat", "piece_id", "colour_id"),
                                ofPlate("piece_coat", "piece_id", "colour_id"),
                                of("piece", "id", "couverture_id"),
                                ingredients)
                + String.join(
                        " union all ",
                        """
                        select r.of_thing of_thing, concat('p ', x.id) what, x.version v
                          from part r straight_join piece x on r.it = x.id
                        """,
                        MouldVersions.of("of_mould"),
                        ColourVersions.of("of_colour"),
                        FillingVersions.of("of_filling"),
                        IngredientVersions.of("of_ingredient"),
                        ShellVersions.of("of_couverture"),
                        CoatVersions.of("of_couverture"));
    }

    private static String of(final String table, final String piece, final String what) {
        return ("select t.%2$s of_thing, t.%3$s it from %1$s t"
                        + " where t.%2$s in (:ids) and t.%3$s is not null")
                .formatted(table, piece, what);
    }

    /** The same of the sheet whose plate a dipped piece wears. */
    private static String ofPlate(final String table, final String piece, final String what) {
        return ("select d.id of_thing, t.%3$s it from dipped_piece d"
                        + " join %1$s t on t.%2$s = d.plate_id where d.id in (:ids) and t.%3$s is not null")
                .formatted(table, piece, what);
    }
}
