package palintone.core.plan;

import java.util.OptionalInt;
import palintone.core.figure.Require;

/**
 * One thing made once: a batch of pieces, a pot, a bowl, or work that is no piece.
 *
 * @param id within its workload
 * @param name as it stands on the plan
 * @param earliest minute before which nothing of it begins
 * @param due minute by which all of it should be done; empty where others only need it
 */
public record Run(String id, String name, int earliest, OptionalInt due) {

    /**
     * @throws palintone.core.figure.OutOfRangeException when a name is missing
     */
    public Run {
        Require.text("id of a run", id, 200);
        Require.text("name of a run", name, 300);
    }
}
