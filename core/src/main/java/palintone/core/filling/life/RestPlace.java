package palintone.core.filling.life;

import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;

/**
 * Where a filling rests: where its recipe says, and what must be kept cold no longer outside the
 * cold than the code lets it stand. Asked by the task and by the tool alike.
 */
public final class RestPlace {

    public static final Source SOURCE =
            Source.remembered("FDA Food Code 3-501.19, four hours without temperature control");

    /** What must be kept cold stands outside it no longer than this, h. */
    public static final double MOST_HOURS_OUT = 4;

    private RestPlace() {}

    /**
     * Whether a rest is too long for what must be kept cold.
     *
     * @param keepCold by the verdict of the filling
     * @param celsius where it rests
     * @param hours how long
     */
    public static boolean partsInTheCold(
            final boolean keepCold, final double celsius, final double hours) {
        return keepCold && celsius > Life.COLD_C + 1 && hours > MOST_HOURS_OUT;
    }

    /** What is said of such a rest. */
    public static Sentence says() {
        return Sentence.of(
                        "This filling must be kept cold: {out} outside it at the most, then covered at"
                                + " {cold} or colder for the rest of the time.")
                .with("out", MOST_HOURS_OUT, Unit.HOUR)
                .with("cold", Life.COLD_C, Unit.CELSIUS);
    }
}
