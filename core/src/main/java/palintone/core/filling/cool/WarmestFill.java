package palintone.core.filling.cool;

import palintone.core.fat.FatBlend;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.heat.MixingBalance;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Composition;

/**
 * The warmest a filling may go into a shell: both end at one temperature at which the shell still
 * has {@value #KEPT} of the solid fat it had. The share kept is calibrated here to the 28 to 30 °C
 * of common practice for a dark shell.
 */
public final class WarmestFill {

    static final double KEPT = 0.88;

    private WarmestFill() {}

    /**
     * @param shell composition of the couverture
     * @param shellG mass of the shell around the filling
     * @param filling composition
     * @param fillingG mass of the filling
     * @param roomC what the shell stands at, 5 to 26
     */
    public static Figure celsius(
            final Composition shell,
            final double shellG,
            final Composition filling,
            final double fillingG,
            final double roomC) {
        Require.positive("mass of the shell", shellG, 100_000, "g");
        Require.positive("mass of the filling", fillingG, 100_000, "g");
        Require.between("room", roomC, 5, 26, "°C");
        final FatBlend fat = FatBlend.of(shell);
        final double before = fat.solidAt(roomC);
        double low = roomC;
        double high = 40;
        for (int k = 0; k < 50; k++) {
            final double t = (low + high) / 2;
            if (fat.solidAt(t) > KEPT * before) {
                low = t;
            } else {
                high = t;
            }
        }
        final double bears = (low + high) / 2;
        final double taken =
                shellG
                        * (ChoiOkos1986.cpJPerGK(shell, 25) * (bears - roomC)
                                + shell.fatFraction()
                                        * MixingBalance.FORM_V_J_PER_G
                                        * before
                                        * (1 - KEPT));
        final double value = bears + taken / (fillingG * ChoiOkos1986.cpJPerGK(filling, 28));
        return Figure.of(
                        "warmest into this shell",
                        value,
                        Unit.CELSIUS,
                        Basis.of(
                                        "m·cp·(T − end) of the filling = m·cp·(end − room) + heat of"
                                                + " melting of the shell")
                                .with("shell", shellG, Unit.GRAM)
                                .with("filling", fillingG, Unit.GRAM)
                                .with("the shell bears", bears, Unit.CELSIUS)
                                .with("room", roomC, Unit.CELSIUS)
                                .from(MixingBalance.FUSION_SOURCE)
                                .from(FatBlend.SOURCE)
                                .from(
                                        Source.calibrated(
                                                "shell keeps 88 % of its solid fat: 28–30 °C in a"
                                                        + " dark shell, common practice")))
                .spread(value - 1.5, value + 1)
                .within(new Band(20, 26, 30, 36));
    }
}
