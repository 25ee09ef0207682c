package palintone.core.piece;

import java.util.Optional;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.Require;
import palintone.core.heat.RoomAir;
import palintone.core.temper.Couverture;
import palintone.core.temper.DarkWindowPractice;
import palintone.core.temper.HeatSource;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.method.TemperCurve;

/**
 * Where and how a batch is made.
 *
 * @param tempering the curve by which its bowl is brought into temper, where there is a bowl
 * @param room its dew point matters after the cold
 * @param cabinetC of the cabinet the moulds are chilled in, -10 to 25 °C
 * @param heat what rewarms the bowl
 * @param bowl tempered for it, or in temper already: then it is only tested
 * @param dark where this house works dark couverture, for a bowl that is not the batch's own
 * @param fillings whether they are made with it, or stand ready
 * @param casting where the times of a casting come from
 * @param dipping where those of a dip come from
 * @param bowls what a couverture in temper is like here
 */
public record Workplace(
        Optional<TemperCurve> tempering,
        RoomAir room,
        double cabinetC,
        HeatSource heat,
        Fillings fillings,
        BowlIs bowl,
        DarkWindowPractice dark,
        CastTimes casting,
        DipTimes dipping,
        WorkedBowls bowls) {

    /** Whether the bowl is tempered for this batch, or one in temper is used. */
    public enum BowlIs {
        TEMPERED_FOR_IT,
        IN_TEMPER
    }

    /** Whether the fillings are part of the batch. */
    public enum Fillings {
        MADE_WITH_IT,
        READY
    }

    /** With a bowl tempered for it. */
    public Workplace(
            final TemperCurve temper,
            final RoomAir room,
            final double cabinetC,
            final HeatSource heat,
            final Fillings fillings) {
        this(
                Optional.of(temper),
                room,
                cabinetC,
                heat,
                fillings,
                BowlIs.TEMPERED_FOR_IT,
                DarkWindowPractice.LOW,
                CastTimes.usual(cabinetC),
                DipTimes.USUAL,
                WorkedBowls.by(temper));
    }

    /**
     * @throws palintone.core.figure.OutOfRangeException when the cabinet is impossible
     */
    public Workplace {
        Require.between("cabinet", cabinetC, -10, 25, "°C");
    }

    /**
     * The curve by which its bowl is brought into temper.
     *
     * @throws java.util.NoSuchElementException when there is none
     */
    public TemperCurve temper() {
        return tempering.orElseThrow();
    }

    /** What the thermometer should say in a bowl for the caps. */
    TemperTargets capTargets(final Couverture couverture) {
        return TemperTargets.of(couverture, dark);
    }

    /** Its bowl in temper, as it is worked. */
    BowlAt bowlAt(final Couverture couverture) {
        return bowls.of(couverture);
    }
}
