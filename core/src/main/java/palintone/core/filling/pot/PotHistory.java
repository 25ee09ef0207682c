package palintone.core.filling.pot;

/** What was done to what is in a pot; of one taken out of another it is the same. */
final class PotHistory {

    /** Hottest it has been, °C. */
    double highestC = Pot.ROOM_C;

    /**
     * What the thermometer in it was to reach in the last operation that heated it, °C: with water
     * left in it the pot may be cooler than its maker was told to make it, and never counts as
     * such.
     */
    double toldC;

    /** Sugar in it was cooked to, °C; 0 where none was. */
    double cookedSugarC;

    boolean blended;

    /** Of the blade's gap it was emulsified through, mm; 0 where it was not. */
    double emulsifiedWidthMm;

    /** As it was last beaten or blended together, °C; not a number where it was not. */
    double mixedC = Double.NaN;

    /** When butter went in, °C; not a number where none did. */
    double butterC = Double.NaN;

    /** When it was poured on, °C; not a number where it was not. */
    double pouredAtC = Double.NaN;

    /** Width it was cut to, mm; 0 where it was not. */
    double cutMm;

    double restHours;
    double coldRestHours;

    /** From now on the same was done to this as to another. */
    void becomes(final PotHistory other) {
        highestC = other.highestC;
        toldC = other.toldC;
        cookedSugarC = other.cookedSugarC;
        blended = other.blended;
        emulsifiedWidthMm = other.emulsifiedWidthMm;
        mixedC = other.mixedC;
        butterC = other.butterC;
        pouredAtC = other.pouredAtC;
        cutMm = other.cutMm;
        restHours = other.restHours;
        coldRestHours = other.coldRestHours;
    }
}
