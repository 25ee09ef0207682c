package palintone.server.shell;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Moulds turned out, newest first. */
interface DemouldingRepository extends JpaRepository<DemouldingEntity, String> {

    List<DemouldingEntity> findByMouldIdAndCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
            String mouldId, String couvertureId, Limit limit);
}
