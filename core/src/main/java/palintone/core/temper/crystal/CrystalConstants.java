package palintone.core.temper.crystal;

import palintone.core.figure.Source;

/**
 * The constants of {@link CrystalLaw}, for pure cocoa butter.
 *
 * @param growthPerS autocatalytic growth of the stable form at 31.5 °C, 1/s
 * @param growthWidthK kelvin by which that growth falls e-fold
 * @param nucleationPerS nuclei of the stable form under full shear at 26.5 °C, share of the fat/s
 * @param seedLossPerS dissolving of fine seed one kelvin above 32 °C, 1/s
 * @param unstableNucleationPerS nuclei of the unstable forms, still, share of the fat/s
 * @param unstableGrowthPerS growth of the unstable forms at 20 °C, 1/s
 */
public record CrystalConstants(
        double growthPerS,
        double growthWidthK,
        double nucleationPerS,
        double seedLossPerS,
        double unstableNucleationPerS,
        double unstableGrowthPerS) {

    /** What {@link CrystalFit} finds, rounded to three figures; a test fits them anew. */
    public static final CrystalConstants CALIBRATED =
            new CrystalConstants(2.30e-3, 3.22, 2.37e-5, 3.37e-3, 5.82e-7, 8.44e-3);

    public static final Source SOURCE =
            Source.calibrated(
                    "five facts of the trade (docs/models.md), form of the law after Foubert et al."
                            + " 2002 and Le Révérend et al. 2009");
}
