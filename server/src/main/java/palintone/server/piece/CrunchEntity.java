package palintone.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import palintone.core.piece.PieceMoisture;

/** A bite into a piece, so many days after it was made. */
@Entity
@Table(name = "crunch_check")
public class CrunchEntity {

    @Id private UUID id;
    private String pieceId;
    private Instant notedAt;
    private double days;
    private boolean crisp;

    @Column(name = "barrier_mm")
    private double barrierMm;

    private String words;

    protected CrunchEntity() {}

    CrunchEntity(
            final UUID id,
            final Instant notedAt,
            final String pieceId,
            final PieceMoisture.Bite bite,
            final String words) {
        this.id = id;
        this.notedAt = notedAt;
        this.pieceId = pieceId;
        this.days = bite.days();
        this.crisp = bite.crisp();
        this.barrierMm = bite.barrierMm();
        this.words = words;
    }

    PieceMoisture.Bite bite() {
        return new PieceMoisture.Bite(days, crisp, barrierMm);
    }

    String words() {
        return words;
    }
}
