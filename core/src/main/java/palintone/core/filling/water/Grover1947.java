package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * Water activity after Grover (1947), "The keeping properties of confectionery as influenced by its
 * water vapour pressure", J. Soc. Chem. Ind. 66, 201–205: aw = 1.04 − 0.1·E + 0.0045·E², E the
 * sucrose equivalents in one gram of water. Equivalents from memory: sucrose and lactose 1, invert
 * sugars 1.3, syrup solids 0.8, sorbitol 2, glycerol 4, acid 2.5.
 *
 * <p>Made for the syrups of confectionery, E about 1 to 10; below one the line is continued to pure
 * water.
 */
public final class Grover1947 implements WaterActivityModel {

    private static final Source SOURCE =
            Source.remembered("Grover 1947, J. Soc. Chem. Ind. 66, 201–205");

    @Override
    public double waterActivity(final AqueousPhase phase) {
        double equivalents = 0;
        for (final Solute solute : Solute.values()) {
            equivalents += equivalent(solute) * phase.grams(solute);
        }
        final double e = Math.min(11, equivalents / phase.waterG());
        // The published line starts at 1.04 for no sugar: below one gram per gram it is joined to
        // 1.
        return e < 1 ? 1 - 0.0555 * e : 1.04 - e * (0.1 - 0.0045 * e);
    }

    private static double equivalent(final Solute solute) {
        return switch (solute) {
            case GLUCOSE, FRUCTOSE -> 1.3;
            case HIGHER_SACCHARIDES -> 0.8;
            case SORBITOL -> 2.0;
            case GLYCEROL -> 4.0;
            case ORGANIC_ACID -> 2.5;
            default -> 1.0;
        };
    }

    @Override
    public Source source() {
        return SOURCE;
    }

    @Override
    public String formula() {
        return "aw = 1.04 − 0.1·E + 0.0045·E²";
    }

    @Override
    public String words() {
        return "Grover 1947";
    }
}
