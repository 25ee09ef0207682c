package palintone.core.process;

/** What can hurt at a task. Plain words, standing where the danger is. */
public final class Cautions {

    public static final String PIGMENT =
            "Only fat-soluble colour that your local food authority permits. Mask on while"
                    + " spraying, and air the room.";
    public static final String LABEL =
            "What a label must name is set by the local food authority; traces depend on your room.";

    public static final String STEAM =
            "Steam and splashes burn, and one drop of water seizes the bowl. Dry the outside before"
                    + " you pour.";
    public static final String CONDENSATION =
            "Out of the cold a mould below the dew point gathers water: leave it covered until it"
                    + " has warmed.";
    public static final String LIFE =
            "Filling life rests on clean work and on the recipe as written. A laboratory and the"
                    + " local food authority have the last word.";

    public static final String COLD_FILLING =
            "This filling must be kept at 4 °C or colder; not for the shelf until a laboratory has"
                    + " assessed it.";
    public static final String COLD_SCRAPINGS =
            "What is scraped off holds filling that must be kept cold: keep the scrapings at 4 °C or"
                    + " colder, or throw them away.";
    public static final String COLD_PIECES =
            "Box and keep them at 4 °C or colder, covered; not for the shelf until a laboratory has"
                    + " assessed the filling.";

    public static final String STEAM_POT =
            "Steam and splashes burn: turn the pot away from you, stir with a long spoon.";
    public static final String HOT_SUGAR =
            "Hot sugar sticks and burns deep: long sleeves, gloves, nobody beside you, cold water at"
                    + " hand.";

    /** Where something wet meets what is hotter than a syrup boils. */
    public static final String BOILS_UP =
            "Whatever is wet boils up in a pot as hot as this and throws steam and sugar: warm it"
                    + " first, pour in thin parts from the side, hands and face away, the pot no more"
                    + " than a third full.";

    public static final String YOLK =
            "Raw egg: every part must reach the temperature and stay there for the minutes said. Your"
                    + " local food code has the last word.";
    public static final String ALCOHOL =
            "Spirit vapour burns: no flame near it, and let the pot cool first.";

    private Cautions() {}

    /** Allergens in the scrapings, or an empty text where there are none. */
    public static String scrapings(final String allergens) {
        return "Scrapings of this batch hold "
                + allergens
                + ". Never return them to chocolate for somebody allergic.";
    }
}
