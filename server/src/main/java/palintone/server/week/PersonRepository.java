package palintone.server.week;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, String> {

    List<PersonEntity> findByArchivedFalseOrderByName();
}
