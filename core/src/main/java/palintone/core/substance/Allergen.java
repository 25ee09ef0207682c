package palintone.core.substance;

import java.util.Optional;

/**
 * The allergens of Regulation (EU) 1169/2011, annex II, in its order. Cereals with gluten and nuts
 * are named by their kind on a label (annex II, 1 and 8; article 21, from memory): each kind stands
 * after its group, and the group itself is for what is only known to hold some of them.
 */
public enum Allergen {
    GLUTEN("gluten"),
    WHEAT("wheat"),
    RYE("rye"),
    BARLEY("barley"),
    OATS("oats"),
    CRUSTACEANS("crustaceans"),
    EGG("egg"),
    FISH("fish"),
    PEANUT("peanut"),
    SOYA("soya"),
    MILK("milk"),
    NUTS("nuts"),
    ALMONDS("almonds"),
    HAZELNUTS("hazelnuts"),
    WALNUTS("walnuts"),
    CASHEWS("cashews"),
    PECANS("pecan nuts"),
    BRAZIL_NUTS("Brazil nuts"),
    PISTACHIOS("pistachio nuts"),
    MACADAMIAS("macadamia nuts"),
    CELERY("celery"),
    MUSTARD("mustard"),
    SESAME("sesame"),
    SULPHITES("sulphites"),
    LUPIN("lupin"),
    MOLLUSCS("molluscs");

    private final String words;

    Allergen(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The one of the fourteen it belongs to: itself, or its group. */
    public Allergen group() {
        return switch (this) {
            case WHEAT, RYE, BARLEY, OATS -> GLUTEN;
            case ALMONDS,
                    HAZELNUTS,
                    WALNUTS,
                    CASHEWS,
                    PECANS,
                    BRAZIL_NUTS,
                    PISTACHIOS,
                    MACADAMIAS ->
                    NUTS;
            default -> this;
        };
    }

    /**
     * The word a label in the United States uses, for the nine major allergens there (FALCPA 2004
     * and FASTER Act 2021, from memory) and for sulphites, which are declared from 10 mg/kg on (21
     * CFR 101.100, from memory); empty for what is none of them: rye, barley and oats are not.
     */
    public Optional<String> inTheUnitedStates() {
        return switch (this) {
            case GLUTEN -> Optional.of("wheat, if the cereal is wheat");
            case WHEAT -> Optional.of("wheat");
            case CRUSTACEANS -> Optional.of("crustacean shellfish");
            case EGG -> Optional.of("eggs");
            case FISH -> Optional.of("fish");
            case PEANUT -> Optional.of("peanuts");
            case SOYA -> Optional.of("soybeans");
            case MILK -> Optional.of("milk");
            case NUTS -> Optional.of("tree nuts, by their kind");
            case ALMONDS,
                    HAZELNUTS,
                    WALNUTS,
                    CASHEWS,
                    PECANS,
                    BRAZIL_NUTS,
                    PISTACHIOS,
                    MACADAMIAS ->
                    Optional.of(words);
            case SESAME -> Optional.of("sesame");
            case SULPHITES -> Optional.of("sulfites");
            default -> Optional.empty();
        };
    }
}
