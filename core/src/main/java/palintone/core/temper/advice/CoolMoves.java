package palintone.core.temper.advice;

import java.util.Optional;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.bowl.Stop;

/** Moves that take heat out of the bowl. */
final class CoolMoves {

    private static final double HOLD_S = 1200;
    private static final double EDGE_K = 0.3;
    private static final double SETTLE_S = 180;

    private final MoveList list;
    private final Situation here;

    CoolMoves(final MoveList list) {
        this.list = list;
        this.here = list.here();
    }

    /** Above the window with seed still in it. */
    void coolBack() {
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.bath(), Stop.atTemperature(list.work().high() - 0.2), 600);
        list.say(
                AdvisedStep.StepKind.COOL_BATH,
                Sentence.of(
                                "{over} over the window and losing seed. {bath} in the cold bath,"
                                        + " stirring, to {to}.")
                        .with("over", here.temperatureC() - list.work().high(), Unit.KELVIN)
                        .with("bath", ahead.seconds(), Unit.SECOND)
                        .with("to", list.work().high() - 0.2, Unit.CELSIUS),
                Quantity.of(ahead.seconds(), Unit.SECOND),
                ahead);
        final LookAhead slow = new LookAhead(here);
        slow.until(
                slow.stirred(), Stop.atTemperature(list.work().high() - 0.2), MoveList.LONGEST_S);
        list.say(
                AdvisedStep.StepKind.COOL_ROOM,
                Sentence.of("Stir it down to {to} in the room: {minutes}.")
                        .with("to", list.work().high() - 0.2, Unit.CELSIUS)
                        .with("minutes", slow.seconds() / 60, Unit.MINUTE),
                Quantity.of(slow.seconds() / 60, Unit.MINUTE),
                slow);
    }

    /** The whole bowl into cold water until crystals come, then back up. */
    void coolForCrystals() {
        if (here.equipment().bathC() > list.coolC() - 2) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        final Optional<Double> cooled =
                ahead.until(ahead.bath(), Stop.atTemperature(list.coolC()), MoveList.LONGEST_S);
        if (cooled.isEmpty()) {
            return;
        }
        final double bathS = ahead.seconds();
        ahead.until(ahead.stirred(), Stop.atStable(MoveList.WANTED_STABLE), HOLD_S);
        final double holdS = ahead.seconds() - bathS;
        ahead.until(ahead.pulses(), Stop.atTemperature(list.work().middle()), MoveList.LONGEST_S);
        list.say(
                AdvisedStep.StepKind.COOL_BATH,
                Sentence.of(
                                "Cold bath for {bath} to {cool}, stir there for {hold}, then"
                                        + " rewarm to {work}.")
                        .with("bath", bathS / 60, Unit.MINUTE)
                        .with("cool", list.coolC(), Unit.CELSIUS)
                        .with("hold", holdS / 60, Unit.MINUTE)
                        .with("work", list.work().middle(), Unit.CELSIUS),
                Quantity.of(bathS / 60, Unit.MINUTE),
                ahead);
    }

    /** Into the bath only so far that a few per cent of seed will stay. */
    void coolForSeed() {
        final SeedPlan few =
                SeedPlan.forShare(
                        here.couverture(),
                        list.work(),
                        here.massG() / 0.97,
                        0.03,
                        Math.min(here.roomC(), 27));
        final double to = few.bowlTemperatureC().value();
        if (here.temperatureC() <= to + EDGE_K) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        ahead.until(ahead.bath(), Stop.atTemperature(to), MoveList.LONGEST_S);
        final double bathS = ahead.seconds();
        ahead.add(few.seedG().value(), here.roomC(), here.couverture().tempered(here.roomC()));
        ahead.run(ahead.stirred(), SETTLE_S);
        ahead.until(
                ahead.stirred(), Stop.atTemperature(list.work().high() - 0.1), MoveList.LONGEST_S);
        list.say(
                AdvisedStep.StepKind.COOL_BATH,
                Sentence.of("Cold bath for {bath} to {to}, then stir in {seed} of seed.")
                        .with("bath", bathS / 60, Unit.MINUTE)
                        .with("to", to, Unit.CELSIUS)
                        .with("seed", few.seedG().value(), Unit.GRAM),
                Quantity.of(bathS / 60, Unit.MINUTE),
                ahead);
    }
}
