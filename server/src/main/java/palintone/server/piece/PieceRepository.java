package palintone.server.piece;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PieceRepository extends JpaRepository<PieceEntity, String> {

    /**
     * One piece with everything it points at, in one go: this is asked at every press on Pieces.
     */
    @Query(
            "select p from PieceEntity p join fetch p.mould join fetch p.couverture"
                    + " left join fetch p.layers l left join fetch l.filling where p.id = :id")
    Optional<PieceEntity> whole(String id);

    Page<PieceEntity> findAllByOrderByName(Pageable page);
}
