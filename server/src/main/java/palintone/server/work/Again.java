package palintone.server.work;

import jakarta.persistence.PessimisticLockException;
import java.util.function.Supplier;
import org.springframework.dao.PessimisticLockingFailureException;

/**
 * Does once more what the database has undone because two writers stood in each other's way. Only
 * for what may be done twice: an entry carries its own id.
 */
final class Again {

    private static final int TRIES = 4;

    private Again() {}

    static <T> T until(final Supplier<T> done) {
        for (int tries = 1; ; tries++) {
            try {
                return done.get();
            } catch (PessimisticLockingFailureException | PessimisticLockException inTheWay) {
                if (tries == TRIES) {
                    throw inTheWay;
                }
            }
        }
    }
}
