package palintone.server.coat;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Coats on the scale, against what was foretold. */
@Entity
@Table(name = "coat_weighing")
class CoatWeighingEntity {

    @Id private String id;

    private String couvertureId;

    @Column(name = "coat_g")
    private double coatG;

    @Column(name = "planned_g")
    private double plannedG;

    private double factor;
    private String note;
    private Instant notedAt;
    private boolean voided;

    protected CoatWeighingEntity() {}

    CoatWeighingEntity(
            final String id,
            final String couvertureId,
            final double coatG,
            final double plannedG,
            final double factor,
            final String note,
            final Instant notedAt) {
        this.id = id;
        this.couvertureId = couvertureId;
        this.coatG = coatG;
        this.plannedG = plannedG;
        this.factor = factor;
        this.note = note;
        this.notedAt = notedAt;
    }

    String id() {
        return id;
    }

    /** Of one piece, as weighed. */
    double coatG() {
        return coatG;
    }

    /** Of one piece, as it was foretold then. */
    double plannedG() {
        return plannedG;
    }

    /** Of the film, that would have foretold it. */
    double factor() {
        return factor;
    }

    String note() {
        return note;
    }

    Instant notedAt() {
        return notedAt;
    }

    void takeBack() {
        voided = true;
    }
}
