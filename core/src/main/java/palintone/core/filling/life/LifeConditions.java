package palintone.core.filling.life;

/**
 * What a filling's life depends on.
 *
 * @param aw water activity
 * @param awLow the lowest it may be
 * @param awHigh the highest it may be: the verdict is by this
 * @param ph acidity, estimated or measured
 * @param phHigh the highest pH it may have: the verdict is by this, where it was measured
 * @param phMeasured whether it was read on this food: an estimate frees nothing from the cold
 * @param alcoholPercentOfSyrup ethanol in the syrup by mass
 * @param heated everything moist saw 72 °C after it went in
 * @param egg what became of raw egg
 * @param storageC where the pieces will lie
 * @param freeOil share of liquid oil in the filling, %
 * @param nuts nuts or seeds in it
 * @param dairy milk of any kind in it, skimmed too
 * @param crisp crisp pieces beside moisture
 */
public record LifeConditions(
        double aw,
        double awLow,
        double awHigh,
        double ph,
        double phHigh,
        boolean phMeasured,
        double alcoholPercentOfSyrup,
        boolean heated,
        Egg egg,
        double storageC,
        double freeOil,
        boolean nuts,
        boolean dairy,
        boolean crisp) {

    /** What became of the raw egg that went in. */
    public enum Egg {
        NONE,
        /** It saw at least what the code's own step does to it. */
        HEATED,
        /** It was heated, but less than the code's own step. */
        SHORT,
        /** No heat reached it. */
        RAW
    }

    /**
     * Where two of them touch: as moist as the one and as mild as the other, whichever is worse.
     *
     * @param one either
     * @param other either
     */
    public static LifeConditions touching(final LifeConditions one, final LifeConditions other) {
        return new LifeConditions(
                Math.max(one.aw, other.aw),
                Math.max(one.awLow, other.awLow),
                Math.max(one.awHigh, other.awHigh),
                Math.max(one.ph, other.ph),
                Math.max(one.phHigh, other.phHigh),
                one.phMeasured && other.phMeasured,
                Math.min(one.alcoholPercentOfSyrup, other.alcoholPercentOfSyrup),
                one.heated && other.heated,
                one.egg.ordinal() > other.egg.ordinal() ? one.egg : other.egg,
                Math.max(one.storageC, other.storageC),
                Math.max(one.freeOil, other.freeOil),
                one.nuts || other.nuts,
                one.dairy || other.dairy,
                one.crisp || other.crisp);
    }

    /** What the table of pH and water activity says, at the unfavourable end of both. */
    public FoodCode.Says table() {
        return FoodCode.says(awHigh, phHigh, phMeasured);
    }

    /** Whether it must be kept cold: by the table, or for egg that was not heated enough. */
    public boolean cold() {
        return table() == FoodCode.Says.ASSESS || eggUnsafe();
    }

    /** The highest water activity that may stand outside the cold. */
    double standsBelow() {
        return FoodCode.highestAw(phHigh, phMeasured);
    }

    boolean eggUnsafe() {
        return egg == Egg.RAW || egg == Egg.SHORT;
    }
}
