package palintone.core.temper.method;

import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;

/**
 * A bowl that has gone hard where it stood: warmed gently so that its crystals stay, or melted out
 * and tempered anew.
 *
 * @param gently the one way; empty where it set in a bad form
 * @param anew the other
 * @param say which, and why
 */
public record HardBowl(Optional<TemperCurve> gently, TemperCurve anew, Sentence say) {

    /** A knife slips on a block. */
    public static final Sentence CAUTION =
            Sentence.of(
                    "A knife slips on a hard block: warm the bowl from outside until it comes loose,"
                            + " turn it out, and chop from a corner with the blade's heel.");

    /** How it has set. */
    public enum Looks {
        EVEN("shiny and even, it snaps"),
        DULL("dull, streaked or soft"),
        BLOOMED("grey, it has bloomed");

        private final String words;

        Looks(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Both ways for a bowl at the temperature of the room.
     *
     * @param order the bowl, with the method it would be tempered by anew
     */
    public static HardBowl of(final CurveOrder order, final Looks looks) {
        final TemperCurve anew =
                CurvePlanner.forward(
                        order.method() == TemperingMethod.KEEP_TEMPER
                                ? order.by(TemperingMethod.SEED_THIRD)
                                : order);
        if (looks != Looks.EVEN) {
            return new HardBowl(
                    Optional.empty(),
                    anew,
                    Sentence.of(
                                    looks == Looks.DULL
                                            ? "It did not set in the good form, and warmed gently it"
                                                    + " would keep the bad one. Melt it out to {melt}"
                                                    + " and temper it anew: {anew}."
                                            : "Its fat has changed into a form that melts higher and"
                                                    + " makes lumps. Melt it out to {melt} and temper"
                                                    + " it anew: {anew}.")
                            .with("melt", order.targets().melt().middle(), Unit.CELSIUS)
                            .with("anew", anew.ready().value(), Unit.MINUTE));
        }
        final TemperCurve gently = CurvePlanner.forward(order.by(TemperingMethod.KEEP_TEMPER));
        return new HardBowl(
                Optional.of(gently),
                anew,
                Sentence.of(
                                "It set in temper. Chopped and warmed gently, never above {top}, it"
                                        + " can be worked after {gently}, but thick: for bars, sheets"
                                        + " and fillings. For thin shells melt it out: {anew}.")
                        .with("top", gently.worked().high(), Unit.CELSIUS)
                        .with("gently", gently.ready().value(), Unit.MINUTE)
                        .with("anew", anew.ready().value(), Unit.MINUTE));
    }
}
