package palintone.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/** How often the database is asked: it is asked at every press on Pieces. */
class QuestionsTest {

    private static final int MOST = 3;

    private final Workshop shared = Workshop.shared();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/pieces/sesame-crackle/needs?moulds=%d",
                "/api/pieces/buckwheat-tablet/needs?moulds=%d",
                "/api/pieces?size=2%d"
            })
    void whatIsAskedAtEveryPressTakesThreeQuestionsAtMost(final String path) {
        final Statistics statistics =
                shared.bean(EntityManagerFactory.class)
                        .unwrap(SessionFactory.class)
                        .getStatistics();
        statistics.setStatisticsEnabled(true);
        try {
            shared.get(path.formatted(4));
            // The house goes on beside the test: the quietest of five is what one takes.
            long least = Long.MAX_VALUE;
            for (int i = 5; i < 10; i++) {
                statistics.clear();
                assertThat(shared.get(path.formatted(i)).status()).isEqualTo(200);
                least = Math.min(least, statistics.getPrepareStatementCount());
            }
            assertThat(least).isBetween(1L, (long) MOST);
        } finally {
            statistics.setStatisticsEnabled(false);
        }
    }

    /**
     * Kept in memory, and never out of date: what somebody changes is seen at the next question.
     */
    @Test
    void whatHasChangedIsSeenAtOnce() throws Exception {
        try (Workshop workshop = Workshop.open()) {
            final String path = "/api/pieces/buckwheat-tablet/needs?moulds=4";
            final double before = workshop.get(path).number("/kept/0/value");
            final Answer piece = workshop.get("/api/pieces/buckwheat-tablet");
            final Answer changed =
                    workshop.put(
                            "/api/pieces/buckwheat-tablet",
                            "{\"kind\":\"SOLID\",\"name\":\"Buckwheat tablet\",\"story\":\"Plain.\","
                                    + "\"mould\":\"tablet-150\",\"couverture\":\"dark-66\","
                                    + "\"inclusions\":[],\"version\":"
                                    + (long) piece.number("/version")
                                    + "}");
            assertThat(changed.status()).as(changed.text()).isEqualTo(200);
            assertThat(workshop.get(path).number("/kept/0/value")).isGreaterThan(before + 50);

            // Written by another server into the same books.
            final double heavy = workshop.get(path).number("/kept/0/value");
            try (Connection books =
                            DriverManager.getConnection(
                                    workshop.db.url(), workshop.db.user(), workshop.db.password());
                    Statement write = books.createStatement()) {
                write.execute(
                        "update ingredient_component set grams_per_100 = grams_per_100 - 5 where"
                                + " ingredient_id = 'dark-66' and component = 'SUCROSE'");
                write.execute(
                        "update ingredient_component set grams_per_100 = grams_per_100 + 5 where"
                                + " ingredient_id = 'dark-66' and component = 'COCOA_BUTTER'");
                write.execute("update ingredient set version = version + 1 where id = 'dark-66'");
            }
            assertThat(workshop.get(path).number("/kept/0/value")).isNotEqualTo(heavy);
        }
    }
}
