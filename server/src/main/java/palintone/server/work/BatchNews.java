package palintone.server.work;

import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.server.news.NewsDesk;

/** Tells every open screen which batch has changed; the screen then asks for it. */
@Component
class BatchNews {

    private final NewsDesk desk;

    BatchNews(final NewsDesk desk) {
        this.desk = desk;
    }

    @TransactionalEventListener
    void tell(final BatchService.BatchChanged change) {
        desk.tell("batch", change.id().toString());
    }
}
