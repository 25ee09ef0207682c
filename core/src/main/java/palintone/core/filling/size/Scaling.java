package palintone.core.filling.size;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;

/**
 * A recipe made bigger or smaller.
 *
 * @param factor on every amount
 * @param operations with the new amounts; what is boiled down to a mass goes along
 * @param yieldG what comes out
 * @param rounds how many times it has to be made in the vessels at hand
 * @param says what to watch
 */
public record Scaling(
        double factor, List<Operation> operations, double yieldG, int rounds, List<Sentence> says) {

    /** Bigger than this and it is a typing error. */
    private static final double MOST = 1000;

    /**
     * Where it is made.
     *
     * @param vesselsMl what each vessel holds; those that do not matter are left out
     * @param pressureHPa of the air
     */
    public record Kitchen(Map<RecipeVessel, Double> vesselsMl, double pressureHPa) {

        /**
         * @throws OutOfRangeException when a vessel holds next to nothing or a cistern
         */
        public Kitchen {
            final Map<RecipeVessel, Double> checked = new EnumMap<>(RecipeVessel.class);
            vesselsMl.forEach(
                    (vessel, ml) ->
                            checked.put(
                                    vessel,
                                    Require.between(
                                            vessel.name().toLowerCase(Locale.ROOT) + " holds",
                                            ml,
                                            20,
                                            500_000,
                                            "ml")));
            vesselsMl = Collections.unmodifiableMap(checked);
        }

        Cooked cook(final List<Operation> operations) {
            return Cooking.cook(operations, Cooking.grams(operations), pressureHPa);
        }
    }

    /** By a factor. */
    public static Scaling by(
            final List<Operation> operations, final double factor, final Kitchen kitchen) {
        Require.between("factor", factor, 1 / MOST, MOST, "");
        final List<Operation> scaled = operations.stream().map(op -> op.times(factor)).toList();
        final Cooked cooked = kitchen.cook(scaled);
        return new Scaling(
                factor, scaled, cooked.yieldG(), rounds(cooked, kitchen), says(cooked, kitchen));
    }

    /** To what comes out of the pot. Allowed: wanted above 0 to 1000000 g. */
    public static Scaling toYield(
            final List<Operation> operations, final double yieldG, final Kitchen kitchen) {
        Require.positive("wanted", yieldG, 1_000_000, "g");
        return by(operations, yieldG / kitchen.cook(operations).yieldG(), kitchen);
    }

    /**
     * To so many pieces. Allowed: filling in one piece above 0 to 10000 g; pieces 1 to 1000000;
     * filling surplus 0 to 200 %.
     *
     * @param eachG filling in one of them, g
     * @param pieces how many
     * @param surplus for bag, bowl and taste, as a share of what the pieces hold
     */
    public static Scaling toPieces(
            final List<Operation> operations,
            final double eachG,
            final int pieces,
            final double surplus,
            final Kitchen kitchen) {
        Require.positive("filling in one piece", eachG, 10_000, "g");
        Require.between("pieces", pieces, 1, 1_000_000, "");
        Require.between("filling surplus", surplus * 100, 0, 200, "%");
        final Scaling scaling = toYield(operations, eachG * pieces * (1 + surplus), kitchen);
        final List<Sentence> says = new ArrayList<>();
        says.add(
                Sentence.of(
                                "{pieces} hold {held}; {surplus} more for bag, bowl and taste"
                                        + " (filling surplus, House rules).")
                        .with("pieces", pieces, Unit.PIECE)
                        .with("held", eachG * pieces, Unit.GRAM)
                        .with("surplus", surplus * 100, Unit.PERCENT));
        says.addAll(scaling.says());
        return new Scaling(
                scaling.factor(), scaling.operations(), scaling.yieldG(), scaling.rounds(), says);
    }

    /** To the amount of one line that is at hand. Allowed: at hand above 0 to 1000000 g. */
    public static Scaling toLine(
            final List<Operation> operations,
            final int line,
            final double grams,
            final Kitchen kitchen) {
        Require.positive("at hand", grams, 1_000_000, "g");
        final double[] now = Cooking.grams(operations);
        if (line < 0 || line >= now.length) {
            throw new OutOfRangeException("line", String.valueOf(line + 1), "1 to " + now.length);
        }
        return by(operations, grams / now[line], kitchen);
    }

    private static int rounds(final Cooked cooked, final Kitchen kitchen) {
        double most = 1;
        for (final Map.Entry<RecipeVessel, Double> vessel : kitchen.vesselsMl().entrySet()) {
            most =
                    Math.max(
                            most,
                            vessel.getKey()
                                    .fill(cooked, vessel.getValue())
                                    .map(RecipeVessel.Fill::fullest)
                                    .orElse(0.0));
        }
        return (int) Math.ceil(most - 1e-9);
    }

    private static List<Sentence> says(final Cooked cooked, final Kitchen kitchen) {
        final List<Sentence> words = new ArrayList<>();
        kitchen.vesselsMl()
                .forEach(
                        (vessel, ml) ->
                                vessel.fill(cooked, ml)
                                        .ifPresent(fill -> says(words, cooked, vessel, ml, fill)));
        return words;
    }

    private static void says(
            final List<Sentence> words,
            final Cooked cooked,
            final RecipeVessel vessel,
            final double ml,
            final RecipeVessel.Fill fill) {
        if (fill.fullest() > 1 + 1e-9) {
            final int rounds = (int) Math.ceil(fill.fullest() - 1e-9);
            words.add(vessel.tooMuch(fill.mayBe(), rounds, cooked.weighedG() / rounds));
        }
        if (fill.lowest() < 1) {
            words.add(vessel.tooLittle(ml, cooked.yieldG() / fill.lowest()));
        }
    }
}
