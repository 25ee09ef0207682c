package palintone.server.house;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.server.problem.StaleVersionException;

/** Keeps the one house. */
@Service
public class HouseService {

    private final HouseRepository houses;

    HouseService(final HouseRepository houses) {
        this.houses = houses;
    }

    /** The house; its row comes with the schema. */
    public HouseEntity house() {
        return houses.findById(HouseEntity.ONLY).orElseThrow();
    }

    @Transactional(readOnly = true)
    public HouseView view() {
        return HouseView.of(house());
    }

    /**
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public HouseView change(final HouseDraft draft) {
        final HouseEntity house = house();
        StaleVersionException.check("House rules", draft.version(), house.version());
        house.take(draft);
        return HouseView.of(houses.saveAndFlush(house));
    }

    /** Takes over a house as imported, whatever state it rests on. */
    @Transactional
    public void put(final HouseDraft draft) {
        house().take(draft);
    }

    /** Waits for, and holds, the one row until the transaction ends. */
    public void hold() {
        houses.held();
    }
}
