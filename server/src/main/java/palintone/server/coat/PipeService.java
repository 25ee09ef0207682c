package palintone.server.coat;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.coat.DipSolve;
import palintone.core.coat.NozzlePress;
import palintone.core.coat.PipedHeap;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.texture.Texture;
import palintone.core.filling.texture.TextureClass;
import palintone.core.substance.ChoiOkos1986;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.filling.FillingNotes;

/** Fillings piped onto paper: how far a heap runs. */
@Service
public class PipeService {

    private final FillingNotes fillings;

    PipeService(final FillingNotes fillings) {
        this.fillings = fillings;
    }

    /** One heap, and where it begins to stand. */
    public PipeView pipe(final PipeRequest request) {
        Require.between("filling in the bag", request.pipedC(), 0, 60, "°C");
        final FillingProperties filling = fillings.properties(request.filling());
        final Texture texture = filling.texture();
        final double gPerMl =
                ChoiOkos1986.densityGPerMl(filling.cooked().composition(), request.pipedC());
        final double stressPa = texture.pascal(request.pipedC());
        final PipedHeap heap = PipedHeap.of(request.massG(), gPerMl, stressPa);
        final Basis basis =
                Basis.of("a heap at rest at the stress it yields to")
                        .with("filling in the bag", request.pipedC(), Unit.CELSIUS)
                        .with("stress of it, set", stressPa, Unit.PASCAL)
                        .with("density (g/ml)", gPerMl, Unit.ONE)
                        .from(PipedHeap.SOURCE)
                        .from(Texture.SOURCE);
        final List<Sentence> remarks = new ArrayList<>();
        if (!heap.stands()) {
            remarks.add(
                    Sentence.of(
                                    "It runs flat, {across} across and {height} high: let it cool"
                                            + " until it stands, or pipe it into a frame.")
                            .with("across", heap.acrossMm(), Unit.MILLIMETRE)
                            .with("height", heap.heightMm(), Unit.MILLIMETRE));
        }
        if (stressPa > TextureClass.PIPEABLE.toPa()) {
            remarks.add(
                    Sentence.of("At {is} it is too stiff for a bag: scoop it, or warm it.")
                            .with("is", request.pipedC(), Unit.CELSIUS));
        }
        return new PipeView(
                heap.stands(),
                FigureView.of(Figure.of("covers, across", heap.acrossMm(), Unit.MILLIMETRE, basis)),
                FigureView.of(Figure.of("stands", heap.heightMm(), Unit.MILLIMETRE, basis)),
                DipSolve.firmBelowC(
                                c ->
                                        PipedHeap.of(request.massG(), gPerMl, texture.pascal(c))
                                                        .stands()
                                                ? 1
                                                : 0,
                                1)
                        .stream()
                        .mapToObj(
                                c ->
                                        FigureView.of(
                                                Figure.of(
                                                        "stands as piped below",
                                                        c,
                                                        Unit.CELSIUS,
                                                        basis)))
                        .findFirst()
                        .orElse(null),
                FigureView.of(
                        Figure.of(
                                "out of a kilogram",
                                Math.floor(1000 / request.massG()),
                                Unit.PIECE,
                                basis)),
                request.nozzle() == null
                        ? null
                        : nozzle(request.nozzle(), heap, request.massG(), gPerMl),
                remarks.stream().map(SentenceView::of).toList());
    }

    private static PipeView.NozzleView nozzle(
            final PipeRequest.Nozzle asked,
            final PipedHeap heap,
            final double massG,
            final double gPerMl) {
        final double seconds = asked.seconds() == null ? NozzlePress.USUAL_S : asked.seconds();
        final boolean weighed = asked.weighedG() != null;
        final NozzlePress press =
                weighed
                        ? NozzlePress.weighed(asked.openingMm(), asked.weighedG(), seconds, gPerMl)
                        : new NozzlePress(asked.openingMm(), NozzlePress.USUAL_MM_PER_S);
        if (asked.intoMm() != null) {
            press.into(asked.intoMm());
        }
        final double heldMm =
                asked.heldMm() == null ? Math.max(1, heap.heightMm()) : asked.heldMm();
        final Basis basis =
                Basis.of("opening · speed · seconds · density")
                        .with("opening", asked.openingMm(), Unit.MILLIMETRE)
                        .with("speed (mm/s)", press.mmPerS(), Unit.ONE)
                        .with("seconds", seconds, Unit.SECOND)
                        .with("density", gPerMl, Unit.GRAM_PER_ML)
                        .from(
                                weighed
                                        ? Source.workshop("one heap weighed here")
                                        : NozzlePress.SOURCE);
        return new PipeView.NozzleView(
                FigureView.of(
                        Figure.of("comes out", press.massG(seconds, gPerMl), Unit.GRAM, basis)),
                FigureView.of(
                        Figure.of(
                                "pressed for one",
                                press.secondsFor(massG, gPerMl),
                                Unit.SECOND,
                                basis)),
                FigureView.of(
                        Figure.of(
                                "nozzle for one in that time",
                                press.openingFor(massG, seconds, gPerMl),
                                Unit.MILLIMETRE,
                                basis)),
                FigureView.of(
                        Figure.of(
                                "across, under the nozzle",
                                NozzlePress.acrossMm(heap, massG, gPerMl, heldMm),
                                Unit.MILLIMETRE,
                                Basis.of("a dome up to the nozzle, 2/3·π·r²·h; else as it runs")
                                        .with("held", heldMm, Unit.MILLIMETRE)
                                        .from(PipedHeap.SOURCE))));
    }
}
