package palintone.server.filling;

import jakarta.validation.Valid;
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

    FillingToolsController(
            final SugarTool sugar,
            final CoolingTool cooling,
            final MendingTool mending,
            final SizingTool sizing,
            final MeterTool meter) {
        this.sugar = sugar;
        this.cooling = cooling;
        this.mending = mending;
        this.sizing = sizing;
        this.meter = meter;
    }

    @PostMapping("/sugar")
    SugarTool.SugarView sugar(@Valid @RequestBody final SugarTool.SugarRequest request) {
        return sugar.sugar(request);
    }

    @PostMapping("/cooling")
    CoolingTool.CoolingView cooling(@Valid @RequestBody final CoolingTool.CoolingRequest request) {
        return cooling.cooling(request);
    }

    @PostMapping("/mend")
    MendingTool.MendView mend(@Valid @RequestBody final MendingTool.MendRequest request) {
        return mending.mend(request);
    }

    @PostMapping("/scale")
    SizingTool.ScaleView scale(@Valid @RequestBody final SizingTool.ScaleRequest request) {
        return sizing.scale(request);
    }

    @PostMapping("/meter")
    FigureView meter(@Valid @RequestBody final MeterTool.MeterRequest request) {
        return meter.meter(request);
    }
}
