package palintone.schedule;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.json.JsonMapper;

/** Reads one question from its standard input, answers line by line, and ends. */
public final class SolverMain {

    private SolverMain() {}

    /** Whoever started it ends it when they have had enough. */
    public static void main(final String... args) throws IOException {
        final JsonMapper json = JsonMapper.builder().build();
        final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))) {
            final String line = in.readLine();
            if (line != null) {
                new Solving(
                                json.readValue(line, Ask.class),
                                said -> out.println(json.writeValueAsString(said)))
                        .run();
            }
        }
    }
}
