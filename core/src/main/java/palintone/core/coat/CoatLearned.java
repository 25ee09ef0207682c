package palintone.core.coat;

import java.util.List;

/**
 * What a workshop's weighings say of the film of its dips.
 *
 * <p>Factors are weighed by their logarithms; the assumption before any weighing counts as much as
 * one of them, so that a single odd one does not turn everything.
 *
 * @param factor of the film, 0.2 to 5
 * @param weighings it rests on
 * @param spread of single ones around it, as a share; 0 below two
 */
public record CoatLearned(double factor, int weighings, double spread) {

    /** Nothing weighed. */
    public static final CoatLearned NOTHING = new CoatLearned(DipOrder.UNWEIGHED, 0, 0);

    private static final double PRIOR_WEIGHT = 1;

    /** Older ones have been dipped by other hands, in another season. */
    private static final int COUNTED = 12;

    /**
     * @param factors each weighing's, the latest first, 0.2 to 5
     */
    public static CoatLearned of(final List<Double> factors) {
        final List<Double> counted = factors.stream().limit(COUNTED).toList();
        if (counted.isEmpty()) {
            return NOTHING;
        }
        final double sum = counted.stream().mapToDouble(Math::log).sum();
        final double mean =
                (PRIOR_WEIGHT * Math.log(DipOrder.UNWEIGHED) + sum)
                        / (PRIOR_WEIGHT + counted.size());
        final double own = sum / counted.size();
        final double variance =
                counted.size() < 2
                        ? 0
                        : counted.stream().mapToDouble(f -> sq(Math.log(f) - own)).sum()
                                / (counted.size() - 1);
        return new CoatLearned(
                Math.max(0.2, Math.min(5, Math.exp(mean))),
                counted.size(),
                Math.exp(Math.sqrt(variance)) - 1);
    }

    private static double sq(final double x) {
        return x * x;
    }
}
