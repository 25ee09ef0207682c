package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Within;

/**
 * A shell in several coats.
 *
 * @param cast of the first; asked by its wait, or by the mean thickness of all together
 * @param coats how many, 1 to 4, each after the wait of the first; as many as it takes where a
 *     thickness is asked
 * @param rimC rim of halves to be glued; the room's where left out
 */
public record CoatsRequest(
        @NotNull @Valid CastRequest cast,
        @Nullable @Within(low = 1, high = 4) Integer coats,
        @Nullable @Within(low = 0, high = 30, unit = "°C") Double rimC) {}
