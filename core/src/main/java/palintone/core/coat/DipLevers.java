package palintone.core.coat;

import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.temper.flow.FluidityClass;

/**
 * What else thins a coat that tapping leaves too thick, in the order a maker tries it: a warmer
 * bowl, a more fluid bag, the top blown off; or the thicker coat is taken.
 *
 * @param tapped as long as a hand does
 * @param tappedG coat then, g
 * @param warmestC of the bowl in its window, °C
 * @param warmerG coat from it so warm, g
 * @param thinnerG coat of a bag one class more fluid, g; NaN where there is none
 * @param blownG coat with its top blown off, g; NaN where it is already
 */
public record DipLevers(
        DipOrder tapped,
        double tappedG,
        double warmestC,
        double warmerG,
        double thinnerG,
        double blownG) {

    /**
     * @param order tapped as long as a hand does
     * @param warmestC the bowl may be, °C
     */
    public static DipLevers of(final DipOrder order, final double warmestC) {
        final DipOrder tapped = order.tapped(DipSolve.LONGEST_TAPPED_S);
        final BowlAt bowl = order.bowl();
        final int next = bowl.fluidity().ordinal() + 1;
        return new DipLevers(
                tapped,
                Coat.of(tapped).massG(),
                warmestC,
                Coat.of(warmer(tapped, warmestC)).massG(),
                next < FluidityClass.values().length
                        ? Coat.of(
                                        tapped.from(
                                                new BowlAt(
                                                        bowl.couverture(),
                                                        FluidityClass.values()[next],
                                                        bowl.temperatureC(),
                                                        bowl.crystals())))
                                .massG()
                        : Double.NaN,
                order.blown() ? Double.NaN : Coat.of(tapped.blownOff()).massG());
    }

    /** The same from a bowl so warm, where it is not warmer already. */
    public static DipOrder warmer(final DipOrder order, final double celsius) {
        final BowlAt bowl = order.bowl();
        return celsius <= bowl.temperatureC()
                ? order
                : order.from(
                        new BowlAt(bowl.couverture(), bowl.fluidity(), celsius, bowl.crystals()));
    }

    /** What each of them would leave. */
    public Sentence said() {
        Sentence said =
                Sentence.of(
                                "Tapped as long as a hand does, {longest}, it keeps {taken}: take the"
                                        + " coat so thick, or thin it. The bowl at {warmest} leaves"
                                        + " {warmer}.")
                        .with("longest", tapped.tappedS(), Unit.SECOND)
                        .with("taken", tappedG, Unit.GRAM)
                        .with("warmest", warmestC, Unit.CELSIUS)
                        .with("warmer", warmerG, Unit.GRAM);
        if (!Double.isNaN(thinnerG)) {
            said =
                    said.and(
                            Sentence.of("A more fluid bag leaves {fluid}.")
                                    .with("fluid", thinnerG, Unit.GRAM));
        }
        if (!Double.isNaN(blownG)) {
            said =
                    said.and(
                            Sentence.of("Its top blown off leaves {blown}.")
                                    .with("blown", blownG, Unit.GRAM));
        }
        return said;
    }
}
