package palintone.server.web;

import jakarta.annotation.Nullable;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;

/** Rows that are only added: under the id the screen chose they are written once. */
public final class WrittenOnce {

    private WrittenOnce() {}

    /** The id a screen chose, or a new one for who does not send again. */
    public static String id(@Nullable final UUID chosen) {
        return (chosen == null ? UUID.randomUUID() : chosen).toString();
    }

    /**
     * Writes a row in books of its own; what was sent again after silence, or pressed twice, stands
     * already. Not within a transaction: a second writer is told by the key of the first.
     */
    public static <T> void keep(final JpaRepository<T, String> rows, final String id, final T row) {
        if (rows.existsById(id)) {
            return;
        }
        try {
            rows.saveAndFlush(row);
        } catch (final DataIntegrityViolationException refused) {
            if (!rows.existsById(id)) {
                throw refused;
            }
        }
    }
}
