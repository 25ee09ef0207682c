package palintone.server.news;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.atLeast;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mockConstruction;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.mockito.MockedConstruction;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The network is the outside edge here. */
class NewsDeskTest {

    private static final Duration SOON = Duration.ofSeconds(60);

    @Test
    void aScreenThatWentAwayIsForgotten() throws IOException {
        try (MockedConstruction<SseEmitter> mocked = mockConstruction(SseEmitter.class)) {
            final NewsDesk desk = new NewsDesk();
            final SseEmitter gone = desk.follow();
            final SseEmitter there = desk.follow();
            await().atMost(SOON)
                    .untilAsserted(() -> verify(gone).send(any(SseEmitter.SseEventBuilder.class)));
            doThrow(new IOException("broken pipe"))
                    .when(gone)
                    .send(any(SseEmitter.SseEventBuilder.class));
            desk.tell("batch", "a");
            await().atMost(SOON).until(() -> desk.following() == 1);
            desk.tell("batch", "b");
            await().atMost(SOON)
                    .untilAsserted(
                            () ->
                                    verify(there, times(3))
                                            .send(any(SseEmitter.SseEventBuilder.class)));
            verify(gone, times(2)).send(any(SseEmitter.SseEventBuilder.class));
            desk.close();
            verify(there).complete();
            assertThat(mocked.constructed()).containsExactly(gone, there);
        }
    }

    /**
     * Whoever writes never waits for a screen; a screen that hangs is let go, the others hear all.
     */
    @Test
    void aScreenThatHangsHoldsUpNobody() throws Exception {
        final CountDownLatch hanging = new CountDownLatch(1);
        try (MockedConstruction<SseEmitter> mocked = mockConstruction(SseEmitter.class)) {
            final NewsDesk desk = new NewsDesk();
            final SseEmitter slow = desk.follow();
            final SseEmitter quick = desk.follow();
            await().atMost(SOON)
                    .untilAsserted(() -> verify(slow).send(any(SseEmitter.SseEventBuilder.class)));
            doAnswer(call -> hanging.await(60, TimeUnit.SECONDS))
                    .when(slow)
                    .send(any(SseEmitter.SseEventBuilder.class));
            final AtomicInteger heard = new AtomicInteger();
            doAnswer(call -> heard.incrementAndGet())
                    .when(quick)
                    .send(any(SseEmitter.SseEventBuilder.class));
            for (int i = 0; i < 600; i++) {
                final int before = i;
                desk.tell("readings", String.valueOf(i));
                // The quick one keeps up; only the slow one falls behind.
                await().atMost(SOON)
                        .pollDelay(Duration.ZERO)
                        .pollInterval(Duration.ofMillis(1))
                        .until(() -> heard.get() >= before);
            }
            await().atMost(SOON).until(() -> heard.get() >= 600);
            assertThat(desk.following()).isEqualTo(1);
            verify(slow, atLeast(1)).complete();
            hanging.countDown();
            desk.close();
            assertThat(mocked.constructed()).hasSize(2);
        }
    }
}
