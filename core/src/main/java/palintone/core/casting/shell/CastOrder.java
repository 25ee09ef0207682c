package palintone.core.casting.shell;

import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.mould.Mould;

/**
 * A shell to be cast.
 *
 * @param bowl it is cast from
 * @param mould it is cast in
 * @param mouldC the mould's temperature before, 0 °C up to the bowl's
 * @param roomC the room, 5 to 40 °C
 * @param vibration as it drains
 * @param drainS how long it drains, 1 to 600 s
 * @param rockedDegrees how far the turned mould is rocked: a level floor drains by it, 0 to 60°
 * @param learned what the workshop's weighings say
 */
public record CastOrder(
        BowlAt bowl,
        Mould mould,
        double mouldC,
        double roomC,
        Vibration vibration,
        double drainS,
        double rockedDegrees,
        Learned learned) {

    /**
     * @throws OutOfRangeException when a number is impossible, the mould is warmer than the
     *     chocolate among them
     */
    public CastOrder {
        Require.between("room temperature", roomC, 5, 40, "°C");
        Require.between("drain time", drainS, 1, 600, "s");
        Require.between("rocked by", rockedDegrees, 0, 60, "°");
        if (!(mouldC >= 0 && mouldC <= bowl.temperatureC())) {
            throw new OutOfRangeException(
                    "mould temperature",
                    Math.round(mouldC * 10) / 10.0 + " °C",
                    "0 °C up to the bowl's "
                            + Math.round(bowl.temperatureC() * 10) / 10.0
                            + " °C: a warmer mould melts the temper");
        }
    }

    /** The same with what is known by now. */
    public CastOrder learning(final Learned other) {
        return new CastOrder(bowl, mould, mouldC, roomC, vibration, drainS, rockedDegrees, other);
    }

    /** The same, shaken otherwise. */
    public CastOrder shaken(final Vibration other) {
        return new CastOrder(bowl, mould, mouldC, roomC, other, drainS, rockedDegrees, learned);
    }

    /** The same in a mould that stands at another temperature, °C. */
    public CastOrder mouldAt(final double celsius) {
        return new CastOrder(
                bowl, mould, celsius, roomC, vibration, drainS, rockedDegrees, learned);
    }
}
