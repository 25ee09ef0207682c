package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * What a small enrobing machine does in an hour.
 *
 * @param perHour pieces
 * @param coats chocolate that goes out with them in an hour
 * @param curtain chocolate the pump lifts in an hour
 * @param tunnelM it must be long; null where they do not set in it within the hour
 */
public record EnrobeView(
        FigureView coat,
        FigureView film,
        FigureView shaken,
        FigureView rows,
        FigureView perHour,
        FigureView coats,
        FigureView curtain,
        @Nullable Double tunnelM,
        List<SentenceView> remarks) {}
