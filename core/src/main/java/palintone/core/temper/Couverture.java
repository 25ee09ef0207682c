package palintone.core.temper;

import palintone.core.fat.SolidFatCurve;
import palintone.core.heat.MixingBalance;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Ingredient;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/**
 * Chocolate that is tempered and cast.
 *
 * @param ingredient name, composition, allergens
 * @param kind dark, milk or white
 */
public record Couverture(Ingredient ingredient, CouvertureKind kind) {

    /** Where the specific heat is taken: the middle of melting and working. */
    private static final double MIDWAY_C = 38;

    /** Density where it is cast, melted and free of air, g/ml. */
    public double castingDensityGPerMl() {
        return ChoiOkos1986.densityGPerMl(ingredient.composition(), 31);
    }

    /** Specific heat without melting, J/gK. */
    public double cpJPerGK() {
        return ChoiOkos1986.cpJPerGK(ingredient.composition(), MIDWAY_C);
    }

    /** The balance of two masses of this couverture stirred together. */
    public MixingBalance mixing() {
        return new MixingBalance(
                cpJPerGK(),
                ingredient.composition().fatFraction(),
                MixingBalance.FORM_V_J_PER_G,
                SolidFatCurve.of(ingredient.composition()));
    }

    /** How the crystals of its fat behave, with the constants calibrated here. */
    public CrystalLaw crystals() {
        return new CrystalLaw(
                SolidFatCurve.of(ingredient.composition()), CrystalConstants.CALIBRATED);
    }

    /** Solid share of its fat when ready-tempered and at rest at a temperature. */
    public Crystals tempered(final double temperatureC) {
        return new Crystals(SolidFatCurve.of(ingredient.composition()).solidAt(temperatureC), 0);
    }
}
