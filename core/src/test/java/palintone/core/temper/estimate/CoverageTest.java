package palintone.core.temper.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.figure.Range;
import palintone.core.temper.HeatSource;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.crystal.PaperTest;
import palintone.core.temper.crystal.Shear;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.rehearsal.PlayedBowl;
import palintone.core.temper.rehearsal.RehearsalAct;
import palintone.core.temper.rehearsal.SimulatedProbe;
import palintone.core.temper.trace.Sample;

/** Nine bowls in ten lie inside the margin, and a paper test makes it narrower. */
class CoverageTest {

    private static final int BOWLS = 500;
    private static final Equipment WORKSHOP =
            new Equipment(new HeatSource(800, 0.6), 19, 0.54, 20, 14, 9000, 900);

    @Test
    void theMarginCoversTheTruthAsOftenAsItSays() {
        final Random random = new Random(66);
        int covered = 0;
        int coveredAfterTest = 0;
        double width = 0;
        double widthAfterTest = 0;
        for (int i = 0; i < BOWLS; i++) {
            final ParameterUncertainty.Draw truth =
                    ParameterUncertainty.USUAL.draw(CrystalConstants.CALIBRATED, random);
            final PlayedBowl bowl = bowl(truth, random);
            final SimulatedProbe probe = new SimulatedProbe(0.1, truth.probeOffsetK(), 0.05, 0);
            final CrystalEstimator estimator =
                    new CrystalEstimator(
                            Samples.dark().crystals().curve(),
                            100,
                            i,
                            ParameterUncertainty.USUAL,
                            Crystals.NONE,
                            0);
            Sample before = null;
            for (final Sample s : probe.read(bowl.path(), 10, random)) {
                if (before != null) {
                    estimator.advance(
                            before.temperatureC(),
                            s.temperatureC(),
                            s.timeS() - before.timeS(),
                            Shear.STIRRED);
                }
                before = s;
            }
            final double stable = bowl.now().crystals().stable();
            final Range margin = estimator.now().stable();
            covered += inside(margin, stable);
            width += Math.log(margin.high() / Math.max(1e-7, margin.low()));
            final PaperTest.PaperOutcome smear = bowl.smear();
            final double seen =
                    Math.max(6, smear.seconds() * Math.exp(0.15 * random.nextGaussian()));
            final boolean set = seen < 180;
            estimator.paperTest(set ? seen : 180, set, before.temperatureC(), 20);
            final Range narrower = estimator.now().stable();
            coveredAfterTest += inside(narrower, stable);
            widthAfterTest += Math.log(narrower.high() / Math.max(1e-7, narrower.low()));
        }
        System.out.printf(
                Locale.ROOT,
                "Estimator, on bowls made by our own model: 90 %% margin covers %.1f %%, after a paper test %.1f %%; width of the"
                        + " margin %.2f-fold, then %.2f-fold (%d bowls)%n",
                100.0 * covered / BOWLS,
                100.0 * coveredAfterTest / BOWLS,
                Math.exp(width / BOWLS),
                Math.exp(widthAfterTest / BOWLS),
                BOWLS);
        assertThat(100.0 * covered / BOWLS).isBetween(85.0, 95.0);
        assertThat(100.0 * coveredAfterTest / BOWLS).isBetween(85.0, 97.0);
        assertThat(widthAfterTest).isLessThan(0.8 * width);
    }

    private static int inside(final Range margin, final double value) {
        return value >= margin.low() && value <= margin.high() ? 1 : 0;
    }

    /** Cold bath, some while at the cold point, rewarmed; never twice the same. */
    private static PlayedBowl bowl(final ParameterUncertainty.Draw truth, final Random random) {
        final double massG = 1500 + 3000 * random.nextDouble();
        final BowlVessel vessel = BowlVessel.holding(VesselKind.STEEL_BOWL, massG, 1.2);
        // The truth is stirred more or less than is believed: nuclei come with the shear.
        final CrystalConstants c = truth.constants();
        final CrystalConstants stirred =
                new CrystalConstants(
                        c.growthPerS(),
                        c.growthWidthK(),
                        c.nucleationPerS() * truth.shearFactor(),
                        c.seedLossPerS(),
                        c.unstableNucleationPerS(),
                        c.unstableGrowthPerS());
        final PlayedBowl bowl =
                new PlayedBowl(
                        Samples.dark(),
                        stirred,
                        vessel,
                        WORKSHOP,
                        20,
                        new BowlState(0, massG, 46, Crystals.NONE));
        while (bowl.now().temperatureC() > 27) {
            bowl.act(new RehearsalAct(RehearsalAct.ActKind.BATH, 30));
        }
        bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 60 + 300 * random.nextDouble()));
        while (bowl.now().temperatureC() < 31.2) {
            bowl.act(new RehearsalAct(RehearsalAct.ActKind.HEAT, 5));
            bowl.act(new RehearsalAct(RehearsalAct.ActKind.STIR, 20));
        }
        return bowl;
    }
}
