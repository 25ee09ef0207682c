package palintone.core.temper.advice;

import java.util.Optional;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.HeatSource;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.method.MeltWay;

/** Moves that warm, hold or use the bowl as it is. */
final class HeatMoves {

    private static final double HOLD_S = 1200;

    private final MoveList list;
    private final Situation here;

    HeatMoves(final MoveList list) {
        this.list = list;
        this.here = list.here();
    }

    void stopHeating() {
        final LookAhead ahead = new LookAhead(here);
        ahead.run(ahead.stirred(), 30);
        list.say(
                AdvisedStep.StepKind.STOP_HEATING,
                Sentence.of("Off the heat, stir, pour into a cold bowl: {limit} scorches it.")
                        .with("limit", here.targets().melt().highLimit(), Unit.CELSIUS),
                Quantity.of(here.temperatureC(), Unit.CELSIUS),
                ahead);
    }

    void melt(final String words) {
        final double to = here.targets().melt().middle();
        // Water too cool for this bag helps nobody who stands at the bowl now.
        final MeltWay usual = here.equipment().melting();
        final MeltWay way = usual.canReach(to) ? usual : MeltWay.BURSTS;
        final LookAhead ahead = new LookAhead(here);
        ahead.until(
                way.on(here.vessel(), here.roomC(), here.equipment().heat(), true),
                Stop.atTemperature(to),
                MoveList.LONGEST_S);
        final double seconds = ahead.seconds() * way.duty();
        final Sentence say = Sentence.of(words + said(way)).with("to", to, Unit.CELSIUS);
        list.say(
                AdvisedStep.StepKind.MELT,
                way.kind().electric()
                        ? say.with("heat", seconds, Unit.SECOND)
                                .with(
                                        "burst",
                                        way.burstS(
                                                here.couverture(),
                                                here.massG(),
                                                here.equipment().heat()),
                                        Unit.SECOND)
                        : say.with("around", way.setting(), Unit.CELSIUS)
                                .with("minutes", seconds / 60, Unit.MINUTE),
                Quantity.of(seconds, Unit.SECOND),
                ahead);
    }

    private static String said(final MeltWay way) {
        return switch (way.kind()) {
            case BURSTS -> " {heat} of heat in bursts of at most {burst}.";
            case HEAT_GUN -> " {heat} of the heat gun, at most {burst} at a time.";
            case WATER_BATH -> " {minutes} over water of {around}, stirring.";
            case OVEN -> " {minutes} in the oven at {around}.";
        };
    }

    void heat() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.pulses(), Stop.atTemperature(list.work().middle()), MoveList.LONGEST_S);
        final double seconds = ahead.seconds() * 0.3;
        list.say(
                AdvisedStep.StepKind.HEAT,
                Sentence.of(
                                seconds <= HeatSource.PULSE_S
                                        ? "{under} under the window. {heat} at {power}, stir, then"
                                                + " read again."
                                        : "{under} under the window. {heat} at {power} in 5-second"
                                                + " pulses, stirring, then read again.")
                        .with("under", list.work().low() - here.temperatureC(), Unit.KELVIN)
                        .with("heat", seconds, Unit.SECOND)
                        .with("power", here.equipment().heat().powerW(), Unit.WATT),
                Quantity.of(seconds, Unit.SECOND),
                ahead);
    }

    void warmToTop() {
        final LookAhead ahead = new LookAhead(here);
        final double to = Math.min(list.work().highLimit(), list.work().high() + 0.8);
        ahead.until(ahead.pulses(), Stop.atTemperature(to), MoveList.LONGEST_S);
        ahead.run(ahead.stirred(), 60);
        list.say(
                AdvisedStep.StepKind.HEAT,
                Sentence.of(
                                "Too thick. Warm it to {to} in pulses, {heat} of heat, and stir a"
                                        + " minute: some of the crystals go.")
                        .with("to", to, Unit.CELSIUS)
                        .with("heat", (ahead.seconds() - 60) * 0.3, Unit.SECOND),
                Quantity.of((ahead.seconds() - 60) * 0.3, Unit.SECOND),
                ahead);
    }

    void holdThenHeat() {
        final LookAhead ahead = new LookAhead(here);
        final BowlTreatment held =
                ahead.stirred().heldAt(Math.max(here.temperatureC(), list.coolC()), 150);
        final Optional<Double> seconds =
                ahead.until(held, Stop.atStable(MoveList.WANTED_STABLE), HOLD_S);
        if (seconds.isEmpty()) {
            return;
        }
        ahead.until(ahead.pulses(), Stop.atTemperature(list.work().middle()), MoveList.LONGEST_S);
        list.say(
                AdvisedStep.StepKind.HOLD,
                Sentence.of("Keep it at {here} and stir for {hold} more, then rewarm to {work}.")
                        .with("here", Math.max(here.temperatureC(), list.coolC()), Unit.CELSIUS)
                        .with("hold", seconds.get(), Unit.SECOND)
                        .with("work", list.work().middle(), Unit.CELSIUS),
                Quantity.of(seconds.get(), Unit.SECOND),
                ahead);
    }

    void waitForGrowth() {
        if (here.estimate().middle().stable() < Verdict.TRACE_STABLE) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        final BowlTreatment held = ahead.stirred().heldAt(here.temperatureC(), 100);
        final Optional<Double> seconds =
                ahead.until(held, Stop.atStable(Verdict.LEAST_STABLE * 1.5), MoveList.LONGEST_S);
        if (seconds.isEmpty()) {
            return;
        }
        list.say(
                AdvisedStep.StepKind.HOLD,
                Sentence.of("Hold it at {here} and stir for {minutes}: the seed there is grows.")
                        .with("here", here.temperatureC(), Unit.CELSIUS)
                        .with("minutes", seconds.get() / 60, Unit.MINUTE),
                Quantity.of(seconds.get() / 60, Unit.MINUTE),
                ahead);
    }

    void workOn() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(
                ahead.stirred(),
                Stop.outOfWindow(list.work().low(), Verdict.THICK_SOLID),
                MoveList.LONGEST_S);
        final double minutes = ahead.seconds() / 60;
        final double heat =
                here.equipment()
                        .heat()
                        .secondsFor(
                                here.massG(),
                                here.couverture().cpJPerGK(),
                                Math.max(0, list.work().middle() - list.work().low()));
        final boolean thick = ahead.now().temperatureC() > list.work().low() + 0.1;
        final Sentence say =
                thick
                        ? Sentence.of("In temper. Work for {minutes}; then it is too thick.")
                        : Sentence.of(
                                        "In temper. Work for {minutes}, then {heat} of heat in"
                                                + " 5-second pulses.")
                                .with("heat", heat, Unit.SECOND);
        list.say(
                AdvisedStep.StepKind.WORK,
                say.with("minutes", minutes, Unit.MINUTE),
                Quantity.of(minutes, Unit.MINUTE),
                ahead);
    }

    void paperTest() {
        list.say(
                AdvisedStep.StepKind.PAPER_TEST,
                Sentence.of("Test on paper: {low} to {high} of the fat may be seed.")
                        .with("low", here.estimate().stable().low() * 100, Unit.PERCENT)
                        .with("high", here.estimate().stable().high() * 100, Unit.PERCENT),
                Quantity.of(here.estimate().likelihood() * 100, Unit.PERCENT),
                new LookAhead(here));
    }
}
