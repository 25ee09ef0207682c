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
import palintone.core.heat.AirFlow;
import palintone.core.temper.flow.CassonFlow;

/**
 * A centre as it comes out of the bowl: what lies against it is cooled and set by it, and goes
 * along. Followed once, however long it is tapped afterwards.
 */
final class DrawnCentre {

    private static final double LAYER_M = 5e-3;
    private static final int LAYER_CELLS = 50;
    private static final int CENTRE_CELLS = 30;
    private static final double FINEST = 0.2;
    private static final int COAT_CELLS = 14;
    private static final double STIRRED_W_PER_M2K = 2000;
    private static final int WALL_CELLS = 30;
    private static final double CRUST_PULL_M = 1e-3;
    private static final double FOLLOWED_S = 3600;
    private static final double SKIN_USUALLY_S = 600;

    private final DipOrder order;
    private final CrustPath under;

    private DrawnCentre(final DipOrder order, final CrustPath under) {
        this.order = order;
        this.under = under;
    }

    /**
     * @param order its time of tapping is not asked
     */
    static DrawnCentre of(final DipOrder order) {
        return new DrawnCentre(order, under(order));
    }

    /** The film that stays on it. */
    record Film(double meanMm, double sidesMm, double topMm, double crustMm, double massG) {}

    /**
     * @param tappedS over the bowl, 0 to 60 s
     */
    Film tapped(final double tappedS) {
        final Centre centre = order.centre();
        final UnderConsistency out =
                new UnderConsistency(
                        order.bowl(),
                        under,
                        LAYER_CELLS,
                        LAYER_M,
                        order.underS(),
                        tappedS > 0 ? CalibratedCoat.TAPPED_YIELD_SHARE : 1);
        final double crust = crustMm(order, out);
        final double sides = filmMm(out, crust, tappedS, true);
        final double top = filmMm(out, crust, tappedS, false);
        final double mean = centre.shape().mean(sides, top, CalibratedCoat.BOTTOM_SHARE);
        return new Film(
                mean,
                sides,
                top,
                crust,
                (centre.shape().grownMl(mean) - centre.shape().volumeMl())
                        * order.bowl().couverture().castingDensityGPerMl());
    }

    /** How far a coat of so many mm is stretched; followed no longer than until it has a skin. */
    double stretchOf(final double coatMm) {
        final CrustPath first = setting(coatMm, SKIN_USUALLY_S);
        return Double.isFinite(Coat.skinS(first, CalibratedCoat.SKIN_SOLID))
                ? stretch(first)
                : stretch(setting(coatMm));
    }

    /** How far the centre, warming to the room, stretches the coat once that has a skin. */
    double stretch(final CrustPath set) {
        final double skinS = Coat.skinS(set, CalibratedCoat.SKIN_SOLID);
        return CalibratedCoat.CENTRE_PER_K
                * Math.max(0, order.roomC() - set.meanC(1, Math.min(FOLLOWED_S, skinS)));
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

    /** Heat the centre took up under the chocolate, J. */
    double tookJ() {
        return order.centre().massG()
                * order.centre().jPerGK()
                * Math.max(0, under.meanC(1, order.underS()) - order.centreC());
    }

    private double filmMm(
            final UnderConsistency out,
            final double crust,
            final double tappedS,
            final boolean side) {
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
                                + crust);
        final CentreShape.Run run = shape.run(side);
        final double along = run.alongMm();
        final double slope = run.slope().orElse(CalibratedCoat.TOP_SLOPE);
        final WallLine wall = WallLine.plane(along / 1000, slope, WALL_CELLS);
        final DrainingFilm film = new DrainingFilm(wall, kgPerM3, drawnMm / 1000);
        film.drain(tappedS, Math.max(1, tappedS), 0, s -> out);
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

    /** How so thick a coat sets in the room. */
    CrustPath setting(final double coatMm) {
        return setting(coatMm, FOLLOWED_S);
    }

    private CrustPath setting(final double coatMm, final double seconds) {
        final double coatM = coatMm / 1000;
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
                seconds);
    }
}
