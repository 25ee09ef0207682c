package palintone.core.mould;

import palintone.core.figure.Require;
import palintone.core.figure.Sentence;

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

    /**
     * How it is made ready; common practice, no source. Silicone has the gloss it was made with,
     * and cloth takes that off; packaging that serves as a mould is used once and scratches at a
     * touch.
     */
    public Sentence ready() {
        return switch (material) {
            case POLYCARBONATE ->
                    Sentence.of("Polish {moulds} with a soft dry cloth. Touch no inside.");
            case SILICONE ->
                    Sentence.of(
                            "Look {moulds} over: clean, dry, no lint. Silicone is not polished. Lay"
                                    + " each on a board that it stays on.");
            case THERMOFORMED ->
                    Sentence.of(
                            "Look {moulds} over: clean, dry, without a scratch. Wipe with cotton wool"
                                    + " and no pressure; a sheet that bends lies on a board.");
        };
    }

    /** How a piece comes out of it; common practice, no source. */
    public Sentence turnOut() {
        if (opens()) {
            return opened();
        }
        if (build == Build.MAGNETIC_PAIR) {
            return Sentence.of(
                    "Take the plate off, then the sheet by one corner. Loose parts look light from"
                            + " below: twist, turn out, gloves on.");
        }
        return switch (material) {
            case POLYCARBONATE ->
                    Sentence.of("Loose parts look light from below. Twist, turn out, gloves on.");
            case SILICONE ->
                    Sentence.of(
                            "Peel the edge back all round, then push each out from below with a"
                                    + " thumb. Never twist. Gloves on.");
            case THERMOFORMED ->
                    Sentence.of(
                            "Loose parts look light from below. Press each out from behind, gloves"
                                    + " on; crumbs cling to the sheet: brush them off dry.");
        };
    }

    /** How a figure comes out of halves that were closed around it; common practice, no source. */
    public static Sentence opened() {
        return Sentence.of(
                "Light where it has let go, all round: clips off, halves apart, lift it out."
                        + " Gloves on, a clean dry table.");
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
