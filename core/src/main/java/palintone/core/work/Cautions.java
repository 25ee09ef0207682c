package palintone.core.work;

/** What can hurt at a step. Plain words, standing where the danger is. */
final class Cautions {

    static final String PIGMENT =
            "Only fat-soluble colour that your local food authority permits. Mask on while"
                    + " spraying, and air the room.";
    static final String STEAM =
            "Steam and splashes burn, and one drop of water seizes the bowl. Dry the outside before"
                    + " you pour.";
    static final String CONDENSATION =
            "Out of the cold a mould below the dew point gathers water: leave it covered until it"
                    + " has warmed.";
    static final String LIFE =
            "Filling life rests on clean work and on the recipe as written. A laboratory and the"
                    + " local food authority have the last word.";

    static final String COLD_FILLING =
            "This filling must be kept at 4 °C or colder; not for the shelf until a laboratory has"
                    + " assessed it.";
    static final String COLD_SCRAPINGS =
            "What is scraped off holds filling that must be kept cold: keep the scrapings at 4 °C or"
                    + " colder, or throw them away.";
    static final String COLD_PIECES =
            "Box and keep them at 4 °C or colder, covered; not for the shelf until a laboratory has"
                    + " assessed the filling.";

    private Cautions() {}

    /** Allergens in the scrapings, or an empty text where there are none. */
    static String scrapings(final String allergens) {
        return "Scrapings of this batch hold "
                + allergens
                + ". Never return them to chocolate for somebody allergic.";
    }
}
