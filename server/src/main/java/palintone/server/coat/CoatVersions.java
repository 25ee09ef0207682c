package palintone.server.coat;

/**
 * What was weighed of coats of a couverture.
 *
 * <p>In SQL, so that who rests on many things asks the database once. {@code rests} names a table
 * of the asker's making: {@code of_thing}, whatever rests on it, and {@code it}, its id; its few
 * rows are read first.
 */
public final class CoatVersions {

    private CoatVersions() {}

    /** What was noted, by couverture. */
    public static String of(final String rests) {
        return """
                select r.of_thing of_thing, concat('x ', max(x.noted_at)) what, count(*) v
                  from %1$s r straight_join coat_weighing x on r.it = x.couverture_id
                  where not x.voided group by r.of_thing
                """
                .formatted(rests);
    }
}
