package palintone.core.coat;

import java.util.List;
import palintone.core.casting.crust.BoundaryCondition;
import palintone.core.casting.crust.ConductingLayer;
import palintone.core.casting.crust.CrustPath;
import palintone.core.casting.crust.CrustSolver;
import palintone.core.casting.film.DrainingFilm;
import palintone.core.casting.film.WallLine;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;
import palintone.core.heat.AirFlow;
import palintone.core.temper.flow.CassonFlow;

/**
 * The coat of a dipped centre, and what happens to it until it has set.
 *
 * <p>While it is under, heat goes from still chocolate into the centre, and what sets there is a
 * crust. Drawn out it takes a film ({@link Withdrawal}) that drains by its own law while it is
 * tapped. Set down, both cool to the room and into each other; the model of castings turned inside
 * out.
 *
 * @param filmMm mean all round
 * @param sidesMm on its sides
 * @param topMm on its top
 * @param crustMm of it, set to the centre as it was drawn out
 * @param massG of chocolate on it
 * @param tookJ heat the centre took from the bowl while it was under
 * @param tackyS after it is set down, powder no longer drowns; infinite where not in the hour
 * @param skinS nothing sticks to it any more; the same
 * @param liftsS it may be lifted; the same
 * @param stretch of the coat by the centre that warms inside it to the room, share of its length
 */
