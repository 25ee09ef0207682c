package palintone.core.coat;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * A small enrobing machine: centres on a wire belt through a curtain, a blower and a shaken
 * stretch, then a tunnel. Its coat is that of a dip tapped for as long as the stretch takes.
 *
 * @param coat of one
 * @param shakenS on the stretch between curtain and tunnel
 * @param rows side by side on the belt
 * @param piecesPerHour that come out
 * @param coatsKgPerHour of chocolate that goes out with them
 * @param curtainKgPerHour the pump must lift, so that the curtain stays whole
 * @param tunnelM at this speed until they may be lifted; infinite where not in the hour
 */
public record Enrober(
        Coat coat,
        double shakenS,
        int rows,
        double piecesPerHour,
        double coatsKgPerHour,
        double curtainKgPerHour,
        double tunnelM) {

    public static final Source SOURCE =
            Source.calibrated(
                    "coats as dipped, shaken on the wire; a curtain of 2 mm over the whole belt,"
                            + " ten times what the pieces take at the least (common practice)");

    private static final double CURTAIN_MM = 2;
    private static final double FALLS_MM_PER_S = 200;
    private static final double TIMES_WHAT_IS_TAKEN = 10;
    private static final double MOST_SHAKEN_S = 60;

    /**
     * The machine.
     *
     * @param beltMPerMin speed, 0.1 to 10
     * @param beltMm width, 50 to 1500
     * @param stretchMm from the curtain to the tunnel, 50 to 5000
     * @param gapMm between two centres, 2 to 200
     * @param tunnelC its air, −5 to 25
     */
    public record Machine(
            double beltMPerMin, double beltMm, double stretchMm, double gapMm, double tunnelC) {

        /**
         * @throws OutOfRangeException when a number is impossible
         */
        public Machine {
            Require.between("speed of the belt", beltMPerMin, 0.1, 10, "m/min");
            Require.between("width of the belt", beltMm, 50, 1500, "mm");
            Require.between("stretch to the tunnel", stretchMm, 50, 5000, "mm");
            Require.between("gap between centres", gapMm, 2, 200, "mm");
            Require.between("air of the tunnel", tunnelC, -5, 25, "°C");
        }
    }

    /**
     * @param order as dipped; its tapping is what the stretch makes of it, its room the tunnel
     * @throws OutOfRangeException when no centre fits the belt
     */
    public static Enrober of(final DipOrder order, final Machine machine) {
        final CentreShape shape = order.centre().shape();
        final double along = shape.lengthMm();
        final double across = shape.widthMm();
        final int rows =
                (int) Math.floor((machine.beltMm + machine.gapMm) / (across + machine.gapMm));
        if (rows < 1) {
            throw new OutOfRangeException(
                    "width of the belt",
                    machine.beltMm + " mm",
                    "at least one centre, " + across + " mm");
        }
        final double mmPerS = machine.beltMPerMin * 1000 / 60;
        final double shakenS = Math.min(MOST_SHAKEN_S, machine.stretchMm / mmPerS);
        final Coat coat =
                Coat.of(
                        new DipOrder(
                                order.bowl(),
                                order.centre(),
                                order.centreC(),
                                order.underS(),
                                shakenS,
                                true,
                                Math.max(5, machine.tunnelC),
                                order.filmFactor()));
        final double perHour = rows * mmPerS / (along + machine.gapMm) * 3600;
        final double coatsKg = perHour * coat.massG() / 1000;
        final double curtainKg =
                machine.beltMm
                        * CURTAIN_MM
                        * FALLS_MM_PER_S
                        / CentreShape.CUBIC_MM_PER_ML
                        * order.bowl().couverture().castingDensityGPerMl()
                        * 3.6;
        return new Enrober(
                coat,
                shakenS,
                rows,
                perHour,
                coatsKg,
                Math.max(curtainKg, TIMES_WHAT_IS_TAKEN * coatsKg),
                coat.liftsS() > 3600 ? Double.POSITIVE_INFINITY : mmPerS * coat.liftsS() / 1000);
    }
}
