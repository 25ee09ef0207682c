package palintone.server.work;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import palintone.core.work.RunningBatch;

interface BatchRepository extends JpaRepository<BatchEntity, UUID> {

    /** Holds the row until the transaction ends, so that two screens write one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from BatchEntity b where b.id = :id")
    Optional<BatchEntity> held(UUID id);

    Page<BatchEntity> findByStateOrderByBeganAtDesc(RunningBatch.State state, Pageable page);

    Page<BatchEntity> findByStateNotOrderByBeganAtDesc(RunningBatch.State state, Pageable page);

    long countByLotStartingWith(String day);

    boolean existsByLot(String lot);
}
