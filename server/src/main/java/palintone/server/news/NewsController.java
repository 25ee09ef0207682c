package palintone.server.news;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
class NewsController {

    private final NewsDesk desk;

    NewsController(final NewsDesk desk) {
        this.desk = desk;
    }

    /** Tells, as it happens, what has changed. */
    @Hidden // an event stream, which the description has no words for
    @GetMapping(path = "/api/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news() {
        return desk.follow();
    }
}
