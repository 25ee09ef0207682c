package palintone.server.larder;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;
import palintone.core.temper.CouvertureKind;

public interface IngredientRepository extends JpaRepository<IngredientEntity, String> {

    /** Holds the row until the transaction ends, so that two screens write one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from IngredientEntity e where e.id = :id")
    Optional<IngredientEntity> held(String id);

    Page<IngredientEntity> findByArchivedAndNameContainingIgnoreCaseOrderByName(
            boolean archived, String part, Pageable page);

    Page<IngredientEntity>
            findByArchivedAndCouvertureKindIsNotNullAndNameContainingIgnoreCaseOrderByName(
                    boolean archived, String part, Pageable page);

    List<IngredientEntity> findByArchivedFalseOrderByName();

    /** Everything that is melted together of others. */
    @Query("select distinct i from IngredientEntity i join fetch i.parts")
    List<IngredientEntity> mixtures();

    @Query("select i.id from IngredientEntity i")
    List<String> ids();

    /** With so much lauric fat; whether it is a coating is for the core to say. */
    @Query(
            "select i from IngredientEntity i join i.gramsPer100 g where i.archived = false"
                    + " and i.couvertureKind is null and key(g) = :fat and value(g) >= 5"
                    + " order by i.name")
    List<IngredientEntity> rich(@Param("fat") palintone.core.substance.Component fat);

    /** Id and name of everything, for finding what somebody meant. */
    interface Named {

        String getId();

        String getName();
    }

    /** By its name, and what one of it weighs where somebody has said so, g. */
    interface Counted extends Named {
        Double getPieceG();
    }

    /** The same of everything, what is put away marked so: recipes of before still name it. */
    @Query(
            "select i.id as id, case when i.archived = true then concat(i.name, ', archived')"
                    + " else i.name end as name, i.pieceG as pieceG from IngredientEntity i order by"
                    + " i.archived, i.name")
    List<Counted> everyName();

    @Query(
            "select i.id as id, i.name as name from IngredientEntity i where i.archived = false"
                    + " order by i.name")
    List<Named> named();

    Optional<IngredientEntity> findFirstByArchivedFalseAndCouvertureKindOrderByName(
            CouvertureKind kind);
}
