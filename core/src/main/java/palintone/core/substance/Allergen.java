package palintone.core.substance;

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
}
