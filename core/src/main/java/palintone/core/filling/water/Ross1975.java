package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * The product rule of Ross (1975), "Estimation of water activity in intermediate moisture foods",
 * Food Technol. 29(3), 26–34: each solute lowers the water activity as if it stood alone in all the
 * water, and the factors multiply.
 *
 * <p>Used for what the sugar models leave out: salts as potassium chloride (two ions, osmotic
 * coefficient 0.90, which gives 0.856 for the saturated solution against 0.851 in Greenspan 1977)
 * and ethanol as an ideal solute.
 */
public final class Ross1975 {

    public static final Source SOURCE = Source.remembered("Ross 1975, Food Technol. 29(3), 26–34");

    private static final double KCL_MOLAR_MASS = 74.55;
    private static final double KCL_OSMOTIC = 0.90;
    private static final double ETHANOL_MOLAR_MASS = 46.07;

    private Ross1975() {}

    /**
     * @param phase water, salts and ethanol
     * @return factor by which salts and ethanol lower the water activity, above 0, up to 1
     */
    public static double saltsAndEthanol(final AqueousPhase phase) {
        final double waterMol = phase.waterG() / WaterActivityModel.WATER_MOLAR_MASS;
        final double ethanolMol = phase.ethanolG() / ETHANOL_MOLAR_MASS;
        return salts(phase.saltsG() / KCL_MOLAR_MASS / phase.waterG() * 1000)
                * waterMol
                / (waterMol + ethanolMol);
    }

    /**
     * @param molality potassium chloride, mol per kg of water
     */
    public static double salts(final double molality) {
        return Math.exp(-WaterActivityModel.WATER_MOLAR_MASS / 1000 * 2 * molality * KCL_OSMOTIC);
    }
}
