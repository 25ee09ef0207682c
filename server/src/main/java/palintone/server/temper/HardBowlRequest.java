package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.HardBowl;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A bowl that has gone hard in the room.
 *
 * @param looks how it has set
 */
public record HardBowlRequest(
        @NotNull @Longest(64) String couverture,
        @Within(low = 50, high = 100_000, unit = "g") double massG,
        @Nullable VesselKind vessel,
        @NotNull HardBowl.Looks looks) {

    CurveRequest bowl() {
        return new CurveRequest(
                couverture,
                massG,
                List.of(),
                null,
                null,
                vessel,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }
}
