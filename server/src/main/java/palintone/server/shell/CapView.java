package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * A cap.
 *
 * @param mass of one
 * @param perMould of all caps of a mould
 * @param secondFrom a second pass, after the first
 * @param secondUntil it still bonds; null where it does for an hour
 * @param begins into the cold from then, after the last pass
 * @param firm in the cold; null where not within the hour
 * @param rimMelts how deep the rim melts
 * @param rimBonds how warm it must be for that
 */
public record CapView(
        FigureView mass,
        FigureView perMould,
        FigureView secondFrom,
        @Nullable FigureView secondUntil,
        FigureView begins,
        @Nullable FigureView firm,
        FigureView rimMelts,
        FigureView rimBonds,
        List<SentenceView> remarks) {}
