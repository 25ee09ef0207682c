package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * A filling piped onto paper.
 *
 * @param massG of one heap
 * @param pipedC as it leaves the bag
 * @param nozzle it is pressed through; nothing where that is not asked
 */
public record PipeRequest(
        @NotNull String filling, double massG, double pipedC, @Nullable @Valid Nozzle nozzle) {

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
            double openingMm,
            @Nullable Double seconds,
            @Nullable Double weighedG,
            @Nullable Double heldMm,
            @Nullable Double intoMm) {}
}
