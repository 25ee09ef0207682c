package palintone.server.filling;

import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.sugar.SugarCook;
import palintone.core.filling.sugar.SugarStage;
import palintone.core.filling.water.BoilingPoint;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** How far to cook a sugar, or what was reached. */
@Service
public class SugarTool {

    private final RecipeReader reader;

    SugarTool(final RecipeReader reader) {
        this.reader = reader;
    }

    /**
     * A sugar to be cooked.
     *
     * @param recipe what is in the pan, as operations that only add
     * @param stage wanted; or
     * @param readC what was read
     * @param boilingWaterC what the thermometer shows in boiling water here
     */
    public record SugarRequest(
            RecipeDraft recipe,
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

    @Transactional(readOnly = true)
    public SugarView sugar(final SugarRequest request) {
        final double pressure =
                request.pressureHPa() != null
                        ? request.pressureHPa()
                        : BoilingPoint.pressureHPa(
                                request.altitudeM() == null ? 0 : request.altitudeM());
        // Boiling water is nearer to sugar than ice is: it has the word where both were checked.
        final SugarCook.Place place =
                request.boilingWaterC() != null
                        ? SugarCook.Place.checkedInBoilingWater(pressure, request.boilingWaterC())
                        : new SugarCook.Place(
                                pressure, request.iceC() == null ? 0 : request.iceC());
        final var pot = reader.read("sugar", request.recipe()).filling().mixture();
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
}
