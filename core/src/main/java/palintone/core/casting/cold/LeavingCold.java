package palintone.core.casting.cold;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.heat.Buck1981;
import palintone.core.heat.RoomAir;
import palintone.core.temper.Couverture;

/**
 * A piece that leaves the cold: how long it must stay covered until its surface is above the dew
 * point, and what water it would gather open. Heat and mass transfer by the Lewis relation.
 *
 * @param coveredS seconds to wait covered; 0 where it is warm enough at once
 * @param waterMg water it would gather uncovered
 * @param dewPointC of the room
 */
public record LeavingCold(double coveredS, double waterMg, double dewPointC) {

    public static final Source SOURCE =
            Source.remembered(
                    "surface against the dew point (Buck 1981); mass transfer by the Lewis relation,"
                            + " h/(ρ·cp·Le^⅔) with Le 0.87; 2.45 kJ/g of condensing");

    /** Never within this: it stays colder than the dew point. */
    private static final double LONGEST_S = 4 * 3600;

    private static final double COVERED_W_PER_M2K = 5;

    /** Lying open, still air moves by itself and everything around shines on it. */
    private static final double OPEN_W_PER_M2K = AirFlow.filmWPerM2K(0);

    private static final double AIR_J_PER_M3K = 1.2 * 1005;
    private static final double LEWIS = 0.87;
    private static final double CONDENSING_J_PER_G = 2450;
    private static final double VAPOUR_G_K_PER_J = 18.015 / 8.314;

    /**
     * @param couverture it is made of, for its heat and what melts on the way
     * @param massG of the piece, 0.5 to 5000 g
     * @param surfaceCm2 of the piece, 0.5 to 5000 cm²
     * @param fromC it leaves at, −5 to 25 °C
     */
    public static LeavingCold of(
            final Couverture couverture,
            final double massG,
            final double surfaceCm2,
            final double fromC,
            final RoomAir room) {
        Require.between("mass of the piece", massG, 0.5, 5000, "g");
        Require.between("surface of the piece", surfaceCm2, 0.5, 5000, "cm²");
        Require.between("temperature it leaves at", fromC, -5, 25, "°C");
        final double dewC = room.dewPoint().value();
        if (fromC >= dewC) {
            return new LeavingCold(0, 0, dewC);
        }
        // A ball of the same mass over the same surface.
        final double overM = massG / couverture.castingDensityGPerMl() / surfaceCm2 / 100;
        final double radius = 3 * overM;
        final ConductingLayer body =
                ConductingLayer.chocolate(
                        couverture, radius * 0.999, 16, 0.4, fromC, couverture.tempered(fromC));
        final CrustPath dry =
                CrustSolver.follow(
                        List.of(body),
                        new Curvature(2, radius),
                        BoundaryCondition.still(COVERED_W_PER_M2K, room.temperatureC()),
                        BoundaryCondition.NONE,
                        LONGEST_S);
        final double covered = dry.firstS(s -> dry.temperatureC(0, s) >= dewC);
        final Wet wet = new Wet(room, dewC);
        CrustSolver.follow(
                List.of(body), new Curvature(2, radius), wet, BoundaryCondition.NONE, LONGEST_S);
        return new LeavingCold(
                Math.min(LONGEST_S, covered), wet.gramsPerM2 * surfaceCm2 / 1e4 * 1000, dewC);
    }

    /** Room air that also gives its water to what is colder than its dew point. */
    private static final class Wet implements BoundaryCondition {

        private final RoomAir room;
        private final double dewC;
        private final double vapour;
        private double gramsPerM2;
        private double surfaceC = -100;
        private double condensingW;

        Wet(final RoomAir room, final double dewC) {
            this.room = room;
            this.dewC = dewC;
            vapour = gramsPerM3(dewC, room.temperatureC());
        }

        private static double gramsPerM3(final double saturatedC, final double airC) {
            return new Buck1981().hPaAt(saturatedC) * 100 * VAPOUR_G_K_PER_J / (airC + 273.15);
        }

        /** As warm as air would be that brought the heat of condensing too. */
        @Override
        public double temperatureC(final double seconds) {
            return room.temperatureC() + condensingW / OPEN_W_PER_M2K;
        }

        @Override
        public double filmWPerM2K() {
            return OPEN_W_PER_M2K;
        }

        @Override
        public void took(final double fromS, final double toS, final double joulePerM2) {
            final double dt = toS - fromS;
            surfaceC = temperatureC(fromS) + joulePerM2 / dt / OPEN_W_PER_M2K;
            if (surfaceC >= dewC) {
                condensingW = 0;
                return;
            }
            final double move =
                    AirFlow.convectionWPerM2K(0) / (AIR_J_PER_M3K * Math.pow(LEWIS, 2 / 3.0));
            final double grams = move * (vapour - gramsPerM3(surfaceC, room.temperatureC())) * dt;
            gramsPerM2 += Math.max(0, grams);
            condensingW = Math.max(0, grams) / dt * CONDENSING_J_PER_G;
        }
    }
}
