package palintone.core.filling.quality;

import java.util.Optional;
import palintone.core.figure.Basis;
import palintone.core.figure.Range;
import palintone.core.substance.Nutrition;

/** Energy of 100 g, as a label declares it. */
final class EnergyQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return Nutrition.of(of.cooked().composition()).kilojoules();
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return Nutrition.of(of.cooked().composition()).energy().basis();
    }

    @Override
    public Optional<Range> spread(final FillingProperties of) {
        return Nutrition.of(of.cooked().composition()).energy().spread();
    }
}
