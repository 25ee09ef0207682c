package palintone.server.exchange;

import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import palintone.core.figure.OutOfRangeException;
import palintone.core.work.IllegalMoveException;
import palintone.server.problem.NotHereException;
import palintone.server.problem.Problems;
import palintone.server.problem.TakenException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Lets something take a row in, and says of which file and row it is when that is refused. */
@Component
public class RowGuard {

    private final JsonMapper json;

    RowGuard(final JsonMapper json) {
        this.json = json;
    }

    /**
     * @param row 0 where there are no rows
     * @throws ImportRefusedException naming file, row, field, value and what is allowed
     */
    public void row(final String file, final int row, final Runnable action) {
        try {
            action.run();
        } catch (OutOfRangeException e) {
            throw refused(file, row, e.field(), e.value(), e.allowed());
        } catch (NotHereException e) {
            throw refused(
                    file, row, e.field(), "\"" + e.value() + "\"", "an id that is in the books");
        } catch (TakenException e) {
            throw refused(file, row, e.field(), "\"" + e.value() + "\"", "one that is not taken");
        } catch (IllegalMoveException e) {
            throw refused(file, row, "entries", "in no possible order", e.getMessage());
        } catch (JacksonException e) {
            throw unreadable(file, row, e);
        }
    }

    /** The file as a tree. */
    public JsonNode json(final NamedFile file) {
        try {
            final JsonNode tree = json.readTree(file.text());
            if (tree == null || tree.isMissingNode() || tree.isNull()) {
                throw refused(file.name(), 0, "file", "empty", "JSON");
            }
            return tree;
        } catch (JacksonException e) {
            throw unreadable(
                    file.name(), e.getLocation() == null ? 0 : e.getLocation().getLineNr(), e);
        }
    }

    public ImportRefusedException refused(
            final String file,
            final int row,
            final String field,
            final String value,
            final String allowed) {
        return new ImportRefusedException(file, row, field, value, allowed);
    }

    private ImportRefusedException unreadable(
            final String file, final int row, final JacksonException e) {
        final ProblemDetail why = Problems.unreadable(e);
        return refused(
                file,
                row,
                String.valueOf(why.getProperties().get("field")),
                String.valueOf(why.getProperties().get("value")),
                String.valueOf(why.getProperties().get("allowed")));
    }
}
