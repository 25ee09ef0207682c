package palintone.server.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.temper.CouvertureMixture;

/** Couvertures melted together: what a mixture is follows from its parts. */
@Component
class Mixtures {

    private final IngredientRepository ingredients;

    Mixtures(final IngredientRepository ingredients) {
        this.ingredients = ingredients;
    }

    /**
     * The parts looked up.
     *
     * @throws OutOfRangeException when one is unknown, is a mixture itself, or they are not whole
     */
    CouvertureMixture of(final List<IngredientDraft.PartDraft> drafts) {
        final List<CouvertureMixture.MixturePart> parts = new ArrayList<>();
        for (final IngredientDraft.PartDraft draft : drafts) {
            final String id = Require.text("part of the mixture", draft.ingredient(), 64);
            final IngredientEntity part =
                    ingredients
                            .findById(id)
                            .orElseThrow(
                                    () ->
                                            new OutOfRangeException(
                                                    "part of the mixture",
                                                    "\"" + id + "\"",
                                                    "an id that is in the larder"));
            if (!part.parts().isEmpty()) {
                throw new OutOfRangeException(
                        "part of the mixture",
                        part.name() + ", a mixture itself",
                        "couvertures and coatings; write its parts instead");
            }
            if (draft.percent() == null) {
                throw new OutOfRangeException("share of " + part.name(), "missing", "a number");
            }
            parts.add(new CouvertureMixture.MixturePart(part.ingredient(), draft.percent()));
        }
        return new CouvertureMixture(parts);
    }

    /** The draft with what follows from its parts; as it is where it has none. */
    IngredientDraft mixed(final IngredientDraft draft) {
        if (!draft.isMixture()) {
            return draft;
        }
        final CouvertureMixture mixture = of(draft.parts());
        final TraitsView traits =
                draft.traits() == null
                        ? new TraitsView(null, null, null, null, null, List.of(), false)
                        : draft.traits();
        final OptionalDouble price = mixture.pricePerKg();
        return new IngredientDraft(
                draft.name(),
                mixture.densityGPerMl(),
                Map.copyOf(mixture.gramsPer100()),
                mixture.allergens(),
                mixture.kind(),
                CouvertureMixture.SOURCE.citation(),
                false,
                new TraitsView(
                        traits.ph(),
                        traits.pieceG(),
                        price.isPresent() ? Double.valueOf(price.getAsDouble()) : null,
                        traits.gelStrength(),
                        traits.ediblePercent(),
                        traits.natures(),
                        traits.estimated()),
                draft.bag(),
                draft.parts(),
                draft.version());
    }

    /** Mixtures that hold one of these are worked out anew: their parts are something else now. */
    void follow(final Set<String> changed) {
        for (final IngredientEntity mixture : ingredients.mixtures()) {
            if (mixture.parts().stream().anyMatch(p -> changed.contains(p.ingredient()))) {
                mixture.take(mixed(mixture.draft()));
            }
        }
    }
}
