package palintone.server.work;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.UUID;
import palintone.core.work.RunningBatch;

/** A batch as it is listed. */
public record BatchSummaryView(
        UUID id,
        String lot,
        String pieceId,
        String pieceName,
        int pieces,
        RunningBatch.State state,
        Instant beganAt,
        @Nullable Instant endedAt,
        int readings,
        int tight,
        int off) {}
