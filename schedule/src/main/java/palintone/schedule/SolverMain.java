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

    /** Whoever started it ends it when they have had enough; when they fall, it ends too. */
    public static void main(final String... args) throws IOException {
        final JsonMapper json = JsonMapper.builder().build();
        final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        final BufferedReader in =
                new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        final String line = in.readLine();
        if (line == null) {
            return;
        }
        final Thread nobodyLeft = new Thread(() -> endWith(in), "nobody left");
        nobodyLeft.setDaemon(true);
        nobodyLeft.start();
        new Solving(
                        json.readValue(line, Ask.class),
                        said -> out.println(json.writeValueAsString(said)))
                .run();
        // Nothing is left to read, and whoever asked may keep its end open.
        System.exit(0);
    }

    private static void endWith(final BufferedReader in) {
        try {
            while (in.readLine() != null) {
                // Nothing more is asked.
            }
        } catch (IOException e) {
            // The same as an end.
        }
        Runtime.getRuntime().halt(0);
    }
}
