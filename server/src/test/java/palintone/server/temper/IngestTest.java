package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.invocation.InvocationOnMock;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import palintone.server.problem.TooBusyException;

/** The database and the screens are the outside edges. */
class IngestTest {

    private static final Instant AT = Instant.parse("2026-11-23T10:00:00Z");

    private final TemperBowlRepository bowls = mock(TemperBowlRepository.class);
    private final ReadingStore store = mock(ReadingStore.class);
    private final TemperNews news = mock(TemperNews.class);
    private final Ingest ingest =
            new Ingest(bowls, store, mock(LiveBowls.class), news, Clock.systemUTC());

    @AfterEach
    void close() {
        ingest.close();
    }

    private static Ingest.ProbeReading reading(final int second) {
        return new Ingest.ProbeReading("p", AT.plusSeconds(second), 31);
    }

    private static ReadingStore.Key key(final int second) {
        return new ReadingStore.Key("p", ReadingStore.micros(AT.plusSeconds(second)));
    }

    private void nobodyListens() {
        when(bowls.findFirstByProbeAndStateOrderByBeganAtDesc(anyString(), any()))
                .thenReturn(Optional.empty());
    }

    @Test
    void whatWasThereAlreadyIsCountedAsKnown() {
        nobodyListens();
        when(store.keep(anyList())).thenReturn(new HashSet<>(Set.of(key(1))));
        assertThat(ingest.take(List.of(reading(1), reading(2))))
                .isEqualTo(new Ingest.Taken(1, 1, 2));
        verify(news, never()).readings(any(), anyString());
    }

    @Test
    void ofTwoThatAreTheSameTheFirstCounts() {
        nobodyListens();
        when(store.keep(anyList())).thenReturn(new HashSet<>(Set.of(key(1))));
        assertThat(ingest.take(List.of(reading(1), reading(1))))
                .isEqualTo(new Ingest.Taken(1, 1, 2));
    }

    @Test
    void aDatabaseThatIsAwayIsToldToWhoeverSent() throws Exception {
        nobodyListens();
        when(store.keep(anyList()))
                .thenThrow(new DataAccessResourceFailureException("gone"))
                .thenReturn(new HashSet<>(Set.of(key(3))));
        assertThatThrownBy(() -> ingest.take(List.of(reading(3))))
                .isInstanceOf(DataAccessResourceFailureException.class);
        // The writer lives on: sent again, it is kept.
        final Ingest.Taken again =
                CompletableFuture.supplyAsync(() -> ingest.take(List.of(reading(3))))
                        .get(5, TimeUnit.SECONDS);
        assertThat(again.kept()).isEqualTo(1);
    }

    @Test
    void nothingIsAskedForNothing() {
        assertThat(ingest.take(List.of())).isEqualTo(new Ingest.Taken(0, 0, 0));
        verify(store, never()).keep(anyList());
    }

    /**
     * A pack the database cannot bear keeps no other from being written, nor an error the writer.
     */
    @Test
    void aPoisonedPackIsRefusedByItself() throws Exception {
        nobodyListens();
        final CountDownLatch writing = new CountDownLatch(1);
        final CountDownLatch busy = new CountDownLatch(1);
        when(store.keep(anyList()))
                .thenAnswer(
                        call -> {
                            writing.countDown();
                            busy.await();
                            return new HashSet<>(Set.of(key(1)));
                        })
                .thenAnswer(IngestTest::poisonedByTheNinth)
                .thenAnswer(IngestTest::poisonedByTheNinth)
                .thenAnswer(IngestTest::poisonedByTheNinth)
                .thenThrow(new AssertionError("anything"))
                .thenReturn(new HashSet<>(Set.of(key(3))));
        final var first = CompletableFuture.supplyAsync(() -> ingest.take(List.of(reading(1))));
        assertThat(writing.await(60, TimeUnit.SECONDS)).isTrue();
        // These two wait together while the first is being written.
        final var poison = CompletableFuture.supplyAsync(() -> ingest.take(List.of(reading(9))));
        final var good = CompletableFuture.supplyAsync(() -> ingest.take(List.of(reading(2))));
        awaitWaiting(2);
        busy.countDown();
        assertThat(first.get(5, TimeUnit.SECONDS).kept()).isEqualTo(1);
        assertThat(good.get(5, TimeUnit.SECONDS).kept()).isEqualTo(1);
        assertThatThrownBy(() -> poison.get(5, TimeUnit.SECONDS))
                .hasCauseInstanceOf(DataIntegrityViolationException.class);
        assertThatThrownBy(() -> ingest.take(List.of(reading(4))))
                .isInstanceOf(IllegalStateException.class);
        assertThat(ingest.take(List.of(reading(3))).kept()).isEqualTo(1);
    }

    /** More than can be written is refused at once, never kept waiting for ever. */
    @Test
    void aFullQueueSaysSo() throws Exception {
        nobodyListens();
        final CountDownLatch busy = new CountDownLatch(1);
        final CountDownLatch writing = new CountDownLatch(1);
        when(store.keep(anyList()))
                .thenAnswer(
                        call -> {
                            writing.countDown();
                            busy.await();
                            return new HashSet<ReadingStore.Key>();
                        });
        final ExecutorService many = Executors.newCachedThreadPool();
        try {
            many.submit(() -> ingest.take(List.of(reading(0))));
            // What waits is written together: the others come while the first is being written.
            assertThat(writing.await(60, TimeUnit.SECONDS)).isTrue();
            for (int i = 1; i <= 500; i++) {
                final int second = i;
                many.submit(() -> ingest.take(List.of(reading(second))));
            }
            awaitWaiting(500);
            assertThatThrownBy(() -> ingest.take(List.of(reading(999))))
                    .isInstanceOf(TooBusyException.class)
                    .hasMessageContaining("send it again");
        } finally {
            busy.countDown();
            many.shutdownNow();
        }
    }

    private static Set<ReadingStore.Key> poisonedByTheNinth(final InvocationOnMock call) {
        final List<ReadingStore.Row> rows = call.getArgument(0);
        if (rows.stream().anyMatch(r -> r.atUs() == key(9).atUs())) {
            throw new DataIntegrityViolationException("poison");
        }
        return new HashSet<>(Set.of(key(2)));
    }

    private void awaitWaiting(final int packs) throws InterruptedException {
        final long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (ingest.waiting() < packs && System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        assertThat(ingest.waiting()).isGreaterThanOrEqualTo(packs);
    }
}
