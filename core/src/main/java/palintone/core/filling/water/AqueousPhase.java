package palintone.core.filling.water;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.LumpedSolids;

/**
 * The water of a filling and what is dissolved in it, grams in 100 g of filling.
 *
 * <p>Sugars dissolve only up to their {@link Solubility} beside each other; what is above that
 * stays crystalline and is left out. A syrup that was cooked has everything dissolved and may stay
 * so when cold ({@link #supersaturated}). Milk minerals and the soluble minerals of cocoa count as
 * potassium chloride.
 */
public final class AqueousPhase {

    public static final Source SOLUBILITY = Solubility.SOURCE;

    private static final Solute[] SOLUTES = Solute.values();

    private final double waterG;
    private final double ethanolG;
    private final double saltsG;
    private final double crystallineG;
    private final double[] dissolved;

    private AqueousPhase(
            final double waterG,
            final double ethanolG,
            final double saltsG,
            final double crystallineG,
            final double[] dissolved) {
        this.waterG = waterG;
        this.ethanolG = ethanolG;
        this.saltsG = saltsG;
        this.crystallineG = crystallineG;
        this.dissolved = dissolved;
    }

    /**
     * The water phase of a filling at 20 °C, sugars crystallised out as far as they must.
     *
     * @throws OutOfRangeException when there is no water
     */
    public static AqueousPhase of(final Composition composition) {
        return of(composition, 20);
    }

    /**
     * The water phase of a filling at rest.
     *
     * @param celsius −20 to 100 °C
     * @throws OutOfRangeException when there is no water
     */
    public static AqueousPhase of(final Composition composition, final double celsius) {
        final double[] grams = per100(composition);
        final double water = grams[Component.WATER.ordinal()];
        Require.positive("water", water, 100, "%");
        final double[] dissolved = dissolved(grams);
        final double crystalline = Solubility.crystallise(dissolved, water, celsius);
        return new AqueousPhase(
                water, grams[Component.ETHANOL.ordinal()], salts(grams), crystalline, dissolved);
    }

    /**
     * The water phase of a cooked syrup, in which everything stays dissolved. Allowed: water above
     * 0 to 100 %.
     *
     * @throws OutOfRangeException when there is no water
     */
    public static AqueousPhase supersaturated(final Composition composition) {
        final double[] grams = per100(composition);
        Require.positive("water", grams[Component.WATER.ordinal()], 100, "%");
        return dissolvedWhole(grams);
    }

    /**
     * Everything that can dissolve, dissolved: a pot at the boil.
     *
     * @param grams of each component, by its ordinal; water above 0
     */
    public static AqueousPhase dissolvedWhole(final double[] grams) {
        return new AqueousPhase(
                grams[Component.WATER.ordinal()],
                grams[Component.ETHANOL.ordinal()],
                salts(grams),
                0,
                dissolved(grams));
    }

    /**
     * A plain solution, for checks against published tables. Allowed: molality 0 to 1000 mol/kg.
     *
     * @param solute what is dissolved
     * @param molality mol per kg of water, 0 or more
     */
    public static AqueousPhase solution(final Solute solute, final double molality) {
        Require.between("molality", molality, 0, 1000, "mol/kg");
        final double[] dissolved = new double[SOLUTES.length];
        dissolved[solute.ordinal()] = molality * solute.molarMass();
        return new AqueousPhase(1000, 0, 0, 0, dissolved);
    }

    /** The same solutes in another amount of water, g. */
    AqueousPhase inWater(final double grams) {
        return new AqueousPhase(grams, ethanolG, saltsG, crystallineG, dissolved);
    }

    private static double[] per100(final Composition composition) {
        final double[] grams = new double[Component.values().length];
        composition.fractions().forEach((c, share) -> grams[c.ordinal()] = share * 100);
        return grams;
    }

    private static double[] dissolved(final double[] grams) {
        final double[] dissolved = new double[SOLUTES.length];
        for (final Solute solute : SOLUTES) {
            dissolved[solute.ordinal()] = grams[solute.component().ordinal()];
        }
        dissolved[Solute.LACTOSE.ordinal()] +=
                grams[Component.MILK_SOLIDS.ordinal()] * LumpedSolids.MILK_LACTOSE;
        return dissolved;
    }

    private static double salts(final double[] grams) {
        return grams[Component.ASH.ordinal()]
                + grams[Component.MILK_SOLIDS.ordinal()] * LumpedSolids.MILK_ASH
                + grams[Component.COCOA_SOLIDS.ordinal()] * LumpedSolids.COCOA_SOLUBLE_SALTS;
    }

    public double waterG() {
        return waterG;
    }

    public double ethanolG() {
        return ethanolG;
    }

    /** Minerals counted as potassium chloride. */
    public double saltsG() {
        return saltsG;
    }

    /** Sugar that the water cannot dissolve: a filling with much of it turns grainy. */
    public double crystallineG() {
        return crystallineG;
    }

    /** What is dissolved, by solute, those that are there. */
    public Map<Solute, Double> dissolvedG() {
        final Map<Solute, Double> map = new EnumMap<>(Solute.class);
        for (final Solute solute : SOLUTES) {
            if (dissolved[solute.ordinal()] > 0) {
                map.put(solute, dissolved[solute.ordinal()]);
            }
        }
        return Collections.unmodifiableMap(map);
    }

    /** Grams of one solute. */
    public double grams(final Solute solute) {
        return dissolved[solute.ordinal()];
    }

    /** Everything dissolved but salts and alcohol, grams. */
    public double dissolvedSumG() {
        double sum = 0;
        for (final double grams : dissolved) {
            sum += grams;
        }
        return sum;
    }

    /** Moles of one solute. */
    public double moles(final Solute solute) {
        return dissolved[solute.ordinal()] / solute.molarMass();
    }

    /** Moles of all dissolved solutes together, salts and ethanol apart. */
    public double moles() {
        double sum = 0;
        for (final Solute solute : SOLUTES) {
            sum += moles(solute);
        }
        return sum;
    }

    /** What pulls on the water in Norrish's equation: Σ √Ki·xi over all moles. */
    double norrishPull() {
        double pull = 0;
        for (final Solute solute : SOLUTES) {
            pull += solute.rootK() * moles(solute);
        }
        return pull / (waterG / WaterActivityModel.WATER_MOLAR_MASS + moles());
    }

    /** Mole fraction of the water, salts and ethanol apart. */
    double waterMoleFraction() {
        final double water = waterG / WaterActivityModel.WATER_MOLAR_MASS;
        return water / (water + moles());
    }
}
