package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.core.casting.pour.Vibration;
import palintone.server.problem.Within;

/**
 * A mould from full to scraped.
 *
 * @param shaken while it stands full; tapped where left out
 * @param shakenS how long; 45 s where left out
 */
public record DrainRequest(
        @NotNull @Valid CastRequest cast,
        @Nullable Vibration shaken,
        @Nullable @Within(low = 1, high = 900, unit = "s") Double shakenS) {}
