package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;

/** What comes out of the pot. */
final class YieldQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return of.cooked().yieldG();
    }

    @Override
    public Basis basis(final FillingProperties of) {
        final Cooked cooked = of.cooked();
        final Basis basis =
                Basis.of("weighed in − steam − what sticks and is strained out")
                        .with("weighed in", cooked.weighedG(), Unit.GRAM)
                        .with("steam", cooked.lost(Cooked.Losses::steamG), Unit.GRAM)
                        .with("strained out", cooked.lost(Cooked.Losses::strainedG), Unit.GRAM)
                        .with("left on tools", cooked.lost(Cooked.Losses::stuckG), Unit.GRAM);
        return (cooked.leftG() > 0
                        ? basis.with("left in other pots", cooked.leftG(), Unit.GRAM)
                        : basis)
                .from(Cooking.PRACTICE);
    }
}
