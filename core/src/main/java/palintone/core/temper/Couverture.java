package palintone.core.temper;

import java.util.Optional;
import palintone.core.fat.FusionHeat;
import palintone.core.fat.SolidFatCurve;
import palintone.core.heat.MixingBalance;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.CrystalLaw;
import palintone.core.temper.crystal.Crystals;

/**
 * Chocolate that is tempered and cast, or a compound coating that is only melted.
 *
 * @param ingredient name, composition, allergens
 * @param kind dark, milk or white; of a coating without meaning
 * @param compound a lauric coating: no temper, its fat sets of itself and by its own law
 * @param bag the curve its bag prints
 */
public record Couverture(
        Ingredient ingredient, CouvertureKind kind, boolean compound, BagCurve bag) {

    /** Of a coating's fat at least so much is lauric, and of the whole at least so much fat. */
    private static final double LAURIC_SHARE = 0.5;

    private static final double FAT_SHARE = 0.2;
    private static final double SUGAR_SHARE = 0.2;
    private static final double MOST_WATER = 0.03;

    /** Where the specific heat is taken: the middle of melting and working. */
    private static final double MIDWAY_C = 38;

    /** Chocolate. */
    public Couverture(final Ingredient ingredient, final CouvertureKind kind) {
        this(ingredient, kind, BagCurve.NONE);
    }

    /** Chocolate whose bag prints a curve of its own. */
    public Couverture(final Ingredient ingredient, final CouvertureKind kind, final BagCurve bag) {
        this(ingredient, kind, false, bag);
    }

    /** Where it is cooled to: by its bag, else where its fat begins to set in minutes, °C. */
    public double coolC() {
        return bag.coldC()
                .orElseGet(() -> crystals().curve().fromCocoaButterC(CrystalLaw.NUCLEATION_C));
    }

    /** What an ingredient is as a coating, where its fat makes it one. */
    public static Optional<Couverture> coating(final Ingredient ingredient) {
        final Composition of = ingredient.composition();
        final double fat = of.fatFraction();
        return fat >= FAT_SHARE
                        && of.fraction(Component.LAURIC_FAT) >= LAURIC_SHARE * fat
                        && of.fraction(Component.SUCROSE) >= SUGAR_SHARE
                        && of.fraction(Component.WATER) <= MOST_WATER
                ? Optional.of(new Couverture(ingredient, CouvertureKind.DARK, true, BagCurve.NONE))
                : Optional.empty();
    }

    /** How much of its fat is solid at rest. */
    public SolidFatCurve curve() {
        return compound
                ? SolidFatCurve.ofCoating(ingredient.composition())
                : SolidFatCurve.of(ingredient.composition());
    }

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
                FusionHeat.FORM_V_J_PER_G,
                curve());
    }

    /** How the crystals of its fat behave, with the constants calibrated here. */
    public CrystalLaw crystals() {
        return compound
                ? CrystalLaw.ofCoating(curve())
                : new CrystalLaw(curve(), CrystalConstants.CALIBRATED);
    }

    /** Solid share of its fat when ready-tempered and at rest at a temperature. */
    public Crystals tempered(final double temperatureC) {
        return new Crystals(curve().solidAt(temperatureC), 0);
    }
}
