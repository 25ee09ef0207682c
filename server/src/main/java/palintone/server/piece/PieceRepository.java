package palintone.server.piece;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface PieceRepository extends JpaRepository<PieceEntity, String> {

    /** Holds the row until the transaction ends, so that two screens write one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from PieceEntity e where e.id = :id")
    Optional<PieceEntity> held(String id);

    /**
     * One piece with what every kind points at, in one go: it is asked at every press on Pieces.
     */
    @Query(
            "select p from PieceEntity p left join fetch p.mould left join fetch p.couverture"
                    + " where p.id = :id")
    Optional<PieceEntity> whole(String id);

    @Query(
            "select p from MouldedPieceEntity p join fetch p.mould join fetch p.couverture"
                    + " left join fetch p.layers l left join fetch l.filling left join fetch l.inside where p.id = :id")
    Optional<MouldedPieceEntity> moulded(String id);

    @Query("select p from MouldedPieceEntity p order by p.name")
    List<MouldedPieceEntity> moulded();

    /** Formed around a centre: dipped or rolled. */
    @Query(
            "select p from PieceEntity p where type(p) in (DippedPieceEntity, RolledPieceEntity)"
                    + " order by p.name")
    List<PieceEntity> centred();

    List<PieceEntity> findByArchivedFalseOrderByName();

    Page<PieceEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);
}
