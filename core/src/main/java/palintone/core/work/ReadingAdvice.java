package palintone.core.work;

import palintone.core.figure.Band;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.Reading;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.temper.HeatSource;

/** Says what to do about a reading: a pure function of step, value and bowl. */
public final class ReadingAdvice {

    private ReadingAdvice() {}

    /**
     * @param step where it was read; must take a reading
     * @param value in the unit of that reading
     * @param bowl what is in the bowl
     */
    public static Advice on(final Task step, final double value, final Bowl bowl) {
        final Reading reading = step.reading().orElseThrow();
        final BandStatus bandStatus = reading.band().bandStatusOf(value);
        final double out = reading.band().outBy(value);
        if (out == 0) {
            return new Advice(
                    bandStatus, stated(reading, value, 0).and(Sentence.of(carryOn(step))));
        }
        final Sentence next =
                switch (reading.unit()) {
                    case SECOND -> slowSet(bandStatus);
                    case GRAM -> weight(step, reading, value);
                    default -> temperature(step.kind(), reading.band(), value, bowl);
                };
        return new Advice(bandStatus, stated(reading, value, out).and(next));
    }

    private static Sentence stated(final Reading reading, final double value, final double out) {
        final Sentence number = Sentence.of(out == 0 ? "{value}, in the band." : where(out));
        final Unit difference = reading.unit() == Unit.CELSIUS ? Unit.KELVIN : reading.unit();
        final Sentence withValue = number.with("value", value, reading.unit());
        return out == 0 ? withValue : withValue.with("out", Math.abs(out), difference);
    }

    private static String where(final double out) {
        return out < 0 ? "{value}, {out} under." : "{value}, {out} over.";
    }

    private static String carryOn(final Task step) {
        return step.kind() == TaskKind.TEST ? "In temper: cast now." : "Go on.";
    }

    private static Sentence slowSet(final BandStatus bandStatus) {
        return Sentence.of(
                bandStatus == BandStatus.TIGHT
                        ? "Slow: stir in a little more seed, wait a minute, test again."
                        : "Not in temper. Do not cast: melt out and temper again.");
    }

    private static Sentence weight(final Task task, final Reading reading, final double value) {
        if (task.kind() == TaskKind.COOK) {
            return Sentence.of(
                    value > reading.target()
                            ? "Not down yet: cook on and weigh again."
                            : "Too far down: give back as much water, a little at a time.");
        }
        final Quantity thick = task.say().values().get("thick");
        if (task.kind() == TaskKind.SCRAPE && thick != null) {
            // Thin shells: mass goes with thickness, to first order.
            final double mm = thick.value() * value / reading.target();
            return Sentence.of(
                            value > reading.target()
                                    ? "About {mm} thick: wait less before draining, or vibrate"
                                            + " longer."
                                    : "About {mm} thin: wait longer before draining, or give a"
                                            + " second coat.")
                    .with("mm", mm, Unit.MILLIMETRE);
        }
        return Sentence.of(
                value > reading.target()
                        ? "Heavier than planned: look at shell, cap and filling level."
                        : "Lighter than planned: look for hollows under the cap.");
    }

    private static Sentence temperature(
            final TaskKind kind, final Band band, final double value, final Bowl bowl) {
        final boolean cold = value < band.low();
        return switch (kind) {
            case MELT -> cold ? heat(band, value, bowl) : meltedTooHot(value > band.highLimit());
            case COOL ->
                    cold
                            ? heat(band, value, bowl)
                            : Sentence.of("Stir on; seed put in now would melt away.");
            case SEED, HOLD, REWARM, CAST, TEMPER_AGAIN ->
                    cold ? heat(band, value, bowl) : tooWarm(value, bowl);
            case COOK -> pot(band, value);
            case STIR_IN ->
                    Sentence.of(
                            cold
                                    ? "So cold it sets the bowl around it: warm it a little first."
                                    : "So warm it melts the temper: let it cool first.");
            case FILL ->
                    Sentence.of(
                            cold
                                    ? "Too stiff to level: warm the bag in the hands, blend if it looks dull."
                                    : "It would melt the shell: spread thin and wait, then read again.");
            case CHILL, CHILL_CAP ->
                    Sentence.of(
                            cold
                                    ? "Too cold makes spots and water: shorter stay, or another shelf."
                                    : "Too slow turns grey: another shelf, more air, or wait for the"
                                            + " cabinet.");
            case MOULD ->
                    Sentence.of(
                            cold
                                    ? "Cold moulds spot and dull: warm them a little and read again."
                                    : "Too warm loses the temper at the wall: let them stand.");
            default ->
                    Sentence.of(
                            cold
                                    ? "Warm it gently and read again."
                                    : "Let it cool and read again.");
        };
    }

    /** At the pot: what heats goes on or comes off, what cools waits. */
    private static Sentence pot(final Band band, final double value) {
        final boolean under = value < band.low();
        if (band.middle() > 45) {
            return Sentence.of(
                    under
                            ? "On with the heat, and read again."
                            : "Off the heat at once; it has gone further than the recipe says.");
        }
        return Sentence.of(under ? "Warm it gently and read again." : "Let it cool on.");
    }

    /** Pulses of heat back up to the middle of the band. */
    private static Sentence heat(final Band band, final double value, final Bowl bowl) {
        final double seconds =
                bowl.heat().secondsFor(bowl.massG(), bowl.cpJPerGK(), band.middle() - value);
        final int pulse = HeatSource.PULSE_S;
        if (seconds <= 3.0 * pulse) {
            return Sentence.of("{heat} at {power}, stir, read again.")
                    .with("heat", Math.max(1, Math.round(seconds)), Unit.SECOND)
                    .with("power", bowl.heat().powerW(), Unit.WATT);
        }
        return Sentence.of("{heat} at {power} in all, in pulses of {pulse}: stir and read between.")
                .with("heat", Math.ceil(seconds / pulse) * pulse, Unit.SECOND)
                .with("power", bowl.heat().powerW(), Unit.WATT)
                .with("pulse", pulse, Unit.SECOND);
    }

    private static Sentence meltedTooHot(final boolean scorching) {
        return Sentence.of(
                scorching
                        ? "It may be scorched: taste and rub for grains before going on."
                        : "Off the heat, stir; scorching is near.");
    }

    private static Sentence tooWarm(final double value, final Bowl bowl) {
        if (value >= bowl.clearPointC()) {
            return Sentence.of("Temper is lost: melt out, cool and seed again.");
        }
        return Sentence.of("Stir off the heat until it falls; the temper goes at {clear}.")
                .with("clear", bowl.clearPointC(), Unit.CELSIUS);
    }
}
