package palintone.core.work;

import java.util.OptionalDouble;
import palintone.core.figure.BandStatus;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.process.Amount;
import palintone.core.process.Task;
import palintone.core.process.TaskKind;
import palintone.core.process.TaskReading;

/**
 * What a reading means and what mends it, away from the bowl: at pot, mould, bag, shelf and scale.
 * At the bowl it only says how the reading stands: what to do there is played ahead by {@code
 * temper.advice}, which knows what is in it. Common practice, no source.
 */
public final class Remedy {

    /** Above this it is a pot on the heat, below it one that cools, °C. */
    private static final double POT_HEATS_C = 45;

    private Remedy() {}

    /**
     * @param task where it was read; must take a reading
     * @param value in the unit of that reading
     * @throws java.util.NoSuchElementException when the task takes no reading
     */
    public static Advice on(final Task task, final double value) {
        final TaskReading reading = task.reading().orElseThrow();
        final BandStatus status = reading.band().bandStatusOf(value);
        final double out = reading.band().outBy(value);
        final Sentence stated = stated(reading, value, out);
        if (task.atTheBowl()) {
            return new Advice(status, stated, status == BandStatus.OFF);
        }
        if (out == 0) {
            return new Advice(status, stated.and(Sentence.of("Go on.")), false);
        }
        final boolean mended = status == BandStatus.OFF && !tooLateToMend(task.kind());
        return new Advice(status, stated.and(mends(task, reading, value)), mended);
    }

    /** What the scale says of a finished shell or piece mends the next one, not this. */
    private static boolean tooLateToMend(final TaskKind kind) {
        return kind == TaskKind.SCRAPE || kind == TaskKind.WEIGH;
    }

    private static Sentence stated(
            final TaskReading reading, final double value, final double out) {
        if (out == 0) {
            return Sentence.of("{value}, in the band.").with("value", value, reading.unit());
        }
        final Unit difference = reading.unit() == Unit.CELSIUS ? Unit.KELVIN : reading.unit();
        return Sentence.of(out < 0 ? "{value}, {out} under." : "{value}, {out} over.")
                .with("value", value, reading.unit())
                .with("out", Math.abs(out), difference);
    }

    private static Sentence mends(final Task task, final TaskReading reading, final double value) {
        return switch (reading.unit()) {
            case GRAM -> weight(task, reading, value);
            case CELSIUS -> temperature(task.kind(), reading, value);
            default -> Sentence.of("Set it right and read again.");
        };
    }

    private static Sentence weight(final Task task, final TaskReading reading, final double value) {
        final boolean heavy = value > reading.target();
        if (task.kind() == TaskKind.COOK) {
            return Sentence.of(
                    heavy
                            ? "Not down yet: cook on and weigh again."
                            : "Too far down: give back as much water, a little at a time.");
        }
        final OptionalDouble thick = task.amount(Amount.SHELL);
        if (task.kind() == TaskKind.SCRAPE && thick.isPresent()) {
            // Thin shells: mass goes with thickness, to first order.
            final double mm = thick.getAsDouble() * value / reading.target();
            return Sentence.of(
                            heavy
                                    ? "About {mm} thick: wait less before draining, or vibrate"
                                            + " longer."
                                    : "About {mm} thin: wait longer before draining, or give a"
                                            + " second coat.")
                    .with("mm", mm, Unit.MILLIMETRE);
        }
        return Sentence.of(
                heavy
                        ? "Heavier than planned: look at shell, cap and filling level."
                        : "Lighter than planned: look for hollows under the cap.");
    }

    private static Sentence temperature(
            final TaskKind kind, final TaskReading reading, final double value) {
        final boolean cold = value < reading.band().low();
        return Sentence.of(
                switch (kind) {
                    case COOK -> pot(reading, cold);
                    case STIR_IN ->
                            cold
                                    ? "So cold it sets the bowl around it: warm it a little first."
                                    : "So warm it melts the temper: let it cool first.";
                    case FILL ->
                            cold
                                    ? "Too stiff to level: warm the bag in the hands, blend if it looks dull."
                                    : "It would melt the shell: spread thin and wait, then read again.";
                    case CHILL, CHILL_CAP ->
                            cold
                                    ? "Too cold makes spots and water: shorter stay, or another shelf."
                                    : "Too slow turns grey: another shelf, more air, or wait for the"
                                            + " cabinet.";
                    case MOULD ->
                            cold
                                    ? "Cold moulds spot and dull: warm them a little and read again."
                                    : "Too warm loses the temper at the wall: let them stand.";
                    default ->
                            cold ? "Warm it gently and read again." : "Let it cool and read again.";
                });
    }

    /** At the pot: what heats goes on or comes off, what cools waits. */
    private static String pot(final TaskReading reading, final boolean under) {
        if (reading.band().middle() > POT_HEATS_C) {
            return under
                    ? "On with the heat, and read again."
                    : "Off the heat at once; it has gone further than the recipe says.";
        }
        return under ? "Warm it gently and read again." : "Let it cool on.";
    }
}
