package palintone.core.temper.advice;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Quantity;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.crystal.Crystals;

/** Moves that put something into the bowl. */
final class SeedMoves {

    private static final double WARM_COUVERTURE_C = 45;
    private static final double MOST_SEED = 0.6;
    private static final double SETTLE_S = 180;
    private static final double SEED_OFF_K = 0.4;

    private final MoveList list;
    private final Situation here;

    SeedMoves(final MoveList list) {
        this.list = list;
        this.here = list.here();
    }

    /** As much seed as this temperature asks for. */
    void seed() {
        final double grams;
        try {
            grams =
                    SeedPlan.forBowl(
                                    here.couverture(),
                                    list.work(),
                                    here.massG(),
                                    here.temperatureC(),
                                    Math.min(here.roomC(), 27))
                            .seedG()
                            .value();
        } catch (final OutOfRangeException coldAlready) {
            if (here.temperatureC() > list.work().high() + SEED_OFF_K) {
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
        final double lacking = MoveList.WANTED_STABLE * 1.5 - here.estimate().middle().stable();
        stirIn(Math.max(1, here.massG() * lacking / (tempered.stable() - MoveList.WANTED_STABLE)));
    }

    private void stirIn(final double grams) {
        if (grams > here.massG() * MOST_SEED / (1 - MOST_SEED)) {
            return;
        }
        final LookAhead ahead = new LookAhead(here);
        ahead.add(grams, here.roomC(), here.couverture().tempered(Math.min(here.roomC(), 27)));
        ahead.run(ahead.stirred(), SETTLE_S);
        if (ahead.now().temperatureC() > list.work().high()) {
            ahead.until(
                    ahead.stirred(),
                    Stop.atTemperature(list.work().high() - 0.1),
                    MoveList.LONGEST_S);
        } else if (ahead.now().temperatureC() < list.work().low()) {
            ahead.until(
                    ahead.pulses(), Stop.atTemperature(list.work().middle()), MoveList.LONGEST_S);
        }
        list.say(
                AdvisedStep.StepKind.SEED,
                Sentence.of(
                                "Stir in {seed} of seed; it lands in the window with {left} of the fat"
                                        + " as seed.")
                        .with("seed", grams, Unit.GRAM)
                        .with("left", ahead.now().crystals().stable() * 100, Unit.PERCENT),
                Quantity.of(grams, Unit.GRAM),
                ahead);
    }

    /** Too many crystals: warm couverture thins them out. */
    void thin() {
        final double t = here.temperatureC();
        final double grams =
                here.massG()
                        * Math.max(0.05, list.work().high() - t)
                        / (WARM_COUVERTURE_C - list.work().high());
        final LookAhead ahead = new LookAhead(here);
        ahead.add(grams, WARM_COUVERTURE_C, Crystals.NONE);
        ahead.run(ahead.stirred(), 60);
        list.say(
                AdvisedStep.StepKind.TOP_UP,
                Sentence.of("Too thick. Stir in {warm} of warm couverture of {at}.")
                        .with("warm", grams, Unit.GRAM)
                        .with("at", WARM_COUVERTURE_C, Unit.CELSIUS),
                Quantity.of(grams, Unit.GRAM),
                ahead);
    }
}
