package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * What is dipped.
 *
 * @param shape rolled round, or cut
 * @param filling it is made of; a ganache where left out
 * @param massG of a round one
 * @param lengthMm of a cut one
 * @param widthMm of a cut one
 * @param heightMm of a cut one
 */
public record CentreRequest(
        @NotNull Shape shape,
        @Nullable @Longest(64) String filling,
        @Nullable @Within(low = 0.1, high = 500, unit = "g") Double massG,
        @Nullable @Within(low = 3, high = 300, unit = "mm") Double lengthMm,
        @Nullable @Within(low = 3, high = 300, unit = "mm") Double widthMm,
        @Nullable @Within(low = 2, high = 100, unit = "mm") Double heightMm) {

    /** How it was made. */
    public enum Shape {
        BALL,
        BLOCK
    }
}
