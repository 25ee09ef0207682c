package palintone.core.heat;

import palintone.core.figure.Require;

/**
 * A flat body that conducts heat into its depth: layers of equal thickness, each of one
 * temperature, heat passing between neighbours by Fourier's law; its far side is insulated. Against
 * the closed forms of Carslaw & Jaeger (Conduction of Heat in Solids, 1959) it is good to a few per
 * cent as long as a layer is thin beside the depth that heat has reached.
 *
 * @param areaM2 through which heat passes
 * @param layerM thickness of a layer, m
 * @param conductivityWPerMK of the body
 * @param heatJPerM3K of the body, density times specific heat
 */
public record Slab(double areaM2, double layerM, double conductivityWPerMK, double heatJPerM3K) {

    /**
     * Allowed: area of the slab above 0 to 100 m²; layer of the slab above 0 to 1 m; conductivity
     * above 0 to 1000 W/mK; heat capacity above 0 to 100000000 J/m³K.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public Slab {
        Require.positive("area of the slab", areaM2, 100, "m²");
        Require.positive("layer of the slab", layerM, 1, "m");
        Require.positive("conductivity", conductivityWPerMK, 1000, "W/mK");
        Require.positive("heat capacity", heatJPerM3K, 1e8, "J/m³K");
    }

    /** What one layer takes up, J/K. */
    public double layerJPerK() {
        return areaM2 * layerM * heatJPerM3K;
    }

    /** Between the middles of two layers, W/K. */
    public double betweenWPerK() {
        return areaM2 * conductivityWPerMK / layerM;
    }

    /**
     * From the middle of its first layer to something that touches it.
     *
     * @param contactWPerK of the contact alone
     * @return W/K of contact and half a layer, one after the other
     */
    public double touchWPerK(final double contactWPerK) {
        return 1 / (1 / contactWPerK + 1 / (2 * betweenWPerK()));
    }

    /**
     * How fast the layers warm.
     *
     * @param celsius temperatures; the layers stand one after the other from {@code first}
     * @param first place of the layer that is touched
     * @param layers how many
     * @param intoFirstW heat that comes in at the touched side
     * @param rates receives K/s at the same places
     */
    public void warming(
            final double[] celsius,
            final int first,
            final int layers,
            final double intoFirstW,
            final double[] rates) {
        double in = intoFirstW;
        for (int i = first; i < first + layers; i++) {
            final double on =
                    i + 1 < first + layers ? betweenWPerK() * (celsius[i] - celsius[i + 1]) : 0;
            rates[i] = (in - on) / layerJPerK();
            in = on;
        }
    }
}
