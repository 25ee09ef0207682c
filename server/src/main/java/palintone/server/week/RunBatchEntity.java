package palintone.server.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** Which batch a run has become. */
@Entity
@Table(name = "run_batch")
class RunBatchEntity {

    @Id private String run;
    private UUID batchId;

    protected RunBatchEntity() {}

    RunBatchEntity(final String run, final UUID batchId) {
        this.run = run;
        this.batchId = batchId;
    }

    String run() {
        return run;
    }

    UUID batchId() {
        return batchId;
    }
}
