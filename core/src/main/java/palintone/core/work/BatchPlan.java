package palintone.core.work;

import java.util.Optional;
import palintone.core.piece.Materials;
import palintone.core.piece.Piece;
import palintone.core.piece.Workplace;
import palintone.core.process.Process;

/**
 * A batch before it begins.
 *
 * @param materials what it needs
 * @param place where and how it is made; its curve tempers the bowl
 * @param process its tasks
 * @param bowl what advice needs to know, where there is one
 */
public record BatchPlan(
        Materials materials, Workplace place, Process process, Optional<Bowl> bowl) {

    /** A batch of these materials, made there. */
    public static BatchPlan of(final Materials materials, final Workplace place) {
        final Piece piece = materials.piece();
        return new BatchPlan(
                materials,
                place,
                piece.process(materials, place),
                piece.tempered().map(couverture -> Bowl.of(couverture, materials, place)));
    }
}
