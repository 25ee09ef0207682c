package palintone.server.house;

import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.Instant;
import palintone.server.figure.FigureView;

/**
 * The house as it is shown, with what follows from its air.
 *
 * @param roomReadAt when the room's air was last read
 * @param roomIsOld whether it ought to be read again: never read, or more than a day ago
 */
public record HouseView(
        HouseDraft rules, FigureView dewPoint, @Nullable Instant roomReadAt, boolean roomIsOld) {

    /** That of the state it shows. */
    public Long version() {
        return rules.version();
    }

    private static final Duration FRESH = Duration.ofDays(1);

    static HouseView of(final HouseEntity house, final Instant now) {
        return new HouseView(
                draft(house),
                FigureView.of(house.air().dewPoint()),
                house.roomReadAt().orElse(null),
                isOld(house, now));
    }

    static boolean isOld(final HouseEntity house, final Instant now) {
        return house.roomReadAt().map(at -> at.plus(FRESH).isBefore(now)).orElse(true);
    }

    /** The house as it would be written down. */
    static HouseDraft draft(final HouseEntity house) {
        return new HouseDraft(
                house.name(),
                house.air().temperatureC(),
                house.air().humidityPercent(),
                house.cabinets().stream().map(HouseEntity.CabinetRow::view).toList(),
                house.temperatureUnit(),
                house.massUnit(),
                house.darkWindow(),
                house.colourPractice(),
                house.method(),
                house.habits().mouldsInRotation(),
                house.habits().bowlReserve(),
                house.habits().fillingSurplus(),
                house.heat().powerW(),
                house.heat().efficiency(),
                house.tempering(),
                house.currency(),
                house.altitudeM(),
                house.zone().getId(),
                house.scales(),
                house.thermometers(),
                house.melters(),
                null,
                house.version());
    }
}
