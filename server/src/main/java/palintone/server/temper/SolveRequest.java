package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.figure.Figure;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.TemperCalculator;

/**
 * A small question at the bowl.
 *
 * @param fromC where it stands
 * @param value what is wanted or done, in the unit the question names
 */
public record SolveRequest(
        @NotNull String couverture,
        double massG,
        @Nullable VesselKind vessel,
        @Nullable Double roomC,
        @NotNull Question question,
        double fromC,
        double value) {

    /**
     * Which question is asked; the first of each pair what must be done, the second what happens.
     */
    public enum Question {
        /** From, to: seconds of heat, in bursts. */
        HEAT_FOR_TEMPERATURE,
        /** From, seconds: where it ends. */
        TEMPERATURE_AFTER_HEAT,
        /** From, to: minutes in the cold bath. */
        BATH_FOR_TEMPERATURE,
        /** From, minutes: where it ends. */
        TEMPERATURE_AFTER_BATH,
        /** To: share to pour on the stone. */
        SHARE_FOR_TEMPERATURE,
        /** Share, per cent: where it comes back. */
        TEMPERATURE_AFTER_STONE,
        /** From, seed in per cent of the fat: how long the window stays open. */
        WINDOW
    }

    List<Figure> answer(final TemperCalculator calculator) {
        return switch (question) {
            case HEAT_FOR_TEMPERATURE -> calculator.heatFor(fromC, value);
            case TEMPERATURE_AFTER_HEAT -> calculator.afterHeat(fromC, value);
            case BATH_FOR_TEMPERATURE -> calculator.bathFor(fromC, value);
            case TEMPERATURE_AFTER_BATH -> calculator.afterBath(fromC, value);
            case SHARE_FOR_TEMPERATURE -> calculator.shareFor(value);
            case TEMPERATURE_AFTER_STONE -> calculator.afterStone(value);
            case WINDOW -> calculator.window(fromC, value);
        };
    }
}
