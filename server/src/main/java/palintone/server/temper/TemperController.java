package palintone.server.temper;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.Band;
import palintone.core.temper.Couverture;
import palintone.core.temper.SeedPlan;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.method.SeedFall;
import palintone.server.figure.FigureView;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;

@RestController
@RequestMapping("/api/temper")
class TemperController {

    private final LarderService larder;
    private final HouseService houses;
    private final CurveService curves;

    TemperController(
            final LarderService larder, final HouseService houses, final CurveService curves) {
        this.larder = larder;
        this.houses = houses;
        this.curves = curves;
    }

    /** Curves for one bowl, one by each method asked for. */
    @PostMapping("/curves")
    List<CurveView> curves(@Valid @RequestBody final CurveRequest request) {
        return curves.plan(request);
    }

    /** A small question, answered either way round. */
    @PostMapping("/answers")
    List<FigureView> answers(@Valid @RequestBody final SolveRequest request) {
        return curves.solve(request);
    }

    /** A bowl that has gone hard: gently, or anew. */
    @PostMapping("/hard-bowl")
    HardBowlView hardBowl(@Valid @RequestBody final HardBowlRequest request) {
        return curves.hard(request);
    }

    /**
     * Seed for a bowl, or what comes of a seed.
     *
     * @param bowl °C
     * @param grams of seed; left out, the seed is solved for
     */
    @GetMapping("/seed")
    SeedView seed(
            @RequestParam final String couverture,
            @RequestParam final double melt,
            @RequestParam final double bowl,
            @RequestParam(required = false) final Double grams) {
        final Couverture chocolate = larder.couverture(couverture);
        final HouseEntity house = houses.house();
        final double seedC = house.air().temperatureC();
        final Band work = TemperTargets.of(chocolate, house.darkWindow()).work();
        final SeedPlan plan =
                grams != null
                        ? SeedPlan.outcome(chocolate, melt, bowl, grams, seedC)
                        : SeedPlan.forBowl(chocolate, work, melt, bowl, seedC);
        final double seedG = plan.seedG().value();
        return SeedView.of(
                plan,
                SeedFall.of(
                        chocolate,
                        BowlVessel.holding(
                                house.vessel(),
                                Math.max(50, melt + seedG),
                                chocolate.castingDensityGPerMl()),
                        work,
                        melt,
                        bowl,
                        seedG,
                        seedC));
    }
}
