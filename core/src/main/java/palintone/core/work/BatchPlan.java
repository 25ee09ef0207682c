package palintone.core.work;

import java.util.List;
import palintone.core.piece.Materials;
import palintone.core.temper.SeedPlan;

/**
 * A batch before it begins.
 *
 * @param materials what it needs
 * @param seed how its couverture is seeded
 * @param steps in the order of work
 * @param bowl what advice needs to know
 */
public record BatchPlan(Materials materials, SeedPlan seed, List<PlannedStep> steps, Bowl bowl) {

    public BatchPlan {
        steps = List.copyOf(steps);
    }
}
