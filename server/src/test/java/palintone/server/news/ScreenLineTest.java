package palintone.server.news;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The network is the outside edge. A screen that is told nothing more must know it. */
class ScreenLineTest {

    private final SseEmitter screen = mock(SseEmitter.class);
    private final List<ScreenLine> gone = new ArrayList<>();

    private ScreenLine line(final Executor senders) {
        return new ScreenLine(screen, senders, gone::add);
    }

    @Test
    void aScreenNobodyCanSendToIsLetGoAndNotMuted() {
        final ScreenLine line =
                line(
                        work -> {
                            throw new RejectedExecutionException("all senders are busy");
                        });
        line.tell(SseEmitter.event().data("news"));
        verify(screen).complete();
        assertThat(gone).containsExactly(line);
    }

    @Test
    void aScreenThatCannotBeSentToIsLetGo() throws Exception {
        doThrow(new IllegalArgumentException("no such form"))
                .when(screen)
                .send(any(SseEmitter.SseEventBuilder.class));
        final ScreenLine line = line(Runnable::run);
        line.tell(SseEmitter.event().data("news"));
        verify(screen).complete();
        assertThat(gone).containsExactly(line);
    }
}
