package palintone.core.filling.water;

import palintone.core.figure.Source;

/**
 * What water can dissolve of each sugar, alone and beside the others.
 *
 * <p>Sucrose after Vavrinecz (1962): 64.447 + 0.08222·T + 1.6169e-3·T² − 1.558e-6·T³ − 4.63e-8·T⁴
 * per cent by mass, 0 to 100 °C (from memory; 2.00 g/g at 20 °C). Lactose 0.12 g/g at 0 °C, 0.19 at
 * 20, 0.33 at 40 (from memory), glucose 0.91 and sorbitol 2.3 g/g at 20 °C (from memory). Beside
 * other dissolved sugars each dissolves less: by exp(−0.2·g/g) of the others, calibrated here to
 * sucrose and invert sugar together reaching about 75 % at 20 °C (from memory). The others are
 * mostly syrup solids and invert, which do not crystallise at the amounts of a filling.
 */
public final class Solubility {

    public static final Source SOURCE =
            new Source(
                    Source.SourceKind.CALIBRATED,
                    "solubility: sucrose Vavrinecz 1962; lactose, glucose, sorbitol from tables, less"
                            + " beside each other (fitted to sucrose with invert sugar, 75 % at 20 °C)",
                    true);

    private static final double BESIDE = 0.2;
    private static final Solute[] CRYSTALLISING = {
        Solute.LACTOSE, Solute.SUCROSE, Solute.GLUCOSE, Solute.SORBITOL
    };

    private Solubility() {}

    /**
     * Alone in water, g per g.
     *
     * @param celsius −20 to 100 °C
     */
    public static double alone(final Solute solute, final double celsius) {
        final double t = Math.max(0, Math.min(100, celsius));
        return switch (solute) {
            case SUCROSE -> {
                final double percent =
                        64.447 + t * (0.08222 + t * (1.6169e-3 - t * (1.558e-6 + 4.63e-8 * t)));
                yield percent / (100 - percent);
            }
            case LACTOSE -> 0.19 * Math.exp(0.0255 * (t - 20));
            case GLUCOSE -> 0.91 * Math.exp(0.0225 * (t - 20));
            case SORBITOL -> 2.3 * Math.exp(0.016 * (t - 20));
            default -> Double.POSITIVE_INFINITY;
        };
    }

    /**
     * Takes out what cannot stay dissolved.
     *
     * @param dissolved grams by ordinal of the solute; changed in place
     * @return grams that crystallise
     */
    static double crystallise(final double[] dissolved, final double waterG, final double celsius) {
        final double[] stated = dissolved.clone();
        // Each limit depends on the others' dissolved part: a few rounds settle it.
        for (int round = 0; round < 6; round++) {
            for (final Solute solute : CRYSTALLISING) {
                final int i = solute.ordinal();
                if (stated[i] <= 0) {
                    continue;
                }
                double others = -dissolved[i];
                for (final double grams : dissolved) {
                    others += grams;
                }
                final double limit =
                        alone(solute, celsius) * waterG * Math.exp(-BESIDE * others / waterG);
                dissolved[i] = Math.min(stated[i], limit);
            }
        }
        double out = 0;
        for (int i = 0; i < stated.length; i++) {
            out += stated[i] - dissolved[i];
        }
        return out;
    }
}
