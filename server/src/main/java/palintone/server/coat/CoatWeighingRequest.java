package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

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
        @NotNull Double centreG,
        @NotNull Double pieceG,
        @Nullable Double otherG,
        @Nullable String note,
        @Nullable Instant notedAt) {}
