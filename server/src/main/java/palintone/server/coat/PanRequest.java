package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import palintone.core.coat.Pan;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A slab and the pans there are for it.
 *
 * @param filling it is made of; a ganache where left out
 * @param massG of it there is, or is to be made
 * @param heightMm it is to stand
 */
public record PanRequest(
        @Nullable @Longest(64) String filling,
        @Within(low = 0, above = true, high = 1_000_000, unit = "g") double massG,
        @Within(low = 1, high = 200, unit = "mm") double heightMm,
        @NotNull @Valid @Size(max = 12) List<@NotNull @Valid PanDraft> pans) {

    /**
     * A pan, tin or frame.
     *
     * @param lengthMm of a round one its diameter
     * @param widthMm of a round one left out
     */
    public record PanDraft(
            @NotNull @Longest(60) String name,
            @Within(low = 30, high = 1000, unit = "mm") double lengthMm,
            @Nullable @Within(low = 30, high = 1000, unit = "mm") Double widthMm,
            @Within(low = 3, high = 200, unit = "mm") double depthMm) {

        Pan pan() {
            return new Pan(name, lengthMm, Optional.ofNullable(widthMm), depthMm);
        }
    }
}
