package palintone.core.temper.bowl;

/**
 * Where the heat of a bowl came from and went, J; all from the bowl's side.
 *
 * @param atStartJ enthalpy it began with, against melted chocolate at 0 °C
 * @param roomJ from the room
 * @param sourceJ from heaters, thermostats and cold centres
 * @param companionJ from bath or stone
 * @param addedJ with what was stirred in
 * @param takenJ with what was taken out
 * @param nowJ enthalpy it has
 */
public record Ledger(
        double atStartJ,
        double roomJ,
        double sourceJ,
        double heatSinkJ,
        double addedJ,
        double takenJ,
        double nowJ) {

    /** What does not add up, J; nothing but rounding. */
    public double gapJ() {
        return atStartJ + roomJ + sourceJ + heatSinkJ + addedJ - takenJ - nowJ;
    }

    /** The largest of the parts, to judge the gap against, J. */
    public double scaleJ() {
        double most = 1;
        for (final double part :
                new double[] {atStartJ, roomJ, sourceJ, heatSinkJ, addedJ, takenJ, nowJ}) {
            most = Math.max(most, Math.abs(part));
        }
        return most;
    }
}
