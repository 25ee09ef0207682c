package palintone.server.filling;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.figure.FigureView;

/** Tools beside the recipe: they answer and keep nothing. */
@RestController
@RequestMapping("/api/fillings")
class FillingToolsController {

    private final SugarTool sugar;
    private final CoolingTool cooling;
    private final MendingTool mending;
    private final SizingTool sizing;
    private final MeterTool meter;
    private final PotsTool pots;
    private final YieldTool yields;
    private final Doses doses;

    FillingToolsController(
            final SugarTool sugar,
            final CoolingTool cooling,
            final MendingTool mending,
            final SizingTool sizing,
            final MeterTool meter,
            final PotsTool pots,
            final YieldTool yields,
            final Doses doses) {
        this.doses = doses;
        this.sugar = sugar;
        this.cooling = cooling;
        this.mending = mending;
        this.sizing = sizing;
        this.meter = meter;
        this.pots = pots;
        this.yields = yields;
    }

    /** A pan of sugar: how far it must be cooked, and what it is then. */
    @PostMapping("/sugar")
    SugarTool.SugarView sugar(@Valid @RequestBody final SugarTool.SugarRequest request) {
        return sugar.sugar(request);
    }

    /** How a filling cools in its frame, bag or bowl. */
    @PostMapping("/cooling")
    CoolingTool.CoolingView cooling(@Valid @RequestBody final CoolingTool.CoolingRequest request) {
        return cooling.cooling(request);
    }

    /** What saves a filling that split, grained or set too soft. */
    @PostMapping("/mend")
    MendingTool.MendView mend(@Valid @RequestBody final MendingTool.MendRequest request) {
        return mending.mend(request);
    }

    /** A recipe for another amount, as it is weighed. */
    @PostMapping("/scale")
    SizingTool.ScaleView scale(@Valid @RequestBody final SizingTool.ScaleRequest request) {
        return sizing.scale(request);
    }

    /** A recipe without pots nothing comes out of. */
    @PostMapping("/pots/only-used")
    RecipeDraft onlyUsed(@Valid @RequestBody final SheetRequest request) {
        return pots.onlyUsed(request);
    }

    /** A recipe in which an operation stands in a pot of its own. */
    @PostMapping("/pots/own")
    RecipeDraft own(@Valid @RequestBody final PotsTool.OwnPotRequest request) {
        return pots.own(request);
    }

    /** What a batch weighed in the end, and which share of its recipe explains it. */
    @PostMapping("/yield")
    YieldTool.YieldView weighed(@Valid @RequestBody final YieldTool.YieldRequest request) {
        return yields.weighed(request);
    }

    /** What was noted at the Bench of what goes in by taste, and the recipe by it. */
    @PostMapping("/doses")
    List<Doses.TaughtDoseView> doses(@Valid @RequestBody final Doses.DosesRequest request) {
        return doses.taught(request);
    }

    /** What a meter reads of a filling, as a figure with its margin. */
    @PostMapping("/meter")
    FigureView meter(@Valid @RequestBody final MeterTool.MeterRequest request) {
        return meter.meter(request);
    }
}
