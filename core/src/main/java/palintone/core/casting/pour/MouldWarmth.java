package palintone.core.casting.pour;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.mould.Mould;
import palintone.core.temper.Verdict;

/**
 * How warm a mould should be for one bowl, and how to get it there.
 *
 * @param fromC colder, the first of the chocolate stiffens before bubbles have left: spots and grey
 * @param toC warmer, it sets late and soft, or the mould melts its temper
 * @param coldSays what holds below, in words
 * @param warmSays what holds above
 */
public record MouldWarmth(double fromC, double toC, String coldSays, String warmSays) {

    public static final Source SOURCE =
            Source.calibrated(
                    "below: the first third of a millimetre a quarter stiffer within the 50 s of"
                            + " vibrating; above: where both meet, less than a kelvin under the"
                            + " bowl");

    private static final double COLDEST_C = 5;
    private static final double OVER_DEW_K = 1;

    /** Warm air from a dryer or a warm cupboard's fan, W/m²K; common practice, no source. */
    private static final double WARM_AIR_W_PER_M2K = 30;

    /**
     * Allowed: room temperature 5 to 40 °C.
     *
     * @param dewPointC of the room: a mould below it gathers water
     */
    public static MouldWarmth of(
            final BowlAt bowl, final Mould mould, final double roomC, final double dewPointC) {
        Require.between("room temperature", roomC, 5, 40, "°C");
        final double most = bowl.temperatureC() - 0.5;
        double low = COLDEST_C;
        double high = most;
        while (high - low > 0.1) {
            final double middle = (low + high) / 2;
            if (stiffens(bowl, mould, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        final double dew = dewPointC + OVER_DEW_K;
        final double from = Math.min(most, Math.max(high, dew));
        final String cold =
                from > high
                        ? "Below, the mould gathers water from this room: dull spots."
                        : "Below, the first of it stiffens before the bubbles have left: spots and"
                                + " grey.";
        if (bowl.temper() == Verdict.NONE || bowl.temper() == Verdict.UNDER) {
            return new MouldWarmth(
                    from, most, cold, "Above, this bowl does not set: it is not in temper.");
        }
        // What is pressed together meets at (e₁T₁ + e₂T₂)/(e₁ + e₂), e = √(kρc).
        final double ours = effusivity(ConductingLayer.CHOCOLATE_W_PER_MK, chocolateJPerM3K(bowl));
        final double wall = effusivity(MouldWall.CONDUCTS_W_PER_MK, MouldWall.heatJPerM3K(mould));
        final double warm =
                bowl.temperatureC() - CalibratedCasting.SKIN_COOLER_K * (ours + wall) / wall;
        return new MouldWarmth(
                from,
                Math.max(from, warm),
                cold,
                "Above, its skin stays as warm as the bowl: it sets late, soft and streaked.");
    }

    private static double effusivity(final double conducts, final double holds) {
        return Math.sqrt(conducts * holds);
    }

    private static double chocolateJPerM3K(final BowlAt bowl) {
        return bowl.kgPerM3() * bowl.couverture().cpJPerGK() * 1000;
    }

    private static boolean stiffens(final BowlAt bowl, final Mould mould, final double mouldC) {
        final double wallM = MouldWall.thickM(mould);
        final CrustPath path =
                CrustSolver.follow(
                        List.of(
                                MouldWall.stratum(mould, mouldC),
                                ConductingLayer.chocolate(
                                        bowl.couverture(),
                                        MouldWall.reachM(mould.cavity()),
                                        24,
                                        0.1,
                                        bowl.temperatureC(),
                                        bowl.crystals())),
                        MouldWall.bend(mould),
                        BoundaryCondition.still(AirFlow.filmWPerM2K(0), mouldC),
                        BoundaryCondition.NONE,
                        CalibratedCasting.VIBRATED_S);
        final SetConsistency then =
                new SetConsistency(
                        bowl.couverture(),
                        bowl.fluidity(),
                        path,
                        wallM,
                        CalibratedCasting.VIBRATED_S,
                        1);
        final double before = bowl.flow().apparentPaS(1);
        final double yield = then.yieldPa(CalibratedCasting.SKIN_M);
        final double plastic = then.plasticPaS(CalibratedCasting.SKIN_M);
        final double root = Math.sqrt(yield) + Math.sqrt(plastic);
        return root * root > CalibratedCasting.STIFFER * before;
    }

    /**
     * Seconds of warm air until the mould is as warm as wanted, or {@code NaN} where that air never
     * brings it there.
     *
     * @param airC of the warm air, 20 to 60 °C
     */
    public static double warmingS(
            final Mould mould, final double fromC, final double toC, final double airC) {
        Require.between("warm air", airC, 20, 60, "°C");
        if (toC <= fromC) {
            return 0;
        }
        if (airC <= toC) {
            return Double.NaN;
        }
        return heldJPerM2K(mould) / WARM_AIR_W_PER_M2K * Math.log((airC - fromC) / (airC - toC));
    }

    /**
     * Seconds until it has lost a kelvin again on the bench; {@code NaN} where the room is as warm.
     */
    public static double losesOneKelvinS(
            final Mould mould, final double mouldC, final double roomC) {
        if (mouldC - roomC <= 1) {
            return Double.NaN;
        }
        // Both sides of it stand in the air.
        return heldJPerM2K(mould)
                / (2 * AirFlow.filmWPerM2K(0))
                * Math.log((mouldC - roomC) / (mouldC - roomC - 1));
    }

    private static double heldJPerM2K(final Mould mould) {
        return MouldWall.thickM(mould) * MouldWall.heatJPerM3K(mould);
    }
}
