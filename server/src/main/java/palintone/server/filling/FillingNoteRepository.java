package palintone.server.filling;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillingNoteRepository extends JpaRepository<FillingNoteEntity, UUID> {

    List<FillingNoteEntity> findByFillingIdOrderByNotedAtDesc(String filling);
}
