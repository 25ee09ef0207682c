package palintone.server.temper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mockConstruction;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mockito.MockedConstruction;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The network is the outside edge here. */
class TemperNewsTest {

    /** Readings go out one by one; being asked for anew is said once, however many there were. */
    @Test
    void manyReadingsAskForTheBowlOnce() throws IOException {
        try (MockedConstruction<SseEmitter> mocked = mockConstruction(SseEmitter.class)) {
            final TemperNews news = new TemperNews();
            final SseEmitter screen = news.follow();
            final UUID bowl = UUID.randomUUID();
            for (int i = 0; i < 20; i++) {
                news.readings(bowl, "{}");
            }
            verify(screen, times(21)).send(any(SseEmitter.SseEventBuilder.class));
            news.tellStirred();
            news.tellStirred();
            verify(screen, times(22)).send(any(SseEmitter.SseEventBuilder.class));
            news.changed(bowl);
            verify(screen, times(23)).send(any(SseEmitter.SseEventBuilder.class));
            news.close();
            verify(screen).complete();
            assertThat(mocked.constructed()).containsExactly(screen);
        }
    }
}
