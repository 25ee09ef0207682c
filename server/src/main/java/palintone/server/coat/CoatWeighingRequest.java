package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Coats on the scale.
 *
 * @param id chosen by the screen, so that sending twice writes once
 * @param dip how they were dipped
 * @param centreG one centre, mean of some
 * @param pieceG one finished piece, mean of as many
 * @param otherG of it powder, nuts and what else is on it; none where left out
 * @param notedAt when; now where left out
 */
public record CoatWeighingRequest(
        @Nullable UUID id,
        @NotNull @Valid DipRequest dip,
        @NotNull @Within(low = 0.1, high = 500, unit = "g") Double centreG,
        @NotNull @Within(low = 0.1, high = 1000, unit = "g") Double pieceG,
        @Nullable @Within(low = 0, high = 500, unit = "g") Double otherG,
        @Nullable @Longest(400) String note,
        @Nullable Instant notedAt) {}
