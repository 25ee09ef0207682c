package palintone.server.temper;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.method.CurveOrder;
import palintone.core.temper.method.CurvePlanner;
import palintone.core.temper.method.Equipment;
import palintone.core.temper.method.HardBowl;
import palintone.core.temper.method.TemperCalculator;
import palintone.core.temper.method.TemperingMethod;
import palintone.server.figure.FigureView;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;

/** Plans curves with the couvertures of the larder and the equipment of the house. */
@Service
public class CurveService {

    private final LarderService larder;
    private final HouseService houses;

    CurveService(final LarderService larder, final HouseService houses) {
        this.larder = larder;
        this.houses = houses;
    }

    public List<CurveView> plan(final CurveRequest request) {
        if (request.methods() == null || request.methods().isEmpty()) {
            throw new OutOfRangeException("methods", "none", "at least one");
        }
        final HouseEntity house = houses.house();
        return request.methods().stream()
                .map(m -> CurveView.of(CurvePlanner.plan(order(request, m, house))))
                .toList();
    }

    public List<FigureView> solve(final SolveRequest request) {
        if (request.question() == null) {
            throw new OutOfRangeException("question", "missing", "one of the questions");
        }
        final CurveOrder order = order(request.bowl(), TemperingMethod.COLD_BATH, houses.house());
        return request.answer(new TemperCalculator(order), order.equipment().melting()).stream()
                .map(FigureView::of)
                .toList();
    }

    /** A bowl gone hard, both ways; anew by the usual method of the house. */
    public HardBowlView hard(final HardBowlRequest request) {
        if (request.looks() == null) {
            throw new OutOfRangeException("how it has set", "missing", "one of the choices");
        }
        final HouseEntity house = houses.house();
        return HardBowlView.of(
                HardBowl.of(order(request.bowl(), house.method(), house), request.looks()));
    }

    private CurveOrder order(
            final CurveRequest request, final TemperingMethod method, final HouseEntity house) {
        final Couverture couverture = larder.couverture(request.couverture());
        Equipment equipment = house.equipment();
        if (request.stoneC() != null) {
            equipment = equipment.withStoneC(request.stoneC());
        }
        if (request.bathC() != null) {
            equipment = equipment.withBathC(request.bathC());
        }
        if (request.bathG() != null) {
            equipment = equipment.withBathG(request.bathG());
        }
        equipment = equipment.withMelting(request.melting(equipment.melting()));
        final boolean shared = request.methods().size() == 1 && request.sharePercent() != null;
        return new CurveOrder(
                couverture,
                request.fluidity() == null
                        ? larder.fluidity(request.couverture())
                        : request.fluidity(),
                TemperTargets.of(
                        couverture,
                        request.darkWindow() == null ? house.darkWindow() : request.darkWindow()),
                request.massG(),
                request.vessel() == null ? house.vessel() : request.vessel(),
                method,
                request.roomC() == null ? house.air().temperatureC() : request.roomC(),
                equipment,
                shared ? Optional.of(request.sharePercent() / 100) : Optional.empty());
    }
}
