package palintone.core.temper;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import palintone.core.fat.SolidFatCurve;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;
import palintone.core.heat.ChocolateMass;
import palintone.core.heat.MixingBalance;

/**
 * How much seed, and how warm the bowl must be when it goes in.
 *
 * @param meltG what is melted
 * @param seedG ready-tempered pieces to stir in
 * @param bowlTemperatureC when the seed goes in, with the band in which it neither melts away nor
 *     leaves lumps
 * @param landingC where the bowl ends
 * @param seedLeft share of all the fat that is still solid, per cent: the crystals that do the work
 */
public record SeedPlan(
        Figure meltG, Figure seedG, Figure bowlTemperatureC, Figure landingC, Figure seedLeft) {

    /** Solid share of the fat aimed at: enough crystals, still fluid. Ours, calibrated by hand. */
    private static final double LANDING_SOLID = 0.05;

    /** With little seed the bowl lands where this many times as much could stay solid. */
    private static final double SAFETY = 1.5;

    /** Above these shares the bowl is thick, and then lumpy. */
    private static final double THICK_SOLID = 0.10;

    private static final double LUMPY_SOLID = 0.15;

    /** Fat crystals a freshly seeded bowl should hold, per cent of its fat. */
    private static final Band ENOUGH_SEED_PERCENT =
            new Band(0.3, 0.5, THICK_SOLID * 100, LUMPY_SOLID * 100);

    /** No couverture is melted hotter than this. */
    private static final double HOTTEST_BOWL_C = 60;

    private static final double LEAST_SHARE = 0.005;
    private static final double MOST_SHARE = 0.6;

    private static final String BALANCE =
            "m·cp·ΔT of bowl and seed, and the heat of the fat that melts, add up to nothing";

    /**
     * Solves for the bowl temperature, the share of seed given. Allowed: mass to temper above 0 to
     * 1000000 g.
     *
     * @param couverture what is tempered; the seed is the same
     * @param work the working window
     * @param totalG bowl and seed together, grams
     * @param share of the whole that is seed, 0.005 to 0.6
     * @param seedTemperatureC of the seed, 5 to 27 °C
     */
    public static SeedPlan forShare(
            final Couverture couverture,
            final Band work,
            final double totalG,
            final double share,
            final double seedTemperatureC) {
        Require.positive("mass to temper", totalG, 1_000_000, "g");
        Require.between("share of seed", share * 100, LEAST_SHARE * 100, MOST_SHARE * 100, "%");
        final MixingBalance mixing = couverture.mixing();
        final ChocolateMass seed = seed(mixing, totalG * share, seedTemperatureC);
        final double meltG = totalG - seed.massG();
        final double brought = share * seed.solidOfFat();
        final SolidFatCurve curve = mixing.curve();
        final double landing = curve.temperatureFor(Math.min(LANDING_SOLID, SAFETY * brought));
        final double thick = brought > THICK_SOLID ? curve.temperatureFor(THICK_SOLID) : work.low();
        final double lumpy =
                brought > LUMPY_SOLID ? curve.temperatureFor(LUMPY_SOLID) : work.low() - 1;
        final double bowlC = mixing.bowlTemperatureFor(meltG, seed, landing);
        final Band bowlBand =
                new Band(
                        mixing.bowlTemperatureFor(meltG, seed, Math.min(lumpy, thick)),
                        mixing.bowlTemperatureFor(meltG, seed, thick),
                        bowlC,
                        mixing.bowlTemperatureFor(meltG, seed, curve.clearPointC()));
        return describe(mixing, meltG, seed, bowlC, bowlBand);
    }

    /**
     * Solves for the seed, the bowl temperature given. Allowed: mass melted above 0 to 1000000 g.
     *
     * @param meltG in the bowl, fully melted, grams
     * @param bowlTemperatureC of the bowl; what some 4 to 60 % of seed can cool, up to 60 °C
     * @param seedTemperatureC of the seed, 5 to 27 °C
     * @throws palintone.core.figure.OutOfRangeException when the bowl is too cold or too hot for
     *     that
     */
    public static SeedPlan forBowl(
            final Couverture couverture,
            final Band work,
            final double meltG,
            final double bowlTemperatureC,
            final double seedTemperatureC) {
        Require.positive("mass melted", meltG, 1_000_000, "g");
        // With less seed than this the landing itself moves; more seed then cools a hotter bowl.
        final double least =
                LANDING_SOLID
                        / SAFETY
                        / seed(couverture.mixing(), 1, seedTemperatureC).solidOfFat();
        final DoubleUnaryOperator bowlFor =
                share ->
                        forShare(couverture, work, meltG / (1 - share), share, seedTemperatureC)
                                .bowlTemperatureC()
                                .value();
        Require.between(
                "bowl temperature",
                bowlTemperatureC,
                tenth(bowlFor.applyAsDouble(least) + 0.05),
                Math.min(HOTTEST_BOWL_C, tenth(bowlFor.applyAsDouble(MOST_SHARE) - 0.05)),
                "°C");
        final double share =
                new BracketingNthOrderBrentSolver(1e-12, 1e-9, 5)
                        .solve(
                                100,
                                x -> bowlFor.applyAsDouble(x) - bowlTemperatureC,
                                least,
                                MOST_SHARE);
        return forShare(couverture, work, meltG / (1 - share), share, seedTemperatureC);
    }

    private static double tenth(final double value) {
        return Math.round(value * 10) / 10.0;
    }

    /**
     * What happens if: these grams of seed into this bowl. Allowed: mass melted above 0 to 1000000
     * g; seed above 0 to 1000000 g; bowl temperature 15 to 60 °C.
     *
     * @param seedG grams of seed, above 0
     */
    public static SeedPlan outcome(
            final Couverture couverture,
            final double meltG,
            final double bowlTemperatureC,
            final double seedG,
            final double seedTemperatureC) {
        Require.positive("mass melted", meltG, 1_000_000, "g");
        Require.positive("seed", seedG, 1_000_000, "g");
        Require.between("bowl temperature", bowlTemperatureC, 15, HOTTEST_BOWL_C, "°C");
        final MixingBalance mixing = couverture.mixing();
        final Band exact =
                new Band(bowlTemperatureC, bowlTemperatureC, bowlTemperatureC, bowlTemperatureC);
        return describe(
                mixing, meltG, seed(mixing, seedG, seedTemperatureC), bowlTemperatureC, exact);
    }

    /** Ready-tempered seed holds as much solid fat as its temperature allows. */
    private static ChocolateMass seed(
            final MixingBalance mixing, final double seedG, final double seedTemperatureC) {
        Require.between("seed temperature", seedTemperatureC, 5, 27, "°C");
        return new ChocolateMass(seedG, seedTemperatureC, mixing.curve().solidAt(seedTemperatureC));
    }

    private static SeedPlan describe(
            final MixingBalance mixing,
            final double meltG,
            final ChocolateMass seed,
            final double bowlC,
            final Band bowlBand) {
        final ChocolateMass end = mixing.mix(new ChocolateMass(meltG, bowlC, 0), seed);
        final Basis balance =
                Basis.of(BALANCE)
                        .with("bowl", meltG, Unit.GRAM)
                        .with("bowl temperature", bowlC, Unit.CELSIUS)
                        .with("seed", seed.massG(), Unit.GRAM)
                        .with("seed temperature", seed.temperatureC(), Unit.CELSIUS)
                        .with("cp (J/gK)", mixing.cpJPerGK(), Unit.ONE)
                        .with("fat", mixing.fatFraction() * 100, Unit.PERCENT)
                        .with("heat of fusion (J/g fat)", mixing.fusionJPerGFat(), Unit.ONE)
                        .with("solid fat in the seed", seed.solidOfFat() * 100, Unit.PERCENT)
                        .from(MixingBalance.FUSION_SOURCE)
                        .from(SolidFatCurve.SOURCE)
                        .validFor("bowl fully melted, seed of the same couverture in temper", true);
        final Basis split = Basis.of("whole = melted + seed").from(TemperTargets.SOURCE);
        return new SeedPlan(
                Figure.of("couverture to melt", meltG, Unit.GRAM, split),
                Figure.of("seed", seed.massG(), Unit.GRAM, balance),
                Figure.of("bowl temperature for the seed", bowlC, Unit.CELSIUS, balance)
                        .within(bowlBand),
                Figure.of("bowl after the seed", end.temperatureC(), Unit.CELSIUS, balance),
                Figure.of("seed left", end.solidOfFat() * 100, Unit.PERCENT, balance)
                        .within(ENOUGH_SEED_PERCENT));
    }
}
