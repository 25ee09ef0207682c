package palintone.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What an entry of a batch owes to other books; stands with the entry, goes when it is paid. */
@Entity
@Table(name = "follow_up")
class FollowUpEntity {

    /** To whom. */
    enum Owes {
        /** The weighings of mould and couverture, of the shells as they stand in the batch. */
        SHELLS,
        /** The weighings of the couverture, of the coats as they stand in the batch. */
        COATS,
        /** The memory of the moulds, where the batch does not know itself what they held. */
        MOULDS,
        /** The tastings of fillings, of what went in by taste as the batch has it. */
        DOSES
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "batch_id")
    private UUID batchId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Owes owes;

    private int tries;

    protected FollowUpEntity() {}

    FollowUpEntity(final UUID batchId, final Owes owes) {
        this.batchId = batchId;
        this.owes = owes;
    }

    long id() {
        return id;
    }

    UUID batchId() {
        return batchId;
    }

    Owes owes() {
        return owes;
    }

    int tries() {
        return tries;
    }

    void failed() {
        tries++;
    }
}
