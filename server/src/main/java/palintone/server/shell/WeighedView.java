package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import palintone.server.figure.SentenceView;

/**
 * What the workshop's weighings say of a mould, couverture and vibration.
 *
 * @param yieldFactor on the film that stays, with its margin (eight in ten)
 * @param heatFactor on the pace of setting
 * @param fills what fillings weigh in this mould
 * @param drift sentence where the newest are unlike the ones before
 * @param next what to weigh to know more
 */
public record WeighedView(
        double yieldFactor,
        double yieldLow,
        double yieldHigh,
        double heatFactor,
        double heatLow,
        double heatHigh,
        List<WeighedRowView> rows,
        List<FillWeighedView> fills,
        List<SentenceView> says,
        @Nullable SentenceView drift,
        @Nullable SentenceView next) {

    /**
     * A weighing beside what was foretold.
     *
     * @param eachG one shell as weighed
     * @param foretoldG by the model alone
     * @param learnedG by the model as corrected
     * @param fillEachG one filling; null where not weighed
     * @param capEachG one cap; null where not weighed
     * @param capMm as thick it is; null where not weighed
     */
    public record WeighedRowView(
            String id,
            Instant notedAt,
            double waitS,
            double bowlC,
            double mouldC,
            int cavities,
            double eachG,
            double foretoldG,
            double learnedG,
            @Nullable Double fillEachG,
            @Nullable Double capEachG,
            @Nullable Double capMm,
            String note) {}

    /**
     * A filling as it lies in this mould.
     *
     * @param gPerMl as weighed, the mean
     * @param recipeGPerMl without air
     * @param weighings it rests on
     */
    public record FillWeighedView(
            String filling, double gPerMl, double recipeGPerMl, int weighings) {}
}
