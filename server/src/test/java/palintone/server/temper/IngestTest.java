package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.invocation.InvocationOnMock;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import palintone.core.temper.trace.Sample;
import palintone.server.problem.TooBusyException;

/** The database and the screens are the outside edges. */
class IngestTest {

    private static final Instant AT = Instant.parse("2026-11-23T10:00:00Z");

    private final TemperBowlRepository bowls = mock(TemperBowlRepository.class);
    private final ReadingStore store = mock(ReadingStore.class);
    private final TemperNews news = mock(TemperNews.class);
    private final LiveBowls live = mock(LiveBowls.class);
    private final Ingest ingest =
            new Ingest(new Listeners(bowls), store, live, news, Clock.systemUTC());

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
                        .get(60, TimeUnit.SECONDS);
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
        assertThat(first.get(60, TimeUnit.SECONDS).kept()).isEqualTo(1);
        assertThat(good.get(60, TimeUnit.SECONDS).kept()).isEqualTo(1);
        assertThatThrownBy(() -> poison.get(60, TimeUnit.SECONDS))
                .hasCauseInstanceOf(DataIntegrityViolationException.class);
        assertThatThrownBy(() -> ingest.take(List.of(reading(4))))
                .isInstanceOf(IllegalStateException.class);
        assertThat(ingest.take(List.of(reading(3))).kept()).isEqualTo(1);
    }

    private TemperBowlEntity bowlOf(final String probe) {
        final TemperBowlEntity bowl = mock(TemperBowlEntity.class);
        when(bowl.id()).thenReturn(UUID.randomUUID());
        when(bowl.beganAt()).thenReturn(AT);
        when(bowls.findFirstByProbeAndStateOrderByBeganAtDesc(eq(probe), any()))
                .thenReturn(Optional.of(bowl));
        return bowl;
    }

    private LiveBowl inMemory(final TemperBowlEntity bowl) {
        final LiveBowl inMemory = mock(LiveBowl.class);
        when(live.of(bowl)).thenReturn(inMemory);
        when(live.holds(bowl.id(), inMemory)).thenReturn(true);
        return inMemory;
    }

    /** What is on disk is on disk: a bowl that chokes on it is made anew, and the others go on. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aBowlThatCannotTakeItsReadingsInKeepsNoOtherFromIts(final boolean cannotBeMade) {
        final TemperBowlEntity broken = bowlOf("p");
        final TemperBowlEntity sound = bowlOf("q");
        if (cannotBeMade) {
            when(live.of(broken)).thenThrow(new IllegalStateException("its couverture is gone"));
        } else {
            final LiveBowl choking = inMemory(broken);
            when(choking.reading(any())).thenThrow(new IllegalStateException("not a number"));
        }
        final LiveBowl followed = inMemory(sound);
        when(followed.reading(any())).thenReturn(true);
        final Instant at = AT.plusSeconds(2);
        final ReadingStore.Key ofSound = new ReadingStore.Key("q", ReadingStore.micros(at));
        when(store.keep(anyList())).thenReturn(new HashSet<>(Set.of(key(1), ofSound)));

        assertThat(ingest.take(List.of(reading(1), new Ingest.ProbeReading("q", at, 31))))
                .isEqualTo(new Ingest.Taken(2, 0, 0));

        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(
                        () -> {
                            verify(followed).reading(new Sample(2, 31));
                            verify(live).forget(broken.id());
                            verify(news).readings(eq(sound.id()), anyString());
                        });
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
        final long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (ingest.waiting() < packs && System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        assertThat(ingest.waiting()).isGreaterThanOrEqualTo(packs);
    }
}
