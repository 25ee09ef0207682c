package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.temper.CouvertureKind;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A shell in coats.
 *
 * @param found whether the thickness asked for can be had
 * @param begins its shine goes, after the last has drained
 * @param wall the cavity's, from the rim to the floor, mm
 * @param places of all coats together, from the floor to the rim
 * @param tacks glued halves no longer slide
 * @param holds and may be lifted; null where not within the hour
 */
public record CoatsView(
        boolean found,
        List<CastCoatView> coats,
        FigureView together,
        FigureView thinnest,
        FigureView mass,
        FigureView begins,
        List<CastView.WallView> wall,
        List<CastView.PlaceView> places,
        CouvertureKind couvertureKind,
        FigureView tacks,
        @Nullable FigureView holds,
        List<SentenceView> remarks) {

    /**
     * One coat.
     *
     * @param waitS from full to turned
     * @param meanMm of it alone
     * @param massG of it alone, one cavity
     * @param nextFromMin after it has drained
     * @param nextUntilMin the next still bonds; null where it does for an hour
     */
    public record CastCoatView(
            double waitS,
            double meanMm,
            double massG,
            double nextFromMin,
            @Nullable Double nextUntilMin) {}
}
