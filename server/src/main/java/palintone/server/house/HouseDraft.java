package palintone.server.house;

import java.util.List;
import palintone.core.temper.DarkWindowSchool;
import palintone.core.temper.SeedSchool;

/** The house as somebody wrote it down; the version is that of the state that was changed. */
public record HouseDraft(
        String name,
        double roomTemperatureC,
        double humidityPercent,
        List<CabinetView> cabinets,
        HouseEntity.TemperatureUnit temperatureUnit,
        HouseEntity.MassUnit massUnit,
        DarkWindowSchool darkWindow,
        SeedSchool seedSchool,
        int mouldsInRotation,
        double bowlReserve,
        double fillingSurplus,
        double heatPowerW,
        double heatEfficiency,
        long version) {

    /** A cold place for moulds. */
    public record CabinetView(String name, double temperatureC) {}
}
