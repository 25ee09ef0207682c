package palintone.server.week;

import org.springframework.data.jpa.repository.JpaRepository;

interface RunBatchRepository extends JpaRepository<RunBatchEntity, String> {}
