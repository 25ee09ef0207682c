package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Shells on the scale.
 *
 * @param id chosen by the screen, so that sending twice writes once
 * @param cast how they were cast; its value is the wait in seconds
 * @param emptyG the clean mould, g; 0 where the scale was set to zero with it
 * @param shelledG the mould with its shells, g
 * @param filledG the same with its fillings, g; left out where not weighed
 * @param cappedG and capped, scraped flush, g; left out where not weighed
 * @param filling that went in, of the books
 * @param cavities filled; all usable ones where left out
 * @param notedAt when; now where left out
 */
public record WeighingRequest(
        @Nullable UUID id,
        @NotNull @Valid CastRequest cast,
        @Within(low = 0, high = 50_000, unit = "g") double emptyG,
        @Within(low = 0, high = 50_000, unit = "g") double shelledG,
        @Nullable @Within(low = 0, high = 50_000, unit = "g") Double filledG,
        @Nullable @Within(low = 0, high = 50_000, unit = "g") Double cappedG,
        @Nullable @Longest(64) String filling,
        @Nullable @Within(low = 1) Integer cavities,
        @Nullable @Longest(400) String note,
        @Nullable Instant notedAt) {}
