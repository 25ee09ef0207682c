package palintone.core.heat;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.analysis.solvers.UnivariateSolver;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Require;
import palintone.core.figure.Source;

/**
 * Enthalpy balance of two masses of the same chocolate stirred together, melting included.
 *
 * <p>m·cp·ΔT of both and the heat of fusion of the fat that melts cancel. The solid fat the two
 * bring survives as far as the solid-fat curve allows for the fat of the whole at the end
 * temperature; nothing crystallises anew in the seconds of mixing, and no heat leaves the bowl.
 *
 * @param cpJPerGK specific heat without melting, J/gK
 * @param fatFraction fat in the chocolate, 0 to 1
 * @param fusionJPerGFat heat of fusion of the stable form, J/g fat
 * @param curve what may be solid at a temperature
 */
public record MixingBalance(
        double cpJPerGK, double fatFraction, double fusionJPerGFat, SolidFatCurve curve) {

    public static final Source FUSION_SOURCE =
            Source.remembered("Schlichter-Aronhime & Garti 1988: form V about 137 J/g fat");

    private static final double ACCURACY_K = 1e-10;

    /**
     * Allowed: specific heat above 0 to 5 J/gK; heat of fusion 0 to 300 J/g.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public MixingBalance {
        Require.positive("specific heat", cpJPerGK, 5, "J/gK");
        Require.between("fat fraction", fatFraction, 0, 1, "");
        Require.between("heat of fusion", fusionJPerGFat, 0, 300, "J/g");
    }

    /**
     * Enthalpy against fully melted chocolate at 0 °C, J.
     *
     * @param solidOfFat share of the fat that is solid
     */
    public double enthalpyJ(
            final double massG, final double temperatureC, final double solidOfFat) {
        return massG * (cpJPerGK * temperatureC - fatFraction * fusionJPerGFat * solidOfFat);
    }

    /**
     * What comes of stirring the two together. Allowed: mass of the mixture above 0 to 2000000 g.
     *
     * @throws palintone.core.figure.OutOfRangeException when both are empty
     */
    public ChocolateMass mix(final ChocolateMass bowl, final ChocolateMass added) {
        final double massG =
                Require.positive(
                        "mass of the mixture", bowl.massG() + added.massG(), 2_000_000, "g");
        final double before = enthalpyJ(bowl) + enthalpyJ(added);
        final double solidBrought =
                (bowl.massG() * bowl.solidOfFat() + added.massG() * added.solidOfFat()) / massG;
        // Were all of it to melt, the mixture would end here; were none of it, here.
        final double coldest = before / (massG * cpJPerGK);
        final double warmest = coldest + fatFraction * fusionJPerGFat * solidBrought / cpJPerGK;
        final double end =
                warmest - coldest < ACCURACY_K
                        ? coldest
                        : solve(massG, before, solidBrought, coldest, warmest);
        return new ChocolateMass(massG, end, surviving(solidBrought, end));
    }

    private double solve(
            final double massG,
            final double before,
            final double solidBrought,
            final double coldest,
            final double warmest) {
        final UnivariateSolver brent = new BracketingNthOrderBrentSolver(1e-14, ACCURACY_K, 5);
        return brent.solve(
                200,
                t -> (enthalpyJ(massG, t, surviving(solidBrought, t)) - before) / massG,
                coldest - ACCURACY_K,
                warmest + ACCURACY_K);
    }

    /**
     * How warm the bowl must be so that the mixture ends at a target. Allowed: mass in the bowl
     * above 0 to 1000000 g.
     *
     * @param bowlG mass in the bowl, fully melted, grams
     * @param added what will be stirred in
     * @param targetC end temperature wanted
     * @return bowl temperature, °C; exact, since the melted share is known at the target
     */
    public double bowlTemperatureFor(
            final double bowlG, final ChocolateMass added, final double targetC) {
        Require.positive("mass in the bowl", bowlG, 1_000_000, "g");
        final double massG = bowlG + added.massG();
        final double solidBrought = added.massG() * added.solidOfFat() / massG;
        final double after = enthalpyJ(massG, targetC, surviving(solidBrought, targetC));
        return (after - enthalpyJ(added)) / (bowlG * cpJPerGK);
    }

    /** Solid share of all the fat that is left at a temperature, from what was brought. */
    private double surviving(final double solidBrought, final double temperatureC) {
        return Math.min(solidBrought, curve.solidAt(temperatureC));
    }

    private double enthalpyJ(final ChocolateMass mass) {
        return enthalpyJ(mass.massG(), mass.temperatureC(), mass.solidOfFat());
    }
}
