package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A line come to rest.
 *
 * @param stands whether it stays round
 * @param pieces the bag is enough for; null where nothing is said of one
 * @param flat how long a bag too thin lies in the cold; null where it need not, or never comes to
 *     it
 */
public record PipedLineView(
        boolean stands,
        FigureView nozzle,
        FigureView across,
        FigureView height,
        FigureView perGram,
        FigureView outOfTheBag,
        @Nullable FigureView pieces,
        @Nullable FigureView flat,
        List<SentenceView> remarks) {}
