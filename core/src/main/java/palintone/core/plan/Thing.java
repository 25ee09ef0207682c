package palintone.core.plan;

import palintone.core.figure.Require;

/**
 * What stretches keep from each other: moulds of one kind, the stone, bowls, shelves of the
 * cabinet.
 *
 * @param id within its workload
 * @param name as the house calls it
 * @param units how many there are
 * @param washMin minutes to wash one of them between two holds; 0 where that is never needed, and
 *     then its units need not be told apart
 */
public record Thing(String id, String name, int units, int washMin) {

    /**
     * Allowed: units 0 to 10000; wash 0 to 600 minutes.
     *
     * @throws palintone.core.figure.OutOfRangeException when there are less than none
     */
    public Thing {
        Require.text("id of a thing", id, 200);
        Require.text("name of a thing", name, 200);
        Require.between("units", units, 0, 10_000, "");
        Require.between("wash", washMin, 0, 600, "min");
    }

    /** Whether it matters what a unit held before. */
    public boolean washed() {
        return washMin > 0;
    }
}
