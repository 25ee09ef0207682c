package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * From full to scraped.
 *
 * @param caught bubbles as wide as this stay however long it is shaken
 * @param left bubbles wider than this come up within the time
 * @param begins its shine goes, after draining
 * @param scrapeFrom after draining
 * @param scrapeUntil after draining; null where it may be scraped for an hour
 * @param ways of standing turned over
 */
public record DrainView(
        FigureView caught,
        FigureView left,
        FigureView begins,
        FigureView scrapeFrom,
        @Nullable FigureView scrapeUntil,
        List<StandsView> ways,
        List<SentenceView> remarks) {

    /**
     * A way of standing.
     *
     * @param runsOff in one cavity, until it begins to set
     * @param lip at the rim
     * @param begins its shine goes there
     * @param says what it is good for
     */
    public record StandsView(
            String words, FigureView runsOff, FigureView lip, FigureView begins, String says) {}
}
