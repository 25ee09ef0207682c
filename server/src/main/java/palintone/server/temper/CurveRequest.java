package palintone.server.temper;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.bowl.VesselKind;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.MeltWay;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.problem.Longest;
import palintone.server.problem.Within;

/**
 * A bowl to be planned. What is left out comes from House rules.
 *
 * @param methods one, or several side by side
 * @param darkWindow where dark is worked in this bowl
 * @param bathG water of the cold bath
 * @param meltBy what it is melted with
 * @param meltAt °C of water or oven, W of a heat gun
 * @param sharePercent poured on the stone or of seed, for a single method that has a share
 */
public record CurveRequest(
        @NotNull @Longest(64) String couverture,
        @Within(low = 50, high = 100_000, unit = "g") double massG,
        @NotNull List<@NotNull TemperingMethod> methods,
        @Nullable FluidityClass fluidity,
        @Nullable DarkWindowPractice darkWindow,
        @Nullable VesselKind vessel,
        @Nullable Double sharePercent,
        @Nullable @Within(low = 10, high = 32, unit = "°C") Double roomC,
        @Nullable @Within(low = 5, high = 30, unit = "°C") Double stoneC,
        @Nullable @Within(low = 0, high = 30, unit = "°C") Double bathC,
        @Nullable @Within(low = 100, high = 500_000, unit = "g") Double bathG,
        @Nullable MeltWay.WayKind meltBy,
        @Nullable Double meltAt) {

    /** What heats it, where somebody has said. */
    MeltWay melting(final MeltWay house) {
        return meltBy == null ? house : new MeltWay(meltBy, meltAt == null ? 0 : meltAt);
    }
}
