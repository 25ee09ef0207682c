package palintone.core.filling.quality;

import palintone.core.figure.Basis;

/** Sugar in the syrup, as a refractometer reads it. */
final class DissolvedSugarQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        if (!of.wet()) {
            return 0;
        }
        final double sugar = of.syrup().dissolvedSumG();
        return 100 * sugar / (sugar + of.syrup().waterG());
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return SyrupBasis.basis(of, "dissolved / (dissolved + water)");
    }
}