public record Coat(
        double filmMm,
        double sidesMm,
        double topMm,
        double crustMm,
        double massG,
        double tookJ,
        double tackyS,
        double skinS,
        double liftsS,
        double stretch) {

    public static final Source SOURCE =
            Source.calibrated(
                    "heat and crystals between centre and chocolate, film drawn out and draining;"
                            + " tapping halves the yield value, a skin is 18 % of the fat solid");

    private static final double LAYER_M = 5e-3;
    private static final int LAYER_CELLS = 50;
    private static final int CENTRE_CELLS = 30;
    private static final double FINEST = 0.2;
    private static final int COAT_CELLS = 14;
    private static final double STIRRED_W_PER_M2K = 2000;
    private static final int WALL_CELLS = 30;
    private static final double CRUST_PULL_M = 1e-3;
    private static final double FOLLOWED_S = 3600;
    private static final double SET_AT_C = 20;

    /**
     * @throws palintone.core.figure.OutOfRangeException when it cannot be dipped so
     */
    public static Coat of(final DipOrder order) {
        final Centre centre = order.centre();
        final CrustPath under = under(order);
        final UnderConsistency out =
                new UnderConsistency(
                        order.bowl(),
                        under,
                        LAYER_CELLS,
                        LAYER_M,
                        order.underS(),
                        order.tappedS() > 0 ? CalibratedCoat.TAPPED_YIELD_SHARE : 1);
        final double sides = filmMm(order, out, true);
        final double top = filmMm(order, out, false);
        final double mean = centre.shape().mean(sides, top, CalibratedCoat.BOTTOM_SHARE);
        final double massG =
                (centre.shape().grownMl(mean) - centre.shape().volumeMl())
                        * order.bowl().couverture().castingDensityGPerMl();
        final CrustPath set = setting(order, under, mean / 1000);
        final double whole =
                CalibratedCoat.LIFTS_SHARE * order.bowl().couverture().curve().solidAt(SET_AT_C);
        final double skinS = skinS(set, CalibratedCoat.SKIN_SOLID);
        return new Coat(
                mean,
                sides,
                top,
                Math.min(mean, crustMm(order, out)),
                massG,
                tookJ(order, under),
                skinS(set, CalibratedCoat.TACKY_SOLID),
                skinS,
                set.firstS(s -> set.meanSolid(0, s) >= whole),
                CalibratedCoat.CENTRE_PER_K
                        * Math.max(0, order.roomC() - set.meanC(1, Math.min(FOLLOWED_S, skinS))));
    }

    /** Whether the centre, warming in a set coat, tears it. */
    public boolean tears() {
        return stretch > CalibratedCoat.TEARS_SHARE;
    }

    private static ConductingLayer centre(final DipOrder order) {
        final Centre centre = order.centre();
        return new ConductingLayer(
                centre.shape().reachMm() / 1000 * 0.999,
                CENTRE_CELLS,
                FINEST,
                centre.conductsWPerMK(),
                centre.gPerMl() * 1e6 * centre.jPerGK(),
                java.util.Optional.empty(),
                order.centreC(),
                palintone.core.temper.crystal.Crystals.NONE);
    }

    private static CrustPath under(final DipOrder order) {
        final BowlAt bowl = order.bowl();
        return CrustSolver.follow(
                List.of(
                        ConductingLayer.chocolate(
                                bowl.couverture(),
                                LAYER_M,
                                LAYER_CELLS,
                                1,
                                bowl.temperatureC(),
                                bowl.crystals()),
                        centre(order)),
                order.centre().bend(LAYER_M),
                BoundaryCondition.still(STIRRED_W_PER_M2K, bowl.temperatureC()),
                BoundaryCondition.NONE,
                order.underS());
    }

    private static double tookJ(final DipOrder order, final CrustPath under) {
        return order.centre().massG()
                * order.centre().jPerGK()
                * Math.max(0, under.meanC(1, order.underS()) - order.centreC());
    }

    private static double filmMm(
            final DipOrder order, final UnderConsistency out, final boolean side) {
        final CentreShape shape = order.centre().shape();
        final double kgPerM3 = order.bowl().couverture().castingDensityGPerMl() * 1000;
        final CassonFlow flow = order.bowl().flow();
        final double drawnMm =
                Math.min(
                        LAYER_M * 1000,
                        Withdrawal.filmMm(
                                        flow.plasticPaS(),
                                        flow.yieldPa(),
                                        kgPerM3,
                                        CalibratedCoat.LIFTED_M_PER_S,
                                        Withdrawal.TENSION_N_PER_M)
                                + crustMm(order, out));
        final CentreShape.Run run = shape.run(side);
        final double along = run.alongMm();
        final double slope = run.slope().orElse(CalibratedCoat.TOP_SLOPE);
        final WallLine wall = WallLine.plane(along / 1000, slope, WALL_CELLS);
        final DrainingFilm film = new DrainingFilm(wall, kgPerM3, drawnMm / 1000);
        film.drain(order.tappedS(), Math.max(1, order.tappedS()), 0, s -> out);
        final double mm = film.heldM3() / (along / 1000) * 1000 * order.filmFactor();
        return order.blown() && !side ? mm * CalibratedCoat.BLOWN_SHARE : mm;
    }

    /** As far from the centre as the yield value carries a film of its own. */
    private static double crustMm(final DipOrder order, final UnderConsistency out) {
        final double pull =
                order.bowl().couverture().castingDensityGPerMl()
                        * 1000
                        * PhysicalConstants.GRAVITY_M_PER_S2
                        * CRUST_PULL_M;
        double mm = 0;
        while (mm < LAYER_M * 1000 && out.yieldPa(mm / 1000) > pull) {
            mm += 0.02;
        }
        return mm;
    }

    private static CrustPath setting(
            final DipOrder order, final CrustPath under, final double coatM) {
        final BowlAt bowl = order.bowl();
        return CrustSolver.goOn(
                under,
                order.underS(),
                LAYER_M - coatM,
                List.of(
                        ConductingLayer.chocolate(
                                bowl.couverture(),
                                coatM,
                                COAT_CELLS,
                                1,
                                bowl.temperatureC(),
                                bowl.crystals()),
                        centre(order)),
                order.centre().bend(coatM),
                BoundaryCondition.still(AirFlow.filmWPerM2K(0), order.roomC()),
                BoundaryCondition.NONE,
                FOLLOWED_S);
    }

    private static double skinS(final CrustPath set, final double solid) {
        return set.firstS(s -> set.stable(0, s) + set.unstable(0, s) >= solid);
    }
}
