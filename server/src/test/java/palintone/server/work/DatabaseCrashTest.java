package palintone.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

class DatabaseCrashTest {

    /**
     * kill -9 of mariadbd between two entries: what was acknowledged is there, the rest is refused.
     */
    @Test
    void whatWasAcknowledgedSurvivesTheDatabase() throws Exception {
        try (Workshop workshop = Workshop.open()) {
            final String batch = workshop.begin("plum-bay");
            assertThat(workshop.note(batch, 5, 46.9).status()).isEqualTo(200);
            final String began = workshop.done(batch, 5).at("/steps/5/begunAt");

            workshop.db.kill();
            final Answer refused = workshop.note(batch, 5, 33);
            assertThat(refused.status()).isEqualTo(503);
            assertThat(refused.at("/detail")).startsWith("The database does not answer");
            assertThat(refused.text()).doesNotContain("Exception").doesNotContain("java.");

            workshop.db.up();
            final Answer after = onceItAnswers(workshop, "/api/batches/" + batch);
            assertThat(after.number("/step")).isEqualTo(6);
            assertThat(after.at("/steps/5/begunAt")).isEqualTo(began);
            assertThat(after.number("/steps/4/noted")).isEqualTo(46.9);
            assertThat(after.json().at("/steps/5/notes").size()).isZero();
            assertThat(workshop.note(batch, 5, 33).status()).isEqualTo(200);
        }
    }

    /** The lines to the old database die one by one; within moments there are new ones. */
    private static Answer onceItAnswers(final Workshop workshop, final String path) {
        final long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(40);
        Answer answer = workshop.get(path);
        while (answer.status() == 503 && System.nanoTime() < until) {
            answer = workshop.get(path);
        }
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer;
    }
}
