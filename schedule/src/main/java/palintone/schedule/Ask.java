package palintone.schedule;

import java.util.List;
import java.util.Optional;
import palintone.core.plan.Plan;
import palintone.core.plan.Workload;

/**
 * What the process is asked, one line of JSON.
 *
 * @param what is wanted
 * @param load what is to be done
 * @param start a plan to begin from, where there is one
 * @param effort the most of it for each wish, in the solver's own deterministic seconds
 * @param seed the same seed and effort give the same plan
 * @param dues runs whose due moment must be kept, for {@link What#CLASH}
 */
public record Ask(
        What what,
        Workload load,
        Optional<Plan> start,
        double effort,
        int seed,
        List<String> dues) {

    /** What is wanted of the process. */
    public enum What {
        /** A plan, and then better ones. */
        PLAN,
        /** Which due moments cannot be kept together. */
        CLASH
    }
}
