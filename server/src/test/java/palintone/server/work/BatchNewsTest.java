package palintone.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mockConstruction;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mockito.MockedConstruction;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class BatchNewsTest {

    /** The network is the outside edge: a screen that is gone must not keep the others waiting. */
    @Test
    void aScreenThatWentAwayIsForgotten() throws IOException {
        try (MockedConstruction<SseEmitter> mocked = mockConstruction(SseEmitter.class)) {
            final BatchNews news = new BatchNews();
            final SseEmitter gone = news.follow();
            final SseEmitter there = news.follow();
            doThrow(new IOException("broken pipe"))
                    .when(gone)
                    .send(any(SseEmitter.SseEventBuilder.class));

            news.tell(new BatchService.BatchChanged(UUID.randomUUID()));
            news.tell(new BatchService.BatchChanged(UUID.randomUUID()));
            news.close();

            // once when it began to follow, once when it failed
            verify(gone, times(2)).send(any(SseEmitter.SseEventBuilder.class));
            verify(there, times(3)).send(any(SseEmitter.SseEventBuilder.class));
            verify(there).complete();
            verify(gone, never()).complete();
            assertThat(mocked.constructed()).containsExactly(gone, there);
        }
    }
}
