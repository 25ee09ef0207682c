package palintone.core.filling.size;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.substance.ChoiOkos1986;

/**
 * A recipe made bigger or smaller.
 *
 * @param factor on every amount
 * @param operations with the new amounts; what is boiled down to a mass goes along
 * @param yieldG what comes out
 * @param rounds how many times it has to be made in the vessel at hand
 * @param says what to watch
 */
public record Scaling(
        double factor, List<Operation> operations, double yieldG, int rounds, List<Sentence> says) {

    /** How full a vessel may be; common practice, no source. */
    private static final double BLENDER_FULL = 0.6;

    private static final double BLENDER_LEAST = 0.15;
    private static final double BOILING_PAN_FULL = 0.5;
    private static final double CARAMEL_PAN_FULL = 0.33;

    /** Bigger than this and it is a typing error. */
    private static final double MOST = 1000;

    /**
     * Where it is made.
     *
     * @param vesselMl what the blender or pan holds, 0 where it does not matter
     * @param pressureHPa of the air
     */
    public record Kitchen(double vesselMl, double pressureHPa) {

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
        final double vesselMl = kitchen.vesselMl();
        return new Scaling(
                factor, scaled, cooked.yieldG(), rounds(cooked, vesselMl), says(cooked, vesselMl));
    }

    /** To what comes out of the pot. */
    public static Scaling toYield(
            final List<Operation> operations, final double yieldG, final Kitchen kitchen) {
        Require.positive("wanted", yieldG, 1_000_000, "g");
        return by(operations, yieldG / kitchen.cook(operations).yieldG(), kitchen);
    }

    /**
     * To so many pieces.
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

    /** To the amount of one line that is at hand. */
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

    private static double full(final Cooked cooked) {
        double full = 0.9;
        for (final Cooked.Stage stage : cooked.stages()) {
            final OperationKind kind = stage.kind();
            if (kind == OperationKind.COOK_SUGAR || kind == OperationKind.CARAMELISE) {
                full = Math.min(full, CARAMEL_PAN_FULL);
            } else if (kind == OperationKind.BOIL_DOWN || kind == OperationKind.COOK_FRUIT) {
                full = Math.min(full, BOILING_PAN_FULL);
            } else if (kind == OperationKind.BLEND) {
                full = Math.min(full, BLENDER_FULL);
            }
        }
        return full;
    }

    private static double volumeMl(final Cooked cooked) {
        double most = 0;
        for (final Cooked.Stage stage : cooked.stages()) {
            most = Math.max(most, stage.massG());
        }
        return most / ChoiOkos1986.densityGPerMl(cooked.composition(), 30);
    }

    private static int rounds(final Cooked cooked, final double vesselMl) {
        if (vesselMl <= 0) {
            return 1;
        }
        return (int) Math.max(1, Math.ceil(volumeMl(cooked) / (vesselMl * full(cooked)) - 1e-9));
    }

    private static List<Sentence> says(final Cooked cooked, final double vesselMl) {
        final List<Sentence> words = new ArrayList<>();
        if (vesselMl <= 0) {
            return words;
        }
        final double ml = volumeMl(cooked);
        final int rounds = rounds(cooked, vesselMl);
        if (rounds > 1) {
            words.add(
                    Sentence.of(
                                    "Too much for the vessel at once: it may be {full} full. Make it in"
                                            + " {rounds} rounds of {each}.")
                            .with("full", 100 * full(cooked), Unit.PERCENT)
                            .with("rounds", rounds, Unit.ONE)
                            .with("each", cooked.weighedG() / rounds, Unit.GRAM));
        }
        if (cooked.history().blended() && ml < BLENDER_LEAST * vesselMl) {
            words.add(
                    Sentence.of(
                                    "Too little for this blender: it wants at least {least}; a narrow"
                                            + " beaker is better.")
                            .with("least", BLENDER_LEAST * vesselMl, Unit.MILLILITRE));
        }
        return words;
    }
}
