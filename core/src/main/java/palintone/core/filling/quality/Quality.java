package palintone.core.filling.quality;

import palintone.core.figure.Figure;
import palintone.core.figure.Unit;
import palintone.core.substance.Alcohol;
import palintone.core.substance.Component;

/**
 * What a filling can be wished to be. Each is one number of {@link FillingProperties}, with a model
 * of its own that says how it is computed and why.
 */
public enum Quality {
    WATER_ACTIVITY("water activity", Unit.ONE, 0.02, new WaterActivityQuality()),
    WATER("water", Unit.PERCENT, 2, new ShareQuality(c -> 100 * c.fraction(Component.WATER))),
    FREE_WATER("free water", Unit.PERCENT, 2, new FreeWaterQuality()),
    FAT("fat", Unit.PERCENT, 3, new ShareQuality(c -> 100 * c.fatFraction())),
    OIL_SHARE("fat phase share", Unit.ONE, 0.03, new OilShareQuality()),
    DISSOLVED_SUGAR("dissolved sugar in the syrup", Unit.PERCENT, 4, new DissolvedSugarQuality()),
    CRYSTAL_SUGAR("crystallised sugar", Unit.PERCENT, 2, new CrystalSugarQuality()),
    SOLID_FAT_SERVING(
            "solid fat, served", Unit.PERCENT, 5, new SolidFatQuality(Conditions::servingC)),
    SOLID_FAT_STORAGE(
            "solid fat, stored", Unit.PERCENT, 5, new SolidFatQuality(Conditions::storageC)),
    FIRMNESS("firmness, served", Unit.FIRMNESS, 0.5, new FirmnessQuality(Conditions::servingC)),
    FIRMNESS_STORAGE(
            "firmness, stored", Unit.FIRMNESS, 0.5, new FirmnessQuality(Conditions::storageC)),
    SWEETNESS("sweetness", Unit.PERCENT, 3, new SweetnessQuality()),
    BITTERNESS("bitterness", Unit.PERCENT, 2, new BitternessQuality()),
    ALCOHOL("alcohol", Unit.PERCENT, 1, new ShareQuality(Alcohol::percent)),
    ACIDITY("acidity", Unit.PH, 0.2, new AcidityQuality()),
    ENERGY("energy", Unit.KILOJOULE_PER_100G, 100, new EnergyQuality()),
    COST("cost of a kilogram", Unit.MONEY, 1, new CostQuality()),
    YIELD("yield", Unit.GRAM, 20, new YieldQuality());

    private final String words;
    private final Unit unit;
    private final double step;
    private final QualityModel model;

    Quality(final String words, final Unit unit, final double step, final QualityModel model) {
        this.model = model;
        this.words = words;
        this.unit = unit;
        this.step = step;
    }

    /** As a maker says it. */
    public String words() {
        return words;
    }

    public Unit unit() {
        return unit;
    }

    /** A difference somebody would notice, in its unit: wishes are weighed by it. */
    public double step() {
        return step;
    }

    /** The number of one filling, in the unit of this quality. */
    double value(final FillingProperties of) {
        return model.value(of);
    }

    /** The same with its basis and how far it may be off. */
    public Figure figure(final FillingProperties of) {
        final Figure figure = Figure.of(words, model.value(of), unit, model.basis(of));
        return model.spread(of)
                .map(range -> figure.spread(range.low(), range.high()))
                .orElse(figure);
    }
}
