package palintone.server.filling;

import java.util.List;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.Quality;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.Allergen;
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
        FigureView density,
        FigureView weighed,
        FigureView cost,
        List<String> unpriced,
        List<Allergen> allergens,
        List<String> labelInTheUnitedStates,
        List<SentenceView> cautions,
        List<StageView> stages,
        List<Double> lineGrams) {

    /** One quality. */
    public record QualityView(Quality quality, FigureView figure) {}

    /** How it stands at a temperature. */
    public record TextureView(
            double celsius, TextureClass texture, String words, double pascal, double firmness) {}

    /** The pot after an operation. */
    public record StageView(
            OperationKind kind, double massG, double waterG, double temperatureC, double lostG) {}

    static SheetView of(final FillingFigures f, final double[] lineGrams) {
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
                FigureView.of(f.density()),
                FigureView.of(f.weighed()),
                FigureView.of(f.cost()),
                f.unpriced(),
                List.copyOf(f.allergens()),
                f.allergens().stream().flatMap(a -> a.inTheUnitedStates().stream()).toList(),
                f.cautions().stream().map(SentenceView::of).toList(),
                f.cooked().stages().stream()
                        .map(
                                s ->
                                        new StageView(
                                                s.kind(),
                                                s.massG(),
                                                s.waterG(),
                                                s.temperatureC(),
                                                s.lostG()))
                        .toList(),
                java.util.Arrays.stream(lineGrams).boxed().toList());
    }
}
