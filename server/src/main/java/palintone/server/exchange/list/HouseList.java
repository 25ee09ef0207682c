package palintone.server.exchange.list;

import java.util.Collection;
import java.util.Map;
import tools.jackson.databind.node.ObjectNode;

/** One list of the house, as it goes out and comes in: everything it knows of each thing. */
interface HouseList {

    /** What its files are called, without the ending. */
    String name();

    /** What one thing of it is called. */
    String thing();

    Columns columns();

    /** Everything in use, by id, in the order in which it is listed. */
    Map<String, ObjectNode> all();

    /** Those of the ids that are in the books, archived ones too. */
    Map<String, ObjectNode> known(Collection<String> ids);

    /** Ids by name, to find what a table without ids means. */
    Map<String, String> idsByName();

    /** Puts in what a new thing may be silent about. */
    void complete(ObjectNode thing);

    /**
     * Looks at one thing before any is written.
     *
     * @throws palintone.core.figure.OutOfRangeException when the core would not take it
     */
    default void check(final String id, final ObjectNode thing) {}

    /** Writes things, new or known. */
    void writeAll(Map<String, ObjectNode> things, Writing writing);

    /** Says where the writing stands, and whose row was refused. */
    interface Writing {

        void each(String id, Runnable write);

        void done(int things);
    }
}
