package palintone.server.filling;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillingVersionRepository extends JpaRepository<FillingVersionEntity, Long> {

    List<FillingVersionEntity> findByFillingIdOrderByNumberDesc(String filling);

    Optional<FillingVersionEntity> findByFillingIdAndNumber(String filling, int number);
}
