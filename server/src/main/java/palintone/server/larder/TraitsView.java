package palintone.server.larder;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.substance.FunctionalClass;
import palintone.core.substance.Traits;
import palintone.server.problem.Within;

/**
 * Acidity, mass of a piece, price, strength as a gel, edible part and special nature of an
 * ingredient.
 *
 * @param ediblePercent of the whole fruit, peeled, stoned and trimmed, 5 to 100
 */
public record TraitsView(
        @Nullable @Within(low = 0, high = 14) Double ph,
        @Nullable Double pieceG,
        @Nullable @Within(low = 0, high = 1_000_000, unit = "per kg") Double pricePerKg,
        @Nullable @Within(low = 50, high = 2000) Double gelStrength,
        @Nullable @Within(low = 5, high = 100, unit = "%") Double ediblePercent,
        @NotNull List<@NotNull FunctionalClass> natures,
        boolean estimated) {

    public static TraitsView of(final Traits traits) {
        return new TraitsView(
                number(traits.ph()),
                number(traits.pieceG()),
                number(traits.pricePerKg()),
                number(traits.gelStrength()),
                percent(traits.ediblePart()),
                traits.natures().stream().sorted().toList(),
                traits.estimated());
    }

    public Traits traits() {
        return new Traits(
                number(ph),
                number(pieceG),
                number(pricePerKg),
                number(gelStrength),
                ediblePercent == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(ediblePercent / 100),
                natures == null ? Set.of() : Set.copyOf(natures),
                estimated);
    }

    private static Double percent(final OptionalDouble share) {
        return share.isPresent() ? Math.round(1e6 * share.getAsDouble()) / 1e4 : null;
    }

    private static Double number(final OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static OptionalDouble number(final Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
