package palintone.server.mould;

/**
 * Which state of a mould something rests on.
 *
 * <p>In SQL, so that who rests on many things asks the database once. {@code rests} names a table
 * of the asker's making: {@code of_thing}, whatever rests on it, and {@code it}, its id; its few
 * rows are read first.
 */
public final class MouldVersions {

    private MouldVersions() {}

    /** Versions of moulds. */
    public static String of(final String rests) {
        return """
                select r.of_thing of_thing, concat('m ', x.id) what, x.version v
                  from %s r straight_join mould x on r.it = x.id
                """
                .formatted(rests);
    }
}
