package palintone.core.process;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;

/**
 * One thing to do.
 *
 * @param number from 1, in the order it is listed; its name in the record
 * @param kind what is done
 * @param title as it stands above it, where its kind does not say it all
 * @param part what it belongs to, as "Plum ganache"; empty for the pieces themselves
 * @param say what to do, with its numbers
 * @param amounts what it is planned with and reckoned by, in the unit of each
 * @param reading what to read, where something is read
 * @param clock how long it takes, where that matters
 * @param handsOn share of that time it needs somebody, 0 to 1
 * @param after what must be done before
 * @param occupies what it keeps from others
 * @param caution what can hurt, where something can
 * @param source what target and clock rest on
 */
public record Task(
        int number,
        TaskKind kind,
        String title,
        String part,
        Sentence say,
        Map<Amount, Double> amounts,
        Optional<TaskReading> reading,
        Optional<Clock> clock,
        double handsOn,
        List<After> after,
        Set<Occupies> occupies,
        Optional<String> caution,
        Source source) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when the share of hands is not 0 to 1
     */
    public Task {
        Require.between("hands on", handsOn, 0, 1, "");
        after = List.copyOf(after);
        // In the order of the enum, so that a batch and its copy are written alike.
        amounts =
                amounts.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(amounts));
        occupies =
                occupies.isEmpty()
                        ? Set.of()
                        : Collections.unmodifiableSet(EnumSet.copyOf(occupies));
    }

    /** The same task in other words. */
    Task saying(final Sentence words) {
        return new Task(
                number, kind, title, part, words, amounts, reading, clock, handsOn, after, occupies,
                caution, source);
    }

    /** One of its amounts, in the unit of that; empty where it has none. */
    public OptionalDouble amount(final Amount what) {
        final Double value = amounts.get(what);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Whether its reading is one of the bowl. */
    public boolean atTheBowl() {
        return occupies.contains(Occupies.BOWL) && kind != TaskKind.STIR_IN;
    }

    /** Whether somebody stands at it most of the time. */
    public boolean byHand() {
        return handsOn >= 0.5;
    }
}
