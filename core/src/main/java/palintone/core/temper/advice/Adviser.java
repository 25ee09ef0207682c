package palintone.core.temper.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.Band;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.Setting;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.method.HeatBursts;

/**
 * What to do next. Every move that makes sense where the bowl is, is played ahead; those that end
 * in temper come first, the quickest of them before the others.
 */
public final class Adviser {

    private static final double NUCLEI_C = 26.5;
    private static final double LONGEST_S = 2 * 3600;
    private static final double HOLD_S = 1200;
    private static final double WANTED_STABLE = 0.01;
    private static final double SURE = 0.8;
    private static final double EDGE_K = 0.3;
    private static final double WARM_COUVERTURE_C = 45;
    private static final double MOST_SEED = 0.6;
    private static final double SETTLE_S = 180;
    private static final double NOT_IN_TEMPER_MIN = 1000;
    private static final double SEED_OFF_K = 0.4;

    private final Situation here;
    private final Band work;
    private final double coolC;
    private final List<Move> moves = new ArrayList<>();

    private Adviser(final Situation here) {
        this.here = here;
        work = here.targets().work();
        coolC = NUCLEI_C - here.couverture().crystals().curve().asCocoaButterC(0);
    }

    /** Moves, the best first; never empty. */
    public static List<Move> next(final Situation here) {
        return new Adviser(here).rank();
    }

    private List<Move> rank() {
        final double t = here.temperatureC();
        final double seeds = here.estimate().middle().stable();
        if (t > here.targets().melt().highLimit()) {
            stopHeating();
        }
        if (t < work.low() - 4 && here.estimate().middle().solid() > 0.2) {
            melt("It is solid: melt it to {to}.");
        } else if (t > work.high() + EDGE_K) {
            if (seeds >= Verdict.LEAST_STABLE) {
                coolBack();
            }
            seed();
            coolForCrystals();
            coolForSeed();
        } else if (t >= work.low() - EDGE_K) {
            inWindow(seeds);
        } else {
            belowWindow(seeds);
        }
        if (moves.isEmpty()) {
            melt("Start again: melt it to {to}.");
        }
        moves.sort(Comparator.comparingDouble(Adviser::cost));
        return List.copyOf(moves);
    }

    private static double cost(final Move move) {
        if (move.kind() == Move.Kind.STOP_HEATING || move.kind() == Move.Kind.PAPER_TEST) {
            return -1;
        }
        final boolean good = move.outcome().verdict() == Verdict.IN_TEMPER;
        return (good ? 0 : NOT_IN_TEMPER_MIN)
                + (move.kind() == Move.Kind.WORK ? 0 : move.outcome().minutes());
    }

    private void inWindow(final double seeds) {
        final Verdict verdict = here.estimate().verdict();
        if (here.estimate().likelihood() < SURE) {
            paperTest();
        }
        if (verdict == Verdict.OVER) {
            thin();
            warmToTop();
            return;
        }
        if (seeds >= Verdict.LEAST_STABLE) {
            workOn();
        } else {
            seed();
            coolForCrystals();
            waitForGrowth();
        }
    }

    private void belowWindow(final double seeds) {
        if (here.estimate().likelihood() < SURE && here.temperatureC() > work.low() - 2) {
            paperTest();
        }
        if (seeds >= Verdict.LEAST_STABLE) {
            heat();
        }
        if (seeds < WANTED_STABLE) {
            holdThenHeat();
        }
    }

    private void stopHeating() {
        final LookAhead ahead = new LookAhead(here);
        ahead.run(ahead.stirred(), 30);
        say(
                Move.Kind.STOP_HEATING,
                Sentence.of("Off the heat, stir, pour into a cold bowl: {limit} scorches it.")
                        .with("limit", here.targets().melt().highLimit(), Unit.CELSIUS),
                Quantity.of(here.temperatureC(), Unit.CELSIUS),
                ahead);
    }

