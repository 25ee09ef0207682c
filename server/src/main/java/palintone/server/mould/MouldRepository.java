package palintone.server.mould;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MouldRepository extends JpaRepository<MouldEntity, String> {

    Page<MouldEntity> findAllByOrderByName(Pageable page);
}
