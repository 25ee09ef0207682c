package palintone.core.temper.advice;

import java.util.Optional;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlSimulation;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlTreatment;
import palintone.core.temper.bowl.HeatSink;
import palintone.core.temper.bowl.Stop;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.Shear;

/** Plays a move on a copy of the bowl, from the middle of what is estimated. */
final class LookAhead {

    private static final double REWARM_DUTY = 0.3;

    private final Situation here;
    private final BowlSimulation bowl;
    private double mostStable;

    LookAhead(final Situation here) {
        this.here = here;
        final Crystals middle = here.estimate().middle();
        mostStable = middle.stable();
        bowl =
                new BowlSimulation(
                        here.couverture(),
                        here.couverture().crystals(),
                        here.vessel(),
                        new BowlState(0, here.massG(), here.temperatureC(), middle));
    }

    BowlTreatment stirred() {
        return BowlTreatment.room(here.roomC(), Shear.STIRRED).heated(-here.takenW());
    }

    BowlTreatment bath() {
        return stirred()
                .with(
                        HeatSink.water(
                                here.vessel(), here.equipment().bathC(), here.equipment().bathG()));
    }

    BowlTreatment pulses() {
        return BowlTreatment.room(here.roomC(), Shear.STIRRED)
                .heated(here.equipment().heat().wattsIn() * REWARM_DUTY);
    }

    Optional<Double> until(final BowlTreatment setting, final Stop stop, final double longestS) {
        final Optional<Double> seconds = bowl.runUntil(setting, stop, longestS);
        mostStable = Math.max(mostStable, bowl.now().crystals().stable());
        return seconds;
    }

    void run(final BowlTreatment setting, final double seconds) {
        bowl.run(setting, seconds);
        mostStable = Math.max(mostStable, bowl.now().crystals().stable());
    }

    void add(final double grams, final double temperatureC, final Crystals crystals) {
        bowl.add(grams, temperatureC, crystals);
        mostStable = Math.max(mostStable, bowl.now().crystals().stable());
    }

    BowlState now() {
        return bowl.now();
    }

    double seconds() {
        return bowl.now().timeS();
    }

    AdvisedStep.StepOutcome outcome() {
        final BowlState end = bowl.now();
        return new AdvisedStep.StepOutcome(
                end.timeS() / 60,
                end.temperatureC(),
                end.crystals().stable(),
                Verdict.of(end.crystals(), mostStable));
    }
}
