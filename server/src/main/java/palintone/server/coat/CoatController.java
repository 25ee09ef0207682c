package palintone.server.coat;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/coats")
class CoatController {

    private final DipService dips;
    private final SheetService sheets;
    private final PipeService pipes;
    private final EnrobeService enrobers;

    CoatController(
            final DipService dips,
            final SheetService sheets,
            final PipeService pipes,
            final EnrobeService enrobers) {
        this.dips = dips;
        this.sheets = sheets;
        this.pipes = pipes;
        this.enrobers = enrobers;
    }

    /** Dipped centres, and the bowl they empty. */
    @PostMapping("/dip")
    DipView dip(@Valid @RequestBody final DipRequest request) {
        return dips.dip(request);
    }

    /** A filling piped onto paper. */
    @PostMapping("/pipe")
    PipeView pipe(@Valid @RequestBody final PipeRequest request) {
        return pipes.pipe(request);
    }

    /** Coating by a small machine. */
    @PostMapping("/enrobe")
    EnrobeView enrobe(@Valid @RequestBody final EnrobeRequest request) {
        return enrobers.enrobe(request);
    }

    /** A slab, cut. */
    @PostMapping("/slab")
    SlabView slab(@Valid @RequestBody final SlabRequest request) {
        return sheets.slab(request);
    }

    /** A decoration sheet. */
    @PostMapping("/sheet")
    DecorSheetView sheet(@Valid @RequestBody final DecorSheetRequest request) {
        return sheets.sheet(request);
    }
}
