package palintone.server.house;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface HouseRepository extends JpaRepository<HouseEntity, Integer> {

    /** The house, its cabinets and its tools in one go. */
    @Query(
            "select h from HouseEntity h left join fetch h.cabinets left join fetch h.tools"
                    + " where h.id = :id")
    Optional<HouseEntity> whole(Integer id);

    /** Holds the one row, so that two lots begun at once get two numbers. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select h from HouseEntity h where h.id = 1")
    Optional<HouseEntity> held();
}
