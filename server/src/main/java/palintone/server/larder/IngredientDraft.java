package palintone.server.larder;

import com.fasterxml.jackson.annotation.JsonIgnore;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Set;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Source;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Ingredient;
import palintone.core.substance.Traits;
import palintone.core.temper.CouvertureKind;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * An ingredient as somebody wrote it down.
 *
 * @param gramsPer100 composition, grams in 100 g
 * @param densityGPerMl as it is measured out
 * @param couverture dark, milk or white where it is cast
 * @param source where the composition comes from
 * @param fromMemory whether it was written down from memory
 * @param traits acidity, mass of a piece, price, special nature
 * @param bag what the bag of a couverture prints
 * @param parts of a mixture: then composition, density, kind and allergens follow from them
 * @param version of the state that was changed; left out for a new one
 */
public record IngredientDraft(
        @NotNull @Longest(120) String name,
        @Within(low = 0.05, high = 3, unit = "g/ml") double densityGPerMl,
        @NotNull Map<Component, Double> gramsPer100,
        @NotNull Set<@NotNull Allergen> allergens,
        @Nullable CouvertureKind couverture,
        @NotNull @Longest(500) String source,
        boolean fromMemory,
        @Nullable @Valid TraitsView traits,
        @Nullable @Valid BagDraft bag,
        @Nullable List<@NotNull @Valid PartDraft> parts,
        @Nullable Long version) {

    /** One part of a mixture, per cent of its mass. */
    public record PartDraft(
            @NotNull @Longest(64) String ingredient,
            @NotNull @Within(low = 0, above = true, high = 100, unit = "%") Double percent) {}

    /** Whether it is melted together of others. */
    @JsonIgnore
    public boolean isMixture() {
        return parts != null && !parts.isEmpty();
    }

    /**
     * Refuses what {@link #ingredient} would.
     *
     * @throws palintone.core.figure.OutOfRangeException when the core would not take it
     */
    public void check(final String id) {
        ingredient(id);
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the core would not take it
     */
    Ingredient ingredient(final String id) {
        Require.text("source", source, 500);
        if (bag != null) {
            bag.curve();
        }
        declareMilk();
        final Source.SourceKind kind =
                fromMemory ? Source.SourceKind.PUBLISHED : Source.SourceKind.WORKSHOP;
        return new Ingredient(
                id,
                name,
                Composition.per100(gramsPer100 == null ? Map.of() : gramsPer100),
                densityGPerMl,
                allergens == null ? Set.of() : allergens,
                new Source(kind, source, fromMemory),
                traits == null ? Traits.NONE : traits.traits());
    }

    /** A couverture that holds milk and does not say so could hurt somebody. */
    private void declareMilk() {
        final boolean milk =
                gramsPer100 != null
                        && (gramsPer100.getOrDefault(Component.MILK_SOLIDS, 0.0) > 0
                                || gramsPer100.getOrDefault(Component.MILK_FAT, 0.0) > 0);
        if (couverture != null
                && milk
                && (allergens == null || !allergens.contains(Allergen.MILK))) {
            throw new OutOfRangeException(
                    "allergens", "without milk", "milk among them: its composition holds milk");
        }
    }
}
