package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import palintone.core.figure.Sentence;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Quality;
import palintone.core.piece.CastPiece;
import palintone.core.piece.Inclusion;
import palintone.core.piece.Materials;
import palintone.core.piece.MouldedPiece;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Portion;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.work.BatchPlan;
import palintone.server.figure.BandView;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.filling.LifeView;
import palintone.server.temper.CurveView;

/**
 * What a batch needs, as it is shown before it begins.
 *
 * @param moulds or sheets; 0 where pieces are made one by one
 * @param mouldsOwned 0 where it comes out of none
 * @param turns it is cast in; 1 where there are moulds enough, or so few that it is several batches
 * @param toMelt in the bowl, of each turn
 * @param topUps put to it between the turns, all together; null where there is one
 * @param keepCold whether the whole piece must be kept cold, its layers judged where they touch too
 * @param life the same in words; null where nothing in it spoils
 * @param melt and so work and temper: null where nothing is tempered
 */
public record NeedsView(
        int pieces,
        int moulds,
        int mouldsOwned,
        int turns,
        List<FigureView> kept,
        FigureView toMelt,
        @Nullable FigureView topUps,
        FigureView comesBack,
        List<FillingView> fillings,
        List<FigureView> colours,
        @Nullable CapNeedView cap,
        List<InclusionNeedView> inclusions,
        List<FetchView> fetch,
        List<Allergen> allergens,
        boolean keepCold,
        @Nullable SentenceView life,
        @Nullable BandView melt,
        @Nullable BandView work,
        @Nullable TemperView temper,
        int steps,
        List<SentenceView> remarks) {

    /** How its bowl is brought into temper. */
    public record TemperView(
            TemperingMethod method,
            String words,
            double choppedG,
            List<CurveView.PhaseView> phases,
            FigureView ready,
            FigureView stable,
            FigureView window,
            List<FigureView> solved) {

        static TemperView of(final TemperCurve curve) {
            return new TemperView(
                    curve.order().method(),
                    curve.order().method().words(),
                    curve.path().get(0).massG(),
                    curve.phases().stream().map(CurveView.PhaseView::of).toList(),
                    FigureView.of(curve.ready()),
                    FigureView.of(curve.stable()),
                    FigureView.of(curve.window()),
                    curve.solved().stream().map(FigureView::of).toList());
        }
    }

    /** One thing stirred in or laid on. */
    public record InclusionNeedView(
            String name,
            double eachG,
            FigureView toWeigh,
            Inclusion.Placing placing,
            boolean keepCold,
            SentenceView verdict) {}

    /** One layer's filling. */
    public record FillingView(
            String name,
            FigureView perCavity,
            FigureView inPieces,
            FigureView toMake,
            @Nullable FigureView waterActivity,
            FigureView water,
            FigureView fat,
            @Nullable FigureView undissolvedSugar,
            FigureView density,
            LifeView life,
            List<LineView> recipe,
            List<ShareView> composition) {}

    /** One recipe line, in grams and as its maker wrote it. */
    public record LineView(String ingredient, double grams, double amount, String unit) {}

    /** One component of a filling. */
    public record ShareView(String component, double percent) {}

    /** One thing to fetch from the larder. */
    public record FetchView(String ingredient, double grams) {}

    /**
     * What is melted of another couverture.
     *
     * @param caps or else for a second colour
     */
    public record CapNeedView(String couverture, boolean caps, FigureView toMelt) {

        @Nullable
        static CapNeedView of(final Materials needs) {
            return needs.second()
                    .map(
                            bowl ->
                                    new CapNeedView(
                                            bowl.couverture().ingredient().name(),
                                            needs.piece() instanceof MouldedPiece,
                                            FigureView.of(bowl.toMelt())))
                    .orElse(null);
        }
    }

    /**
     * @param remarks what stands against it, of the house's tools and colours
     */
    static NeedsView of(final BatchPlan plan, final List<Sentence> remarks) {
        final Materials needs = plan.materials();
        final Optional<TemperTargets> targets =
                plan.place()
                        .tempering()
                        .map(curve -> curve.order().targets().workedIn(curve.worked()));
        return new NeedsView(
                needs.size().pieces(),
                needs.size().moulds(),
                needs.piece() instanceof CastPiece cast ? cast.mould().owned() : 0,
                Math.max(1, needs.turns().size()),
                needs.kept().stream().map(FigureView::of).toList(),
                FigureView.of(needs.toMelt()),
                needs.topUps().map(FigureView::of).orElse(null),
                FigureView.of(needs.comesBack()),
                fillings(needs),
                needs.coloursToFetch().stream().map(FigureView::of).toList(),
                CapNeedView.of(needs),
                needs.inclusions().stream().map(NeedsView::inclusion).toList(),
                needs.toFetch().stream()
                        .map(p -> new FetchView(p.ingredient().name(), p.massG()))
                        .toList(),
                List.copyOf(needs.allergens()),
                needs.keepCold(),
                needs.verdict().map(SentenceView::of).orElse(null),
                targets.map(t -> BandView.of(t.melt())).orElse(null),
                targets.map(t -> BandView.of(t.work())).orElse(null),
                plan.place().tempering().map(TemperView::of).orElse(null),
                plan.process().tasks().size(),
                remarks.stream().map(SentenceView::of).toList());
    }

    private static InclusionNeedView inclusion(final Materials.InclusionNeed need) {
        return new InclusionNeedView(
                need.inclusion().ingredient().name(),
                need.inclusion().eachG(),
                FigureView.of(need.toWeigh()),
                need.inclusion().placing(),
                need.keepCold(),
                SentenceView.of(need.verdict()));
    }

    private static List<FillingView> fillings(final Materials needs) {
        final List<FillingView> views = new ArrayList<>();
        for (int i = 0; i < needs.fillings().size(); i++) {
            final Materials.FillingNeed need = needs.fillings().get(i);
            final Filling filling = need.filling();
            final FillingFigures figures = need.figures();
            views.add(
                    new FillingView(
                            need.name(),
                            FigureView.of(need.each()),
                            FigureView.of(need.inPieces()),
                            FigureView.of(need.toMake()),
                            FigureView.of(figures.figure(Quality.WATER_ACTIVITY)),
                            FigureView.of(figures.figure(Quality.WATER)),
                            FigureView.of(figures.figure(Quality.FAT)),
                            FigureView.of(figures.figure(Quality.CRYSTAL_SUGAR)),
                            FigureView.of(figures.density()),
                            LifeView.of(figures.life()),
                            lines(filling, need),
                            composition(figures.cooked().composition())));
        }
        return views;
    }

    private static List<LineView> lines(final Filling filling, final Materials.FillingNeed need) {
        final List<LineView> views = new ArrayList<>();
        for (int i = 0; i < filling.lines().size(); i++) {
            final RecipeLine line = filling.lines().get(i);
            final Portion portion = need.recipe().portions().get(i);
            views.add(
                    new LineView(
                            line.ingredient().name(),
                            portion.massG(),
                            line.unit().fromGrams(portion.massG(), line.ingredient()),
                            line.unit().symbol()));
        }
        return views;
    }

    private static List<ShareView> composition(final Composition composition) {
        return composition.fractions().entrySet().stream()
                .sorted(Map.Entry.<Component, Double>comparingByValue(Comparator.reverseOrder()))
                .map(e -> new ShareView(e.getKey().words(), e.getValue() * 100))
                .toList();
    }
}
