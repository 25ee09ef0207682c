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
 */
public record PipeView(
        boolean stands,
        FigureView across,
        FigureView height,
        @Nullable FigureView standsBelow,
        FigureView perKilogram,
        List<SentenceView> remarks) {}
