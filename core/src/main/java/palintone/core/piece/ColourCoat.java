package palintone.core.piece;

import palintone.core.figure.Require;

/**
 * Coloured cocoa butter sprayed into the mould before it is cast.
 *
 * @param name of the colour
 * @param thicknessMm of the film, 0.01 to 0.5 mm
 */
public record ColourCoat(String name, double thicknessMm) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing or the film
     *     impossible
     */
    public ColourCoat {
        Require.text("colour", name, 120);
        Require.between("colour film", thicknessMm, 0.01, 0.5, "mm");
    }
}
