package palintone.server.colour;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.substance.Allergen;
import palintone.core.temper.colour.ColourStock;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A coloured cocoa butter as somebody writes it down.
 *
 * @param sharePercent of colour in it, by mass
 * @param useC where it is used, in temper
 * @param leftG what is left of it
 * @param tint how it looks, as #rrggbb, for drawings
 * @param allergens what its packet says; null where nobody has read it
 * @param version of the state that was changed; null for something new
 */
public record ColourDraft(
        @NotNull @Longest(120) String name,
        @NotNull ColourStock.Base base,
        @NotNull @Within(low = 0.1, high = 30, unit = "%") Double sharePercent,
        @NotNull ColourStock.Dissolves dissolves,
        boolean strained,
        @NotNull @Within(low = 24, high = 40, unit = "°C") Double useC,
        @NotNull @Within(low = 0, high = 100_000, unit = "g") Double leftG,
        @NotNull String tint,
        @Nullable Set<@NotNull Allergen> allergens,
        @Nullable Long version) {

    /**
     * As the core knows it.
     *
     * @throws OutOfRangeException when the core would not take it
     */
    public ColourStock stock() {
        if (tint == null || !tint.matches("#[0-9a-fA-F]{6}")) {
            throw new OutOfRangeException(
                    "tint", String.valueOf(tint), "six digits after #, as #7a1f3d");
        }
        return new ColourStock(
                name,
                base,
                sharePercent,
                dissolves,
                strained,
                useC,
                leftG,
                Optional.ofNullable(allergens));
    }
}
