package palintone.core.tool;

import palintone.core.figure.Require;

/**
 * A scale.
 *
 * @param name as the maker says it
 * @param stepG what its last digit counts, 0.001 to 100 g
 * @param mostG what it bears, up to 500 kg
 */
public record Scale(String name, double stepG, double mostG) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public Scale {
        Require.text("scale", name, 120);
        Require.between("step of " + name, stepG, 0.001, 100, "g");
        Require.between("most of " + name, mostG, stepG, 500_000, "g");
    }

    /** How far a reading of a mass may be off by the last digit alone, share of the mass. */
    public double doubt(final double massG) {
        return stepG / 2 / massG;
    }
}
