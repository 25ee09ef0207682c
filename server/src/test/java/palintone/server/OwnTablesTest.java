package palintone.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whoever writes SQL names tables of its own room; of another's things it asks the other. */
class OwnTablesTest {

    private static final Path SOURCES = Path.of("src/main/java/palintone/server");
    private static final Pattern DECLARED =
            Pattern.compile("(?:@Table|@CollectionTable)\\(\\s*name = \"(\\w+)\"");
    private static final Pattern NAMED =
            Pattern.compile(
                    "(?:(?:from|join|update|into)\\s+|byName\\(FoundKind\\.\\w+, \")([a-z]+(?:_[a-z]+)*)(?:\\s+\\w|\"\\))");

    @Test
    void tablesOfAnotherRoomAreNotNamed() throws IOException {
        final Map<Path, String> sources = new HashMap<>();
        try (Stream<Path> all = Files.walk(SOURCES)) {
            for (final Path file : all.filter(f -> f.toString().endsWith(".java")).toList()) {
                sources.put(file, Files.readString(file));
            }
        }
        final Map<String, String> rooms = new HashMap<>(Map.of("piece_filling", "piece"));
        sources.forEach(
                (file, text) -> {
                    final Matcher declared = DECLARED.matcher(text);
                    while (declared.find()) {
                        rooms.put(declared.group(1), room(file));
                    }
                });
        assertThat(rooms).hasSizeGreaterThan(40).containsEntry("piece_on", "piece");
        final List<String> foreign = new ArrayList<>();
        final List<String> own = new ArrayList<>();
        sources.forEach(
                (file, text) -> {
                    final Matcher named = NAMED.matcher(withoutComments(text));
                    while (named.find()) {
                        final String room = rooms.get(named.group(1));
                        if (room != null) {
                            (room.equals(room(file)) ? own : foreign)
                                    .add(file.getFileName() + ": " + named.group(1));
                        }
                    }
                });
        assertThat(own).as("found at all").hasSizeGreaterThan(10);
        assertThat(foreign).isEmpty();
    }

    private static String room(final Path file) {
        return SOURCES.relativize(file).getName(0).toString();
    }

    private static String withoutComments(final String text) {
        return text.replaceAll("(?s)/\\*.*?\\*/", "").replaceAll("//[^\n]*", "");
    }
}
