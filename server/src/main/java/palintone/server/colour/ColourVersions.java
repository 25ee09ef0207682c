package palintone.server.colour;

/**
 * Which state of a colour something rests on.
 *
 * <p>In SQL, so that who rests on many things asks the database once. {@code rests} names a table
 * of the asker's making: {@code of_thing}, whatever rests on it, and {@code it}, its id; its few
 * rows are read first.
 */
public final class ColourVersions {

    private ColourVersions() {}

    /** Versions of colours. */
    public static String of(final String rests) {
        return """
                select r.of_thing of_thing, concat('l ', x.id) what, x.version v
                  from %s r straight_join colour x on r.it = x.id
                """
                .formatted(rests);
    }
}
