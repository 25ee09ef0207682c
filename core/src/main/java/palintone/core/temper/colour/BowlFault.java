package palintone.core.temper.colour;

import java.util.Arrays;
import java.util.List;
import palintone.core.figure.Sentence;

/** What has gone wrong in a bowl, how it shows, and what can still be done; common practice. */
public enum BowlFault {
    WATER(
            "water in the bowl",
            "It turns from flowing to a stiff, grainy paste within moments.",
            "It will never flow as couverture again.",
            "Stir in warm water or cream, a spoon at a time, and use it as sauce, mousse or ganache.",
            "Count its allergens on, and keep it out of the couverture."),
    HUMID_BAG(
            "humid bag",
            "Open for weeks, it melts to a thick paste although no water was seen.",
            "It took up moisture from the air; drying does not bring the flow back.",
            "Use it in ganache or baking. A sealed bag and a dry shelf keep the next one."),
    WRONG_COLOUR(
            "wrong colour type",
            "The colour beads up, stays in streaks, stays wet or makes the bowl thick.",
            "It is water-based or a gel; only fat-soluble colour goes into chocolate.",
            "A few drops: sieve them out and use the rest for ganache. More: treat it as water in"
                    + " the bowl."),
    SCORCHED(
            "scorched",
            "It smells burnt, has gone thick and grainy, perhaps brown spots in white.",
            "What has scorched stays scorched; white and milk go first.",
            "Pour off what is not burnt through a sieve at once, without scraping, and taste it."
                    + " Throw the rest away."),
    LUMPS(
            "lumps of seed",
            "Soft lumps that do not melt, and the thermometer low.",
            "The bowl was too cold for so much seed, or the seed too coarse.",
            "Lift them out, or a blender held under; warming the whole bowl above the window loses"
                    + " the temper."),
    OIL_ON_TOP(
            "fat standing on top",
            "A greasy film on a bowl left warm overnight.",
            "Fat and solids have parted by standing.",
            "Stir it well before any crystal is made; nothing is lost.");

    private final String words;
    private final String signs;
    private final String why;
    private final List<String> still;

    BowlFault(final String words, final String signs, final String why, final String... still) {
        this.words = words;
        this.signs = signs;
        this.why = why;
        this.still = Arrays.asList(still);
    }

    public String words() {
        return words;
    }

    public Sentence signs() {
        return Sentence.of(signs);
    }

    public Sentence why() {
        return Sentence.of(why);
    }

    /** What can still be done with it. */
    public List<Sentence> still() {
        return still.stream().map(Sentence::of).toList();
    }
}
