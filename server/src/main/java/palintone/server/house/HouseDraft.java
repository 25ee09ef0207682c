package palintone.server.house;

import com.fasterxml.jackson.annotation.JsonAlias;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.bowl.VesselKind;

/**
 * The house as somebody wrote it down.
 *
 * @param altitudeM how high the kitchen lies, m; left out of a file, it stays as it was
 * @param currency sign or letters prices are shown with; left out of a file, it stays as it was
 * @param version that of the state that was changed
 */
public record HouseDraft(
        @NotNull String name,
        double roomTemperatureC,
        double humidityPercent,
        @NotNull List<@NotNull @Valid CabinetView> cabinets,
        @NotNull HouseEntity.TemperatureUnit temperatureUnit,
        @NotNull HouseEntity.MassUnit massUnit,
        @NotNull DarkWindowPractice darkWindow,
        // House files of before V9 say seedSchool.
        @JsonAlias("seedSchool") @NotNull SeedPractice seedPractice,
        int mouldsInRotation,
        double bowlReserve,
        double fillingSurplus,
        double heatPowerW,
        double heatEfficiency,
        @Nullable @Valid TemperingView tempering,
        @Nullable String currency,
        @Nullable Double altitudeM,
        long version) {

    /** What stands ready for tempering; left out of a file, it stays as it was. */
    public record TemperingView(
            double stoneC,
            double stoneM2,
            double stoneMm,
            double bathC,
            double bathG,
            double kettleW,
            @NotNull VesselKind vessel) {}

    /** A cold place for moulds. */
    public record CabinetView(@NotNull String name, double temperatureC) {}
}
