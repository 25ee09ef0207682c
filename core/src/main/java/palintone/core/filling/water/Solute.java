package palintone.core.filling.water;

import palintone.core.substance.Component;

/**
 * What dissolves in the water of a filling. Molar masses in g/mol; Norrish constants in the
 * positive form of docs/models.md, from memory after Norrish 1966 and Chirife, Favetto &amp; Fontan
 * 1982.
 *
 * <p>Glucose syrup of DE 42 has a mean molar mass of 18 000/42 = 429; with its glucose (19 %) and
 * maltose (14 %) counted apart, the rest comes to about 770, and is given the syrup's own constant.
 */
public enum Solute {
    SUCROSE(Component.SUCROSE, 342.30, 6.47),
    GLUCOSE(Component.GLUCOSE, 180.16, 2.25),
    FRUCTOSE(Component.FRUCTOSE, 180.16, 2.25),
    LACTOSE(Component.LACTOSE, 342.30, 10.2),
    MALTOSE(Component.MALTOSE, 342.30, 4.54),
    HIGHER_SACCHARIDES(Component.HIGHER_SACCHARIDES, 770, 2.31),
    SORBITOL(Component.SORBITOL, 182.17, 1.65),
    GLYCEROL(Component.GLYCEROL, 92.09, 1.16),
    /** Counted as citric acid; its constant from memory. */
    ORGANIC_ACID(Component.ORGANIC_ACID, 192.12, 6.17);

    private final Component component;
    private final double molarMass;
    private final double norrishK;
    private final double rootK;

    Solute(final Component component, final double molarMass, final double norrishK) {
        this.component = component;
        this.molarMass = molarMass;
        this.norrishK = norrishK;
        this.rootK = Math.sqrt(norrishK);
    }

    public Component component() {
        return component;
    }

    /** g/mol. */
    public double molarMass() {
        return molarMass;
    }

    /** Norrish constant K; 0 would be an ideal solute. */
    public double norrishK() {
        return norrishK;
    }

    double rootK() {
        return rootK;
    }
}
