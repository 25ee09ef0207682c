package palintone.core.filling;

import palintone.core.figure.Unit;

/** What a filling can be wished to be; each is one number of an {@link FillingProperties}. */
public enum Quality {
    WATER_ACTIVITY("water activity", Unit.ONE, 0.02),
    WATER("water", Unit.PERCENT, 2),
    FREE_WATER("free water", Unit.PERCENT, 2),
    FAT("fat", Unit.PERCENT, 3),
    OIL_SHARE("fat phase share", Unit.ONE, 0.03),
    DISSOLVED_SUGAR("dissolved sugar in the syrup", Unit.PERCENT, 4),
    CRYSTAL_SUGAR("crystallised sugar", Unit.PERCENT, 2),
    SOLID_FAT_SERVING("solid fat, served", Unit.PERCENT, 5),
    SOLID_FAT_STORAGE("solid fat, stored", Unit.PERCENT, 5),
    FIRMNESS("firmness, served", Unit.FIRMNESS, 0.5),
    FIRMNESS_STORAGE("firmness, stored", Unit.FIRMNESS, 0.5),
    SWEETNESS("sweetness", Unit.PERCENT, 3),
    BITTERNESS("bitterness", Unit.PERCENT, 2),
    ALCOHOL("alcohol", Unit.PERCENT, 1),
    ACIDITY("acidity", Unit.PH, 0.2),
    ENERGY("energy", Unit.KILOJOULE_PER_100G, 100),
    COST("cost of a kilogram", Unit.MONEY, 1),
    YIELD("yield", Unit.GRAM, 20);

    private final String words;
    private final Unit unit;
    private final double step;

    Quality(final String words, final Unit unit, final double step) {
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
}
