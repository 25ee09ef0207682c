package palintone.core.temper.estimate;

import java.util.Random;
import palintone.core.temper.crystal.CrystalConstants;

/**
 * How far the constants, the thermometer and the hand may differ from what we take them for:
 * standard deviations, of the logarithm where it says share. Set by us.
 *
 * @param growth share
 * @param nucleation share
 * @param seedLoss share
 * @param unstable share, both constants
 * @param shear share
 * @param probeK offset of the thermometer, K
 */
public record ParameterUncertainty(
        double growth,
        double nucleation,
        double seedLoss,
        double unstable,
        double shear,
        double probeK) {

    public static final ParameterUncertainty USUAL =
            new ParameterUncertainty(0.2, 0.4, 0.25, 0.4, 0.25, 0.15);

    /** One bowl as it might really be. */
    public Draw draw(final CrystalConstants middle, final Random random) {
        final CrystalConstants constants =
                new CrystalConstants(
                        middle.growthPerS() * factor(growth, random),
                        middle.growthWidthK(),
                        middle.nucleationPerS() * factor(nucleation, random),
                        middle.seedLossPerS() * factor(seedLoss, random),
                        middle.unstableNucleationPerS() * factor(unstable, random),
                        middle.unstableGrowthPerS() * factor(unstable / 2, random));
        return new Draw(
                constants, Math.min(2, factor(shear, random)), probeK * random.nextGaussian());
    }

    private static double factor(final double share, final Random random) {
        return Math.exp(share * random.nextGaussian());
    }

    /**
     * One bowl as it may really be.
     *
     * @param constants of its crystals
     * @param shearFactor how much more or less it is really stirred, a factor about 1
     * @param probeOffsetK what the thermometer shows too much
     */
    public record Draw(CrystalConstants constants, double shearFactor, double probeOffsetK) {}
}
