package palintone.server.larder;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LotRepository extends JpaRepository<LotEntity, UUID> {

    List<LotEntity> findByIngredientIdOrderByBestBefore(String ingredient);
}
