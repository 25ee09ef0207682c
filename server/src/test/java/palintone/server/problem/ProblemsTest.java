package palintone.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.ProblemDetail;

/** Two who write at once are told so; nobody is shown what the database said. */
class ProblemsTest {

    private final Problems problems = new Problems();

    @Test
    void aDeadlockAndADoubleKeyAreConflicts() {
        final ProblemDetail deadlock =
                problems.atOnce(
                        new CannotAcquireLockException(
                                "Deadlock found when trying to get lock",
                                new SQLException("try restarting transaction", "40001", 1213)));
        assertThat(deadlock.getStatus()).isEqualTo(409);
        assertThat(deadlock.getDetail()).contains("at the same moment").doesNotContain("Deadlock");
        final ProblemDetail twice =
                problems.atOnce(
                        new DataIntegrityViolationException(
                                "Duplicate entry 'x' for key 'PRIMARY'"));
        assertThat(twice.getStatus()).isEqualTo(409);
        assertThat(twice.getDetail()).doesNotContain("PRIMARY");
    }

    @Test
    void tooMuchAtATimeIsToldToComeAgain() {
        final ProblemDetail busy = problems.busy(new TooBusyException("More come in than fit."));
        assertThat(busy.getStatus()).isEqualTo(503);
        assertThat(busy.getDetail()).contains("send it again");
    }
}
