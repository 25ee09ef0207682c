package palintone.server.temper;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface TemperBowlRepository extends JpaRepository<TemperBowlEntity, UUID> {

    /** Holds the row until the transaction ends, so that two hands write one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from TemperBowlEntity b where b.id = :id")
    Optional<TemperBowlEntity> held(UUID id);

    Page<TemperBowlEntity> findByStateOrderByBeganAtDesc(
            TemperBowlEntity.State state, Pageable page);

    List<TemperBowlEntity> findByStateAndSource(
            TemperBowlEntity.State state, TemperBowlEntity.Source source);

    Optional<TemperBowlEntity> findFirstByProbeAndStateOrderByBeganAtDesc(
            String probe, TemperBowlEntity.State state);
}
