package palintone.server.larder;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** One delivery of an ingredient. */
@Entity
@Table(name = "ingredient_lot")
public class LotEntity {

    @Id private UUID id;

    @ManyToOne
    @JoinColumn(name = "ingredient_id")
    private IngredientEntity ingredient;

    private String code;
    private LocalDate bestBefore;
    private Double grams;
    private String note;

    protected LotEntity() {}

    LotEntity(
            final UUID id,
            final IngredientEntity ingredient,
            final String code,
            final LocalDate bestBefore,
            final Double grams,
            final String note) {
        this.id = id;
        this.ingredient = ingredient;
        this.code = code;
        this.bestBefore = bestBefore;
        this.grams = grams;
        this.note = note;
    }

    String code() {
        return code;
    }

    LocalDate bestBefore() {
        return bestBefore;
    }

    Double grams() {
        return grams;
    }

    String note() {
        return note;
    }
}
