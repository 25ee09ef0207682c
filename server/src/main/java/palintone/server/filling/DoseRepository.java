package palintone.server.filling;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface DoseRepository extends JpaRepository<DoseEntity, String> {

    List<DoseEntity> findByFillingIdOrderByNotedAtDesc(String filling, Limit limit);

    List<DoseEntity> findByIdStartingWith(String beginning);
}
