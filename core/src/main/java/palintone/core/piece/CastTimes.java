package palintone.core.piece;

import java.util.Optional;
import palintone.core.casting.CastPlan;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.Released;
import palintone.core.casting.colour.ColourDrying;
import palintone.core.casting.colour.ColourPractice;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.OuterCoat;
import palintone.core.heat.AirFlow;
import palintone.core.heat.RoomAir;
import palintone.core.mould.Mould;

/** Where the times of a casting come from: a workshop knows its cabinet and what it has weighed. */
@FunctionalInterface
public interface CastTimes {

    /**
     * @param order as it would be cast
     * @param shellMm wanted
     * @param outer a first coat of another couverture, where there is one
     * @param cap over it, where there is one
     * @param air of the room
     * @param moulds of the batch
     */
    CastPlan plan(
            CastOrder order,
            double shellMm,
            Optional<OuterCoat.CoatWish> outer,
            Optional<CastPlan.Capped> cap,
            RoomAir air,
            int moulds);

    /** When this house casts over colour. */
    default ColourPractice colourPractice() {
        return ColourPractice.AS_IT_HOLDS;
    }

    /**
     * A film of colour on the wall of a mould, brought on in temper.
     *
     * @param filmMm thick
     * @param mould it is brought into, as warm as the room
     * @param roomC the room
     */
    default ColourDrying colour(final double filmMm, final Mould mould, final double roomC) {
        return ColourDrying.of(
                filmMm,
                ColourDrying.BROUGHT_ON_C,
                ColourDrying.IN_TEMPER_PERCENT,
                mould,
                roomC,
                roomC);
    }

    /** By a fan-cooled cabinet of three shelves that takes six moulds at once; nothing weighed. */
    static CastTimes usual(final double cabinetC) {
        return (order, shellMm, outer, cap, air, moulds) ->
                CastPlan.of(
                        order,
                        new CastPlan.Wish(
                                shellMm,
                                outer,
                                cap,
                                new CabinetLoad(
                                        Math.max(-5, cabinetC),
                                        AirFlow.MOVING_M_PER_S,
                                        Math.min(6, moulds),
                                        3,
                                        CabinetLoad.USUAL_COOLING_W),
                                air,
                                Released.NOTHING));
    }
}
