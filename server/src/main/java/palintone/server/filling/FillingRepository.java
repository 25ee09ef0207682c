package palintone.server.filling;

import org.springframework.data.jpa.repository.JpaRepository;

public interface FillingRepository extends JpaRepository<FillingEntity, String> {}
