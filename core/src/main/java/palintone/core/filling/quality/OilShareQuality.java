package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.figure.Unit;
import palintone.core.filling.emulsion.Emulsion;

/** Fat among fat and syrup, by volume. */
final class OilShareQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return Emulsion.of(of.cooked().matrix()).oilShare();
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final Emulsion emulsion = Emulsion.of(of.cooked().composition());
        return Basis.of("volume of fat / (volume of fat + volume of syrup)")
                .with("fat in 100 g", emulsion.fatMl(), Unit.MILLILITRE)
                .with("syrup in 100 g", emulsion.syrupMl(), Unit.MILLILITRE)
                .with(
                        "water that would bring it to 0.60, in 100 g",
                        emulsion.waterToReach(Emulsion.RISK_FROM),
                        Unit.GRAM)
                .from(Emulsion.SOURCE)
                .validFor("fat melted, drops of like size", of.wet());
    }
}
