package palintone.core.casting.learn;

import java.util.Random;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Require;
import palintone.core.mould.Cavity;

/**
 * A scale to practise on: a mould of a workshop whose couverture runs and sets in a way that is its
 * own, and hidden. Weighing it back must find that out.
 *
 * @param emptyG the clean mould
 * @param shelledG with its shells
 * @param filledG and with its filling
 * @param cappedG and capped
 */
public record SimulatedScale(double emptyG, double shelledG, double filledG, double cappedG) {

    private static final double CAP_MM = 2;
    private static final double CAP_DIFFERS = 0.06;
    private static final double AIR_LEAVES = 0.95;
    private static final double FILL_DIFFERS = 0.02;
    private static final double MOULD_G_PER_CAVITY = 9;
    private static final double READS_TO_G = 0.1;

    /**
     * @param order as it was cast; what was learned of it does not count
     * @param waitS from full to turned, 0 to 900 s
     * @param cavities filled, 1 to those of the mould
     * @param fillGPerMl of the filling's recipe, 0.2 to 2
     * @param chance one casting differs from the next by it
     */
    public static SimulatedScale of(
            final CastOrder order,
            final double waitS,
            final int cavities,
            final double fillGPerMl,
            final Random chance) {
        Require.between("cavities filled", cavities, 1, order.mould().cavities(), "");
        Require.between("density of the filling", fillGPerMl, 0.2, 2, "g/ml");
        // The same mould and couverture differ from the model in the same way every day.
        final Random hidden =
                new Random(
                        (order.mould().id() + order.bowl().couverture().ingredient().id())
                                .hashCode());
        final Learned truth =
                new Learned(
                        Math.exp(CalibratedCasting.YIELD_UNKNOWN * hidden.nextGaussian() / 2),
                        Math.exp(CalibratedCasting.SETTING_UNKNOWN * hidden.nextGaussian() / 2),
                        0,
                        0,
                        0);
        final Shell shell = new ShellCast(order.learning(truth)).after(waitS);
        final double shellsG =
                shell.massG()
                        * cavities
                        * Math.exp(
                                chance.nextGaussian()
                                        * Math.hypot(
                                                CalibratedCasting.BETWEEN_SHARE,
                                                CalibratedCasting.AMONG_SHARE
                                                        / Math.sqrt(cavities)));
        final Cavity hollow = order.mould().cavity().inset(shell.meanMm());
        final double capMm =
                Math.min(hollow.depthMm() / 2, CAP_MM * (1 + CAP_DIFFERS * chance.nextGaussian()));
        final double capMl = hollow.volumeToMl(capMm);
        final double fillG =
                (hollow.volumeMl() - capMl)
                        * fillGPerMl
                        * AIR_LEAVES
                        * (1 + FILL_DIFFERS * chance.nextGaussian());
        final double empty = read(MOULD_G_PER_CAVITY * order.mould().cavities());
        final double shelled = empty + shellsG;
        final double filled = shelled + fillG * cavities;
        return new SimulatedScale(
                empty,
                read(shelled),
                read(filled),
                read(filled + capMl * order.bowl().kgPerM3() / 1000 * cavities));
    }

    private static double read(final double grams) {
        return Math.round(grams / READS_TO_G) * READS_TO_G;
    }
}
