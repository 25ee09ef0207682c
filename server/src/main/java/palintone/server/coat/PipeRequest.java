package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A filling piped onto paper.
 *
 * @param massG of one heap
 * @param pipedC as it leaves the bag
 * @param nozzle it is pressed through; nothing where that is not asked
 */
public record PipeRequest(
        @NotNull @Longest(64) String filling,
        @Within(low = 0.1, high = 500, unit = "g") double massG,
        @Within(low = 0, high = 60, unit = "°C") double pipedC,
        @Nullable @Valid Nozzle nozzle) {

    /**
     * A nozzle.
     *
     * @param openingMm across
     * @param seconds one is pressed; two where left out
     * @param weighedG what a press of so many seconds weighed, where one was weighed
     * @param heldMm above the paper; as high as the heap stands where left out
     * @param intoMm across what it goes into; nothing on paper
     */
    public record Nozzle(
            @Within(low = 1, high = 30, unit = "mm") double openingMm,
            @Nullable @Within(low = 0.2, high = 60, unit = "s") Double seconds,
            @Nullable @Within(low = 0.1, high = 500, unit = "g") Double weighedG,
            @Nullable @Within(low = 1, high = 100, unit = "mm") Double heldMm,
            @Nullable Double intoMm) {}
}
