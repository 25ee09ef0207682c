package palintone.server.temper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface TemperBowlRepository extends JpaRepository<TemperBowlEntity, UUID> {

    Page<TemperBowlEntity> findByStateOrderByBeganAtDesc(
            TemperBowlEntity.State state, Pageable page);

    List<TemperBowlEntity> findByStateAndSource(
            TemperBowlEntity.State state, TemperBowlEntity.Source source);

    Optional<TemperBowlEntity> findFirstByProbeAndStateOrderByBeganAtDesc(
            String probe, TemperBowlEntity.State state);
}
