package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Style;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A recipe as somebody writes it.
 *
 * @param name what it is called
 * @param style what it is meant to be
 * @param operations in order
 * @param pots what its pots are called, in the order of their numbers; left out where there is one
 * @param note why it was saved
 * @param version of the state that was changed; left out for a new one
 */
public record RecipeDraft(
        @NotNull @Longest(120) String name,
        @Nullable Style style,
        @NotNull List<@NotNull @Valid OperationDraft> operations,
        @Nullable List<String> pots,
        @Nullable @Longest(500) String note,
        @Nullable Long version) {

    /**
     * One operation and what goes in by it.
     *
     * @param pot what it is done to, counted from 0; left out, the pot the filling comes out of
     * @param fromPot the pot something is taken out of
     * @param takenG how much of it, g
     * @param takenPercent or which share of what is in it by then, %; all of it where neither is
     *     said
     */
    public record OperationDraft(
            @NotNull OperationKind kind,
            @Nullable Map<OperationSetting, Double> settings,
            @Nullable List<@NotNull @Valid RecipeLineDraft> lines,
            @Nullable @Within(low = 0, high = 5) Integer pot,
            @Nullable @Within(low = 0, high = 5) Integer fromPot,
            @Nullable Double takenG,
            @Nullable Double takenPercent) {

        /**
         * The core's, of the same kind and settings.
         *
         * @throws palintone.core.figure.OutOfRangeException when it cannot be done
         */
        Operation operation(final List<RecipeLine> read, final Map<OperationSetting, Double> set) {
            if (fromPot == null && (takenG != null || takenPercent != null)) {
                throw new OutOfRangeException(
                        "taken",
                        takenG != null ? takenG + " g" : takenPercent + " %",
                        "a pot they are taken out of as well");
            }
            return new Operation(
                    kind,
                    read,
                    set,
                    pot == null ? 0 : pot,
                    fromPot == null
                            ? Optional.empty()
                            : Optional.of(
                                    FromPot.written(
                                            fromPot, optional(takenG), optional(takenPercent))));
        }

        private static OptionalDouble optional(@Nullable final Double value) {
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        /** The same with other lines. */
        OperationDraft weighing(final List<RecipeLineDraft> others) {
            return new OperationDraft(kind, settings, others, pot, fromPot, takenG, takenPercent);
        }

        static OperationDraft of(final Operation operation) {
            return new OperationDraft(
                    operation.kind(),
                    operation.settings(),
                    operation.lines().stream()
                            .map(
                                    l ->
                                            new RecipeLineDraft(
                                                    l.ingredient().id(),
                                                    l.amount(),
                                                    l.unit().symbol()))
                            .toList(),
                    operation.pot() == 0 ? null : operation.pot(),
                    operation.from().map(FromPot::pot).orElse(null),
                    gramsOf(operation.from()),
                    percentOf(operation.from()));
        }
    }

    /** Grams that are taken; null where it is not said in grams. */
    @Nullable
    static Double gramsOf(final Optional<FromPot> from) {
        return from.isEmpty() || from.get().massG().isEmpty()
                ? null
                : from.get().massG().getAsDouble();
    }

    /** The share that is taken, in per cent; null where it is not said as one. */
    @Nullable
    static Double percentOf(final Optional<FromPot> from) {
        return from.isEmpty() || from.get().share().isEmpty()
                ? null
                : from.get().share().getAsDouble() * 100;
    }

    /** An amount of an ingredient, by its id. */
    public record RecipeLineDraft(
            @NotNull @Longest(64) String ingredient,
            @Within(low = 0, above = true, high = 1_000_000, unit = "g") double amount,
            @NotNull String unit) {}

    /** The names of its pots as the books keep them. */
    List<String> potNames() {
        return pots == null
                ? List.of()
                : pots.stream().map(name -> name == null ? "" : name.strip()).toList();
    }

    public Style styleOrUsual() {
        return style == null ? Style.SOFT_SHELL : style;
    }
}
