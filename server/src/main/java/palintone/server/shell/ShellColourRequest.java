package palintone.server.shell;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.piece.ColourCoat;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * Colours in a mould, what is seen outermost first.
 *
 * @param moulds to be coloured; 1 where left out
 * @param mouldC the room's where left out
 * @param roomC that of House rules where left out
 * @param stablePercent of the colour in form V as it is brought on; 1 where left out
 */
public record ShellColourRequest(
        @NotNull @Longest(64) String mould,
        @Nullable @Within(low = 1, high = 500) Integer moulds,
        @Nullable @Within(low = 0, high = 35, unit = "°C") Double mouldC,
        @Nullable @Within(low = 0, high = 40, unit = "°C") Double roomC,
        @Nullable @Within(low = 0, high = 20, unit = "%") Double stablePercent,
        @NotNull @Valid List<ShellColour> coats) {

    /** One coat. */
    public record ShellColour(
            @NotNull @Longest(120) String name,
            @Within(low = 0.01, high = 2, unit = "mm") double filmMm,
            @Nullable ColourCoat.How how) {}
}
