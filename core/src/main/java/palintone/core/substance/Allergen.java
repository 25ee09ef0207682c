package palintone.core.substance;

import java.util.Optional;

/** The allergens of Regulation (EU) 1169/2011, annex II, in its order. */
public enum Allergen {
    GLUTEN("gluten"),
    CRUSTACEANS("crustaceans"),
    EGG("egg"),
    FISH("fish"),
    PEANUT("peanut"),
    SOYA("soya"),
    MILK("milk"),
    NUTS("nuts"),
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

    /**
     * The word a label in the United States uses, for the nine major allergens there (FALCPA 2004
     * and FASTER Act 2021, from memory); empty for the five that are not among them. Gluten is
     * stated as wheat, which must be checked where it comes from another grain.
     */
    public Optional<String> inTheUnitedStates() {
        return switch (this) {
            case GLUTEN -> Optional.of("wheat");
            case CRUSTACEANS -> Optional.of("crustacean shellfish");
            case EGG -> Optional.of("eggs");
            case FISH -> Optional.of("fish");
            case PEANUT -> Optional.of("peanuts");
            case SOYA -> Optional.of("soybeans");
            case MILK -> Optional.of("milk");
            case NUTS -> Optional.of("tree nuts");
            case SESAME -> Optional.of("sesame");
            default -> Optional.empty();
        };
    }
}
