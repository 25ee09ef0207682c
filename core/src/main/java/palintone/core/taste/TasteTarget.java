package palintone.core.taste;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.NormalDistribution;
import palintone.core.figure.Band;
import palintone.core.figure.Source;

/**
 * How sweet, or how bitter, pieces are liked here, out of what was said of them.
 *
 * <p>An ordered probit of just-about-right answers: a taster feels the distance of a bite to what
 * is liked with a normal error of one noticeable step, and says "too much" or "not enough" where
 * what is felt is further off than such a step. Nothing is believed beforehand; the liked value is
 * the mean of what the answers leave, its margin their standard deviation. Answers of one side only
 * give a limit, no target.
 *
 * @param what is judged
 * @param answers there were
 * @param liked grams in 100 g, empty while the answers do not close in on it from both sides
 * @param margin standard deviation of it, g in 100 g; 0 where there is none
 * @param above it is liked to be, g in 100 g, where all said "not enough"
 * @param below it is liked to be, g in 100 g, where all said "too much"
 */
public record TasteTarget(
        TasteOf what,
        int answers,
        OptionalDouble liked,
        double margin,
        OptionalDouble above,
        OptionalDouble below) {

    public static final Source SOURCE =
            Source.workshop("tastings of this workshop: just-about-right answers, ordered probit");

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** Fewer answers of the like say nothing yet; ours. */
    public static final int LEAST_ANSWERS = 4;

    /** Steps of the grid the answers are weighed on, g in 100 g. */
    private static final double GRID = 0.1;

    /** Nothing is further off than this, g in 100 g. */
    private static final double MOST = 100;

    /** One bite: how sweet or bitter it was, g in 100 g, and what was said of it. */
    public record Bite(double was, Liking said) {}

    static TasteTarget of(final TasteOf what, final List<Bite> bites) {
        final boolean right = said(bites, Liking.RIGHT);
        final boolean little = said(bites, Liking.TOO_LITTLE);
        final boolean much = said(bites, Liking.TOO_MUCH);
        if (!right && !(little && much)) {
            return new TasteTarget(
                    what,
                    bites.size(),
                    OptionalDouble.empty(),
                    0,
                    little ? OptionalDouble.of(furthest(what, bites, 1)) : OptionalDouble.empty(),
                    much ? OptionalDouble.of(furthest(what, bites, -1)) : OptionalDouble.empty());
        }
        // Below nothing and above everything too: a cut-off grid would pull the mean inwards.
        final double[] logs = new double[(int) Math.round(2 * MOST / GRID) + 1];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < logs.length; i++) {
            final double liked = -MOST / 2 + i * GRID;
            logs[i] = bites.stream().mapToDouble(b -> Math.log(likely(what, b, liked))).sum();
            most = Math.max(most, logs[i]);
        }
        double weights = 0;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < logs.length; i++) {
            final double at = -MOST / 2 + i * GRID;
            // Against the likeliest: hundreds of tastings multiplied up are less than a number
            // holds.
            final double weight = Math.exp(logs[i] - most);
            weights += weight;
            sum += weight * at;
            squares += weight * at * at;
        }
        final double mean = sum / weights;
        return new TasteTarget(
                what,
                bites.size(),
                OptionalDouble.of(Math.max(0, Math.min(MOST, mean))),
                Math.sqrt(Math.max(0, squares / weights - mean * mean)),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private static boolean said(final List<Bite> bites, final Liking liking) {
        return bites.stream().anyMatch(b -> b.said() == liking);
    }

    /** One step beyond the furthest bite of those that were all on one side. */
    private static double furthest(final TasteOf what, final List<Bite> bites, final int side) {
        final double beyond =
                bites.stream().mapToDouble(b -> side * b.was() + what.stepG()).max().orElse(0);
        return Math.max(0, side * beyond);
    }

    /** How likely such an answer is where so much is liked. */
    private static double likely(final TasteOf what, final Bite bite, final double liked) {
        final double off = (bite.was() - liked) / what.stepG();
        final double much = NORMAL.cumulativeProbability(off - 1);
        final double little = NORMAL.cumulativeProbability(-off - 1);
        return Math.max(
                1e-12,
                switch (bite.said()) {
                    case TOO_MUCH -> much;
                    case TOO_LITTLE -> little;
                    case RIGHT -> 1 - much - little;
                });
    }

    /** Whether there are enough answers to hold a piece against: one taster is no target. */
    public boolean speaks() {
        return answers >= LEAST_ANSWERS;
    }

    /**
     * Where about half of all bites or more are called right: a step to either side; off beyond
     * two. Where only one side is known, the stretch to that limit.
     */
    public Optional<Band> band() {
        if (!speaks()) {
            return Optional.empty();
        }
        final double step = what.stepG();
        if (liked.isPresent()) {
            final double low = Math.max(0, liked.getAsDouble() - step);
            return Optional.of(
                    new Band(
                            Math.max(0, low - step),
                            low,
                            liked.getAsDouble() + step,
                            liked.getAsDouble() + 2 * step));
        }
        if (above.isPresent()) {
            final double low = above.getAsDouble();
            return Optional.of(new Band(Math.max(0, low - step), low, MOST, MOST));
        }
        return below.isPresent()
                ? Optional.of(new Band(0, 0, below.getAsDouble(), below.getAsDouble() + step))
                : Optional.empty();
    }
}
