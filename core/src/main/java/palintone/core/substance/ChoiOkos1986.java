package palintone.core.substance;

import java.util.EnumMap;
import java.util.Map;
import palintone.core.figure.Source;

/**
 * Density and specific heat from composition after Choi &amp; Okos (1986), "Effects of temperature
 * and composition on the thermal properties of foods", as printed in the ASHRAE
 * Handbook—Refrigeration, "Thermal properties of foods". Polynomials in °C per major component,
 * valid −40 to 150 °C (water has one line for its specific heat below 0 °C and one above);
 * coefficients written down from memory.
 *
 * <p>Specific volumes and specific heats add by mass. Fat is taken as melted: the heat of
 * crystallisation is not in these numbers (see {@code palintone.core.heat}), and set chocolate is a
 * few per cent denser. Ethanol is outside the published set: 0.789 g/ml and 2.44 J/gK, from memory.
 */
public final class ChoiOkos1986 {

    public static final Source SOURCE =
            Source.remembered(
                    "Choi & Okos 1986; ASHRAE Handbook—Refrigeration, Thermal properties of foods");

    /** The published classes: density in g/ml and cp in J/gK, each c0 + c1·T + c2·T². */
    private enum Major {
        PROTEIN(1.32990, -5.1840e-4, 0, 2.0082, 1.2089e-3, -1.3129e-6),
        FAT(0.92559, -4.1757e-4, 0, 1.9842, 1.4733e-3, -4.8008e-6),
        CARBOHYDRATE(1.59910, -3.1046e-4, 0, 1.5488, 1.9625e-3, -5.9399e-6),
        FIBRE(1.31150, -3.6589e-4, 0, 1.8459, 1.8306e-3, -4.6509e-6),
        ASH(2.42380, -2.8063e-4, 0, 1.0926, 1.8896e-3, -3.6817e-6),
        WATER(0.99718, 3.1439e-6, -3.7574e-6, 4.1762, -9.0864e-5, 5.4731e-6),
        /** Water that has not frozen, below 0 °C: its specific heat has a line of its own. */
        COLD_WATER(0.99718, 3.1439e-6, -3.7574e-6, 4.0817, -5.3062e-3, 9.9516e-4),
        ETHANOL(0.789, 0, 0, 2.44, 0, 0);

        private final double[] density;
        private final double[] cp;

        Major(
                final double d0,
                final double d1,
                final double d2,
                final double c0,
                final double c1,
                final double c2) {
            density = new double[] {d0, d1, d2};
            cp = new double[] {c0, c1, c2};
        }

        private static double at(final double[] c, final double temperatureC) {
            return c[0] + temperatureC * (c[1] + temperatureC * c[2]);
        }
    }

    private static Major at(final Major major, final double temperatureC) {
        return major == Major.WATER && temperatureC < 0 ? Major.COLD_WATER : major;
    }

    /** What our lumped components are made of in the published classes; shares from memory. */
    private static final Map<Component, Map<Major, Double>> CLASSES = classes();

    private ChoiOkos1986() {}

    /**
     * Density with all fat melted and no air, g/ml.
     *
     * @param temperatureC −40 to 150 °C
     */
    public static double densityGPerMl(final Composition composition, final double temperatureC) {
        double volumeMlPerG = 0;
        for (final Map.Entry<Component, Double> part : composition.fractions().entrySet()) {
            for (final Map.Entry<Major, Double> share : CLASSES.get(part.getKey()).entrySet()) {
                volumeMlPerG +=
                        part.getValue()
                                * share.getValue()
                                / Major.at(share.getKey().density, temperatureC);
            }
        }
        return 1 / volumeMlPerG;
    }

    /**
     * Specific heat without any melting or setting, J/gK.
     *
     * @param temperatureC −40 to 150 °C
     */
    public static double cpJPerGK(final Composition composition, final double temperatureC) {
        double cp = 0;
        for (final Map.Entry<Component, Double> part : composition.fractions().entrySet()) {
            for (final Map.Entry<Major, Double> share : CLASSES.get(part.getKey()).entrySet()) {
                cp +=
                        part.getValue()
                                * share.getValue()
                                * Major.at(at(share.getKey(), temperatureC).cp, temperatureC);
            }
        }
        return cp;
    }

    private static Map<Component, Map<Major, Double>> classes() {
        final Map<Component, Map<Major, Double>> classes = new EnumMap<>(Component.class);
        for (final Component component : Component.values()) {
            classes.put(component, Map.of(Major.CARBOHYDRATE, 1.0));
        }
        for (final Component component : Component.values()) {
            if (component.isFat()) {
                classes.put(component, Map.of(Major.FAT, 1.0));
            }
        }
        classes.put(Component.WATER, Map.of(Major.WATER, 1.0));
        classes.put(Component.PROTEIN, Map.of(Major.PROTEIN, 1.0));
        classes.put(Component.FIBRE, Map.of(Major.FIBRE, 1.0));
        classes.put(Component.ASH, Map.of(Major.ASH, 1.0));
        classes.put(Component.BOUND_ASH, Map.of(Major.ASH, 1.0));
        classes.put(Component.ETHANOL, Map.of(Major.ETHANOL, 1.0));
        classes.put(
                Component.COCOA_SOLIDS,
                Map.of(
                        Major.PROTEIN, LumpedSolids.COCOA_PROTEIN,
                        Major.FIBRE, LumpedSolids.COCOA_FIBRE,
                        Major.CARBOHYDRATE, LumpedSolids.COCOA_CARBOHYDRATE,
                        Major.ASH, LumpedSolids.COCOA_ASH));
        classes.put(
                Component.MILK_SOLIDS,
                Map.of(
                        Major.PROTEIN,
                        LumpedSolids.MILK_PROTEIN,
                        Major.CARBOHYDRATE,
                        LumpedSolids.MILK_LACTOSE,
                        Major.ASH,
                        LumpedSolids.MILK_ASH));
        return classes;
    }
}
