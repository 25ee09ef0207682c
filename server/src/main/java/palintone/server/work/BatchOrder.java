package palintone.server.work;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import palintone.core.piece.Workplace;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A batch to begin.
 *
 * @param id chosen by the screen, so that a press repeated begins one batch
 * @param method of tempering; the usual one of the house where it is not said
 * @param bowl of the Temper station that stands in temper; one is tempered where it is left out
 * @param fillings made with it, or standing ready
 * @param moulds or pieces, one of the two
 */
public record BatchOrder(
        @NotNull UUID id,
        @NotNull @Longest(64) String piece,
        @Nullable @Within(low = 1, high = 200) Integer moulds,
        @Nullable @Within(low = 1) Integer pieces,
        @Nullable TemperingMethod method,
        @Nullable Workplace.Fillings fillings,
        @Nullable UUID bowl) {}
