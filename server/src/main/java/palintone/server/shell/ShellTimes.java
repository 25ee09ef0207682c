package palintone.server.shell;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import palintone.core.casting.AirFlow;
import palintone.core.casting.CabinetLoad;
import palintone.core.casting.CastOrder;
import palintone.core.casting.CastPlan;
import palintone.core.casting.Learned;
import palintone.core.casting.Vibration;
import palintone.core.heat.RoomAir;
import palintone.core.piece.CastTimes;
import palintone.core.tool.Cabinet;

/** What a batch's casting takes in this workshop: its first cabinet, and what it has weighed. */
@Service
public class ShellTimes {

    private static final int KEPT = 256;
    private static final int USUAL_SHELVES = 3;
    private static final int USUAL_MOULDS = 6;

    private final ShellWeighings weighings;

    /** A plan takes some tenths of a second; the same batch is asked for at every press. */
    private final Cache<Asked, CastPlan> plans = Caffeine.newBuilder().maximumSize(KEPT).build();

    ShellTimes(final ShellWeighings weighings) {
        this.weighings = weighings;
    }

    private record Asked(CastOrder order, Map<Vibration, Learned> known, CastPlan.Wish wish) {}

    /**
     * @param cabinet the moulds go into
     */
    public CastTimes in(final Cabinet cabinet) {
        return (order, shellMm, cap, air, moulds) ->
                plan(order, shellMm, cap, air, load(cabinet, moulds));
    }

    private static CabinetLoad load(final Cabinet cabinet, final int moulds) {
        return new CabinetLoad(
                cabinet.temperatureC(),
                cabinet.air() == Cabinet.Air.MOVING ? AirFlow.MOVING_M_PER_S : 0,
                Math.max(1, Math.min(cabinet.moulds().orElse(USUAL_MOULDS), moulds)),
                USUAL_SHELVES,
                CabinetLoad.USUAL_COOLING_W);
    }

    private CastPlan plan(
            final CastOrder order,
            final double shellMm,
            final Optional<CastPlan.Capped> cap,
            final RoomAir air,
            final CabinetLoad load) {
        final Map<Vibration, Learned> known = weighings.learnedShaken(order);
        final CastPlan.Wish wish = new CastPlan.Wish(shellMm, cap, load, air);
        return plans.get(
                new Asked(order, known, wish),
                asked -> CastPlan.of(order, wish, o -> known.get(o.vibration())));
    }
}
