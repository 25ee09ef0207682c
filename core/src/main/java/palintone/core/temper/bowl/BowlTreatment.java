package palintone.core.temper.bowl;

import java.util.Optional;
import palintone.core.figure.Require;
import palintone.core.temper.crystal.Shear;

/**
 * What is done to a bowl for a while.
 *
 * @param roomC temperature of the air around the bowl: of the room, or of an oven
 * @param shear how it is moved
 * @param steadyW heat given, or taken where negative: a microwave, cold centres
 * @param heldC set-point of a thermostat, where there is one
 * @param heldMostW most that the thermostat can give or take
 * @param heatSink bath or stone in contact, where there is one
 */
public record BowlTreatment(
        double roomC,
        Shear shear,
        double steadyW,
        Optional<Double> heldC,
        double heldMostW,
        Optional<HeatSink> heatSink) {

    /** A thermostat gives its whole power when this far off, K. */
    private static final double BAND_K = 1.5;

    /**
     * Allowed: air around the bowl 5 to 150 °C; heat −20000 to 50000 W.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public BowlTreatment {
        Require.between("air around the bowl", roomC, 5, 150, "°C");
        Require.between("heat", steadyW, -20_000, 50_000, "W");
    }

    /** In the air of a room, 5 to 40 °C. */
    public static BowlTreatment room(final double roomC, final Shear shear) {
        Require.between("room temperature", roomC, 5, 40, "°C");
        return inAir(roomC, shear);
    }

    /** In air that no room has: of an oven. */
    public static BowlTreatment inAir(final double airC, final Shear shear) {
        return new BowlTreatment(airC, shear, 0, Optional.empty(), 0, Optional.empty());
    }

    /** With heat given or taken at a steady rate, watts that end in the chocolate. */
    public BowlTreatment heated(final double watts) {
        return new BowlTreatment(roomC, shear, watts, heldC, heldMostW, heatSink);
    }

    /** With a thermostat that gives or takes up to so many watts. */
    public BowlTreatment heldAt(final double setC, final double mostW) {
        return new BowlTreatment(roomC, shear, steadyW, Optional.of(setC), mostW, heatSink);
    }

    public BowlTreatment with(final HeatSink body) {
        return new BowlTreatment(roomC, shear, steadyW, heldC, heldMostW, Optional.of(body));
    }

    /** Watts from heaters at a chocolate temperature. */
    double sourceW(final double chocolateC) {
        if (heldC.isEmpty()) {
            return steadyW;
        }
        final double asked = (heldC.get() - chocolateC) / BAND_K * heldMostW;
        return steadyW + Math.max(-heldMostW, Math.min(heldMostW, asked));
    }
}
