package palintone.server.door;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Of the other house: all is ready but its port, which the first holds ({@link HeldDoor}). A file
 * says so; when it has gone the port is free.
 */
@Component
class AtTheDoor extends BeforeThePort {

    private static final int LOOKED_AT_EVERY_MS = 20;

    /** Then the first is no longer there to let go. */
    private static final int PATIENCE_MS = 10_000;

    private final String file;

    AtTheDoor(@Value("${palintone.stands}") final String file) {
        super(1);
        this.file = file;
    }

    @Override
    protected void prepare() {
        if (file.isBlank()) {
            return;
        }
        final Path stands = Path.of(file);
        try {
            Files.writeString(stands, "");
            for (int waited = 0; Files.exists(stands) && waited < PATIENCE_MS; ) {
                Thread.sleep(LOOKED_AT_EVERY_MS);
                waited += LOOKED_AT_EVERY_MS;
            }
        } catch (IOException e) {
            throw new IllegalStateException("The door cannot be asked for: " + file, e);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
