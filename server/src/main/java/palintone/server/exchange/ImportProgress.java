package palintone.server.exchange;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import palintone.server.problem.TooBusyException;

/** The one import that is under way: how far it has come, and whether it is to be let be. */
@Component
public class ImportProgress {

    /** So many rows of so many; of a whole house kilobytes. */
    public record ProgressView(String file, int done, int total) {}

    private static final ProgressView NOTHING = new ProgressView("", 0, 0);

    private final AtomicBoolean underWay = new AtomicBoolean();
    private final AtomicBoolean letBe = new AtomicBoolean();
    private final AtomicReference<ProgressView> now = new AtomicReference<>(NOTHING);

    /**
     * Does one import, or looks one over, while there is no other.
     *
     * @throws TooBusyException while another one is under way
     */
    <T> T alone(final Supplier<T> imported) {
        if (!underWay.compareAndSet(false, true)) {
            throw new TooBusyException(
                    "Another import is being read in. Nothing of yours was changed: send it again"
                            + " when that is done.");
        }
        letBe.set(false);
        now.set(NOTHING);
        try {
            return imported.get();
        } finally {
            underWay.set(false);
        }
    }

    /** A file of so many rows, or kilobytes, comes next. */
    public void begin(final String file, final int total) {
        now.set(new ProgressView(file, 0, total));
        goOn();
    }

    /** So many of them are looked at or written. */
    public void done(final int many) {
        final ProgressView had = now.get();
        now.set(new ProgressView(had.file(), many, had.total()));
        goOn();
    }

    /**
     * @throws ImportLetBeException where somebody has pressed Cancel: nothing of it is kept
     */
    public void goOn() {
        if (letBe.get()) {
            throw new ImportLetBeException();
        }
    }

    /** What is under way is given up at its next row. */
    void letBe() {
        if (underWay.get()) {
            letBe.set(true);
        }
    }

    ProgressView now() {
        return now.get();
    }
}
