package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.sugar.SugarColour;
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarDrop;
import palintone.core.filling.sugar.SugarStage;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.problem.Within;

/** How far to cook a sugar, or what was reached. */
@Service
public class SugarTool {

    private final RecipeReader recipes;
    private final BenchReader bench;

    SugarTool(final RecipeReader recipes, final BenchReader bench) {
        this.recipes = recipes;
        this.bench = bench;
    }

    /**
     * A sugar to be cooked.
     *
     * @param recipe what is in the pan: a recipe in which sugar is cooked, up to there, or else all
     *     its lines stirred together
     * @param stage wanted; or
     * @param readC what was read
     * @param altitudeM where it is not said, that of the House rules
     * @param pressureHPa of the air, where somebody has a barometer
     * @param boilingWaterC what the thermometer shows in boiling water here
     * @param iceC what it shows in melting ice
     */
    public record SugarRequest(
            @Valid @NotNull RecipeDraft recipe,
            @Nullable SugarStage stage,
            @Nullable Double readC,
            @Nullable @Within(low = -400, high = 5000, unit = "m") Double altitudeM,
            @Nullable @Within(low = 7, high = 200_000, unit = "hPa") Double pressureHPa,
            @Nullable @Within(low = -15, high = 15, unit = "°C") Double boilingWaterC,
            @Nullable @Within(low = -15, high = 15, unit = "°C") Double iceC) {}

    /**
     * A drop of it, cooked to the middle of a stage.
     *
     * @param seaC as at sea level
     * @param colour as a screen takes it, "#rrggbb"; null where milk browns in it: there colour
     *     says little
     * @param colourWords what that is called; null where there is none
     */
    public record DropView(
            SugarStage stage,
            double seaC,
            DropShapeView onPlate,
            DropShapeView inWater,
            String feel,
            @Nullable String colour,
            @Nullable String colourWords) {

        private static DropView of(final SugarDrop drop, final boolean coloured) {
            final SugarColour colour = SugarColour.at(drop.seaC());
            return new DropView(
                    drop.stage(),
                    drop.seaC(),
                    DropShapeView.of(drop.onPlate()),
                    DropShapeView.of(drop.inWater()),
                    drop.feel().words(),
                    coloured ? colour.onScreen() : null,
                    coloured ? colour.name().words() : null);
        }
    }

    /**
     * From the side.
     *
     * @param ball whether it has kept the shape it fell as
     */
    public record DropShapeView(double acrossMm, double highMm, boolean ball) {

        private static DropShapeView of(final SugarDrop.Shape shape) {
            return new DropShapeView(shape.acrossMm(), shape.highMm(), shape.ball());
        }
    }

    /**
     * How far to cook it, or what was reached.
     *
     * @param drops one for every stage it comes to
     * @param dropsFrom what those rest on
     */
    public record SugarView(
            FigureView read,
            FigureView truth,
            FigureView seaLevel,
            FigureView water,
            FigureView yield,
            FigureView waterActivity,
            SugarStage stage,
            String stageWords,
            FigureView boilsHere,
            double offsetK,
            List<DropView> drops,
            List<String> dropsFrom,
            List<SentenceView> cautions) {}

    /** A stage and its temperatures at sea level. */
    public record SugarStageView(SugarStage stage, String words, double fromC, double toC) {}

    static List<SugarStageView> stages() {
        return Arrays.stream(SugarStage.values())
                .map(s -> new SugarStageView(s, s.words(), s.fromC(), s.toC()))
                .toList();
    }

    public SugarView sugar(final SugarRequest request) {
        final double pressure =
                request.pressureHPa() != null
                        ? request.pressureHPa()
                        : bench.pressureHPa(request.altitudeM());
        // Boiling water is nearer to sugar than ice is: it has the word where both were checked.
        final SugarCook.Place place =
                request.boilingWaterC() != null
                        ? SugarCook.Place.checkedInBoilingWater(pressure, request.boilingWaterC())
                        : new SugarCook.Place(
                                pressure, request.iceC() == null ? 0 : request.iceC());
        final SugarCook.Pan pot = pan(request.recipe(), pressure);
        if ((request.stage() == null) == (request.readC() == null)) {
            throw new OutOfRangeException(
                    "sugar", "asked both ways or neither", "a stage, or a temperature read");
        }
        final SugarCook cook =
                request.stage() != null
                        ? SugarCook.to(request.stage(), pot, place)
                        : SugarCook.readAt(request.readC(), pot, place);
        return new SugarView(
                FigureView.of(cook.read()),
                FigureView.of(cook.truth()),
                FigureView.of(cook.seaLevel()),
                FigureView.of(cook.water()),
                FigureView.of(cook.yield()),
                FigureView.of(cook.waterActivity()),
                cook.stage(),
                cook.stage().words(),
                FigureView.of(cook.boilsHere()),
                place.offsetK(),
                SugarDrop.ofEvery(pot).stream()
                        .map(drop -> DropView.of(drop, SugarColour.tells(pot.composition())))
                        .toList(),
                List.of(SugarDrop.SOURCE.citation(), SugarColour.SOURCE.citation()),
                cook.cautions().stream().map(SentenceView::of).toList());
    }

    private SugarCook.Pan pan(final RecipeDraft recipe, final double pressureHPa) {
        final Filling filling = recipes.read("sugar", recipe).filling();
        return filling.operations().stream().anyMatch(op -> op.kind() == OperationKind.COOK_SUGAR)
                ? SugarCook.Pan.before(filling.operations(), pressureHPa)
                : SugarCook.Pan.of(filling.mixture());
    }
}
