package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * A mould of equal cavities.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param cavity the shape of one
 * @param cavities how many, 1 to 500
 * @param owned how many such moulds the workshop has, 1 to 500
 */
public record Mould(String id, String name, Cavity cavity, int cavities, int owned) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or a count
     *     impossible
     */
    public Mould {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("cavities", cavities, 1, 500, "");
        Require.between("moulds owned", owned, 1, 500, "");
    }
}
