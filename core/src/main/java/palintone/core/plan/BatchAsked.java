package palintone.core.plan;

import java.util.List;
import java.util.Optional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.process.Process;

/**
 * A batch that is to be laid out.
 *
 * @param run as which it stands in the workload
 * @param process its tasks
 * @param turns how many each turn of it makes; one where it is made in one go
 * @param mould thing it is cast in; empty where it is cast in none
 * @param bowl what its bowl holds; empty where none is tempered
 * @param pace what this house takes against the usual, above 0; 1 where nothing is known
 */
public record BatchAsked(
        Run run,
        Process process,
        List<UsualMinutes.Many> turns,
        Optional<String> mould,
        Optional<Hold.Load> bowl,
        double pace) {

    /**
     * Allowed: pace 0.1 to 10.
     *
     * @throws OutOfRangeException when there is no turn
     */
    public BatchAsked {
        turns = List.copyOf(turns);
        if (turns.isEmpty()) {
            throw new OutOfRangeException("turns", "none", "one or more");
        }
        palintone.core.figure.Require.between("pace", pace, 0.1, 10, "");
    }
}
