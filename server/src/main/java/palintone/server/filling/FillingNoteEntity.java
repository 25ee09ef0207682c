package palintone.server.filling;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What was tasted or measured of a version of a filling. */
@Entity
@Table(name = "filling_note")
public class FillingNoteEntity {

    /** What sort of note. */
    public enum NoteKind {
        TASTING,
        WATER_ACTIVITY,
        PH,
        FIRMNESS
    }

    @Id private UUID id;

    @ManyToOne
    @JoinColumn(name = "filling_id")
    private FillingEntity filling;

    private int number;
    private Instant notedAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private NoteKind kind;

    private Double measured;
    private Integer score;
    private String words;

    protected FillingNoteEntity() {}

    FillingNoteEntity(
            final UUID id,
            final FillingEntity filling,
            final int number,
            final Instant notedAt,
            final NoteKind kind,
            final Double measured,
            final Integer score,
            final String words) {
        this.id = id;
        this.filling = filling;
        this.number = number;
        this.notedAt = notedAt;
        this.kind = kind;
        this.measured = measured;
        this.score = score;
        this.words = words;
    }

    int number() {
        return number;
    }

    Instant notedAt() {
        return notedAt;
    }

    NoteKind kind() {
        return kind;
    }

    Double measured() {
        return measured;
    }

    Integer score() {
        return score;
    }

    String words() {
        return words;
    }
}
