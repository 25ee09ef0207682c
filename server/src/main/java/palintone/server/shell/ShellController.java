package palintone.server.shell;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.casting.learn.SimulatedScale;

@RestController
@RequestMapping("/api/shells")
class ShellController {

    private final ShellService shells;

    private final ShellSteps steps;

    private final ShellWeighings weighings;

    private final Demouldings demouldings;

    private final ShellColours colours;

    private final ShellFills fills;

    ShellController(
            final ShellService shells,
            final ShellSteps steps,
            final ShellWeighings weighings,
            final Demouldings demouldings,
            final ShellColours colours,
            final ShellFills fills) {
        this.fills = fills;
        this.colours = colours;
        this.demouldings = demouldings;
        this.steps = steps;
        this.shells = shells;
        this.weighings = weighings;
    }

    /** Thickness of a wait, or the wait for a thickness or a weight. */
    @PostMapping("/cast")
    CastView cast(@Valid @RequestBody final CastRequest request) {
        return shells.cast(request);
    }

    /** The cabinet as asked, and both schools beside it. */
    @PostMapping("/cold")
    List<ColdView> cold(@Valid @RequestBody final ColdRequest request) {
        return shells.cold(
                request, demouldings.released(request.cast().mould(), request.cast().couverture()));
    }

    /** Bubbles, scraping, rack or paper. */
    @PostMapping("/drain")
    DrainView drain(@Valid @RequestBody final DrainRequest request) {
        return steps.drain(request);
    }

    /** Several coats, and halves to be glued. */
    @PostMapping("/coats")
    CoatsView coats(@Valid @RequestBody final CoatsRequest request) {
        return steps.coats(request);
    }

    /** A cap on filled shells. */
    @PostMapping("/cap")
    CapView cap(@Valid @RequestBody final CapRequest request) {
        return steps.cap(request);
    }

    /** The warmest filling a set shell bears. */
    @PostMapping("/fill")
    FillView fill(@Valid @RequestBody final FillRequest request) {
        return fills.fill(request);
    }

    /** What was weighed of castings like this one. */
    @PostMapping("/weighed")
    WeighedView weighed(@Valid @RequestBody final CastRequest request) {
        return shells.weighed(request);
    }

    /** Shells on the scale. */
    @PostMapping("/weighings")
    WeighedView weigh(@Valid @RequestBody final WeighingRequest request) {
        return shells.weigh(request);
    }

    /** A simulated scale, to practise on: what it reads empty, shelled, filled and capped. */
    @PostMapping("/scale")
    SimulatedScale scale(@Valid @RequestBody final WeighingRequest request) {
        return shells.scale(request);
    }

    /** Takes a weighing back. */
    @DeleteMapping("/weighings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable final String id) {
        weighings.takeBack(id);
    }

    /** Colours before casting. */
    @PostMapping("/colour")
    ShellColourView colour(@Valid @RequestBody final ShellColourRequest request) {
        return colours.of(request);
    }

    /** When a mould lets go, and what was found of such moulds. */
    @PostMapping("/demoulded")
    DemouldView demoulded(@Valid @RequestBody final DemouldRequest request) {
        return demouldings.view(request);
    }

    /** A mould turned out. */
    @PostMapping("/demouldings")
    DemouldView demould(@Valid @RequestBody final DemouldRequest request) {
        return demouldings.keep(request);
    }

    /** Takes a mould turned out back. */
    @DeleteMapping("/demouldings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeDemouldingBack(@PathVariable final String id) {
        demouldings.takeBack(id);
    }
}
