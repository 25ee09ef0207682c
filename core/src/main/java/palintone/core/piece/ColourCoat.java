package palintone.core.piece;

import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Coloured cocoa butter sprayed into the mould before it is cast.
 *
 * @param name of the colour
 * @param thicknessMm of the film, 0.01 to 0.5 mm
 */
public record ColourCoat(String name, double thicknessMm) {

    /** Of what leaves the nozzle, this share lands in the cavities; the rest is mist and rim. */
    public static final double CAUGHT = 0.6;

    /** Density of melted cocoa butter with a little pigment, g/ml, from memory. */
    public static final double DENSITY_G_PER_ML = 0.93;

    public static final Source SOURCE =
            Source.practice("about 60 % of a spray lands in the cavities");

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or the film
     *     impossible
     */
    public ColourCoat {
        Require.text("colour", name, 120);
        Require.between("colour film", thicknessMm, 0.01, 0.5, "mm");
    }
}
