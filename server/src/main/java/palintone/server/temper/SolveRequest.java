package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.BothWays;

/**
 * A small question at the bowl.
 *
 * @param fromC where it stands
 * @param value what is wanted or done, in the unit the question names
 */
public record SolveRequest(
        @NotNull String couverture,
        double massG,
        @Nullable VesselKind vessel,
        @Nullable Double roomC,
        @NotNull BothWays.Question question,
        double fromC,
        double value) {}
