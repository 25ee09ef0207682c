package palintone.server.find;

/**
 * Things of one part of the house that are found by their name. Beans, in the order of
 * {@code @Order}.
 */
public interface Findable {

    /**
     * What is asked of its own tables.
     *
     * @return SQL with one row a thing: which {@link FoundKind} it is, its id and its name, best
     *     first; {@code :some} stands for the words anywhere in a name, {@code :start} for a name
     *     that begins with them
     */
    String question();

    /**
     * The question of most: things with a name that may be put away.
     *
     * @param table its own
     */
    static String byName(final FoundKind kind, final String table) {
        return """
                select '%s' kind, t.id id, t.name name from %s t
                  where t.archived = false and t.name like :some
                  order by t.name like :start desc, t.name limit 6
                """
                .formatted(kind, table);
    }
}
