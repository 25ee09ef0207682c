package palintone.server.filling;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface FillingRepository extends JpaRepository<FillingEntity, String> {

    /** Holds the row until the transaction ends, so that two screens write one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from FillingEntity e where e.id = :id")
    Optional<FillingEntity> held(String id);

    List<FillingEntity> findByArchivedFalseOrderByName();

    Page<FillingEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);
}
