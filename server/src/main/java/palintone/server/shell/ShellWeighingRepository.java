package palintone.server.shell;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import palintone.core.casting.pour.Vibration;

/** Weighed shells, newest first. */
interface ShellWeighingRepository extends JpaRepository<ShellWeighingEntity, String> {

    List<ShellWeighingEntity> findByVoidedFalseOrderByNotedAtDesc();

    List<ShellWeighingEntity> findByMouldIdAndCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
            String mouldId, String couvertureId, Limit limit);

    List<ShellWeighingEntity>
            findByMouldIdAndCouvertureIdAndVibrationAndVoidedFalseOrderByNotedAtDesc(
                    String mouldId, String couvertureId, Vibration vibration, Limit limit);

    /** Of a filling in a mould, newest first. */
    List<ShellWeighingEntity> findByMouldIdAndFillingIdAndVoidedFalseOrderByNotedAtDesc(
            String mouldId, String fillingId, Limit limit);
}
