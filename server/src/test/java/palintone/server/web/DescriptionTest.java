package palintone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import palintone.server.support.Workshop;
import tools.jackson.databind.json.JsonMapper;

class DescriptionTest {

    /** The types of the interface are generated from this file; a stale one fails here. */
    @Test
    void theCommittedDescriptionIsTheOneTheServerGives() throws Exception {
        final Path committed = Path.of("../web/src/api/openapi.json");
        final Path given = Path.of("target/openapi.json");
        final var now = Workshop.shared().get("/api/openapi").json();
        Files.writeString(given, now.toString());
        // Compared first: printed whole, the two would fill the log.
        assertThat(now.equals(new JsonMapper().readTree(Files.readString(committed))))
                .as("the description is current; if not: run `npm run api` in web/ and commit")
                .isTrue();
    }
}
