package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import palintone.core.filling.Filling;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Quality;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.piece.Materials;
import palintone.core.substance.Allergen;
import palintone.core.substance.Component;
import palintone.core.substance.Composition;
import palintone.core.substance.Portion;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.work.BatchPlan;
import palintone.server.figure.BandView;
import palintone.server.figure.FigureView;
import palintone.server.filling.LifeView;
import palintone.server.temper.SeedView;

/** What a batch needs, as it is shown before it begins. */
public record NeedsView(
        int pieces,
        int moulds,
        int mouldsOwned,
        FigureView inShells,
        FigureView inCaps,
        FigureView toMelt,
        FigureView comesBack,
        List<FillingView> fillings,
        @Nullable FigureView colour,
        List<FetchView> fetch,
        List<Allergen> allergens,
        BandView melt,
        BandView work,
        SeedPractice seedPractice,
        SeedView seed,
        int steps) {

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

    static NeedsView of(
            final BatchPlan plan, final TemperTargets targets, final SeedPractice practice) {
        final Materials needs = plan.materials();
        return new NeedsView(
                needs.size().pieces(),
                needs.size().moulds(),
                needs.piece().mould().owned(),
                FigureView.of(needs.inShells()),
                FigureView.of(needs.inCaps()),
                FigureView.of(needs.toMelt()),
                FigureView.of(needs.comesBack()),
                fillings(needs),
                needs.colour().map(FigureView::of).orElse(null),
                needs.toFetch().stream()
                        .map(p -> new FetchView(p.ingredient().name(), p.massG()))
                        .toList(),
                List.copyOf(needs.allergens()),
                BandView.of(targets.melt()),
                BandView.of(targets.work()),
                practice,
                SeedView.of(plan.seed()),
                plan.steps().size());
    }

    private static List<FillingView> fillings(final Materials needs) {
        final List<FillingView> views = new ArrayList<>();
        for (int i = 0; i < needs.fillings().size(); i++) {
            final Materials.FillingNeed need = needs.fillings().get(i);
            final Filling filling = needs.piece().layers().get(i).filling();
            final FillingFigures figures = need.figures();
            views.add(
                    new FillingView(
                            need.name(),
                            FigureView.of(needs.each().layers().get(i)),
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
