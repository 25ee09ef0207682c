package palintone.server.exchange.list;

import java.util.List;

/**
 * What a file brings, or would bring: how much of it is new, is changed, is here already.
 *
 * @param list which list it goes into
 * @param things of what is new or changed the first ones, each with what it says
 * @param unread columns and sheets that mean nothing here and are not taken
 * @param cautions what to look at before it is relied on
 * @param rests a mark of the state of the books it rests on; sent along when it is taken, nothing
 *     else than was shown is changed. Empty where nothing is changed, only added
 */
public record Brought(
        String file,
        String list,
        int fresh,
        int changed,
        int same,
        List<Thing> things,
        List<String> unread,
        List<String> cautions,
        String rests) {

    /** What happens to a thing. */
    public enum What {
        NEW,
        CHANGED
    }

    /**
     * One thing.
     *
     * @param cells what it says anew; of a changed thing only that
     */
    public record Thing(What what, String id, String name, List<CellChange> cells) {}

    /** One value, as it stood and as it will stand; empty where there was or will be nothing. */
    public record CellChange(String column, String before, String after) {}

    /** A file that is one thing, such as a batch. */
    public static Brought one(
            final String file, final String list, final boolean fresh, final String name) {
        return new Brought(
                file,
                list,
                fresh ? 1 : 0,
                0,
                fresh ? 0 : 1,
                fresh ? List.of(new Thing(What.NEW, name, name, List.of())) : List.of(),
                List.of(),
                List.of(),
                "");
    }
}
