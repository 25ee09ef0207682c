package palintone.server.filling;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface FillingNoteRepository extends JpaRepository<FillingNoteEntity, UUID> {

    boolean existsByFillingIdAndNotedAtAndKind(
            String filling, Instant notedAt, FillingNoteEntity.NoteKind kind);

    List<FillingNoteEntity> findByFillingIdOrderByNotedAtDesc(String filling);

    Page<FillingNoteEntity> findByFillingIdOrderByNotedAtDesc(String filling, Pageable page);
}
