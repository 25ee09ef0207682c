package palintone.server.filling;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.KitchenUnit;
import palintone.server.larder.IngredientEntity;

/** One line of a recipe and the operation it goes in by. */
@Embeddable
public class LineRow {

    private int step;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "ingredient_id")
    private IngredientEntity ingredient;

    private double amount;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private KitchenUnit unit;

    protected LineRow() {}

    public LineRow(
            final int step,
            final IngredientEntity ingredient,
            final double amount,
            final KitchenUnit unit) {
        this.step = step;
        this.ingredient = ingredient;
        this.amount = amount;
        this.unit = unit;
    }

    /** Steps and lines of the books put together again. */
    static List<Operation> operations(final List<StepRow> steps, final List<LineRow> lines) {
        // All ingredients are fetched by the first name asked for; then their parts come together.
        lines.forEach(line -> line.ingredient.name());
        final List<List<RecipeLine>> into = new ArrayList<>();
        steps.forEach(step -> into.add(new ArrayList<>()));
        lines.forEach(
                line ->
                        into.get(line.step)
                                .add(
                                        new RecipeLine(
                                                line.ingredient.ingredient(),
                                                line.amount,
                                                line.unit)));
        final List<Operation> operations = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            operations.add(steps.get(i).operation(into.get(i)));
        }
        return operations;
    }
}
