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
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarStage;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

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
            @Nullable Double altitudeM,
            @Nullable Double pressureHPa,
            @Nullable Double boilingWaterC,
            @Nullable Double iceC) {}

    /** How far to cook it, or what was reached. */
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
                cook.cautions().stream().map(SentenceView::of).toList());
    }

    private SugarCook.Pan pan(final RecipeDraft recipe, final double pressureHPa) {
        final Filling filling = recipes.read("sugar", recipe).filling();
        return filling.operations().stream().anyMatch(op -> op.kind() == OperationKind.COOK_SUGAR)
                ? SugarCook.Pan.before(filling.operations(), pressureHPa)
                : SugarCook.Pan.of(filling.mixture());
    }
}
