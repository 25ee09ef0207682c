package palintone.server.filling;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillingVersionRepository extends JpaRepository<FillingVersionEntity, Long> {

    Page<FillingVersionEntity> findByFillingIdOrderByNumberDesc(String filling, Pageable page);

    Optional<FillingVersionEntity> findByFillingIdAndNumber(String filling, int number);
}
