package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.casting.shell.Opening;
import palintone.server.problem.Within;

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
        @Nullable @Within(low = 0, high = 60, unit = "min") Double movedMin,
        @Nullable @Within(low = -5, high = 25, unit = "°C") Double airC,
        @Nullable @Within(low = 0, high = 10, unit = "m/s") Double metresPerS,
        @Nullable @Within(low = 1, high = 500) Integer moulds,
        @Nullable @Within(low = 1, high = 30) Integer shelves,
        @Nullable @Within(low = 20, high = 20_000, unit = "W") Double coolingW,
        @Nullable Opening opening) {}
