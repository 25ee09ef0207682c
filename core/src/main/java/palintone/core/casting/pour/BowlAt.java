package palintone.core.casting.pour;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.temper.Couverture;
import palintone.core.temper.Verdict;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.CassonFlow;
import palintone.core.temper.flow.FluidityClass;

/**
 * What is cast with: a couverture as it stands in the bowl.
 *
 * @param couverture in it
 * @param fluidity as the bag says
 * @param temperatureC in the middle, 20 to 50 °C
 * @param crystals in its fat
 */
public record BowlAt(
        Couverture couverture, FluidityClass fluidity, double temperatureC, Crystals crystals) {

    /**
     * Allowed: stable crystals 0 to 20 % of the fat.
     *
     * @throws OutOfRangeException when the temperature is impossible to cast at
     */
    public BowlAt {
        Require.between("bowl temperature", temperatureC, 20, 50, "°C");
        Require.between("stable crystals", crystals.stable() * 100, 0, 20, "% of the fat");
    }

    /** How it flows as it is poured. */
    public CassonFlow flow() {
        return CassonFlow.of(
                fluidity, couverture.ingredient().composition(), temperatureC, crystals);
    }

    /** Whether it sets at all as a shell should. */
    public Verdict temper() {
        if (couverture.compound()) {
            return crystals.solid() > Verdict.THICK_SOLID ? Verdict.OVER : Verdict.IN_TEMPER;
        }
        return Verdict.of(crystals, crystals.stable());
    }

    public double kgPerM3() {
        return couverture.castingDensityGPerMl() * 1000;
    }
}
