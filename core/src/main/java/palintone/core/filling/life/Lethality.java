package palintone.core.filling.life;

import java.util.Comparator;
import java.util.List;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked.HeatStep;

/**
 * What a heat step does to Salmonella in egg: log reduction = Σ t/D, D = D60·10^((60 − T)/z).
 *
 * <p>In sugared or salted yolk D60 about 1.5 min and z 5 K, from memory of published ranges (plain
 * yolk is three times quicker); counted from 55 to 75 °C, above which the rate of 75 °C is kept.
 * The comparison step is 63.3 °C for 3.5 min, which the United States ask of sugared yolk (from
 * memory). The local code decides; the thermometer must stand in the coldest place.
 */
public final class Lethality {

    public static final Source SOURCE =
            Source.remembered(
                    "thermal death of Salmonella in sugared yolk, D60 1.5 min, z 5 K; 9 CFR 590.570,"
                            + " 63.3 °C for 3.5 min");

    private static final double D60_S = 90;
    private static final double Z_K = 5;
    private static final double FROM_C = 55;
    private static final double NOT_ABOVE_C = 75;

    /** More than so many decimals nobody has measured: twelve is what canners count to. */
    private static final double MOST = 12;

    /** What the code asks of sugared yolk: this temperature, °C, */
    public static final double STEP_C = 63.3;

    /** for this time, s. */
    public static final double STEP_S = 210;

    private Lethality() {}

    /**
     * Decimal reductions by one temperature, -50 to 250 °C, held for up to 10⁶ s; 0 below where any
     * is counted. Allowed: time 0 to 1000000 s.
     *
     * @throws palintone.core.figure.OutOfRangeException outside these
     */
    public static double reduction(final double celsius, final double seconds) {
        Require.between("temperature", celsius, -50, 250, "°C");
        Require.between("time", seconds, 0, 1e6, "s");
        if (celsius < FROM_C) {
            return 0;
        }
        return seconds / (D60_S * Math.pow(10, (60 - Math.min(NOT_ABOVE_C, celsius)) / Z_K));
    }

    /**
     * Seconds at a temperature for a wanted reduction; the other way round. Allowed: temperature 55
     * to 150 °C.
     *
     * @param reduction decimal, more than 0, up to 20
     * @throws palintone.core.figure.OutOfRangeException outside these, or where it is too cold to
     *     count
     */
    public static double secondsFor(final double celsius, final double reduction) {
        Require.between("temperature", celsius, FROM_C, 150, "°C");
        Require.positive("reduction", reduction, 20, "log");
        return reduction * D60_S * Math.pow(10, (60 - Math.min(NOT_ABOVE_C, celsius)) / Z_K);
    }

    /**
     * What the code's own step reaches, by our arithmetic; the code itself asks for no such number.
     */
    public static double ofTheCode() {
        return reduction(STEP_C, STEP_S);
    }

    /** Decimal reductions of several steps one after the other, °C and seconds each. */
    public static double reduction(final List<HeatStep> steps) {
        return steps.stream().mapToDouble(s -> reduction(s.celsius(), s.seconds())).sum();
    }

    /**
     * Of several eggs the one that has seen least: it decides.
     *
     * @param eggs the heat steps of each, at least one egg
     */
    public static List<HeatStep> least(final List<List<HeatStep>> eggs) {
        return eggs.stream()
                .min(Comparator.comparingDouble(steps -> reduction(steps)))
                .orElseThrow();
    }

    /**
     * The step that does most to the egg.
     *
     * @param steps at least one
     */
    public static HeatStep strongest(final List<HeatStep> steps) {
        return steps.stream()
                .max(Comparator.comparingDouble(s -> reduction(s.celsius(), s.seconds())))
                .orElseThrow();
    }

    /** Decimal reductions that may be said, no more than 12 on the logarithm's scale. */
    public static double said(final List<HeatStep> steps) {
        return Math.min(MOST, reduction(steps));
    }

    /**
     * What became of raw egg, the least heated of it.
     *
     * @param eggs the heat steps of each; none where there is no egg
     */
    public static LifeConditions.Egg egg(final List<List<HeatStep>> eggs) {
        if (eggs.isEmpty()) {
            return LifeConditions.Egg.NONE;
        }
        final double reached = reduction(least(eggs));
        return reached >= ofTheCode()
                ? LifeConditions.Egg.HEATED
                : reached > 0 ? LifeConditions.Egg.SHORT : LifeConditions.Egg.RAW;
    }

    /** Of every heat step since the egg went in. */
    public static Figure figure(final List<HeatStep> steps) {
        final double sum = reduction(steps);
        Basis basis = Basis.of("Σ t/D, D = 90 s·10^((60 − T)/5)");
        for (final HeatStep step : steps) {
            basis =
                    basis.with("held", step.seconds(), Unit.SECOND)
                            .with("at", step.celsius(), Unit.CELSIUS);
        }
        return Figure.of(
                "heat step of the egg",
                Math.min(MOST, sum),
                Unit.LOG10,
                basis.with("by the same arithmetic, 63.3 °C for 3.5 min", ofTheCode(), Unit.LOG10)
                        .from(SOURCE)
                        .validFor(
                                "55 to 75 °C in the coldest place; hotter counts as 75 °C, and more"
                                        + " than 12 decimals as 12",
                                steps.stream()
                                        .allMatch(
                                                s ->
                                                        s.celsius() >= FROM_C
                                                                && s.celsius() <= NOT_ABOVE_C)));
    }
}
