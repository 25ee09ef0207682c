package palintone.server.house;

import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.server.problem.StaleVersionException;
import palintone.server.problem.Within;

/** Keeps the one house. */
@Service
public class HouseService {

    private final HouseRepository houses;
    private final Clock clock;

    HouseService(final HouseRepository houses, final Clock clock) {
        this.houses = houses;
        this.clock = clock;
    }

    /** The house; its row comes with the schema. */
    public HouseEntity house() {
        return houses.whole(HouseEntity.ONLY).orElseThrow();
    }

    @Transactional(readOnly = true)
    public HouseView view() {
        return HouseView.of(house(), clock.instant());
    }

    /**
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public HouseView change(final HouseDraft draft) {
        final HouseEntity house = house();
        StaleVersionException.check("House rules", draft.version(), house.version());
        final boolean read =
                house.air().temperatureC() != draft.roomTemperatureC()
                        || house.air().humidityPercent() != draft.humidityPercent();
        house.take(draft);
        if (read) {
            house.read(draft.roomTemperatureC(), draft.humidityPercent(), clock.instant());
        }
        return HouseView.of(houses.saveAndFlush(house), clock.instant());
    }

    /** The room as it was just read. */
    @Transactional
    public HouseView read(final AirDraft air) {
        final HouseEntity house = house();
        house.read(air.temperatureC(), air.humidityPercent(), clock.instant());
        return HouseView.of(houses.saveAndFlush(house), clock.instant());
    }

    /** What the room's thermometer and hygrometer say. */
    public record AirDraft(
            @Within(low = -20, high = 60, unit = "°C") double temperatureC,
            @Within(low = 1, high = 100, unit = "%") double humidityPercent) {}

    /** Takes over a house as imported, whatever state it rests on. */
    @Transactional
    public void put(final HouseDraft draft) {
        house().take(draft);
    }

    /** The house as it would be written down. */
    @Transactional(readOnly = true)
    public HouseDraft draft() {
        return HouseView.draft(house());
    }

    /** Told when the books are others from here on: nothing remembered of them is true any more. */
    public record AllIsNew() {}

    /** Waits for, and holds, the one row until the transaction ends. */
    public void hold() {
        houses.held();
    }
}
