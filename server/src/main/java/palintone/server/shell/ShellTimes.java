package palintone.server.shell;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import palintone.core.casting.CastPlan;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.Released;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.casting.colour.ColourPractice;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.heat.AirFlow;
import palintone.core.heat.RoomAir;
import palintone.core.mould.Mould;
import palintone.core.piece.CastTimes;
import palintone.core.tool.Cabinet;

/** What a batch's casting takes in this workshop: its first cabinet, and what it has weighed. */
@Service
public class ShellTimes {

    private static final int KEPT = 256;
    private static final int USUAL_SHELVES = 3;
    private static final int USUAL_MOULDS = 6;
    private static final int STEP = 4;

    private final ShellWeighings weighings;
    private final Demouldings demouldings;

    /** A plan takes some tenths of a second; the same batch is asked for at every press. */
    private final Cache<Asked, CastPlan> plans = Caffeine.newBuilder().maximumSize(KEPT).build();

    private final Cache<Film, ColourDrying> colours =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    ShellTimes(final ShellWeighings weighings, final Demouldings demouldings) {
        this.weighings = weighings;
        this.demouldings = demouldings;
    }

    /** To half a degree of the room. */
    private record Film(double filmMm, Mould mould, double roomC) {}

    private record Asked(CastOrder order, Known known, CastPlan.Wish wish) {}

    /**
     * What this workshop has found of a mould and couverture.
     *
     * @param weighed by how it was shaken
     * @param released when its shells let go
     */
    public record Known(Map<Vibration, Learned> weighed, Released released) {

        /** Before anything was weighed or turned out. */
        public static final Known NOTHING = new Known(Map.of(), Released.NOTHING);
    }

    /** Asked of the books. */
    public Known known(final String mouldId, final String couvertureId) {
        return new Known(
                weighings.learnedShaken(mouldId, couvertureId),
                demouldings.released(mouldId, couvertureId));
    }

    /**
     * @param cabinet the moulds go into
     * @param known of the mould and couverture
     * @param practice when colour is cast over here
     */
    public CastTimes in(final Cabinet cabinet, final Known known, final ColourPractice practice) {
        return new CastTimes() {
            @Override
            public ColourPractice colourPractice() {
                return practice;
            }

            @Override
            public CastPlan plan(
                    final CastOrder order,
                    final double shellMm,
                    final Optional<OuterCoat.CoatWish> outer,
                    final Optional<CastPlan.Capped> cap,
                    final RoomAir air,
                    final int moulds) {
                final CastPlan.Wish wish =
                        new CastPlan.Wish(
                                shellMm, outer, cap, load(cabinet, moulds), air, known.released());
                return plans.get(
                        new Asked(order, known, wish),
                        asked ->
                                CastPlan.of(
                                        order,
                                        wish,
                                        o ->
                                                known.weighed()
                                                        .getOrDefault(
                                                                o.vibration(), Learned.NOTHING)));
            }

            @Override
            public ColourDrying colour(final double filmMm, final Mould mould, final double roomC) {
                return colours.get(
                        new Film(filmMm, mould, Math.round(roomC * 2) / 2.0),
                        film -> CastTimes.super.colour(film.filmMm(), film.mould(), film.roomC()));
            }
        };
    }

    private static CabinetLoad load(final Cabinet cabinet, final int moulds) {
        return new CabinetLoad(
                cabinet.temperatureC(),
                cabinet.air() == Cabinet.Air.MOVING ? AirFlow.MOVING_M_PER_S : 0,
                atOnce(cabinet, moulds),
                USUAL_SHELVES,
                CabinetLoad.USUAL_COOLING_W);
    }

    /** In steps of four, rather one too many: one mould more is not another cabinet. */
    private static int atOnce(final Cabinet cabinet, final int moulds) {
        final int inFours = (moulds + STEP - 1) / STEP * STEP;
        return Math.max(1, Math.min(cabinet.moulds().orElse(USUAL_MOULDS), inFours));
    }
}
