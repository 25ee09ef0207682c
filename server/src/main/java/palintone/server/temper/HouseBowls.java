package palintone.server.temper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.WorkedBowl;
import palintone.core.figure.Band;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;

/** The bowl of a couverture as this house tempers and works it: every station asks here. */
@Component
public class HouseBowls {

    private static final int MOST = 200;

    private final HouseService houses;
    private final LarderService larder;
    private final Cache<CurveOrder, TemperCurve> curves =
            Caffeine.newBuilder().maximumSize(MOST).build();

    HouseBowls(final HouseService houses, final LarderService larder) {
        this.houses = houses;
        this.larder = larder;
    }

    /** By the method of the house, as much as one stands in a bowl by hand. */
    public BowlAt of(final Couverture couverture, final FluidityClass fluidity) {
        return WorkedBowl.of(curve(couverture, fluidity, houses.house()));
    }

    /** The same, as fluid as its bag says, in a house that is at hand already. */
    public BowlAt of(final Couverture couverture, final HouseEntity house) {
        return WorkedBowl.of(
                curve(couverture, larder.fluidity(couverture.ingredient().id()), house));
    }

    /** The same, its fluidity at hand too. */
    public BowlAt of(
            final Couverture couverture, final FluidityClass fluidity, final HouseEntity house) {
        return WorkedBowl.of(curve(couverture, fluidity, house));
    }

    /** Where it is worked. */
    public Band worked(final BowlAt bowl) {
        return curve(bowl.couverture(), bowl.fluidity(), houses.house()).worked();
    }

    private TemperCurve curve(
            final Couverture couverture, final FluidityClass fluidity, final HouseEntity house) {
        return planned(order(couverture, fluidity, WorkedBowl.PLANNED_G, house.method(), house));
    }

    /** What is to be tempered, with what this house has for it. */
    public static CurveOrder order(
            final Couverture couverture,
            final FluidityClass fluidity,
            final double massG,
            final TemperingMethod method,
            final HouseEntity house) {
        return new CurveOrder(
                couverture,
                fluidity,
                TemperTargets.of(couverture, house.darkWindow()),
                massG,
                house.vessel(),
                method,
                // A bowl is planned for a room one can work in.
                Math.max(10, Math.min(32, house.air().temperatureC())),
                house.equipment(),
                Optional.empty());
    }

    /** Its curve, played once. */
    public TemperCurve planned(final CurveOrder order) {
        return curves.get(order, CurvePlanner::forward);
    }
}
