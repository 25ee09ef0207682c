package palintone.core.mould;

import palintone.core.figure.Require;

/**
 * What a mould is made of.
 *
 * @param material of the wall
 * @param build how it opens
 * @param wallMm thickness of the wall, 0.2 to 20 mm
 */
public record MouldBody(Material material, Build build, double wallMm) {

    /** What a mould is where nothing is said of it; common practice, no source. */
    public static final MouldBody USUAL = new MouldBody(Material.POLYCARBONATE, Build.OPEN, 2);

    /** Of what. */
    public enum Material {
        POLYCARBONATE,
        THERMOFORMED,
        SILICONE
    }

    /** How. */
    public enum Build {
        OPEN,
        MAGNETIC_PAIR,
        CLOSING_HALVES
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the wall is impossible
     */
    public MouldBody {
        Require.between("wall of the mould", wallMm, 0.2, 20, "mm");
    }

    /** Whether it is bent off the piece. */
    boolean bends() {
        return material == Material.SILICONE;
    }

    /** Whether it comes apart around the piece. */
    boolean opens() {
        return build == Build.CLOSING_HALVES;
    }
}
