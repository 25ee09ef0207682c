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

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;

/** The database and the screens are the outside edges. */
class IngestTest {

    private static final Instant AT = Instant.parse("2026-11-23T10:00:00Z");

    private final TemperBowlRepository bowls = mock(TemperBowlRepository.class);
    private final ReadingStore store = mock(ReadingStore.class);
    private final TemperNews news = mock(TemperNews.class);
    private final Ingest ingest = new Ingest(bowls, store, mock(LiveBowls.class), news);

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
}
