package palintone.server.larder;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

public interface IngredientRepository extends JpaRepository<IngredientEntity, String> {

    Page<IngredientEntity> findByNameContainingIgnoreCaseOrderByName(String part, Pageable page);
}
