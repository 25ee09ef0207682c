package palintone.server.house;

import palintone.server.figure.FigureView;

/** The house as it is shown, with what follows from its air. */
public record HouseView(HouseDraft rules, FigureView dewPoint) {

    static HouseView of(final HouseEntity house) {
        return new HouseView(
                new HouseDraft(
                        house.name(),
                        house.air().temperatureC(),
                        house.air().humidityPercent(),
                        house.cabinets().stream()
                                .map(c -> new HouseDraft.CabinetView(c.name(), c.temperatureC()))
                                .toList(),
                        house.temperatureUnit(),
                        house.massUnit(),
                        house.darkWindow(),
                        house.seedSchool(),
                        house.habits().mouldsInRotation(),
                        house.habits().bowlReserve(),
                        house.habits().fillingSurplus(),
                        house.heat().powerW(),
                        house.heat().efficiency(),
                        house.tempering(),
                        house.currency(),
                        house.altitudeM(),
                        house.version()),
                FigureView.of(house.air().dewPoint()));
    }
}
