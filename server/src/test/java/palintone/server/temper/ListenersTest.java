package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The books are the outside edge. */
class ListenersTest {

    private final TemperBowlRepository bowls = mock(TemperBowlRepository.class);
    private final TemperBowlEntity bowl = mock(TemperBowlEntity.class);
    private final Listeners listeners = new Listeners(bowls);

    @Test
    void asksTheBooksOnceForManyReadings() {
        when(bowls.findFirstByProbeAndStateOrderByBeganAtDesc(anyString(), any()))
                .thenReturn(Optional.of(bowl));
        for (int i = 0; i < 100; i++) {
            assertThat(listeners.of("p")).contains(bowl);
        }
        verify(bowls, times(1)).findFirstByProbeAndStateOrderByBeganAtDesc(anyString(), any());
    }

    /** Nobody listened when the books were asked; before that was written down, somebody did. */
    @Test
    void aBowlThatIsBegunWhileTheBooksAreAskedIsHeardWithTheNextReading() {
        when(bowls.findFirstByProbeAndStateOrderByBeganAtDesc(anyString(), any()))
                .thenAnswer(
                        call -> {
                            listeners.changed(new TemperBowlService.BowlChanged(UUID.randomUUID()));
                            return Optional.empty();
                        })
                .thenReturn(Optional.of(bowl));
        assertThat(listeners.of("p")).isEmpty();
        assertThat(listeners.of("p")).contains(bowl);
    }
}
