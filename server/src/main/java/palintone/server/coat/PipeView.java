package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * Heaps on paper.
 *
 * @param stands whether one keeps the shape of the nozzle
 * @param standsBelow the filling is no warmer than this; null where never
 * @param perKilogram heaps out of a kilogram of filling
 * @param nozzle what leaves it; null where that was not asked
 */
public record PipeView(
        boolean stands,
        FigureView across,
        FigureView height,
        @Nullable FigureView standsBelow,
        FigureView perKilogram,
        @Nullable NozzleView nozzle,
        List<SentenceView> remarks) {

    /**
     * A nozzle, pressed.
     *
     * @param gives in the seconds asked
     * @param seconds for the heap asked
     * @param opening for the heap asked in the seconds asked
     * @param across such a heap under the nozzle as high as it is held
     */
    public record NozzleView(
            FigureView gives, FigureView seconds, FigureView opening, FigureView across) {}
}
