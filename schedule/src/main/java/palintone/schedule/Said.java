package palintone.schedule;

import java.util.List;
import java.util.Optional;
import palintone.core.plan.Plan;

/**
 * What the process says, one line of JSON each.
 *
 * @param kind what it is
 * @param plan found
 * @param wish it is about
 * @param value best known of that wish
 * @param bound below which it cannot be
 * @param runs that clash
 */
public record Said(
        Kind kind,
        Optional<Plan> plan,
        Optional<Wish> wish,
        int value,
        int bound,
        List<String> runs) {

    /** What is said. */
    public enum Kind {
        /** A plan that is better than those before. */
        FOUND,
        /** How good the best is by one wish, and how good it could be. */
        PROVEN,
        /** There is none. */
        IMPOSSIBLE,
        /** These due moments cannot be kept together; without any one of them the others can. */
        CLASH,
        /** The last line. */
        DONE
    }

    static Said found(final Plan plan) {
        return new Said(Kind.FOUND, Optional.of(plan), Optional.empty(), 0, 0, List.of());
    }

    static Said proven(final Wish wish, final int value, final int bound) {
        return new Said(Kind.PROVEN, Optional.empty(), Optional.of(wish), value, bound, List.of());
    }

    static Said clash(final List<String> runs) {
        return new Said(Kind.CLASH, Optional.empty(), Optional.empty(), 0, 0, runs);
    }

    static Said of(final Kind kind) {
        return new Said(kind, Optional.empty(), Optional.empty(), 0, 0, List.of());
    }
}
