package palintone.core.filling.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.Component;

/**
 * Putting a filling back on the heat: how far a caramel or a jelly that came out too soft has to be
 * cooked on. Found by cooking the whole recipe anew. A filling with chocolate in it never goes
 * back.
 */
record Recook(List<Operation> operations, Conditions conditions) {

    /** Share of cocoa butter above which heat would ruin the batch; common practice, no source. */
    private static final double CHOCOLATE = 0.04;

    private static final double HOTTEST_C = 150;
    private static final double LEAST_LEFT = 0.5;

    /**
     * @param now the filling as it came out
     * @param firmness wanted, above that of now
     * @return empty where nothing is cooked in it, or no cooking on brings it there
     */
    Optional<Rescue.Remedy> until(final FillingProperties now, final double firmness) {
        if (now.cooked().composition().fraction(Component.COCOA_BUTTER) > CHOCOLATE) {
            return Optional.empty();
        }
        for (int i = operations.size() - 1; i >= 0; i--) {
            final Operation op = operations.get(i);
            if (op.pot() != 0) {
                // What was cooked beside it is part of it now and cannot be cooked on by itself.
                continue;
            }
            if (op.kind() == OperationKind.COOK_SUGAR) {
                final double from = op.value(OperationSetting.TEMPERATURE_C);
                return on(i, OperationSetting.TEMPERATURE_C, from, HOTTEST_C, firmness)
                        .map(
                                to ->
                                        remedy(
                                                to,
                                                "Back on the heat with a spoon of water: cook it to"
                                                        + " {to}, then cool it again. It burns and"
                                                        + " spits: long sleeves.",
                                                Unit.CELSIUS));
            }
            if (op.kind() == OperationKind.BOIL_DOWN) {
                final double from = now.cooked().stages().get(i).massG();
                return on(i, OperationSetting.MASS_G, from, LEAST_LEFT * from, firmness)
                        .map(
                                to ->
                                        remedy(
                                                to,
                                                "Back on the heat: boil it down until {to} are left,"
                                                        + " stirring, then cool it again.",
                                                Unit.GRAM));
            }
        }
        return Optional.empty();
    }

    /** A setting that does it, and the recipe with it. */
    private record Recooked(double setting, FillingProperties after) {}

    private static Rescue.Remedy remedy(final Recooked found, final String words, final Unit unit) {
        return new Rescue.Remedy(
                Sentence.of(words).with("to", found.setting(), unit),
                Optional.empty(),
                0,
                Optional.of(found.after()));
    }

    /** Between what was done and the most that can be done, where it is just firm enough. */
    private Optional<Recooked> on(
            final int place,
            final OperationSetting setting,
            final double from,
            final double most,
            final double firmness) {
        double little = from;
        double far = most;
        Optional<Recooked> best = Optional.empty();
        for (int k = 0; k < 40; k++) {
            final double middle = (little + far) / 2;
            final Optional<FillingProperties> after = with(place, setting, middle);
            if (after.isEmpty() || after.get().value(Quality.FIRMNESS) >= firmness) {
                far = middle;
                if (after.isPresent()) {
                    best = Optional.of(new Recooked(middle, after.get()));
                }
            } else {
                little = middle;
            }
        }
        return best;
    }

    /** Empty where more would boil away than there is. */
    private Optional<FillingProperties> with(
            final int place, final OperationSetting setting, final double value) {
        final List<Operation> others = new ArrayList<>(operations);
        try {
            others.set(place, operations.get(place).with(setting, value));
            return Optional.of(
                    FillingProperties.of(
                            Cooking.cook(others, Cooking.grams(others), conditions.pressureHPa()),
                            conditions));
        } catch (OutOfRangeException e) {
            return Optional.empty();
        }
    }
}
