package palintone.core.temper.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Range;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.Verdict;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.rehearsal.PlayedBowl;
import palintone.core.temper.rehearsal.RehearsalAct;

class AdviserTest {

    private static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);

    private static Situation at(final double temperatureC, final double stable) {
        return at(temperatureC, stable, 1);
    }

    private static Situation at(final double temperatureC, final double stable, final double sure) {
        return at(temperatureC, stable, sure, 0);
    }

    private static Situation at(
            final double temperatureC,
            final double stable,
            final double sure,
            final double takenW) {
        final Verdict verdict = Verdict.of(new Crystals(stable, 0), stable);
        return new Situation(
                Samples.dark(),
                TemperTargets.of(CouvertureKind.DARK, DarkWindowPractice.LOW),
                BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2),
                WORKSHOP,
                20,
                3000,
                temperatureC,
                takenW,
                new Estimate(
                        new Crystals(stable, 0),
                        new Range(stable / 2, stable * 2),
                        new Range(0, 0),
                        Map.of(verdict, sure)));
    }

    private static AdvisedStep first(final Situation here) {
        return Adviser.next(here).get(0);
    }

    @Test
    void aScorchingBowlComesOffTheHeat() {
        assertThat(first(at(57, 0)).kind()).isEqualTo(AdvisedStep.StepKind.STOP_HEATING);
    }

    @Test
    void aBowlInTemperIsWorkedWith() {
        final AdvisedStep move = first(at(31.6, 0.01));
        assertThat(move.kind()).isEqualTo(AdvisedStep.StepKind.WORK);
        assertThat(move.amount().value()).isBetween(2.0, 30.0);
    }

    @Test
    void aBowlUnderTheWindowIsRewarmedAndTheSecondsAreRight() {
        final Situation here = at(29.6, 0.01);
        final AdvisedStep move = first(here);
        assertThat(move.kind()).isEqualTo(AdvisedStep.StepKind.HEAT);
        // By hand: 3000 g, 1.9 K, 480 W, and the seed that melts and the room besides.
        assertThat(move.amount().value()).isBetween(15.0, 45.0);
        assertThat(move.outcome().temperatureC()).isBetween(31.0, 32.0);
    }

    @Test
    void withoutSeedTheBowlIsNotWorkedWith() {
        assertThat(Adviser.next(at(31.5, 0)))
                .noneMatch(m -> m.kind() == AdvisedStep.StepKind.WORK)
                .anyMatch(m -> m.kind() == AdvisedStep.StepKind.SEED);
    }

    @Test
    void whereTheMarginIsWideThePaperDecides() {
        assertThat(first(at(31.5, 0.003, 0.55)).kind()).isEqualTo(AdvisedStep.StepKind.PAPER_TEST);
    }

    @Test
    void tooThickIsThinned() {
        final AdvisedStep move = first(at(31.2, 0.12));
        assertThat(move.kind()).isIn(AdvisedStep.StepKind.TOP_UP, AdvisedStep.StepKind.HEAT);
        assertThat(move.outcome().stable()).isLessThan(0.12);
    }

    /** Cold centres take heat: the window closes sooner. */
    @Test
    void dippingColdCentresShortensTheWindow() {
        final double idle = first(at(31.8, 0.01)).amount().value();
        final double dipping = first(at(31.8, 0.01, 1, 15)).amount().value();
        assertThat(dipping).isLessThan(0.7 * idle);
    }

    /** Wherever a bowl stands there is a move, with a finite number and an outcome. */
    @Property(tries = 60)
    void thereIsAlwaysAMove(
            @ForAll @DoubleRange(min = 18, max = 60) final double temperatureC,
            @ForAll @DoubleRange(min = 0, max = 0.15) final double stable) {
        final List<AdvisedStep> moves = Adviser.next(at(temperatureC, stable));
        assertThat(moves).isNotEmpty();
        assertThat(moves)
                .allSatisfy(
                        m -> {
                            assertThat(m.amount().value()).isFinite();
                            assertThat(m.outcome().temperatureC()).isBetween(5.0, 70.0);
                        });
    }

    /** Whoever follows the first move from a melted bowl ends in temper, in the window. */
    @Test
    void followedToTheLetterTheAdviceTempers() {
        double worked = Double.NaN;
        final PlayedBowl bowl =
                new PlayedBowl(
                        Samples.dark(),
                        CrystalConstants.CALIBRATED,
                        BowlVessel.holding(VesselKind.STEEL_BOWL, 3000, 1.2),
                        WORKSHOP,
                        20,
                        new BowlState(0, 3000, 47, Crystals.NONE));
        for (int i = 0; i < 20; i++) {
            final double stable = bowl.now().crystals().stable();
            final Situation here = at(bowl.now().temperatureC(), stable);
            final AdvisedStep move = first(here);
            if (move.kind() == AdvisedStep.StepKind.WORK) {
                worked = stable;
                break;
            }
            switch (move.kind()) {
                case SEED -> {
                    bowl.act(new RehearsalAct(RehearsalAct.ActKind.SEED, move.amount().value()));
                    bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 60));
                }
                case COOL_BATH -> {
                    final double s =
                            move.amount().value()
                                    * (move.amount().unit().symbol().equals("min") ? 60 : 1);
                    bowl.act(new RehearsalAct(RehearsalAct.ActKind.BATH, Math.max(5, s)));
                }
                case HOLD ->
                        bowl.act(
                                new RehearsalAct(
                                        RehearsalAct.ActKind.STIR,
                                        Math.max(5, move.amount().value())));
                case HEAT ->
                        bowl.act(
                                new RehearsalAct(
                                        RehearsalAct.ActKind.HEAT,
                                        Math.max(1, move.amount().value())));
                case COOL_ROOM -> bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 120));
                default -> bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 30));
            }
        }
        assertThat(worked)
                .as("crystals when the advice is to work, of " + bowl.now())
                .isBetween(0.003, 0.1);
    }
}
