package palintone.server.exchange;

import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** How far the import that is under way has come; there is one at a time worth watching. */
@Component
public class ImportProgress {

    /** So many rows of so many. */
    public record ProgressView(String file, int done, int total) {}

    private final AtomicReference<ProgressView> now =
            new AtomicReference<>(new ProgressView("", 0, 0));

    public void begin(final String file, final int total) {
        now.set(new ProgressView(file, 0, total));
    }

    public void done(final int rows) {
        final ProgressView had = now.get();
        now.set(new ProgressView(had.file(), rows, had.total()));
    }

    ProgressView now() {
        return now.get();
    }
}
