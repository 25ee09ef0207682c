package palintone.core.temper.crystal;

import palintone.core.figure.Source;

/**
 * The crystal forms of cocoa butter with their melting points after Wille & Lutton (1966),
 * "Polymorphism of cocoa butter", J. Am. Oil Chem. Soc. 43, 491–496.
 */
public enum Polymorph {
    I(17.3),
    II(23.3),
    III(25.5),
    IV(27.5),
    /** The one wanted. */
    V(33.8),
    /** Grows in bloom, not in the bowl. */
    VI(36.3);

    public static final Source SOURCE =
            Source.remembered("Wille & Lutton 1966, J. Am. Oil Chem. Soc. 43, 491–496");

    private final double meltsC;

    Polymorph(final double meltsC) {
        this.meltsC = meltsC;
    }

    /** Melting point of pure cocoa butter in this form, °C. */
    public double meltsC() {
        return meltsC;
    }
}
