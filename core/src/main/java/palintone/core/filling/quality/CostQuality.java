package palintone.core.filling.quality;

import palintone.core.figure.Basis;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/** What a kilogram costs, as far as prices are known. */
final class CostQuality implements QualityModel {

    @Override
    public double value(final FillingProperties of) {
        return of.cost() / of.cooked().yieldG() * 1000;
    }

    @Override
    public Basis basis(final FillingProperties of) {
        return Basis.of("Σ weighed · price / yield")
                .with("weighed in", of.cooked().weighedG(), Unit.GRAM)
                .with("yield", of.cooked().yieldG(), Unit.GRAM)
                .from(Source.workshop("prices in the larder"));
    }
}
