package palintone.core.filling;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;

/**
 * The water of a filling and what is dissolved in it, grams in 100 g of filling.
 *
 * <p>Sucrose and lactose dissolve only up to their solubility in water at 20 °C (2.04 and 0.19 g/g,
 * from memory), each taken as if alone; what is above that stays crystalline and is left out. Milk
 * minerals and the soluble minerals of cocoa count as potassium chloride.
 */
public final class AqueousPhase {

    public static final Source SOLUBILITY =
            Source.remembered("solubility in water at 20 °C: sucrose 2.04 g/g, lactose 0.19 g/g");

    private static final double SUCROSE_G_PER_G = 2.04;
    private static final double LACTOSE_G_PER_G = 0.19;

    /** Shares of the lumped solids, from memory. */
    private static final double LACTOSE_IN_MILK_SOLIDS = 0.55;

    private static final double SALTS_IN_MILK_SOLIDS = 0.08;
    private static final double SALTS_IN_COCOA_SOLIDS = 0.05;

    private final double waterG;
    private final double ethanolG;
    private final double saltsG;
    private final double crystallineG;
    private final Map<Solute, Double> dissolvedG;

    private AqueousPhase(
            final double waterG,
            final double ethanolG,
            final double saltsG,
            final double crystallineG,
            final Map<Solute, Double> dissolvedG) {
        this.waterG = waterG;
        this.ethanolG = ethanolG;
        this.saltsG = saltsG;
        this.crystallineG = crystallineG;
        this.dissolvedG = Collections.unmodifiableMap(dissolvedG);
    }

    /**
     * The water phase of a filling.
     *
     * @throws OutOfRangeException when there is no water
     */
    public static AqueousPhase of(final Composition composition) {
        final double water = composition.fraction(Component.WATER) * 100;
        Require.positive("water", water, 100, "%");
        final Map<Solute, Double> dissolved = new EnumMap<>(Solute.class);
        composition
                .fractions()
                .forEach(
                        (component, share) ->
                                Solute.of(component)
                                        .ifPresent(
                                                s -> dissolved.merge(s, share * 100, Double::sum)));
        final double milkSolids = composition.fraction(Component.MILK_SOLIDS) * 100;
        if (milkSolids > 0) {
            dissolved.merge(Solute.LACTOSE, milkSolids * LACTOSE_IN_MILK_SOLIDS, Double::sum);
        }
        final double salts =
                composition.fraction(Component.ASH) * 100
                        + milkSolids * SALTS_IN_MILK_SOLIDS
                        + composition.fraction(Component.COCOA_SOLIDS)
                                * 100
                                * SALTS_IN_COCOA_SOLIDS;
        final double crystalline =
                limit(dissolved, Solute.SUCROSE, SUCROSE_G_PER_G * water)
                        + limit(dissolved, Solute.LACTOSE, LACTOSE_G_PER_G * water);
        return new AqueousPhase(
                water,
                composition.fraction(Component.ETHANOL) * 100,
                salts,
                crystalline,
                dissolved);
    }

    /**
     * A plain solution, for checks against published tables.
     *
     * @param solute what is dissolved
     * @param molality mol per kg of water, 0 or more
     */
    public static AqueousPhase solution(final Solute solute, final double molality) {
        Require.between("molality", molality, 0, 100, "mol/kg");
        final Map<Solute, Double> dissolved = new EnumMap<>(Solute.class);
        dissolved.put(solute, molality * solute.molarMass());
        return new AqueousPhase(1000, 0, 0, 0, dissolved);
    }

    private static double limit(
            final Map<Solute, Double> dissolved, final Solute solute, final double mostG) {
        final double stated = dissolved.getOrDefault(solute, 0.0);
        if (stated <= mostG) {
            return 0;
        }
        dissolved.put(solute, mostG);
        return stated - mostG;
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

    public Map<Solute, Double> dissolvedG() {
        return dissolvedG;
    }

    /** Moles of one solute. */
    public double moles(final Solute solute) {
        return dissolvedG.getOrDefault(solute, 0.0) / solute.molarMass();
    }

    /** Moles of all dissolved solutes together, salts and ethanol apart. */
    public double moles() {
        return dissolvedG.keySet().stream().mapToDouble(this::moles).sum();
    }
}
