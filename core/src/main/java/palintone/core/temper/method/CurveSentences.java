package palintone.core.temper.method;

import palintone.core.figure.Band;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.CouvertureKind;

/** What the phases of a curve say. Numbers come from the simulation; the words are practice. */
final class CurveSentences {

    static final Sentence READ_MELT =
            Sentence.of("Stir after each burst, then read in the middle.");
    static final Sentence READ_MIDDLE =
            Sentence.of("Stir, then read in the middle, every minute; the skin is always colder.");
    static final Sentence READ_BATH =
            Sentence.of("Scrape the wall all the time and read every half minute: it falls fast.");
    static final Sentence READ_SEED =
            Sentence.of("Read when the last lump has gone, and once more a minute later.");
    static final Sentence READ_STONE =
            Sentence.of("Read in the heap each time it is gathered, not in the thin film.");
    static final Sentence READ_WORK =
            Sentence.of("Paper test first. Read every five minutes while you work.");
    static final Sentence NO_WATER_INSIDE =
            Sentence.of("No drop of water into the chocolate, and dry the bowl before you pour.");
    static final Sentence SEED_CAUTION =
            Sentence.of("Seed of the same couverture, in temper; take out what has not melted.");

    private CurveSentences() {}

    static Sentence meltInKettle(final double toC) {
        return Sentence.of("Melt to {to} in the kettle, paddle running: every crystal must go.")
                .with("to", toC, Unit.CELSIUS);
    }

    static Sentence gently(final CurveOrder order, final double toC) {
        final Sentence warm =
                Sentence.of(
                                "Warm it chopped, a few seconds at a time at low power, to {to} and"
                                        + " not beyond; stir each time until the lumps stop melting.")
                        .with("to", toC, Unit.CELSIUS);
        final double over = toC - order.targets().work().high();
        return over < 0.1
                ? warm
                : warm.and(
                        Sentence.of(
                                        "So much stays solid that it is worked {over} above its"
                                                + " usual window; below that it is too thick.")
                                .with("over", over, Unit.KELVIN));
    }

    static Sentence clearPoint(final double clearC) {
        return Sentence.of("At {clear} nothing is left to keep.")
                .with("clear", clearC, Unit.CELSIUS);
    }

    static Sentence scorches(final CurveOrder order) {
        final Sentence scorch =
                Sentence.of("Above {scorch} it scorches, beyond rescue.")
                        .with("scorch", order.targets().melt().highLimit(), Unit.CELSIUS);
        return order.couverture().kind() == CouvertureKind.DARK
                ? scorch
                : scorch.and(Sentence.of("Milk and white go first, and quickly."));
    }

    static Sentence bath(final CurveOrder order, final double toC) {
        return Sentence.of("Stand the bowl in water of {bath} and stir down to {to}.")
                .with("bath", order.equipment().bathC(), Unit.CELSIUS)
                .with("to", toC, Unit.CELSIUS);
    }

    static Sentence quickBath(final CurveOrder order, final double toC) {
        return Sentence.of(
                        "Stand the bowl in water of {bath}, stir down to {to} and lift it out at"
                                + " once; dry it.")
                .with("bath", order.equipment().bathC(), Unit.CELSIUS)
                .with("to", toC, Unit.CELSIUS);
    }

    static Sentence coolInRoom(final double toC) {
        return Sentence.of("Stir now and then and let it fall to {to}.")
                .with("to", toC, Unit.CELSIUS);
    }

    static Sentence coolKettle(final double toC) {
        return Sentence.of("Set the kettle to {to}, paddle running.").with("to", toC, Unit.CELSIUS);
    }

    static Sentence hold(final double seconds) {
        return Sentence.of(
                        "Hold it there, stirring, for {hold}, by turns of cold and air: this is where the"
                                + " crystals come.")
                .with("hold", seconds, Unit.SECOND);
    }

    static Sentence table(final CurveOrder order, final double massG, final double toC) {
        return Sentence.of(
                        "Pour {mass} on the stone of {stone}; spread and gather until it reads"
                                + " {to}.")
                .with("mass", massG, Unit.GRAM)
                .with("stone", order.equipment().stoneC(), Unit.CELSIUS)
                .with("to", toC, Unit.CELSIUS);
    }

    static Sentence gather(final double seconds) {
        return Sentence.of("Keep it moving in a heap for {hold}, until it thickens.")
                .with("hold", seconds, Unit.SECOND);
    }

    static Sentence giveBack(final double endC) {
        return Sentence.of("Back into the warm rest, stir until even: it should read {end}.")
                .with("end", endC, Unit.CELSIUS);
    }

    static Sentence seed(
            final CurveOrder order,
            final double grams,
            final double intoG,
            final double atC,
            final double endC) {
        return Sentence.of(
                        "At {at}, stir {seed} of seed into {bowl} until it is smooth; it lands at"
                                + " {end}.")
                .with("at", atC, Unit.CELSIUS)
                .with("seed", grams, Unit.GRAM)
                .with("bowl", intoG, Unit.GRAM)
                .with("end", endC, Unit.CELSIUS);
    }

    static Sentence rewarm(final CurveOrder order, final double fromC, final double toC) {
        final double seconds =
                order.equipment()
                        .heat()
                        .secondsFor(order.massG(), order.couverture().cpJPerGK(), toC - fromC);
        return Sentence.of("Rewarm to {to}: {heat} of heat in all, in 5-second pulses.")
                .with("to", toC, Unit.CELSIUS)
                .with("heat", seconds, Unit.SECOND);
    }

    static Sentence topOfWindow(final CurveOrder order) {
        return topOf(order.targets().work());
    }

    static Sentence topOf(final Band work) {
        return Sentence.of("Never above {top}: the seed goes, and you start again.")
                .with("top", work.high(), Unit.CELSIUS);
    }

    static Sentence work(final Band work, final double seconds, final double endC) {
        final boolean thick = endC > work.low() + 0.05;
        return Sentence.of(
                        thick
                                ? "Work for {minutes}; by then it is too thick: warm it to the top"
                                        + " of the window or add warm couverture."
                                : "Work for {minutes}; rewarm before it falls below {low}.")
                .with("minutes", seconds / 60, Unit.MINUTE)
                .with("low", work.low(), Unit.CELSIUS);
    }
}
