package palintone.server.larder;

import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import palintone.core.temper.CouvertureKind;

public interface IngredientRepository extends JpaRepository<IngredientEntity, String> {

    Page<IngredientEntity> findByNameContainingIgnoreCaseOrderByName(String part, Pageable page);

    Optional<IngredientEntity> findFirstByCouvertureKindOrderByName(CouvertureKind kind);
}
