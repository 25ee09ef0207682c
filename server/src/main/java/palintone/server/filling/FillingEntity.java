package palintone.server.filling;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.KitchenUnit;
import palintone.server.larder.IngredientEntity;

/** A filling as it stands in the books. */
@Entity
@Table(name = "filling")
public class FillingEntity {

    @Id private String id;
    private String name;
    private boolean aqueous;

    @ElementCollection
    @CollectionTable(name = "filling_line", joinColumns = @JoinColumn(name = "filling_id"))
    @OrderColumn(name = "position")
    private List<Line> lines = new ArrayList<>();

    @Version private Long version;

    protected FillingEntity() {}

    public FillingEntity(final String id) {
        this.id = id;
    }

    /** One line of a recipe. */
    @Embeddable
    public static class Line {

        @ManyToOne(fetch = FetchType.LAZY)
        @JoinColumn(name = "ingredient_id")
        private IngredientEntity ingredient;

        private double amount;

        @Enumerated(EnumType.STRING)
        @JdbcTypeCode(SqlTypes.VARCHAR)
        private KitchenUnit unit;

        protected Line() {}

        public Line(
                final IngredientEntity ingredient, final double amount, final KitchenUnit unit) {
            this.ingredient = ingredient;
            this.amount = amount;
            this.unit = unit;
        }

        RecipeLine line() {
            return new RecipeLine(ingredient.ingredient(), amount, unit);
        }
    }

    /** Takes over everything; the core checks it before anything is kept. */
    public void take(final String newName, final boolean isAqueous, final List<Line> newLines) {
        new Filling(id, newName, newLines.stream().map(Line::line).toList(), isAqueous);
        name = newName;
        aqueous = isAqueous;
        lines.clear();
        lines.addAll(newLines);
    }

    public Filling filling() {
        // All ingredients are fetched by the first name asked for; then their parts come together.
        lines.forEach(line -> line.ingredient.name());
        return new Filling(id, name, lines.stream().map(Line::line).toList(), aqueous);
    }
}
