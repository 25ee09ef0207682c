package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.context.ApplicationEventPublisher;
import palintone.core.temper.bowl.VesselKind;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.support.Workshop;

/** Whatever is looked at or forgotten, memory and books do not grow without end. */
class BoundedMemoryTest {

    private static final Instant BEGAN = Instant.parse("2026-11-25T08:00:00Z");

    private static TemperBowlEntity simulated() {
        final TemperBowlEntity bowl = mock(TemperBowlEntity.class);
        when(bowl.id()).thenReturn(UUID.randomUUID());
        when(bowl.beganAt()).thenReturn(BEGAN);
        return bowl;
    }

    private static SimulatedBowls after(
            final Duration time, final TemperBowlRepository bowls, final TemperBowlEntity bowl) {
        when(bowls.findByStateAndSource(any(), any())).thenReturn(List.of(bowl));
        return new SimulatedBowls(
                bowls,
                mock(BowlEventRepository.class),
                mock(LarderService.class),
                mock(HouseService.class),
                Clock.fixed(BEGAN.plus(time), ZoneOffset.UTC),
                mock(ApplicationEventPublisher.class));
    }

    @Test
    void aForgottenSimulatedBowlEndsByItself() {
        final TemperBowlRepository bowls = mock(TemperBowlRepository.class);
        final TemperBowlEntity bowl = simulated();
        after(Duration.ofHours(3), bowls, bowl).endForgotten();
        verify(bowl, never()).end(any());
        after(Duration.ofHours(5), bowls, bowl).endForgotten();
        verify(bowl).end(BEGAN.plus(Duration.ofHours(5)));
        verify(bowls).save(bowl);
    }

    /** Looking through a season's bowls keeps only the last of them in memory. */
    @Test
    void bowlsLookedAtAreNotKeptForEver() {
        final LiveBowls live = Workshop.shared().bean(LiveBowls.class);
        for (int i = 0; i < 80; i++) {
            final TemperBowlEntity bowl = simulated();
            when(bowl.couvertureId()).thenReturn("dark-66");
            when(bowl.vessel()).thenReturn(VesselKind.STEEL_BOWL);
            when(bowl.massG()).thenReturn(1000.0);
            when(bowl.meltedG()).thenReturn(1000.0);
            when(bowl.roomC()).thenReturn(20.0);
            assertThat(live.of(bowl)).isSameAs(live.of(bowl));
        }
        assertThat(live.inMemory()).isBetween(1L, 64L);
    }
}
