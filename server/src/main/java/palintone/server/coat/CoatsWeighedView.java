package palintone.server.coat;

import java.time.Instant;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * What coats of one couverture have weighed, and what is made of it.
 *
 * @param film the model's film, corrected
 * @param said what it means
 * @param weighings the newest first
 */
public record CoatsWeighedView(
        FigureView film, SentenceView said, List<CoatWeighedView> weighings) {

    /** One of them. */
    public record CoatWeighedView(
            String id, double coatG, double plannedG, String note, Instant notedAt) {}
}
