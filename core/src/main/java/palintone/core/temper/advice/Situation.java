package palintone.core.temper.advice;

import palintone.core.figure.Require;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.estimate.Estimate;
import palintone.core.temper.method.Equipment;

/**
 * A bowl as it stands, and what is at hand.
 *
 * @param takenW heat that cold centres take from it, W; 0 while nothing is dipped
 * @param estimate what is in it, with its margin
 */
public record Situation(
        Couverture couverture,
        TemperTargets targets,
        BowlVessel vessel,
        Equipment equipment,
        double roomC,
        double massG,
        double temperatureC,
        double takenW,
        Estimate estimate) {

    /**
     * Allowed: mass in the bowl above 0 to 1000000 g; bowl temperature 0 to 100 °C; heat taken 0 to
     * 10000 W; room temperature 5 to 40 °C.
     *
     * @throws palintone.core.figure.OutOfRangeException when one of the numbers is impossible
     */
    public Situation {
        Require.positive("mass in the bowl", massG, 1_000_000, "g");
        Require.between("bowl temperature", temperatureC, 0, 100, "°C");
        Require.between("heat taken", takenW, 0, 10_000, "W");
        Require.between("room temperature", roomC, 5, 40, "°C");
    }
}
