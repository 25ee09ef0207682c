package palintone.core.coat;

import palintone.core.figure.PhysicalConstants;
import palintone.core.figure.Source;

/**
 * What runs down the sides of a dipped centre once it is set down, and stands around it.
 *
 * <p>At rest its full yield value holds a film of τ/(ρg) on an upright side; tapping had halved it.
 * What is thicker runs down before a skin holds it.
 *
 * @param massG of it
 * @param heldMm so thick a film stays where it is
 */
public record Foot(double massG, double heldMm) {

    public static final Source SOURCE =
            Source.definition(
                    "a yielding film stays where ρ·g·thickness is less than its yield value");

    /**
     * @param order of the dip
     * @param coat it gave
     */
    public static Foot of(final DipOrder order, final Coat coat) {
        final double kgPerM3 = order.bowl().couverture().castingDensityGPerMl() * 1000;
        final double heldMm =
                order.bowl().flow().yieldPa()
                        / (kgPerM3 * PhysicalConstants.GRAVITY_M_PER_S2)
                        * 1000;
        // What has set to the centre runs no more.
        final double runs = Math.max(0, coat.sidesMm() - Math.max(heldMm, coat.crustMm()));
        return new Foot(order.centre().shape().sidesMm2() * runs / 1e6 * kgPerM3, heldMm);
    }
}
