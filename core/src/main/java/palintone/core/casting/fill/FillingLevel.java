package palintone.core.casting.fill;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.crust.Curvature;
import palintone.core.casting.pour.CalibratedCasting;
import palintone.core.casting.pour.Vibration;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.substance.HeatConduction;

/**
 * A filling in its shell: whether it runs level, and when its top carries a cap.
 *
 * <p>What yields only above a stress stands in a heap until its slope pulls less than that: over a
 * radius R and a depth h it stays higher in the middle by τ/(ρ·g) · R/h.
 *
 * @param unevenMm higher in the middle than at the wall, left to itself; at most the depth
 * @param tappedMm the same, tapped
 * @param levelFromC so warm it runs level when tapped; empty where not up to 45 °C
 * @param carriesBelowC its top carries a cap when no warmer than this; empty where not above 0 °C
 * @param carriesFromS soonest in this room, by its heat alone; infinite where never here
 */
public record FillingLevel(
        double unevenMm,
        double tappedMm,
        OptionalDouble levelFromC,
        OptionalDouble carriesBelowC,
        double carriesFromS) {

    public static final Source SOURCE =
            Source.calibrated(
                    "a heap at rest at its yield stress, over the opening; level within half a"
                            + " millimetre; its top carries a cap where it stays as it is piped");

    private static final double WARMEST_C = 45;
    private static final double NEAR_C = 0.05;
    private static final int CELLS = 24;
    private static final double FOLLOWED_S = 6 * 3600;

    /**
     * The filling.
     *
     * @param stressPa that makes it move, by °C; falls as it warms
     * @param gPerMl density, 0.3 to 2
     * @param heatJPerMlK it holds, 0.5 to 5 J/mlK
     * @param carriesPa from this stress its top carries a cap
     */
    public record Soft(
            DoubleUnaryOperator stressPa, double gPerMl, double heatJPerMlK, double carriesPa) {

        /**
         * @throws palintone.core.figure.OutOfRangeException when a number is impossible
         */
        public Soft {
            Require.between("density of the filling", gPerMl, 0.3, 2, "g/ml");
            Require.between("heat of the filling", heatJPerMlK, 0.5, 5, "J/mlK");
        }
    }

    /**
     * @param filling as it stands at rest: fresh it is softer, so it errs to the uneven side
     * @param radiusMm of the opening, 1 to 200 mm
     * @param depthMm of the filling, 0.5 to 200 mm
     * @param fillC as it goes in, 0 to 45 °C
     * @param roomC 5 to 40 °C
     */
    public static FillingLevel of(
            final Soft filling,
            final double radiusMm,
            final double depthMm,
            final double fillC,
            final double roomC) {
        Require.between("radius of the opening", radiusMm, 1, 200, "mm");
        Require.between("depth of the filling", depthMm, 0.5, 200, "mm");
        Require.between("filling in the bag", fillC, 0, WARMEST_C, "°C");
        Require.between("room temperature", roomC, 5, 40, "°C");
        final double tapped = Vibration.TAPPED.yieldShare();
        final DoubleUnaryOperator uneven =
                celsius ->
                        filling.stressPa.applyAsDouble(celsius)
                                / (filling.gPerMl * PhysicalConstants.GRAVITY_M_PER_S2)
                                * radiusMm
                                / depthMm;
        final OptionalDouble carries =
                coolest(c -> filling.carriesPa - filling.stressPa.applyAsDouble(c));
        return new FillingLevel(
                Math.min(depthMm, uneven.applyAsDouble(fillC)),
                Math.min(depthMm, tapped * uneven.applyAsDouble(fillC)),
                levelFrom(c -> tapped * uneven.applyAsDouble(c)),
                carries,
                carries.isEmpty()
                        ? Double.POSITIVE_INFINITY
                        : coolsToS(filling, depthMm, fillC, roomC, carries.getAsDouble(), 0));
    }

    private static OptionalDouble levelFrom(final DoubleUnaryOperator unevenMm) {
        if (unevenMm.applyAsDouble(WARMEST_C) > CalibratedCasting.LEVEL_MM) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                crossing(c -> CalibratedCasting.LEVEL_MM - unevenMm.applyAsDouble(c)));
    }

    /** The warmest at which the lack is still none; empty where even ice-cold it lacks. */
    private static OptionalDouble coolest(final DoubleUnaryOperator lack) {
        return lack.applyAsDouble(0) > 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(crossing(lack));
    }

    /** Where what rises with warmth passes nought, °C; an end where it does not. */
    private static double crossing(final DoubleUnaryOperator rises) {
        double low = 0;
        double high = WARMEST_C;
        while (high - low > NEAR_C) {
            final double middle = (low + high) / 2;
            if (rises.applyAsDouble(middle) < 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return rises.applyAsDouble(high) < 0 ? WARMEST_C : (low + high) / 2;
    }

    private static double coolsToS(
            final Soft filling,
            final double depthMm,
            final double fillC,
            final double airC,
            final double topC,
            final double airMPerS) {
        if (fillC <= topC) {
            return 0;
        }
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                ConductingLayer.plain(
                                        depthMm / 1000,
                                        CELLS,
                                        HeatConduction.FILLING_W_PER_MK,
                                        filling.heatJPerMlK * 1e6,
                                        fillC)),
                        new Curvature(0, depthMm / 1000 + 1e-3),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(airMPerS), airC),
                        // Shell and mould below it are warm as the filling soon after.
                        BoundaryCondition.NONE,
                        FOLLOWED_S);
        return path.firstS(s -> path.temperatureC(0, s) <= topC);
    }

    /**
     * When it may be capped: the answer of tool and task.
     *
     * @param levelS it stands in the room until it is level, s
     * @param chillS and in the cabinet after that until its top carries the cap, s; 0 where it does
     *     already, infinite where it never does
     */
    public record CapFrom(double levelS, double chillS) {

        /** All of it, s. */
        public double totalS() {
            return levelS + chillS;
        }
    }

    /** Makers cap about so long after filling; common practice, no source. */
    private static final double LEVELS_S = 5 * 60;

    /**
     * About five minutes after filling, as makers do, where its top carries a cap by then; chilled
     * in moving air for as long as that takes where it does not.
     *
     * @param depthMm of the filling, 0.5 to 200 mm
     * @param fillC as it goes in, 0 to 45 °C
     * @param cabinetC −10 to 25 °C
     */
    public static CapFrom capFrom(
            final Soft filling,
            final double depthMm,
            final double fillC,
            final double roomC,
            final double cabinetC) {
        final OptionalDouble carries =
                coolest(c -> filling.carriesPa - filling.stressPa.applyAsDouble(c));
        if (carries.isEmpty()) {
            return new CapFrom(LEVELS_S, Double.POSITIVE_INFINITY);
        }
        final double belowC = carries.getAsDouble();
        if (coolsToS(filling, depthMm, fillC, roomC, belowC, 0) <= LEVELS_S) {
            return new CapFrom(LEVELS_S, 0);
        }
        return new CapFrom(
                LEVELS_S,
                coolsToS(filling, depthMm, fillC, cabinetC, belowC, AirFlow.MOVING_M_PER_S));
    }

    /** Whether a cap hides what is uneven of it, tapped. */
    public boolean level() {
        return tappedMm <= CalibratedCasting.LEVEL_MM;
    }
}
