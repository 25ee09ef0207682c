package palintone.core.tool;

import palintone.core.figure.Require;

/**
 * A melter, a bowl or a wheel that couverture is melted and held in.
 *
 * @param name as the maker says it
 * @param holdsG couverture it holds, 50 to 500000 g
 */
public record Melter(String name, double holdsG) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Melter {
        Require.text("melter or bowl", name, 120);
        Require.between("what " + name + " holds", holdsG, 50, 500_000, "g");
    }
}
