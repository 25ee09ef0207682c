package palintone.core.piece;

import palintone.core.figure.Require;

/**
 * How this workshop casts.
 *
 * @param mouldsInRotation brim-full at the same time, 1 to 200: the next is cast while these wait
 * @param bowlReserve chocolate that must stay in the bowl, as a share of what is in use, 0 to 2
 * @param fillingSurplus filling made above what the pieces hold, as a share, 0 to 2: bag, bowl and
 *     nozzle keep some
 */
public record BatchHabits(int mouldsInRotation, double bowlReserve, double fillingSurplus) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when one of the three is impossible
     */
    public BatchHabits {
        Require.between("moulds in rotation", mouldsInRotation, 1, BatchSize.MOST_MOULDS, "");
        Require.between("bowl reserve", bowlReserve * 100, 0, 200, "%");
        Require.between("filling surplus", fillingSurplus * 100, 0, 200, "%");
    }
}
