package palintone.server.piece;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PieceRepository extends JpaRepository<PieceEntity, String> {

    Page<PieceEntity> findAllByOrderByName(Pageable page);
}
