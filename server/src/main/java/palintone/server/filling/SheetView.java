package palintone.server.filling;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Style;
import palintone.core.filling.layer.CrunchOfPieces;
import palintone.core.filling.pot.Cooked;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.Allergen;
import palintone.core.substance.UnitedStatesLabel;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** Everything the bench shows of a filling. */
public record SheetView(
        List<QualityView> figures,
        FigureView splitRisk,
        List<FigureView> grainRisk,
        List<TextureView> textures,
        double servingC,
        double storageC,
        LifeView life,
        List<FigureView> eggHeat,
        @Nullable FigureView crunch,
        FigureView density,
        FigureView weighed,
        FigureView cost,
        List<String> unpriced,
        List<Allergen> allergens,
        List<String> labelInTheUnitedStates,
        List<SentenceView> cautions,
        List<StageView> stages,
        List<PotView> pots,
        List<Double> lineGrams,
        List<StayingView> staying) {

    /** One quality. */
    public record QualityView(Quality quality, FigureView figure) {}

    /** How it stands at a temperature. */
    public record TextureView(
            double celsius, TextureClass texture, String words, double pascal, double firmness) {}

    /** A pot after an operation. */
    public record StageView(
            OperationKind kind,
            int pot,
            double massG,
            double waterG,
            double temperatureC,
            double lostG) {}

    /**
     * What came of a pot beside the one the filling comes out of.
     *
     * @param weighedG of ingredients put into it
     * @param takenG out of it, altogether
     * @param leftG what nobody took
     */
    public record PotView(int pot, String name, double weighedG, double takenG, double leftG) {}

    /**
     * A line a balance leaves alone although nobody locked it.
     *
     * @param line its place in the recipe, from 0
     * @param words why
     * @param main whether its maker may free it
     */
    public record StayingView(int line, String words, boolean main) {}

    private static List<PotView> pots(final FillingFigures f, final OnBench bench) {
        final List<PotView> pots = new ArrayList<>();
        for (int i = 1; i < Operation.MOST_POTS; i++) {
            final int pot = i;
            final double weighed =
                    bench.operations().stream()
                            .filter(op -> op.pot() == pot)
                            .flatMap(op -> op.lines().stream())
                            .mapToDouble(RecipeLine::massG)
                            .sum();
            final double taken =
                    f.cooked().stages().stream()
                            .filter(stage -> stage.from() == pot)
                            .mapToDouble(Cooked.Stage::takenG)
                            .sum();
            final double left =
                    f.cooked().left().stream()
                            .filter(l -> l.pot() == pot)
                            .mapToDouble(Cooked.Left::massG)
                            .sum();
            if (weighed + taken + left > 0) {
                pots.add(
                        new PotView(
                                pot,
                                pot < bench.pots().size() ? bench.pots().get(pot) : "",
                                weighed,
                                taken,
                                left));
            }
        }
        return pots;
    }

    /** Of a filling that came out of a recipe nobody writes down. */
    static final OnBench NOT_OF_A_RECIPE = new OnBench("", List.of(), List.of(), Conditions.USUAL);

    static SheetView of(
            final FillingProperties properties, final Style style, final OnBench bench) {
        final FillingFigures f = FillingFigures.of(properties, style.bands());
        return new SheetView(
                f.figures().entrySet().stream()
                        .map(e -> new QualityView(e.getKey(), FigureView.of(e.getValue())))
                        .toList(),
                FigureView.of(f.splitRisk()),
                f.grainRisk().stream().map(FigureView::of).toList(),
                f.textures().stream()
                        .map(
                                t ->
                                        new TextureView(
                                                t.celsius(),
                                                t.texture(),
                                                t.texture().words(),
                                                t.pascal(),
                                                Texture.firmness(t.pascal())))
                        .toList(),
                f.conditions().servingC(),
                f.conditions().storageC(),
                LifeView.of(f.life()),
                f.eggHeat().stream().map(FigureView::of).toList(),
                CrunchOfPieces.of(properties).map(FigureView::of).orElse(null),
                FigureView.of(f.density()),
                FigureView.of(f.weighed()),
                FigureView.of(f.cost()),
                f.unpriced(),
                List.copyOf(f.allergens()),
                UnitedStatesLabel.words(
                        f.allergens(),
                        bench.operations().stream()
                                .flatMap(op -> op.lines().stream())
                                .map(RecipeLine::ingredient)
                                .toList()),
                f.cautions().stream().map(SentenceView::of).toList(),
                f.cooked().stages().stream()
                        .map(
                                s ->
                                        new StageView(
                                                s.kind(),
                                                s.pot(),
                                                s.massG(),
                                                s.waterG(),
                                                s.temperatureC(),
                                                s.lostG()))
                        .toList(),
                pots(f, bench),
                Arrays.stream(bench.grams()).boxed().toList(),
                bench.staying().entrySet().stream()
                        .map(
                                e ->
                                        new StayingView(
                                                e.getKey(),
                                                e.getValue().words(),
                                                e.getValue().isMain()))
                        .toList());
    }
}
