package palintone.server.mould;

import org.springframework.data.jpa.repository.JpaRepository;

interface MouldPhotoRepository extends JpaRepository<MouldPhotoEntity, String> {}
