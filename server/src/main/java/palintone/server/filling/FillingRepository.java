package palintone.server.filling;

import java.util.List;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface FillingRepository extends JpaRepository<FillingEntity, String> {

    List<FillingEntity> findByArchivedFalseOrderByName();

    Page<FillingEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);
}
