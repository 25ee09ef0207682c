package palintone.server.colour;

import java.util.List;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ColourRepository extends JpaRepository<ColourEntity, String> {

    Page<ColourEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);

    List<ColourEntity> findByArchivedFalseOrderByName();
}
