package palintone.server.work;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import palintone.core.temper.SeedPractice;

/**
 * A batch to begin.
 *
 * @param id chosen by the screen, so that a press repeated begins one batch
 * @param moulds or pieces, one of the two
 */
public record BatchOrder(
        @NotNull UUID id,
        @NotNull String piece,
        @Nullable Integer moulds,
        @Nullable Integer pieces,
        @Nullable SeedPractice practice) {}
