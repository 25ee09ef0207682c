package palintone.core.process;

/** What is done at a task. */
public enum TaskKind {
    WEIGH_OUT("Weigh out"),
    COOK("Cook"),
    TO_TASTE("To taste"),
    STAND("Stand"),
    POLISH("Polish"),
    COLOUR_READY("Colour ready"),
    COLOUR("Colour"),
    MOULD("Mould ready"),
    MELT("Melt"),
    COOL("Cool"),
    SEED("Seed"),
    HOLD("Hold"),
    REWARM("Rewarm"),
    TEST("Test"),
    STIR_IN("Stir in"),
    FRAME("Into the frame"),
    PIPE_OUT("Pipe"),
    FREEZE("Freeze"),
    COAT_BELOW("Coat below"),
    CUT("Cut"),
    SHAPE("Shape"),
    CENTRES("Centres ready"),
    WEIGH_CENTRES("Weigh the centres"),
    LAY_READY("Lay ready"),
    FIRST_COAT("First coat"),
    DIP("Dip"),
    DIP_AGAIN("Second couverture"),
    ROLL_IN("Roll"),
    SPREAD("Spread"),
    PEEL("Peel"),
    JOIN("Join"),
    OUTER_COAT("Outer coat"),
    CAST("Cast"),
    WAIT("Wait"),
    DRAIN("Drain"),
    SCRAPE("Scrape"),
    TAP("Tap level"),
    STREW("Strew"),
    PRESS("Press"),
    SET("Set"),
    CHILL("Chill"),
    SET_IN("Set in"),
    FILL("Fill"),
    LEVEL("Level"),
    SEAL("Seal"),
    TEMPER_AGAIN("Temper again"),
    CAP_BOWL("Bowl for the caps"),
    SECOND_BOWL("Second bowl"),
    PATTERN("Pattern"),
    CAP("Cap"),
    CHILL_CAP("Chill"),
    DEMOULD("Demould"),
    FINISH("Finish"),
    WEIGH("Weigh");

    private final String words;

    TaskKind(final String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
