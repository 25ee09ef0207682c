package palintone.server.work;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import palintone.core.work.Entry;
import palintone.core.work.EntryKind;

/** One entry; written once, never changed. */
@Entity
@Table(name = "batch_entry")
class BatchEntryEntity {

    @Id private UUID id;

    @ManyToOne(fetch = FetchType.LAZY)
    private BatchEntity batch;

    private int position;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private EntryKind kind;

    private int step;
    private Instant at;

    /** Null where nothing was read. */
    private Double value;

    private String text;

    /** Null where the entry is about no other. */
    private UUID about;

    protected BatchEntryEntity() {}

    BatchEntryEntity(final BatchEntity batch, final int position, final Entry entry) {
        this.batch = batch;
        this.position = position;
        id = entry.id();
        kind = entry.kind();
        step = entry.step();
        at = entry.at();
        value = entry.value().isPresent() ? entry.value().getAsDouble() : null;
        text = entry.text();
        about = entry.about().orElse(null);
    }

    Entry entry() {
        return new Entry(
                id,
                kind,
                step,
                at,
                value == null ? OptionalDouble.empty() : OptionalDouble.of(value),
                text,
                Optional.ofNullable(about));
    }
}
