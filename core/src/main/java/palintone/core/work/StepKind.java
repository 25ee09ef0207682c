package palintone.core.work;

/** What is done at a step, in the order makers work. */
public enum StepKind {
    COLOUR("Colour"),
    MOULD("Mould ready"),
    MELT("Melt"),
    COOL("Cool"),
    SEED("Seed"),
    TEST("Test"),
    CAST("Cast"),
    WAIT("Wait"),
    DRAIN("Drain"),
    SCRAPE("Scrape"),
    SET("Set"),
    CHILL("Chill"),
    FILL("Fill"),
    LEVEL("Level"),
    TEMPER_AGAIN("Temper again"),
    CAP("Cap"),
    CHILL_CAP("Chill"),
    DEMOULD("Demould"),
    WEIGH("Weigh");

    private final String words;

    StepKind(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
