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
}
