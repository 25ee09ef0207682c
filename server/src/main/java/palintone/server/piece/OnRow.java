package palintone.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.piece.Inclusion;
import palintone.server.larder.IngredientEntity;

/** One thing in a piece or on it, by mass. */
@Embeddable
class OnRow {

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "ingredient_id")
    private IngredientEntity ingredient;

    @Column(name = "each_g")
    private double eachG;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Inclusion.Placing placing;

    protected OnRow() {}

    OnRow(final IngredientEntity ingredient, final double eachG, final Inclusion.Placing placing) {
        this.ingredient = ingredient;
        this.eachG = eachG;
        this.placing = placing;
    }

    Inclusion inclusion() {
        return new Inclusion(ingredient.ingredient(), eachG, placing);
    }

    PieceDraft.In draft() {
        return new PieceDraft.In(ingredient.id(), eachG, placing);
    }
}
