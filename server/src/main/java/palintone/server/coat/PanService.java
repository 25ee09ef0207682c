package palintone.server.coat;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import palintone.core.coat.Pan;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/** Which pan a slab is poured into, how high it stands in each, and what each wants. */
@Service
public class PanService {

    /** The density is that of any piece. */
    private static final double ANY_MM = 25;

    private final Centres centres;

    PanService(final Centres centres) {
        this.centres = centres;
    }

    /** Both ways round, for every pan. */
    public PanView pans(final PanRequest request) {
        Require.positive("filling for the pan", request.massG(), 1e6, "g");
        Require.between("height of the slab", request.heightMm(), 1, 200, "mm");
        final List<Pan> pans = request.pans().stream().map(PanRequest.PanDraft::pan).toList();
        final double gPerMl =
                centres.of(
                                new CentreRequest(
                                        CentreRequest.Shape.BLOCK,
                                        request.filling(),
                                        null,
                                        ANY_MM,
                                        ANY_MM,
                                        ANY_MM))
                        .centre()
                        .gPerMl();
        final Optional<Pan> nearest =
                Pan.nearest(pans, request.massG(), gPerMl, request.heightMm());
        return new PanView(
                pans.stream().map(pan -> in(pan, request, gPerMl)).toList(),
                nearest.map(pans::indexOf).orElse(null),
                nearest.isEmpty() && !pans.isEmpty()
                        ? List.of(
                                SentenceView.of(
                                        Sentence.of(
                                                        "{mass} runs over in every one of them: part"
                                                                + " it, or make less.")
                                                .with("mass", request.massG(), Unit.GRAM)))
                        : List.of());
    }

    private static PanView.InPanView in(
            final Pan pan, final PanRequest request, final double gPerMl) {
        final double heightMm = pan.heightMm(request.massG(), gPerMl);
        final Basis basis =
                Basis.of("mass = floor × height × density")
                        .with("floor (cm²)", pan.areaMm2() / 100, Unit.ONE)
                        .with("density", gPerMl, Unit.GRAM_PER_ML)
                        .from(Pan.SOURCE);
        return new PanView.InPanView(
                FigureView.of(
                        Figure.of(
                                "stands",
                                heightMm,
                                Unit.MILLIMETRE,
                                basis.with("of it", request.massG(), Unit.GRAM))),
                heightMm > pan.depthMm(),
                request.heightMm() > pan.depthMm()
                        ? null
                        : FigureView.of(
                                Figure.of(
                                        "wants",
                                        pan.massG(request.heightMm(), gPerMl),
                                        Unit.GRAM,
                                        basis.with(
                                                "height", request.heightMm(), Unit.MILLIMETRE))));
    }
}