    private void melt(final String words) {
        final double to = here.targets().melt().middle();
        final LookAhead ahead = new LookAhead(here);
        ahead.until(
                ahead.stirred().heated(here.equipment().heat().wattsIn() * 0.5),
                Stop.atTemperature(to),
                LONGEST_S);
        say(
                Move.Kind.MELT,
                Sentence.of(words + " {heat} of heat in bursts of at most {burst}.")
                        .with("to", to, Unit.CELSIUS)
                        .with("heat", ahead.seconds() / 2, Unit.SECOND)
                        .with("burst", HeatBursts.longestS(here.couverture().kind()), Unit.SECOND),
                Quantity.of(ahead.seconds() / 2, Unit.SECOND),
                ahead);
    }

    /** Above the window with seed still in it. */
    private void coolBack() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.bath(), Stop.atTemperature(work.high() - 0.2), 600);
        say(
                Move.Kind.COOL_BATH,
                Sentence.of(
                                "{over} over the window and losing seed. {bath} in the cold bath,"
                                        + " stirring, to {to}.")
                        .with("over", here.temperatureC() - work.high(), Unit.KELVIN)
                        .with("bath", ahead.seconds(), Unit.SECOND)
                        .with("to", work.high() - 0.2, Unit.CELSIUS),
                Quantity.of(ahead.seconds(), Unit.SECOND),
                ahead);
        final LookAhead slow = new LookAhead(here);
        slow.until(slow.stirred(), Stop.atTemperature(work.high() - 0.2), LONGEST_S);
        say(
                Move.Kind.COOL_ROOM,
                Sentence.of("Stir it down to {to} in the room: {minutes}.")
                        .with("to", work.high() - 0.2, Unit.CELSIUS)
                        .with("minutes", slow.seconds() / 60, Unit.MINUTE),
                Quantity.of(slow.seconds() / 60, Unit.MINUTE),
                slow);
    }

    /** As much seed as this temperature asks for. */
    private void seed() {
        final double grams;
        try {
            grams =
                    SeedPlan.forBowl(
                                    here.couverture(),
                                    work,
                                    here.massG(),
                                    here.temperatureC(),
                                    Math.min(here.roomC(), 27))
                            .seedG()
                            .value();
        } catch (final OutOfRangeException coldAlready) {
            if (here.temperatureC() > work.high() + SEED_OFF_K) {
                return;
            }
            seedForCrystals();
            return;
        }
        stirIn(grams);
    }

    /** Cold enough that seed stays: only for the crystals it brings. */
    private void seedForCrystals() {
        final Crystals tempered = here.couverture().tempered(Math.min(here.roomC(), 27));
        final double lacking = WANTED_STABLE * 1.5 - here.estimate().middle().stable();
        stirIn(Math.max(1, here.massG() * lacking / (tempered.stable() - WANTED_STABLE)));
    }

    private void stirIn(final double grams) {
        if (grams > here.massG() * MOST_SEED / (1 - MOST_SEED)) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        ahead.add(grams, here.roomC(), here.couverture().tempered(Math.min(here.roomC(), 27)));
        ahead.run(ahead.stirred(), SETTLE_S);
        if (ahead.now().temperatureC() > work.high()) {
            ahead.until(ahead.stirred(), Stop.atTemperature(work.high() - 0.1), LONGEST_S);
        } else if (ahead.now().temperatureC() < work.low()) {
            ahead.until(ahead.pulses(), Stop.atTemperature(work.middle()), LONGEST_S);
        }
        say(
                Move.Kind.SEED,
                Sentence.of(
                                "Stir in {seed} of seed; it lands in the window with {left} of the fat"
                                        + " as seed.")
                        .with("seed", grams, Unit.GRAM)
                        .with("left", ahead.now().crystals().stable() * 100, Unit.PERCENT),
                Quantity.of(grams, Unit.GRAM),
                ahead);
    }

    /** The whole bowl into cold water until crystals come, then back up. */
    private void coolForCrystals() {
        if (here.equipment().bathC() > coolC - 2) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        final Optional<Double> cooled =
                ahead.until(ahead.bath(), Stop.atTemperature(coolC), LONGEST_S);
        if (cooled.isEmpty()) {
            return;
        }
        final double bathS = ahead.seconds();
        ahead.until(ahead.stirred(), Stop.atStable(WANTED_STABLE), HOLD_S);
        final double holdS = ahead.seconds() - bathS;
        ahead.until(ahead.pulses(), Stop.atTemperature(work.middle()), LONGEST_S);
        say(
                Move.Kind.COOL_BATH,
                Sentence.of(
                                "Cold bath for {bath} to {cool}, stir there for {hold}, then"
                                        + " rewarm to {work}.")
                        .with("bath", bathS / 60, Unit.MINUTE)
                        .with("cool", coolC, Unit.CELSIUS)
                        .with("hold", holdS / 60, Unit.MINUTE)
                        .with("work", work.middle(), Unit.CELSIUS),
                Quantity.of(bathS / 60, Unit.MINUTE),
                ahead);
    }

    /** Into the bath only so far that a few per cent of seed will stay. */
    private void coolForSeed() {
        final SeedPlan few =
                SeedPlan.forShare(
                        here.couverture(),
                        work,
                        here.massG() / 0.97,
                        0.03,
                        Math.min(here.roomC(), 27));
        final double to = few.bowlTemperatureC().value();
        if (here.temperatureC() <= to + EDGE_K) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.bath(), Stop.atTemperature(to), LONGEST_S);
        final double bathS = ahead.seconds();
        ahead.add(few.seedG().value(), here.roomC(), here.couverture().tempered(here.roomC()));
        ahead.run(ahead.stirred(), SETTLE_S);
        ahead.until(ahead.stirred(), Stop.atTemperature(work.high() - 0.1), LONGEST_S);
        say(
                Move.Kind.COOL_BATH,
                Sentence.of("Cold bath for {bath} to {to}, then stir in {seed} of seed.")
                        .with("bath", bathS / 60, Unit.MINUTE)
                        .with("to", to, Unit.CELSIUS)
                        .with("seed", few.seedG().value(), Unit.GRAM),
                Quantity.of(bathS / 60, Unit.MINUTE),
                ahead);
    }

    private void workOn() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.stirred(), Stop.outOfWindow(work.low(), Verdict.THICK_SOLID), LONGEST_S);
        final double minutes = ahead.seconds() / 60;
        final double heat =
                here.equipment()
                        .heat()
                        .secondsFor(
                                here.massG(),
                                here.couverture().cpJPerGK(),
                                Math.max(0, work.middle() - work.low()));
        final boolean thick = ahead.now().temperatureC() > work.low() + 0.1;
        final Sentence say =
                thick
                        ? Sentence.of("In temper. Work for {minutes}; then it is too thick.")
                        : Sentence.of(
                                        "In temper. Work for {minutes}, then {heat} of heat in"
                                                + " 5-second pulses.")
                                .with("heat", heat, Unit.SECOND);
        say(
                Move.Kind.WORK,
                say.with("minutes", minutes, Unit.MINUTE),
                Quantity.of(minutes, Unit.MINUTE),
                ahead);
    }

    private void waitForGrowth() {
        if (here.estimate().middle().stable() < Verdict.TRACE_STABLE) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        final Setting held = ahead.stirred().heldAt(here.temperatureC(), 100);
        final Optional<Double> seconds =
                ahead.until(held, Stop.atStable(Verdict.LEAST_STABLE * 1.5), LONGEST_S);
        if (seconds.isEmpty()) {
            return;
        }
        say(
                Move.Kind.HOLD,
                Sentence.of("Hold it at {here} and stir for {minutes}: the seed there is grows.")
                        .with("here", here.temperatureC(), Unit.CELSIUS)
                        .with("minutes", seconds.get() / 60, Unit.MINUTE),
                Quantity.of(seconds.get() / 60, Unit.MINUTE),
                ahead);
    }

    private void heat() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.pulses(), Stop.atTemperature(work.middle()), LONGEST_S);
        final double seconds = ahead.seconds() * 0.3;
        say(
                Move.Kind.HEAT,
                Sentence.of(
                                "{under} under the window. {heat} at {power} in 5-second pulses,"
                                        + " stirring, then read again.")
                        .with("under", work.low() - here.temperatureC(), Unit.KELVIN)
                        .with("heat", seconds, Unit.SECOND)
                        .with("power", here.equipment().heat().powerW(), Unit.WATT),
                Quantity.of(seconds, Unit.SECOND),
                ahead);
    }

    private void holdThenHeat() {
        final LookAhead ahead = new LookAhead(here);
        final Setting held = ahead.stirred().heldAt(Math.max(here.temperatureC(), coolC), 150);
        final Optional<Double> seconds = ahead.until(held, Stop.atStable(WANTED_STABLE), HOLD_S);
        if (seconds.isEmpty()) {
            return;
        }
        ahead.until(ahead.pulses(), Stop.atTemperature(work.middle()), LONGEST_S);
        say(
                Move.Kind.HOLD,
                Sentence.of("Keep it at {here} and stir for {hold} more, then rewarm to {work}.")
                        .with("here", Math.max(here.temperatureC(), coolC), Unit.CELSIUS)
                        .with("hold", seconds.get(), Unit.SECOND)
                        .with("work", work.middle(), Unit.CELSIUS),
                Quantity.of(seconds.get(), Unit.SECOND),
                ahead);
    }

    private void paperTest() {
        say(
                Move.Kind.PAPER_TEST,
                Sentence.of("Test on paper: {low} to {high} of the fat may be seed.")
                        .with("low", here.estimate().stable().low() * 100, Unit.PERCENT)
                        .with("high", here.estimate().stable().high() * 100, Unit.PERCENT),
                Quantity.of(here.estimate().likelihood() * 100, Unit.PERCENT),
                new LookAhead(here));
    }

    /** Too many crystals: warm couverture thins them out. */
    private void thin() {
        final double t = here.temperatureC();
        final double grams =
                here.massG() * Math.max(0.05, work.high() - t) / (WARM_COUVERTURE_C - work.high());
        final LookAhead ahead = new LookAhead(here);
        ahead.add(grams, WARM_COUVERTURE_C, Crystals.NONE);
        ahead.run(ahead.stirred(), 60);
        say(
                Move.Kind.TOP_UP,
                Sentence.of("Too thick. Stir in {warm} of warm couverture of {at}.")
                        .with("warm", grams, Unit.GRAM)
                        .with("at", WARM_COUVERTURE_C, Unit.CELSIUS),
                Quantity.of(grams, Unit.GRAM),
                ahead);
    }

    private void warmToTop() {
        final LookAhead ahead = new LookAhead(here);
        final double to = Math.min(work.highLimit(), work.high() + 0.8);
        ahead.until(ahead.pulses(), Stop.atTemperature(to), LONGEST_S);
        ahead.run(ahead.stirred(), 60);
        say(
                Move.Kind.HEAT,
                Sentence.of(
                                "Too thick. Warm it to {to} in pulses, {heat} of heat, and stir a"
                                        + " minute: some of the crystals go.")
                        .with("to", to, Unit.CELSIUS)
                        .with("heat", (ahead.seconds() - 60) * 0.3, Unit.SECOND),
                Quantity.of((ahead.seconds() - 60) * 0.3, Unit.SECOND),
                ahead);
    }

    private void say(
            final Move.Kind kind,
            final Sentence words,
            final Quantity amount,
            final LookAhead ahead) {
        moves.add(new Move(kind, words, amount, ahead.outcome()));
    }
}
