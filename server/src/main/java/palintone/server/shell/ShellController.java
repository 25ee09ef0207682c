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

@RestController
@RequestMapping("/api/shells")
class ShellController {

    private final ShellService shells;

    private final ShellWeighings weighings;

    ShellController(final ShellService shells, final ShellWeighings weighings) {
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
        return shells.cold(request);
    }

    /** The warmest filling a set shell bears. */
    @PostMapping("/fill")
    FillView fill(@Valid @RequestBody final FillRequest request) {
        return shells.fill(request);
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

    /** Takes a weighing back. */
    @DeleteMapping("/weighings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable final String id) {
        weighings.takeBack(id);
    }
}
