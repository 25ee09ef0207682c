package palintone.server.work;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FollowUpRepository extends JpaRepository<FollowUpEntity, Long> {

    List<FollowUpEntity> findByBatchIdOrderById(UUID batch);

    List<FollowUpEntity> findByTriesLessThanOrderById(int tries);

    /** Holds the row until the transaction ends, so that it is paid once. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select f from FollowUpEntity f where f.id = :id")
    Optional<FollowUpEntity> held(long id);

    /** Takes out what is paid up to a row. */
    @Modifying
    @Query(
            "delete from FollowUpEntity f where f.batchId = :batch and f.owes = :owes and f.id <= :newest")
    void paid(UUID batch, FollowUpEntity.Owes owes, long newest);
}
