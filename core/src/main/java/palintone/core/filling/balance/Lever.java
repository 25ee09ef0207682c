package palintone.core.filling.balance;

import java.util.ArrayList;
import java.util.List;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;

/**
 * Something a balance may move besides the lines: how far a pot is boiled down, how hot sugar is
 * cooked, how much is taken out of another pot.
 *
 * @param operation its place in the recipe
 * @param of what is moved
 * @param start as its maker has set it; the share that boils away in percent, however it was said
 * @param low the least it may become
 * @param high the most
 * @param scale what counts as one whole change, in its unit
 */
public record Lever(int operation, Of of, double start, double low, double high, double scale) {

    /** How far a cooking may be moved and still be that cooking, K; calibrated here. */
    private static final double SUGAR_MOST_K = 6;

    /**
     * Kelvin of sugar cooking that count as much as changing a line by the whole of itself;
     * calibrated here: two of them are to be preferred to a quarter less of a fruit.
     */
    private static final double SUGAR_SCALE_K = 10;

    /** Cooked hotter than this it is another sweet, °C. */
    private static final double SUGAR_HOTTEST_C = 150;

    /** The most of everything that is boiled away, percent. */
    private static final double AWAY_MOST = 75;

    private static final double AWAY_SCALE = 60;

    /** What can be moved. */
    public enum Of {
        /**
         * Said as what is to be left, moved as the share that boils away: with more in the pot more
         * is left.
         */
        LEFT(OperationSetting.PERCENT, Unit.GRAM),
        AWAY(OperationSetting.PERCENT, Unit.PERCENT),
        SUGAR(OperationSetting.TEMPERATURE_C, Unit.CELSIUS),
        /** Grams out of another pot; no setting. */
        TAKEN(null, Unit.GRAM);

        private final OperationSetting setting;
        private final Unit unit;

        Of(final OperationSetting setting, final Unit unit) {
            this.setting = setting;
            this.unit = unit;
        }

        /** In which it is said. */
        public Unit unit() {
            return unit;
        }
    }

    /**
     * Everything in a recipe that may be moved besides its lines. Heat that makes egg safe and
     * times are none: they are never lowered for a texture.
     *
     * @param cooking whether operations may be moved; what is taken out of a pot is an amount like
     *     any other and always may
     * @param cooked the recipe as it stands
     */
    public static List<Lever> all(
            final List<Operation> operations, final boolean cooking, final Cooked cooked) {
        final List<Lever> levers = new ArrayList<>();
        for (int i = 0; i < operations.size(); i++) {
            final Operation op = operations.get(i);
            if (op.from().filter(from -> !from.isAll()).isPresent()) {
                final double grams = cooked.stages().get(i).takenG();
                levers.add(new Lever(i, Of.TAKEN, grams, 0.05 * grams, 4 * grams, grams));
            }
            if (!cooking) {
                continue;
            }
            if (op.kind() == OperationKind.COOK_SUGAR) {
                final double celsius = op.value(OperationSetting.TEMPERATURE_C);
                levers.add(
                        new Lever(
                                i,
                                Of.SUGAR,
                                celsius,
                                celsius - SUGAR_MOST_K,
                                Math.max(
                                        celsius, Math.min(SUGAR_HOTTEST_C, celsius + SUGAR_MOST_K)),
                                SUGAR_SCALE_K));
            } else if (op.kind() == OperationKind.BOIL_DOWN) {
                levers.add(boiledDown(i, op, cooked));
            }
        }
        return levers;
    }

    private static Lever boiledDown(final int place, final Operation op, final Cooked cooked) {
        final boolean asShare = op.settings().containsKey(OperationSetting.PERCENT);
        final Cooked.Stage stage = cooked.stages().get(place);
        final double away =
                asShare
                        ? op.value(OperationSetting.PERCENT)
                        : 100 * stage.lostG() / (stage.massG() + stage.lostG());
        return new Lever(
                place, asShare ? Of.AWAY : Of.LEFT, away, 0, Math.max(away, AWAY_MOST), AWAY_SCALE);
    }

    /** The operation with this moved, as the solver has it. */
    Operation on(final Operation op, final double value) {
        return of == Of.TAKEN
                ? op.taking(FromPot.some(op.from().orElseThrow().pot(), value))
                : op.with(of.setting, value);
    }

    /** Where it stands after a recipe was cooked, in the unit it is said in. */
    double said(final double value, final Cooked cooked) {
        return of == Of.LEFT ? cooked.stages().get(operation).massG() : value;
    }

    /** The operation with this moved, said as its maker said it. */
    Operation written(final Operation op, final double value, final Cooked cooked) {
        return of == Of.LEFT
                ? op.with(OperationSetting.MASS_G, said(value, cooked))
                : on(op, value);
    }
}
