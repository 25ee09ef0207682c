package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.casting.shell.Opening;

/**
 * A shell on its way through the cold.
 *
 * @param movedMin minutes after draining it goes in; when it begins to set where left out
 * @param airC of the cabinet; that of the first in House rules where left out
 * @param metresPerS of its air; by what House rules say of it where left out
 * @param moulds put in together; 1 where left out
 * @param shelves they stand on; 3 where left out
 * @param coolingW what the cabinet takes away at most; 150 W where left out
 * @param opening how they stand; opening up where left out
 */
public record ColdRequest(
        @NotNull @Valid CastRequest cast,
        @Nullable Double movedMin,
        @Nullable Double airC,
        @Nullable Double metresPerS,
        @Nullable Integer moulds,
        @Nullable Integer shelves,
        @Nullable Double coolingW,
        @Nullable Opening opening) {}
