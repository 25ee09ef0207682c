package palintone.core.filling.mend;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.emulsion.Emulsion;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.sugar.Graining;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;
import palintone.core.substance.KitchenUnit;

/**
 * Why a filling has gone wrong, by its own numbers, and how many grams of what mend it.
 *
 * @param fault what was seen
 * @param causes likeliest first
 * @param remedies what to do, with grams and the figures that follow
 */
public record Rescue(Fault fault, List<Cause> causes, List<Remedy> remedies) {

    private static final double MELTED_G_PER_ML = 1.1;

    /**
     * A cause and what speaks for or against it.
     *
     * @param likely 0 to 1, how strongly the numbers speak for it
     */
    public record Cause(Sentence words, double likely) {}

    /**
     * Something to do.
     *
     * @param words what and how
     * @param ingredient what goes in, empty where nothing does
     * @param grams of it, for the whole batch
     * @param after the filling with it in
     */
    public record Remedy(
            Sentence words,
            Optional<String> ingredient,
            double grams,
            Optional<FillingProperties> after) {}

    /**
     * @param fault what was seen
     * @param operations the recipe
     * @param water plain water of the larder
     */
    public static Rescue of(
            final Fault fault,
            final List<Operation> operations,
            final Ingredient water,
            final Conditions conditions) {
        final FillingProperties now = appraise(operations, conditions);
        final List<Cause> causes = new ArrayList<>(Causes.of(fault, now));
        causes.sort(Comparator.comparingDouble(Cause::likely).reversed());
        return new Rescue(
                fault, List.copyOf(causes), remedies(fault, operations, water, now, conditions));
    }

    private static FillingProperties appraise(
            final List<Operation> operations, final Conditions conditions) {
        return FillingProperties.of(
                Cooking.cook(operations, Cooking.grams(operations), conditions.pressureHPa()),
                conditions);
    }

    /** A batch that lies shallow is not sheared: it wants a smaller bowl before anything else. */
    private static Optional<Remedy> narrower(final FillingProperties now) {
        final double width = now.cooked().history().emulsifiedWidthMm();
        final double mm3 = now.cooked().yieldG() / MELTED_G_PER_ML * 1000;
        // Deep as a share of wide: π·w²/4 · share·w = volume.
        final double wanted = Math.cbrt(4 * mm3 / (Math.PI * Emulsion.DEEP_ENOUGH));
        return width > wanted
                ? Optional.of(
                        new Remedy(
                                Sentence.of(
                                                "First into a smaller bowl, {width} wide or less: there"
                                                        + " the batch lies deep enough to be sheared."
                                                        + " Warm it to 35 °C and blend.")
                                        .with("width", wanted, Unit.MILLIMETRE),
                                Optional.empty(),
                                0,
                                Optional.empty()))
                : Optional.empty();
    }

