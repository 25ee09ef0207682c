package palintone.server.filling;

/**
 * Which state of a recipe something rests on, of what is in it, and of what was noted of it.
 *
 * <p>In SQL, so that who rests on many things asks the database once. {@code rests} names a table
 * of the asker's making: {@code of_thing}, whatever rests on it, and {@code it}, its id; its few
 * rows are read first.
 */
public final class FillingVersions {

    private FillingVersions() {}

    /** Versions of fillings and their notes. */
    public static String of(final String rests) {
        return """
                select r.of_thing of_thing, concat('f ', x.id) what, x.version v
                  from %1$s r straight_join filling x on r.it = x.id
                union all
                select r.of_thing, concat('n ', n.filling_id, ' ', max(n.noted_at)), count(*)
                  from %1$s r straight_join filling_note n on r.it = n.filling_id
                  group by n.filling_id, r.of_thing
                """
                .formatted(rests);
    }

    /** Of the same, what they are made of: now, and in the states that are kept. */
    public static String ingredients(final String rests) {
        return """
                select r.of_thing of_thing, n.ingredient_id it
                  from %1$s r straight_join filling_line n on r.it = n.filling_id
                union
                select r.of_thing, n.ingredient_id
                  from %1$s r straight_join filling_version w on r.it = w.filling_id
                  straight_join filling_version_line n on w.id = n.version_id
                """
                .formatted(rests);
    }
}
