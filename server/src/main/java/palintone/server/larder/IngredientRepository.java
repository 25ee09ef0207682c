package palintone.server.larder;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import palintone.core.temper.CouvertureKind;

public interface IngredientRepository extends JpaRepository<IngredientEntity, String> {

    Page<IngredientEntity> findByNameContainingIgnoreCaseOrderByName(String part, Pageable page);

    /** Id and name of everything, for finding what somebody meant. */
    interface Named {

        String getId();

        String getName();
    }

    @Query("select i.id as id, i.name as name from IngredientEntity i order by i.name")
    List<Named> named();

    Optional<IngredientEntity> findFirstByCouvertureKindOrderByName(CouvertureKind kind);
}
