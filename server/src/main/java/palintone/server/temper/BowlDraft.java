package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A bowl as a screen begins it.
 *
 * @param id chosen by the screen, so that sending twice begins one
 * @param darkWindow where dark is worked in this bowl; as the house has it where left out
 * @param probe name of the probe that reads it; typed where left out
 */
public record BowlDraft(
        @NotNull UUID id,
        @NotNull @Longest(120) String name,
        @NotNull @Longest(64) String couverture,
        @Within(low = 50, high = 100_000, unit = "g") double massG,
        @Nullable @Within(low = 10, high = 32, unit = "°C") Double roomC,
        @Nullable VesselKind vessel,
        @Nullable TemperingMethod method,
        @Nullable DarkWindowPractice darkWindow,
        @Nullable @Longest(120) String probe,
        @Nullable @Valid Simulated simulated) {

    /**
     * A bowl and probe of the core's own model instead of real ones.
     *
     * @param pace times faster than life, 1 to 60
     * @param noiseK of the probe
     * @param dropouts share of readings that never come, 0 to 0.95
     * @param skin share read from the skin, 0 to 0.95
     */
    public record Simulated(
            double pace,
            @Within(low = 15, high = 60, unit = "°C") double startC,
            @Within(low = 0, high = 5, unit = "K") double noiseK,
            @Within(low = 0, high = 0.95) double dropouts,
            @Within(low = 0, high = 0.95) double skin) {}
}
