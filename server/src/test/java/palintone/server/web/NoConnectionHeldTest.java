package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import palintone.server.support.Workshop;
import palintone.server.support.Workshop.Answer;

/**
 * Ten who compute must not keep the eleventh from the books: while the core works out an answer no
 * connection is held. Asked by many at once, the pool is looked at again and again.
 */
class NoConnectionHeldTest {

    private static final int AT_ONCE = 8;
    private static final int QUESTIONS = 24;

    private final Workshop workshop = Workshop.shared();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/shells/cast | '\"couverture\":\"dark-66\",\"mould\":\"half-28\","
                        + "\"asked\":\"MEAN\",\"value\":1.%d,\"roomC\":20.%d'",
                "/api/shells/cold | '\"cast\":{\"couverture\":\"dark-66\",\"mould\":"
                        + "\"half-28\",\"asked\":\"WAIT\",\"value\":4%d,\"roomC\":20.%d}'",
                "/api/temper/curves | '\"couverture\":\"dark-66\",\"massG\":20%d,\"roomC\":20.%d,"
                        + "\"methods\":[\"SEED_THIRD\",\"TABLING\",\"COLD_BATH\"]'",
            })
    void whileItIsWorkedOut(final String path, final String fields) throws Exception {
        final HikariPoolMXBean pool = workshop.bean(HikariDataSource.class).getHikariPoolMXBean();
        final ExecutorService makers = Executors.newFixedThreadPool(AT_ONCE);
        try {
            final List<CompletableFuture<Answer>> asked =
                    IntStream.range(10, 10 + QUESTIONS)
                            .mapToObj(
                                    i ->
                                            CompletableFuture.supplyAsync(
                                                    () ->
                                                            workshop.post(
                                                                    path,
                                                                    "{"
                                                                            + fields.formatted(i, i)
                                                                            + "}"),
                                                    makers))
                            .toList();
            final CompletableFuture<Void> all =
                    CompletableFuture.allOf(asked.toArray(CompletableFuture[]::new));
            long looks = 0;
            long held = 0;
            while (!all.isDone()) {
                held += pool.getActiveConnections();
                looks++;
                try {
                    all.get(1, TimeUnit.MILLISECONDS);
                } catch (final TimeoutException underWay) {
                    // Looked at again.
                }
            }
            for (final CompletableFuture<Answer> each : asked) {
                assertThat(each.join().status()).as(each.join().text()).isEqualTo(200);
            }
            // Held all the while it would be as many as ask, or nearly.
            assertThat(held / (double) looks).as("connections held").isLessThan(AT_ONCE / 2.0);
        } finally {
            makers.shutdownNow();
        }
    }
}
