package palintone.core.temper.estimate;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import palintone.core.figure.Range;
import palintone.core.temper.Verdict;
import palintone.core.temper.crystal.Crystals;

/**
 * Crystals as shares of the fat, with the margin that nine bowls in ten lie in.
 *
 * @param middle median of both populations
 * @param stable 5 to 95 %
 * @param unstable 5 to 95 %
 * @param verdicts how likely each is, summing to 1
 */
public record Estimate(
        Crystals middle, Range stable, Range unstable, Map<Verdict, Double> verdicts) {

    /** The verdicts are copied. */
    public Estimate {
        final Map<Verdict, Double> copy = new EnumMap<>(Verdict.class);
        copy.putAll(verdicts);
        verdicts = Collections.unmodifiableMap(copy);
    }

    /** The likeliest verdict. */
    public Verdict verdict() {
        return verdicts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(Verdict.NONE);
    }

    /** How likely that is, 0 to 1. */
    public double likelihood() {
        return verdicts.getOrDefault(verdict(), 0.0);
    }
}
