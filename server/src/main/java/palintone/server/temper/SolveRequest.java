package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.figure.Figure;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.method.MeltWay;
import palintone.core.temper.method.TemperCalculator;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A small question at the bowl.
 *
 * @param fromC where it stands
 * @param value what is wanted or done, in the unit the question names
 * @param bathC of the cold bath; left out, that of the house, as the next three
 * @param meltBy what heats it
 * @param meltAt °C of water or oven, W of a heat gun
 */
public record SolveRequest(
        @NotNull @Longest(64) String couverture,
        @Within(low = 50, high = 100_000, unit = "g") double massG,
        @Nullable VesselKind vessel,
        @Nullable @Within(low = 10, high = 32, unit = "°C") Double roomC,
        @NotNull Question question,
        @Within(low = 15, high = 60, unit = "°C") double fromC,
        @Within(low = 20, high = 55, unit = "°C") double value,
        @Nullable @Within(low = 0, high = 30, unit = "°C") Double bathC,
        @Nullable @Within(low = 100, high = 500_000, unit = "g") Double bathG,
        @Nullable MeltWay.WayKind meltBy,
        @Nullable @Within(low = 50, high = 100, unit = "°C") Double meltAt) {

    private static final int S_PER_MIN = 60;

    /**
     * Which question is asked; the first of each pair what must be done, the second what happens.
     */
    public enum Question {
        /** From, to: seconds of heat, in bursts. */
        HEAT_FOR_TEMPERATURE,
        /** From, seconds, or minutes over water and in an oven: where it ends. */
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

    /** The bowl it is asked of. */
    CurveRequest bowl() {
        return new CurveRequest(
                couverture,
                massG,
                List.of(),
                null,
                null,
                vessel,
                null,
                roomC,
                null,
                bathC,
                bathG,
                meltBy,
                meltAt);
    }

    /**
     * @param way what heats it
     */
    List<Figure> answer(final TemperCalculator calculator, final MeltWay way) {
        return switch (question) {
            case HEAT_FOR_TEMPERATURE -> calculator.heatFor(way, fromC, value);
            case TEMPERATURE_AFTER_HEAT ->
                    calculator.afterHeat(
                            way, fromC, way.kind().electric() ? value : value * S_PER_MIN);
            case BATH_FOR_TEMPERATURE -> calculator.bathFor(fromC, value);
            case TEMPERATURE_AFTER_BATH -> calculator.afterBath(fromC, value);
            case SHARE_FOR_TEMPERATURE -> calculator.shareFor(value);
            case TEMPERATURE_AFTER_STONE -> calculator.afterStone(value);
            case WINDOW -> calculator.window(fromC, value);
        };
    }
}
