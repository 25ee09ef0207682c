package palintone.server.shell;

import jakarta.annotation.Nullable;
import java.util.List;
import palintone.core.piece.ColourCoat;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;

/**
 * Colours in a mould.
 *
 * @param castFrom after the last coat, min; null where it does not hold within six hours
 * @param castUntilMin at the latest
 */
public record ShellColourView(
        List<ColouredView> coats,
        @Nullable FigureView castFrom,
        double castUntilMin,
        List<SentenceView> remarks) {

    /**
     * One coat.
     *
     * @param seen share of it that is seen from outside, 0 to 1
     * @param perMould to have ready, what goes past included
     * @param all for all moulds
     * @param at what temperature it is brought on; null where it is dry, or couverture with a
     *     window of its own
     * @param nextFrom min after it, the next; null where it smears for six hours
     */
    public record ColouredView(
            String name,
            ColourCoat.How how,
            double seen,
            FigureView perMould,
            FigureView all,
            @Nullable FigureView at,
            @Nullable FigureView nextFrom) {}
}
