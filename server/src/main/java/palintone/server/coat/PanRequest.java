package palintone.server.coat;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import palintone.core.coat.Pan;

/**
 * A slab and the pans there are for it.
 *
 * @param filling it is made of; a ganache where left out
 * @param massG of it there is, or is to be made
 * @param heightMm it is to stand
 */
public record PanRequest(
        @Nullable String filling,
        double massG,
        double heightMm,
        @NotNull @Valid @Size(max = 12) List<@NotNull @Valid PanDraft> pans) {

    /**
     * A pan, tin or frame.
     *
     * @param lengthMm of a round one its diameter
     * @param widthMm of a round one left out
     */
    public record PanDraft(
            @NotNull String name, double lengthMm, @Nullable Double widthMm, double depthMm) {

        Pan pan() {
            return new Pan(name, lengthMm, Optional.ofNullable(widthMm), depthMm);
        }
    }
}