    private static List<Remedy> remedies(
            final Fault fault,
            final List<Operation> operations,
            final Ingredient water,
            final FillingProperties now,
            final Conditions conditions) {
        final List<Remedy> remedies = new ArrayList<>();
        final Adding adding = new Adding(operations, now.cooked(), conditions);
        switch (fault) {
            case SPLIT -> {
                narrower(now).ifPresent(remedies::add);
                adding.until(water, a -> a.value(Quality.OIL_SHARE), Emulsion.RISK_FROM - 0.01)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Warm to 35 °C, work in {grams} of water a"
                                                                + " spoon at a time from the middle,"
                                                                + " in a narrow vessel; blend.")));
                adding.until(
                                dairy(operations),
                                a -> a.value(Quality.OIL_SHARE),
                                Emulsion.RISK_FROM - 0.01)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Or {grams} of it, cold: it brings fat too, so"
                                                                + " more is needed.")));
                remedies.add(
                        plain("Too cold splits as well: bring it to 35 to 40 °C and blend first."));
            }
            case TOO_SOFT -> {
                final double target = now.value(Quality.FIRMNESS) + 1;
                new Recook(operations, conditions).until(now, target).ifPresent(remedies::add);
                adding.until(chocolate(operations), a -> a.value(Quality.FIRMNESS), target)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Melt {grams} more of it, not above 40 °C,"
                                                                + " and emulsify it in.")));
                remedies.add(plain("If it has not rested a day, wait: fat is still setting."));
            }
            case TOO_HARD -> {
                final double target = Math.max(0.2, now.value(Quality.FIRMNESS) - 1);
                adding.until(dairy(operations), a -> a.value(Quality.FIRMNESS), target)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Warm the batch to 35 °C and emulsify {grams}"
                                                                + " of it in, boiled and cooled.")));
                adding.until(water, a -> a.value(Quality.FIRMNESS), target)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Or {grams} of boiled water; it keeps less"
                                                                + " long then.")));
            }
            case GRAINY -> {
                if (now.texture().cookedSugar()) {
                    remedies.add(dissolvedAgain(adding, operations));
                }
                adding.until(water, a -> a.value(Quality.CRYSTAL_SUGAR), 0.5)
                        .ifPresent(
                                r ->
                                        remedies.add(
                                                r.saying(
                                                        "Warm to 60 °C with {grams} of water until"
                                                                + " smooth: then all its sugar is"
                                                                + " dissolved.")));
                remedies.add(
                        plain(
                                "Fat that set in grains: melt it at 45 °C, cool it stirred, pipe at 28"
                                        + " °C. Next time, part of the sugar as syrup or invert."));
            }
            case SCORCHED ->
                    remedies.add(
                            plain(
                                    "What is scorched stays so. Do not scrape the floor; throw it away"
                                            + " and begin again with a thicker pan and less heat."));
            case LUMPY ->
                    remedies.add(
                            plain(
                                    "Warm to 40 °C and blend. What is still lumpy is cooked egg, skin"
                                            + " or unmelted chocolate: sieve it."));
            default -> throw new OutOfRangeException("fault", fault.name(), "a known fault");
        }
        return List.copyOf(remedies);
    }

    /** Cooked sugar that has grained: other sugars beside sucrose keep it clear the next time. */
    private static Remedy dissolvedAgain(final Adding adding, final List<Operation> operations) {
        return adding.until(
                        syrup(operations),
                        a -> Graining.of(a.cooked()).otherShare(),
                        Graining.CLEAR_FROM)
                .map(
                        r ->
                                r.saying(
                                        "Dissolve it again with a little water and {grams} more of"
                                                + " it, wash the sides down, and cook it back to the"
                                                + " same reading without stirring."))
                .orElseGet(
                        () ->
                                new Remedy(
                                        Sentence.of(
                                                        "Dissolve it again with water, wash the sides"
                                                                + " down, cook it back without"
                                                                + " stirring. {share} of its sugars as"
                                                                + " glucose syrup or invert keep it"
                                                                + " clear.")
                                                .with(
                                                        "share",
                                                        100 * Graining.CLEAR_FROM,
                                                        Unit.PERCENT),
                                        Optional.empty(),
                                        0,
                                        Optional.empty()));
    }

    private static Remedy plain(final String words) {
        return new Remedy(Sentence.of(words), Optional.empty(), 0, Optional.empty());
    }

    private static Ingredient dairy(final List<Operation> operations) {
        return first(
                operations,
                i ->
                        i.composition().fraction(Component.MILK_FAT) > 0.02
                                && i.composition().fraction(Component.WATER) > 0.4);
    }

    private static Ingredient syrup(final List<Operation> operations) {
        return first(
                operations,
                i ->
                        i.composition().fraction(Component.WATER) > 0.1
                                && i.composition().fraction(Component.HIGHER_SACCHARIDES)
                                                + i.composition().fraction(Component.FRUCTOSE)
                                        > 0.2);
    }

    private static Ingredient chocolate(final List<Operation> operations) {
        return first(operations, i -> i.composition().fraction(Component.COCOA_BUTTER) > 0.15);
    }

    /** The first line that is such a thing, or null where there is none. */
    private static Ingredient first(
            final List<Operation> operations, final Predicate<Ingredient> such) {
        return operations.stream()
                .flatMap(op -> op.lines().stream())
                .map(RecipeLine::ingredient)
                .filter(such)
                .findFirst()
                .orElse(null);
    }

    /** Finds how much of something brings a quality to a value, cooking the whole recipe anew. */
    private record Adding(List<Operation> operations, Cooked now, Conditions conditions) {

        /** What was found. */
        private record Rescued(Ingredient ingredient, double grams, FillingProperties after) {

            Remedy saying(final String words) {
                return new Remedy(
                        Sentence.of(ingredient.name() + ": " + words)
                                .with("grams", grams, Unit.GRAM),
                        Optional.of(ingredient.name()),
                        grams,
                        Optional.of(after));
            }
        }

        Optional<Rescued> until(
                final Ingredient ingredient,
                final ToDoubleFunction<FillingProperties> quality,
                final double target) {
            if (ingredient == null) {
                return Optional.empty();
            }
            final double most = now.yieldG();
            final double start = quality.applyAsDouble(FillingProperties.of(now, conditions));
            final double end = quality.applyAsDouble(with(ingredient, most));
            if ((start - target) * (end - target) > 0) {
                return Optional.empty();
            }
            double low = 0;
            double high = most;
            for (int k = 0; k < 40; k++) {
                final double grams = (low + high) / 2;
                final double value = quality.applyAsDouble(with(ingredient, grams));
                if ((value - target) * (start - target) > 0) {
                    low = grams;
                } else {
                    high = grams;
                }
            }
            return high < 0.05
                    ? Optional.empty()
                    : Optional.of(new Rescued(ingredient, high, with(ingredient, high)));
        }

        private FillingProperties with(final Ingredient ingredient, final double grams) {
            final List<Operation> more = new ArrayList<>(operations);
            more.add(
                    Operation.of(
                            OperationKind.ADD,
                            List.of(
                                    new RecipeLine(
                                            ingredient, Math.max(1e-6, grams), KitchenUnit.GRAM))));
            return appraise(more, conditions);
        }
    }
}
