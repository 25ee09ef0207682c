package palintone.server.filling;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Something that went in by taste, once. */
@Entity
@Table(name = "filling_dose")
public class DoseEntity {

    @Id private String id;
    private String fillingId;
    private String ingredientId;
    private double share;
    private Instant notedAt;

    protected DoseEntity() {}

    DoseEntity(
            final String id,
            final String fillingId,
            final String ingredientId,
            final double share,
            final Instant notedAt) {
        this.id = id;
        this.fillingId = fillingId;
        this.ingredientId = ingredientId;
        this.share = share;
        this.notedAt = notedAt;
    }

    String id() {
        return id;
    }

    String ingredientId() {
        return ingredientId;
    }

    double share() {
        return share;
    }
}
