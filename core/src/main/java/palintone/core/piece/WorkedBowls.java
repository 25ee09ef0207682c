package palintone.core.piece;

import java.util.Optional;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.WorkedBowl;
import palintone.core.temper.Couverture;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.TemperCurve;

/** What a couverture in temper is like in this house: the answer every station gets. */
@FunctionalInterface
public interface WorkedBowls {

    /** The bowl of a couverture, as it is worked. */
    BowlAt of(Couverture couverture);

    /** By one curve: its own couverture, and others by the same method. */
    static WorkedBowls by(final TemperCurve curve) {
        return couverture -> {
            if (couverture.equals(curve.order().couverture())) {
                return WorkedBowl.of(curve);
            }
            final CurveOrder order = curve.order();
            return WorkedBowl.of(
                    CurvePlanner.forward(
                            new CurveOrder(
                                    couverture,
                                    order.fluidity(),
                                    palintone.core.temper.TemperTargets.of(
                                            couverture,
                                            palintone.core.temper.DarkWindowPractice.LOW),
                                    WorkedBowl.PLANNED_G,
                                    order.vesselKind(),
                                    order.method(),
                                    order.roomC(),
                                    order.equipment(),
                                    Optional.empty())));
        };
    }
}
