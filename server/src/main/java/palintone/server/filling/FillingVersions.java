package palintone.server.filling;

/**
 * Which state of a recipe something rests on, of what is in it, and of what was noted of it.
 *
 * <p>In SQL, so that who rests on many things asks the database once. {@code rests} names a table
 * of the asker's making: {@code of_thing}, whatever rests on it, and {@code it}, its id.
 */
public final class FillingVersions {

    private FillingVersions() {}

    /** Versions of fillings and their notes. */
    public static String of(final String rests) {
        return """
                select r.of_thing of_thing, concat('f ', x.id) what, x.version v
                  from filling x join %1$s r on r.it = x.id
                union all
                select r.of_thing, concat('n ', n.filling_id, ' ', max(n.noted_at)), count(*)
                  from filling_note n join %1$s r on r.it = n.filling_id
                  group by n.filling_id, r.of_thing
                """
                .formatted(rests);
    }

    /** Of the same, what they are made of: now, and in the states that are kept. */
    public static String ingredients(final String rests) {
        return """
                select r.of_thing of_thing, n.ingredient_id it
                  from filling_line n join %1$s r on r.it = n.filling_id
                union
                select r.of_thing, n.ingredient_id
                  from filling_version_line n join filling_version w on w.id = n.version_id
                  join %1$s r on r.it = w.filling_id
                """
                .formatted(rests);
    }
}
