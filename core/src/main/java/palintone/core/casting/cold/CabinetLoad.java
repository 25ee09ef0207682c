package palintone.core.casting.cold;

import java.util.ArrayList;
import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;

/**
 * A cabinet and what stands in it at once.
 *
 * @param airC its air as it is set, −5 to 25 °C
 * @param metresPerS speed of its air, 0 to 10
 * @param moulds put in together, 1 to 500
 * @param shelves they stand on, 1 to 30
 * @param coolingW what it can take away at most, 20 to 20000 W
 */
public record CabinetLoad(
        double airC, double metresPerS, int moulds, int shelves, double coolingW) {

    public static final Source SOURCE =
            Source.calibrated(
                    "balance of the cabinet's air: heat of the moulds against its cooling power,"
                            + " given over the first 4 K above what it is set to");

    /** A household-size fan-cooled cabinet; common practice, no source. */
    public static final double USUAL_COOLING_W = 150;

    /**
     * @throws palintone.core.figure.OutOfRangeException when a number is impossible
     */
    public CabinetLoad {
        Require.between("cabinet", airC, -5, 25, "°C");
        Require.between("air speed", metresPerS, 0, 10, "m/s");
        Require.between("moulds in the cabinet", moulds, 1, 500, "");
        Require.between("shelves", shelves, 1, 30, "");
        Require.between("cooling power", coolingW, 20, 20_000, "W");
    }

    /** How much warmer the air is at the last shelf than at the first for so many watts. */
    double riseK(final double watts) {
        return watts / passesWPerK();
    }

    private double passesWPerK() {
        return Math.max(
                CalibratedCasting.STILL_PASSES_W_PER_K,
                CalibratedCasting.SHELF_PASSES_W_PER_K * metresPerS);
    }

    /** The air as a mould in the middle meets it; it warms with what all of them give. */
    final class Air implements BoundaryCondition {

        private final double areaM2;
        private final double aboveShare;
        private final List<double[]> path = new ArrayList<>();
        private double nowC = airC;
        private double lastRiseK;
        private double insideWPerM2;

        /**
         * @param areaOfOneM2 of one mould
         * @param aboveShare 0 for the shelf the air meets first, 1 for the last
         */
        Air(final double areaOfOneM2, final double aboveShare) {
            areaM2 = areaOfOneM2 * moulds;
            this.aboveShare = aboveShare;
            path.add(new double[] {0, airC, airC});
        }

        @Override
        public double temperatureC(final double seconds) {
            return nowC;
        }

        @Override
        public double filmWPerM2K() {
            // Warmed by the shelves before it: less is left between mould and air.
            final double film = AirFlow.filmWPerM2K(metresPerS);
            return film / (1 + aboveShare * film * areaM2 / passesWPerK());
        }

        @Override
        public void took(final double fromS, final double toS, final double joulePerM2) {
            final double dt = toS - fromS;
            final double watts = Math.max(0, (joulePerM2 / dt + insideWPerM2) * areaM2);
            // Implicit in the air: it answers faster than the moulds.
            final double perK = coolingW / CalibratedCasting.COOLING_GIVEN_OVER_K;
            double next =
                    (nowC + dt / CalibratedCasting.CABINET_J_PER_K * (watts + perK * airC))
                            / (1 + dt / CalibratedCasting.CABINET_J_PER_K * perK);
            if (next - airC > CalibratedCasting.COOLING_GIVEN_OVER_K) {
                next = nowC + dt / CalibratedCasting.CABINET_J_PER_K * (watts - coolingW);
            }
            nowC = Math.max(airC, next);
            lastRiseK = riseK(watts);
            path.add(new double[] {toS, nowC, nowC + lastRiseK});
        }

        /** What the open side of the same moulds gives as well, by the last step. */
        void beside(final double wattsPerM2) {
            insideWPerM2 = Math.max(0, wattsPerM2);
        }

        /** Seconds, °C of the air, °C where it meets the last shelf. */
        List<double[]> path() {
            return path;
        }
    }
}
