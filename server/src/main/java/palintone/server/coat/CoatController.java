package palintone.server.coat;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import palintone.server.larder.LarderService;

@RestController
@RequestMapping("/api/coats")
class CoatController {

    private final DipService dips;
    private final SheetService sheets;
    private final PipeService pipes;
    private final EnrobeService enrobers;
    private final CoatWeighings weighings;
    private final LineService lines;
    private final LarderService larder;
    private final PanService pans;

    CoatController(
            final DipService dips,
            final SheetService sheets,
            final PipeService pipes,
            final EnrobeService enrobers,
            final CoatWeighings weighings,
            final LineService lines,
            final LarderService larder,
            final PanService pans) {
        this.pans = pans;
        this.larder = larder;
        this.lines = lines;
        this.weighings = weighings;
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

    /** What coats of a couverture have weighed. */
    @GetMapping("/weighings")
    CoatsWeighedView weighings(@RequestParam final String couverture) {
        return weighings.view(couverture);
    }

    /** Coats on the scale. */
    @PostMapping("/weighings")
    CoatsWeighedView weigh(@Valid @RequestBody final CoatWeighingRequest request) {
        return dips.weigh(request);
    }

    /** Takes a weighing back. */
    @DeleteMapping("/weighings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable final String id) {
        weighings.takeBack(id);
    }

    /** The compound coatings of the larder: used like couverture here, without temper. */
    @GetMapping("/coatings")
    List<CoatingNameView> coatings() {
        return larder.coatings().stream().map(CoatingNameView::of).toList();
    }

    /** Lines out of a bag. */
    @PostMapping("/line")
    PipedLineView line(@Valid @RequestBody final LineRequest request) {
        return lines.line(request);
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

    /** A slab, and the pans there are for it. */
    @PostMapping("/pans")
    PanView pans(@Valid @RequestBody final PanRequest request) {
        return pans.pans(request);
    }

    /** A decoration sheet. */
    @PostMapping("/sheet")
    DecorSheetView sheet(@Valid @RequestBody final DecorSheetRequest request) {
        return sheets.sheet(request);
    }
}
