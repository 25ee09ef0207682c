package palintone.server.mould;

import java.util.List;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface MouldRepository extends JpaRepository<MouldEntity, String> {

    Page<MouldEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);

    List<MouldEntity> findByArchivedFalseOrderByName();

    @Query("select m.id from MouldEntity m order by m.id")
    List<String> ids();
}
