package palintone.server.temper;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.casting.colour.ColourPractice;
import palintone.core.figure.Require;
import palintone.core.mould.Mould;
import palintone.core.temper.colour.BowlFault;
import palintone.core.temper.colour.ColourButter;
import palintone.core.temper.colour.CompoundCoating;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldService;
import palintone.server.problem.Within;

/** The short paths: colour, coating, and what has gone wrong. */
@RestController
@RequestMapping("/api/temper")
class ColourController {

    private final LarderService larder;
    private final MouldService moulds;
    private final HouseService houses;
    private final CameBackService back;

    ColourController(
            final LarderService larder,
            final MouldService moulds,
            final HouseService houses,
            final CameBackService back) {
        this.back = back;
        this.houses = houses;
        this.larder = larder;
        this.moulds = moulds;
    }

    /** Coloured cocoa butter for so many moulds. */
    public record ColourView(
            FigureView needed,
            FigureView colour,
            FigureView cocoaButter,
            FigureView melt,
            FigureView spray,
            List<SentenceView> steps,
            List<SentenceView> cautions) {}

    /** Coating, alone or with chocolate in it. */
    public record CoatingView(
            FigureView work, FigureView foreign, SentenceView say, List<SentenceView> cautions) {}

    /** Something gone wrong. */
    public record BowlFaultView(
            BowlFault id,
            String words,
            SentenceView signs,
            SentenceView why,
            List<SentenceView> still) {}

    /** Colours of the temper station: what a smear, a knife, a test shows. */
    @GetMapping("/colour")
    ColourView colour(
            @RequestParam final String mould,
            @RequestParam @Within(low = 1, high = 1000) final int moulds,
            @RequestParam(defaultValue = "1") final int coats,
            @RequestParam(defaultValue = "0.05") @Within(low = 0.01, high = 0.5, unit = "mm")
                    final double filmMm,
            @RequestParam(defaultValue = "10") final double sharePercent) {
        Require.between("moulds", moulds, 1, 1000, "");
        final Mould form = this.moulds.mould(mould);
        final ColourButter plan =
                ColourButter.plan(
                        form.cavity().wallAreaMm2() * form.cavities() * moulds,
                        coats,
                        filmMm,
                        sharePercent / 100,
                        houses.house().colourPractice() == ColourPractice.OVERNIGHT);
        return new ColourView(
                FigureView.of(plan.needed()),
                FigureView.of(plan.colour()),
                FigureView.of(plan.cocoaButter()),
                FigureView.of(plan.melt()),
                FigureView.of(plan.spray()),
                plan.steps().stream().map(SentenceView::of).toList(),
                plan.cautions().stream().map(SentenceView::of).toList());
    }

    /** How a compound coating is melted and worked; it is not tempered. */
    @GetMapping("/coating")
    CoatingView coating(
            @RequestParam final String coating,
            @RequestParam final double coatingG,
            @RequestParam final String chocolate,
            @RequestParam(defaultValue = "0") final double chocolateG) {
        final CompoundCoating plan =
                CompoundCoating.plan(
                        larder.composition(coating),
                        coatingG,
                        larder.composition(chocolate),
                        chocolateG);
        return new CoatingView(
                FigureView.of(plan.work()),
                FigureView.of(plan.foreign()),
                SentenceView.of(plan.say()),
                plan.cautions().stream().map(SentenceView::of).toList());
    }

    /** Couverture that came back from the work, and what may still become of it. */
    @PostMapping("/came-back")
    CameBackView cameBack(@Valid @RequestBody final CameBackRequest request) {
        return back.judge(request);
    }

    /** What goes wrong in a bowl, by what it looks like. */
    @GetMapping("/troubles")
    List<BowlFaultView> troubles() {
        return Arrays.stream(BowlFault.values())
                .map(
                        t ->
                                new BowlFaultView(
                                        t,
                                        t.words(),
                                        SentenceView.of(t.signs()),
                                        SentenceView.of(t.why()),
                                        t.still().stream().map(SentenceView::of).toList()))
                .toList();
    }
}
