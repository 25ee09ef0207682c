package palintone.server.filling;

import jakarta.annotation.Nullable;
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
 * @param version of the state that was changed; 0 for a new one
 */
public record RecipeDraft(
        String name,
        @Nullable Style style,
        List<OperationDraft> operations,
        @Nullable String note,
        long version) {

    /** One operation and what goes in by it. */
    public record OperationDraft(
            OperationKind kind,
            @Nullable Map<Setting, Double> settings,
            @Nullable List<RecipeLineDraft> lines) {

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
    public record RecipeLineDraft(String ingredient, double amount, String unit) {}

    Style styleOrUsual() {
        return style == null ? Style.SOFT_SHELL : style;
    }
}
