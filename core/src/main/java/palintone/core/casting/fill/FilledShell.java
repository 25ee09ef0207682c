package palintone.core.casting.fill;

import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.mould.Cavity;

/**
 * What the scale says of a piece weighed shelled, filled and capped: nothing is assumed of its
 * filling but that it lies between shell and cap.
 *
 * @param shellMm of an even shell of that weight
 * @param capMm thick
 * @param fillMl room between them
 * @param fillGPerMl of the filling as it lies there, air in it and all
 */
public record FilledShell(double shellMm, double capMm, double fillMl, double fillGPerMl) {

    private static final double NEAR_MM = 1e-6;
    private static final double LIGHTEST_G_PER_ML = 0.2;
    private static final double HEAVIEST_G_PER_ML = 2;

    /**
     * Allowed: one filling above 0 to 50000 g; one cap above 0 to 50000 g.
     *
     * @param cavity of the mould
     * @param shellGPerMl of the couverture
     * @param capGPerMl of the cap's
     * @param shellG one shell, above 0
     * @param fillG one filling, above 0
     * @param capG one cap, scraped flush with the rim, above 0
     * @throws OutOfRangeException where they cannot be in this cavity
     */
    public static FilledShell of(
            final Cavity cavity,
            final double shellGPerMl,
            final double capGPerMl,
            final double shellG,
            final double fillG,
            final double capG) {
        Require.positive("one filling", fillG, 50_000, "g");
        Require.positive("one cap", capG, 50_000, "g");
        final double shellMm = shellMm(cavity, shellG / shellGPerMl);
        final Cavity hollow = cavity.inset(shellMm);
        final double capMl = capG / capGPerMl;
        Require.between("one cap", capG, 0, 0.9 * hollow.volumeMl() * capGPerMl, "g");
        double low = 0;
        double high = hollow.depthMm();
        while (high - low > NEAR_MM) {
            final double middle = (low + high) / 2;
            if (hollow.volumeToMl(middle) < capMl) {
                low = middle;
            } else {
                high = middle;
            }
        }
        final double fillMl = hollow.volumeMl() - capMl;
        Require.between(
                "one filling", fillG, LIGHTEST_G_PER_ML * fillMl, HEAVIEST_G_PER_ML * fillMl, "g");
        return new FilledShell(shellMm, low, fillMl, fillG / fillMl);
    }

    /**
     * How thick an even shell of so much chocolate is.
     *
     * @param shellMl of one cavity
     * @return mm
     * @throws OutOfRangeException where it is too little to measure, or fills the cavity
     */
    public static double shellMm(final Cavity cavity, final double shellMl) {
        final double brimMl = cavity.volumeMl();
        double low = Double.NaN;
        double high = Double.NaN;
        // What a cavity bears differs by its shape: the thinnest and the thickest are looked for.
        for (double mm = 0.2; mm <= 20; mm += 0.1) {
            try {
                final double ml = brimMl - cavity.inset(mm).volumeMl();
                if (ml <= shellMl) {
                    low = mm;
                } else {
                    high = mm;
                    break;
                }
            } catch (final OutOfRangeException full) {
                break;
            }
        }
        if (Double.isNaN(low) || Double.isNaN(high)) {
            throw new OutOfRangeException(
                    "one shell",
                    Math.round(shellMl * 100) / 100.0 + " ml",
                    "what leaves it hollow");
        }
        while (high - low > NEAR_MM) {
            final double middle = (low + high) / 2;
            if (brimMl - cavity.inset(middle).volumeMl() <= shellMl) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
