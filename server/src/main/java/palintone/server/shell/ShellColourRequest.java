package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.piece.ColourCoat;

/**
 * Colours in a mould, what is seen outermost first.
 *
 * @param moulds to be coloured; 1 where left out
 * @param mouldC the room's where left out
 * @param roomC that of House rules where left out
 * @param stablePercent of the colour in form V as it is brought on; 1 where left out
 */
public record ShellColourRequest(
        @NotNull String mould,
        @Nullable Integer moulds,
        @Nullable Double mouldC,
        @Nullable Double roomC,
        @Nullable Double stablePercent,
        @NotNull @Valid List<ShellColour> coats) {

    /** One coat. */
    public record ShellColour(@NotNull String name, double filmMm, @Nullable ColourCoat.How how) {}
}
