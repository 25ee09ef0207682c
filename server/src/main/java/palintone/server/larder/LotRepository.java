package palintone.server.larder;

import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LotRepository extends JpaRepository<LotEntity, UUID> {

    Page<LotEntity> findByIngredientIdOrderByBestBefore(String ingredient, Pageable page);
}
