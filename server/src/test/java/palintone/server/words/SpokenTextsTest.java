package palintone.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class SpokenTextsTest {

    /** A translator begins with this list; a stale one fails here. */
    @Test
    void theCatalogueIsWhatCoreAndServerSay() throws Exception {
        final Set<String> said =
                SpokenTexts.below(Path.of("../core/src/main/java"), Path.of("src/main/java"));
        assertThat(said)
                .contains(
                        "Turn over, tap out over the bowl for {drain}.",
                        "Pipe {1}, {each} into each, {all} in all. Stop {room} below the rim.",
                        "Pipe {1}, {each} into each, {all} in all. Leave room for the next layer.",
                        "water activity",
                        "life");
        assertThat(said).noneMatch(text -> text.startsWith("select ")).doesNotContain("brim");
        final JsonMapper json = new JsonMapper();
        Files.writeString(Path.of("target/server.en.json"), json.writeValueAsString(said));
        final Path committed = Path.of("../web/src/words/server.en.json");
        assertThat(List.of(json.readValue(Files.readString(committed), String[].class)))
                .as("the catalogue is current; if not: run `npm run api` in web/ and commit")
                .isEqualTo(List.copyOf(said));
    }
}
