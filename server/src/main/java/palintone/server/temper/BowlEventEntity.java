package palintone.server.temper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;
import palintone.core.temper.trace.BowlEvent;

/** One event at a bowl; never changed: corrected by another one, or taken back. */
@Entity
@Table(name = "bowl_event")
class BowlEventEntity implements Persistable<UUID> {

    @Id private UUID id;
    private UUID bowlId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private BowlEvent.EventKind kind;

    @Column(name = "time_s")
    private double timeS;

    private double amount;
    private double seconds;
    private String text;
    private Instant notedAt;

    /** The one this corrects; null where it is the first. */
    private UUID replaces;

    /** When it was corrected or taken back; null where it stands. */
    private Instant voidedAt;

    @Transient private boolean fresh;

    protected BowlEventEntity() {}

    BowlEventEntity(
            final UUID id,
            final UUID bowlId,
            final BowlEvent event,
            final String text,
            final Instant notedAt,
            final UUID replaces) {
        this.replaces = replaces;
        fresh = true;
        this.id = id;
        this.bowlId = bowlId;
        kind = event.kind();
        timeS = event.timeS();
        amount = event.amount();
        seconds = event.seconds();
        this.text = text;
        this.notedAt = notedAt;
    }

    BowlEvent event() {
        return new BowlEvent(kind, timeS, amount, seconds);
    }

    String text() {
        return text;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    UUID bowlId() {
        return bowlId;
    }

    boolean corrected() {
        return replaces != null;
    }

    boolean stands() {
        return voidedAt == null;
    }

    void takeBack(final Instant at) {
        voidedAt = at;
    }
}
