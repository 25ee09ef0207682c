package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import palintone.core.filling.Style;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.Setting;

/**
 * A recipe as somebody writes it.
 *
 * @param name what it is called
 * @param style what it is meant to be
 * @param operations in order
 * @param note why it was saved
 * @param version of the state that was changed; left out for a new one
 */
public record RecipeDraft(
        @NotNull String name,
        @Nullable Style style,
        @NotNull List<@NotNull @Valid OperationDraft> operations,
        @Nullable String note,
        @Nullable Long version) {

    /** One operation and what goes in by it. */
    public record OperationDraft(
            @NotNull OperationKind kind,
            @Nullable Map<Setting, Double> settings,
            @Nullable List<@NotNull @Valid RecipeLineDraft> lines) {

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
                            .toList());
        }
    }

    /** An amount of an ingredient, by its id. */
    public record RecipeLineDraft(
            @NotNull String ingredient, double amount, @NotNull String unit) {}

    public Style styleOrUsual() {
        return style == null ? Style.SOFT_SHELL : style;
    }
}
