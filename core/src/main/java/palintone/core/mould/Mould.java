package palintone.core.mould;

import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * A mould of equal cavities; a few may be unlike the rest and are left empty.
 *
 * @param id short name used in files
 * @param name as the maker says it
 * @param cavity the shape of one
 * @param cavities how many, 1 to 500
 * @param rows they lie in, 1 up to as many as there are
 * @param owned how many such moulds the workshop has, 1 to 500
 * @param body what it is made of
 * @param state how it stands on its shelf
 * @param unlike cavities of another shape, which make no such piece; fewer than there are
 */
public record Mould(
        String id,
        String name,
        Cavity cavity,
        int cavities,
        int rows,
        int owned,
        MouldBody body,
        MouldState state,
        int unlike) {

    private static final double MELTED = 1.25;

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or a count
     *     impossible
     */
    public Mould {
        Require.text("id", id, 64);
        Require.text("name", name, 120);
        Require.between("cavities", cavities, 1, 500, "");
        Require.between("rows", rows, 1, cavities, "");
        Require.between("moulds owned", owned, 1, 500, "");
        Require.between("cavities unlike the rest", unlike, 0, cavities - 1, "");
    }

    /** Cavities that make a piece of the shape. */
    public int usable() {
        return cavities - unlike;
    }

    /**
     * A clean one of the usual make, its cavities in one row.
     *
     * @param id short name used in files
     * @param name as the maker says it
     * @param cavity the shape of one
     * @param cavities how many, 1 to 500
     * @param owned how many such moulds the workshop has, 1 to 500
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or a count
     *     impossible
     */
    public Mould(
            final String id,
            final String name,
            final Cavity cavity,
            final int cavities,
            final int owned) {
        this(id, name, cavity, cavities, 1, owned, MouldBody.USUAL, MouldState.CLEAN, 0);
    }

    /** Couverture that fills one cavity to the brim, g; which couverture is not said yet. */
    public Figure brim() {
        final double ml = cavity.volumeMl();
        return Figure.of(
                        "brim-full",
                        ml * MELTED,
                        Unit.GRAM,
                        Basis.of("volume · density of melted couverture")
                                .with("volume", ml, Unit.MILLILITRE)
                                .with("density", MELTED, Unit.GRAM_PER_ML)
                                .from(Source.definition("geometry of the cavity"))
                                .from(
                                        Source.remembered(
                                                "melted couverture, 1.21 to 1.29 g/ml by kind")))
                .spread(ml * 1.21, ml * 1.29);
    }

    /**
     * Whether the other is of the same form and make, in another size or as a twin: what is found
     * in one holds for the other.
     */
    public boolean kinOf(final Mould other) {
        return !id.equals(other.id)
                && body.material() == other.body.material()
                && body.build() == other.body.build()
                && cavity.sameForm(other.cavity);
    }

    /** Whether its pieces come out. */
    public Release release() {
        return Release.of(cavity, body);
    }
}
