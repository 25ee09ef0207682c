package palintone.core.casting.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import palintone.core.Samples;
import palintone.core.casting.learn.ShellLearning;
import palintone.core.casting.learn.SimulatedScale;
import palintone.core.casting.learn.WeighedShells;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.HalfSphere;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;

class FilledShellTest {

    private static final HalfSphere HALF = new HalfSphere(28);

    /** Radii 14 and 12 mm; a cap of 2 mm is the top of the inner sphere's half. */
    @Test
    void theScaleTellsThicknessCapAndDensity() {
        final double shellMl = 2 * Math.PI / 3 * (1.4 * 1.4 * 1.4 - 1.2 * 1.2 * 1.2);
        final double capMl = Math.PI * (1.2 * 1.2 * 0.2 - 0.2 * 0.2 * 0.2 / 3);
        final double fillMl = 2 * Math.PI / 3 * 1.2 * 1.2 * 1.2 - capMl;
        final FilledShell piece =
                FilledShell.of(HALF, 1.25, 1.2, shellMl * 1.25, fillMl * 0.9, capMl * 1.2);
        assertThat(piece.shellMm()).isCloseTo(2, within(1e-3));
        assertThat(piece.capMm()).isCloseTo(2, within(1e-3));
        assertThat(piece.fillMl()).isCloseTo(fillMl, within(1e-3));
        assertThat(piece.fillGPerMl()).isCloseTo(0.9, within(1e-3));
    }

    @Test
    void whatCannotBeInTheCavityIsNamed() {
        assertThatThrownBy(() -> FilledShell.of(HALF, 1.25, 1.25, 9, 3, 1))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("one shell");
        assertThatThrownBy(() -> FilledShell.of(HALF, 1.25, 1.25, 2.4, 30, 1))
                .hasMessageContaining("one filling");
        assertThatThrownBy(() -> FilledShell.of(HALF, 1.25, 1.25, 2.4, 3, 5))
                .hasMessageContaining("one cap");
    }

    /** Ten weighings of the practice scale bring the model nearer to what it hides. */
    @Test
    void weighingBackFindsWhatTheScaleHides() {
        final CastOrder order =
                new CastOrder(
                        new BowlAt(
                                Samples.dark(), FluidityClass.MEDIUM, 31.5, new Crystals(0.01, 0)),
                        Samples.HALF_SPHERES,
                        22,
                        20,
                        Vibration.TAPPED,
                        20,
                        0,
                        Learned.NOTHING);
        final Random chance = new Random(5);
        final List<ShellLearning.Weighing> weighings = new ArrayList<>();
        double sumG = 0;
        final int cavities = Samples.HALF_SPHERES.cavities();
        for (int i = 0; i < 10; i++) {
            final SimulatedScale scale = SimulatedScale.of(order, 60, cavities, 1.2, chance);
            assertThat(scale.emptyG()).isLessThan(scale.shelledG());
            assertThat(scale.filledG()).isBetween(scale.shelledG(), scale.cappedG());
            final double shellsG = scale.shelledG() - scale.emptyG();
            sumG += shellsG / cavities / 10;
            weighings.add(WeighedShells.weighing(order, 60, shellsG, cavities));
            final FilledShell piece =
                    FilledShell.of(
                            order.mould().cavity(),
                            order.bowl().kgPerM3() / 1000,
                            order.bowl().kgPerM3() / 1000,
                            shellsG / cavities,
                            (scale.filledG() - scale.shelledG()) / cavities,
                            (scale.cappedG() - scale.filledG()) / cavities);
            assertThat(piece.fillGPerMl()).isBetween(1.2 * 0.75, 1.2 * 1.1);
        }
        final ShellLearning learning = new ShellLearning();
        final Learned learned = learning.after(weighings);
        final double before = Math.abs(learning.predictG(order, 60, Learned.NOTHING) - sumG);
        final double after = Math.abs(learning.predictG(order, 60, learned) - sumG);
        assertThat(after).isLessThan(0.03 * sumG).isLessThanOrEqualTo(before + 0.01 * sumG);
    }
}
