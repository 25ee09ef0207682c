package palintone.server.work;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface BatchEntryRepository extends Repository<BatchEntryEntity, UUID> {

    List<BatchEntryEntity> findByBatchIdOrderByPosition(UUID batch);
}
