package palintone.server.temper;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import palintone.server.news.NewsDesk;

class TemperNewsTest {

    /** Readings go out one by one; being asked for anew is said once, however many there were. */
    @Test
    void manyReadingsAskForTheBowlOnce() {
        final NewsDesk desk = mock(NewsDesk.class);
        final TemperNews news = new TemperNews(desk);
        final UUID bowl = UUID.randomUUID();
        for (int i = 0; i < 20; i++) {
            news.readings(bowl, "{}");
        }
        verify(desk, times(20)).tell("readings", "{}");
        news.tellStirred();
        news.tellStirred();
        verify(desk, times(1)).tell("bowl", bowl.toString());
        news.changed(bowl);
        verify(desk, times(2)).tell("bowl", bowl.toString());
    }
}
