package palintone.core.filling.quality;

import java.util.function.ToDoubleFunction;
import palintone.core.figure.Basis;
import palintone.core.filling.pot.Cooking;
import palintone.core.substance.Composition;

/** The share of a part: water, fat, alcohol. */
final class ShareQuality implements QualityModel {

    private static final Basis BASIS =
            Basis.of("mass of the part / mass of what comes out of the pot").from(Cooking.PRACTICE);

    private final ToDoubleFunction<Composition> percent;

    /**
     * @param percent of what comes out of the pot
     */
    ShareQuality(final ToDoubleFunction<Composition> percent) {
        this.percent = percent;
    }

    @Override
    public double value(final FillingProperties of) {
        return percent.applyAsDouble(of.cooked().composition());
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return BASIS;
    }
}
