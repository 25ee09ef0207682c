package palintone.server.larder;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Ingredient;
import palintone.core.substance.UnitedStatesLabel;
import palintone.core.temper.BagRead;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView.SourceView;

/** An ingredient as it is shown and edited. */
public record IngredientView(
        String id,
        String name,
        double densityGPerMl,
        Map<Component, Double> gramsPer100,
        double fatPercent,
        double waterPercent,
        List<Allergen> allergens,
        @Nullable CouvertureKind couverture,
        SourceView source,
        TraitsView traits,
        List<String> labelInTheUnitedStates,
        BagDraft bag,
        @Nullable BagRead asOnABag,
        List<IngredientDraft.PartDraft> parts,
        boolean archived,
        long version) {

    static IngredientView of(final IngredientEntity entity) {
        final Ingredient ingredient = entity.ingredient();
        return new IngredientView(
                ingredient.id(),
                ingredient.name(),
                ingredient.densityGPerMl(),
                entity.gramsPer100(),
                ingredient.composition().fatFraction() * 100,
                ingredient.composition().fraction(Component.WATER) * 100,
                ingredient.allergens().stream().sorted().toList(),
                entity.couvertureKind(),
                SourceView.of(ingredient.source()),
                TraitsView.of(ingredient.traits()),
                UnitedStatesLabel.words(ingredient.allergens(), List.of(ingredient)),
                entity.bag(),
                entity.couvertureKind() == null ? null : BagRead.of(ingredient.composition()),
                entity.parts(),
                entity.archived(),
                entity.version());
    }
}
