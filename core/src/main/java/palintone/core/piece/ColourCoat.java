package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.temper.colour.ColourButter;

/**
 * One coat of coloured cocoa butter in the mould before it is cast.
 *
 * @param name of the colour
 * @param thicknessMm of the film where it lies, 0.01 to 0.5 mm
 * @param how it is brought on
 */
public record ColourCoat(String name, double thicknessMm, How how) {

    /**
     * How a colour is brought on; common practice, no source.
     *
     * <p>The covered share of the wall and what of the colour ends on it, 0 to 1.
     */
    public enum How {
        SPRAYED("Spray", 1, 0.6),
        BRUSHED("Brush", 1, 0.95),
        FINGER("Dab with a gloved finger", 0.5, 0.95),
        SPLASHED("Splash", 0.3, 0.7),
        LINED("Draw lines", 0.1, 0.95),
        DETAIL("Fill the detail from a paper cone with", 0.05, 0.98);

        private final String act;
        private final double covers;
        private final double caught;

        How(final String act, final double covers, final double caught) {
            this.act = act;
            this.covers = covers;
            this.caught = caught;
        }

        /** What is done, as a sentence begins. */
        public String act() {
            return act;
        }

        /** Share of the wall it covers, 0 to 1. */
        public double covers() {
            return covers;
        }

        /** Share of the colour that ends on the wall, 0 to 1. */
        public double caught() {
            return caught;
        }
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or the film
     *     impossible
     */
    public ColourCoat {
        Require.text("colour", name, 120);
        Require.between("colour film", thicknessMm, 0.01, 0.5, "mm");
    }

    /** Sprayed all over. */
    public ColourCoat(final String name, final double thicknessMm) {
        this(name, thicknessMm, How.SPRAYED);
    }

    /**
     * What has to be brought on.
     *
     * @param wallMm2 of one cavity
     * @return g a cavity, what goes past it included
     */
    public double massG(final double wallMm2) {
        return ColourButter.brushedG(wallMm2 * how.covers(), thicknessMm) / how.caught();
    }
}
