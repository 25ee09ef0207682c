package palintone.server.larder;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Sentence;
import palintone.core.substance.Allergen;
import palintone.core.substance.ChoiOkos1986;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.temper.BagNumbers;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.CouvertureLabel;
import palintone.core.temper.CouvertureMixture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.WhiteBag;
import palintone.server.figure.BandView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.problem.Within;

/** A couverture from the label of its bag. */
@RestController
@RequestMapping("/api/couvertures")
class CouvertureController {

    private static final double MELTED_C = 40;

    private final HouseService houses;
    private final LarderService larder;

    CouvertureController(final HouseService houses, final LarderService larder) {
        this.houses = houses;
        this.larder = larder;
    }

    /**
     * The numbers of a bag.
     *
     * @param cocoaPercent of dark and milk, as fat and sugars
     * @param sugarsPercent of the nutrition table, lactose included
     * @param cocoaButterPercent of white, as milk solids and sugar
     * @param sugarPercent among the ingredients, without lactose
     */
    public record BagLabelDraft(
            @NotNull CouvertureKind kind,
            @Nullable @Within(low = 20, high = 100, unit = "%") Double cocoaPercent,
            @Nullable @Within(low = 20, high = 65, unit = "%") Double fatPercent,
            @Nullable @Within(low = 0, high = 60, unit = "%") Double sugarsPercent,
            @Nullable @Within(low = 20, high = 60, unit = "%") Double cocoaButterPercent,
            @Nullable @Within(low = 3, high = 60, unit = "%") Double milkSolidsPercent,
            @Nullable @Within(low = 0, high = 60, unit = "%") Double sugarPercent,
            @Nullable @Within(low = 0, high = 36, unit = "%") Double milkFatPercent,
            @Nullable @Valid BagDraft bag) {

        BagNumbers numbers() {
            final OptionalDouble milkFat =
                    milkFatPercent == null
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(milkFatPercent);
            return kind == CouvertureKind.WHITE
                    ? new WhiteBag(
                            said("cocoaButterPercent", cocoaButterPercent),
                            said("milkSolidsPercent", milkSolidsPercent),
                            said("sugarPercent", sugarPercent),
                            milkFat)
                    : new CouvertureLabel(
                            kind,
                            said("cocoaPercent", cocoaPercent),
                            said("fatPercent", fatPercent),
                            said("sugarsPercent", sugarsPercent),
                            milkFat);
        }

        private double said(final String field, final Double number) {
            if (number == null) {
                throw new OutOfRangeException(
                        field, "missing", "a number on a " + kind.words() + " bag");
            }
            return number;
        }
    }

    /**
     * What follows from them.
     *
     * @param rules what the composition rules say of its name
     * @param differs where the bag's curve is not ours, and why
     * @param byItsBag whether it is worked as the bag says
     */
    public record BagLabelView(
            Map<Component, Double> gramsPer100,
            double densityGPerMl,
            String basis,
            List<SentenceView> rules,
            String rulesFrom,
            List<SentenceView> differs,
            BandView melt,
            BandView work,
            boolean byItsBag,
            FitView fit) {}

    /** What the label of a bag says of its composition and its window. */
    @PostMapping("/label")
    BagLabelView label(@Valid @RequestBody final BagLabelDraft draft) {
        final BagNumbers label = draft.numbers();
        final TemperTargets ours = TemperTargets.of(draft.kind(), houses.house().darkWindow());
        final BagDraft bag = draft.bag() == null ? BagDraft.NONE : draft.bag();
        final TemperTargets worked = ours.by(bag.curve());
        return new BagLabelView(
                label.gramsPer100(),
                ChoiOkos1986.densityGPerMl(label.composition(), MELTED_C),
                CouvertureLabel.SOURCE.citation(),
                views(label.rules()),
                BagNumbers.RULES.citation(),
                views(new ArrayList<>(bag.curve().against(ours))),
                BandView.of(worked.melt()),
                BandView.of(worked.work()),
                bag.workC() != null,
                FitView.of(label.composition(), Optional.ofNullable(bag.fluidity())));
    }

    /** What is to be melted together. */
    public record MixtureDraft(@NotNull List<IngredientDraft.@NotNull @Valid PartDraft> parts) {}

    /**
     * What follows from its parts.
     *
     * @param cautions fats that do not bear each other
     */
    public record MixtureView(
            Map<Component, Double> gramsPer100,
            double densityGPerMl,
            CouvertureKind kind,
            List<Allergen> allergens,
            @Nullable Double pricePerKg,
            List<SentenceView> cautions,
            String cautionsFrom,
            BandView melt,
            BandView work,
            FitView fit) {}

    /** Two bags or more melted together. */
    @PostMapping("/mixture")
    MixtureView mixture(@Valid @RequestBody final MixtureDraft draft) {
        final CouvertureMixture mixture = larder.mixture(draft.parts());
        final TemperTargets ours = TemperTargets.of(mixture.kind(), houses.house().darkWindow());
        final OptionalDouble price = mixture.pricePerKg();
        return new MixtureView(
                mixture.gramsPer100(),
                mixture.densityGPerMl(),
                mixture.kind(),
                List.copyOf(mixture.allergens()),
                price.isPresent() ? Double.valueOf(price.getAsDouble()) : null,
                views(mixture.cautions()),
                CouvertureMixture.cautionsSource().citation(),
                BandView.of(ours.melt()),
                BandView.of(ours.work()),
                FitView.of(Composition.per100(mixture.gramsPer100()), Optional.empty()));
    }

    private static List<SentenceView> views(final List<Sentence> sentences) {
        return sentences.stream().map(SentenceView::of).toList();
    }
}
