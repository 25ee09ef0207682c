package palintone.core.temper.crystal;

import palintone.core.figure.Require;

/**
 * The two populations of fat crystals, as shares of all the fat.
 *
 * @param stable form V, 0 to 1
 * @param unstable forms I to IV together, 0 to 1
 */
public record Crystals(double stable, double unstable) {

    public static final Crystals NONE = new Crystals(0, 0);

    /** What rounding may leave outside 0 to 1. */
    private static final double ROUNDING = 1e-9;

    /**
     * @throws palintone.core.figure.OutOfRangeException when a share is negative or both exceed 1
     */
    public Crystals {
        Require.between("stable crystals", stable, -ROUNDING, 1 + ROUNDING, "of the fat");
        Require.between("unstable crystals", unstable, -ROUNDING, 1 + ROUNDING, "of the fat");
        Require.between("all crystals", stable + unstable, -ROUNDING, 1 + ROUNDING, "of the fat");
        stable = Math.max(0, stable);
        unstable = Math.max(0, unstable);
    }

    /** Solid share of the fat. */
    public double solid() {
        return stable + unstable;
    }

    /** Two masses of the same chocolate stirred together, crystals untouched. */
    public Crystals mixedWith(final double massG, final Crystals other, final double otherMassG) {
        final double share = otherMassG / (massG + otherMassG);
        return new Crystals(
                stable + share * (other.stable - stable),
                unstable + share * (other.unstable - unstable));
    }
}
