package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;

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
        @Nullable String filling,
        @Nullable Double massG,
        @Nullable Double lengthMm,
        @Nullable Double widthMm,
        @Nullable Double heightMm) {

    /** How it was made. */
    public enum Shape {
        BALL,
        BLOCK
    }
}
