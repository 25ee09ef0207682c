package palintone.core.filling.cool;

import palintone.core.figure.Source;

/** When butter goes in; makers differ. The second is our default. */
public enum ButterPractice {
    WITH_THE_LIQUID(
            "with the hot liquid",
            "Melts whole: the finest drops and the safest emulsion, a little firmer and shorter in"
                    + " the mouth."),
    AT_30(
            "at about 30 to 35 °C, soft",
            "Part of it stays crystalline: rounder and softer in the"
                    + " mouth. Our default; above 40 °C it oils out.");

    public static final Source SOURCE = Source.practice("timing of the butter");

    private final String words;
    private final String says;

    ButterPractice(final String words, final String says) {
        this.words = words;
        this.says = says;
    }

    public String words() {
        return words;
    }

    public String says() {
        return says;
    }
}
