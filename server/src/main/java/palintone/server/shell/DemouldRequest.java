package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A mould to be turned out.
 *
 * @param id chosen by the screen, so that sending twice writes once
 * @param cold how it was cast, and where it stood in the cold
 * @param capMm thickness of its cap; an open shell where left out
 * @param coldMin how long it was in the cold; not yet turned out where left out
 * @param stuck numbers of the cavities that did not come out, from 1
 * @param broken numbers of those that came out broken
 * @param notedAt when; now where left out
 */
public record DemouldRequest(
        @Nullable UUID id,
        @NotNull @Valid ColdRequest cold,
        @Nullable @Within(low = 0.3, unit = "mm") Double capMm,
        @Nullable @Within(low = 1, high = 1440, unit = "min") Double coldMin,
        @Nullable List<Integer> stuck,
        @Nullable List<Integer> broken,
        @Nullable @Longest(400) String note,
        @Nullable Instant notedAt) {}
