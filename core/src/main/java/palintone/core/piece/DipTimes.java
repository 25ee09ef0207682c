package palintone.core.piece;

import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;

/** Where the times of a dip come from: a workshop knows what its coats have weighed. */
@FunctionalInterface
public interface DipTimes {

    /** Nothing weighed. */
    DipTimes USUAL = DipPlan::of;

    /**
     * @param order as it would be dipped
     * @param coatG wanted, above 0 to 500 g
     */
    DipPlan plan(DipOrder order, double coatG);
}
