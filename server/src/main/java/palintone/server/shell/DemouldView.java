package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * When a mould lets go, and what was found.
 *
 * @param letsGo in the cold, as this workshop has it; null where it never does
 * @param cavities that make a piece
 * @param rows they lie in
 * @param factor on the model's time, with its margin (eight in ten)
 * @param found every mould turned out, newest first
 */
public record DemouldView(
        @Nullable FigureView letsGo,
        int cavities,
        int rows,
        double factor,
        double low,
        double high,
        List<TurnedOutView> found,
        List<SentenceView> says) {

    /** A mould that was turned out. */
    public record TurnedOutView(
            String id,
            Instant notedAt,
            double foretoldMin,
            double coldMin,
            int cavities,
            List<Integer> stuck,
            List<Integer> broken,
            String note) {}
}
