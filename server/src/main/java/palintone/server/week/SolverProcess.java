package palintone.server.week;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import palintone.schedule.Ask;
import palintone.schedule.Said;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs the program that finds plans, one process a question. It is native code, which no limit of
 * this process's memory holds back: it has a limit of its own, gives way to everything else, and
 * takes nothing with it when it falls.
 */
@Component
class SolverProcess {

    private static final Logger LOG = LoggerFactory.getLogger(SolverProcess.class);

    /** Virtual memory, kB; the heap and what a model of a week takes. */
    private static final int MOST_KB = 4_000_000;

    private final String folder;
    private final JsonMapper json = JsonMapper.builder().build();

    SolverProcess(@Value("${palintone.solver}") final String folder) {
        this.folder = folder;
    }

    /** Whether there is one. */
    boolean there() {
        return !folder.isBlank() && Files.isDirectory(Path.of(folder));
    }

    /** A question that is being answered. */
    final class Asked implements AutoCloseable {
        private final Process process;

        private Asked(final Process process) {
            this.process = process;
        }

        /** Enough: what was said stands. */
        @Override
        public void close() {
            process.destroyForcibly();
        }
    }

    /**
     * Asks, and hears in a thread of its own.
     *
     * @param hear each line as it is said
     * @param over once there will be no more, whatever happened
     * @return empty where there is no solver, or it could not be started
     */
    Optional<Asked> ask(final Ask question, final Consumer<Said> hear, final Runnable over) {
        if (!there()) {
            return Optional.empty();
        }
        try {
            final Process process =
                    new ProcessBuilder(command())
                            .redirectError(ProcessBuilder.Redirect.DISCARD)
                            .start();
            final Asked asked = new Asked(process);
            final Thread thread = new Thread(() -> listen(process, question, hear, over), "solver");
            thread.setDaemon(true);
            thread.start();
            return Optional.of(asked);
        } catch (IOException e) {
            LOG.warn("The solver could not be started: {}", e.getMessage());
            return Optional.empty();
        }
    }

    private List<String> command() {
        return List.of(
                "/bin/sh",
                "-c",
                "ulimit -v " + MOST_KB + "; exec nice -n 10 \"$@\"",
                "sh",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:+UseSerialGC",
                "-XX:CompressedClassSpaceSize=64m",
                "-XX:ReservedCodeCacheSize=64m",
                "-XX:-UsePerfData",
                "-cp",
                folder + "/*",
                "palintone.schedule.SolverMain");
    }

    private void listen(
            final Process process,
            final Ask question,
            final Consumer<Said> hear,
            final Runnable over) {
        try (var out = process.outputWriter(StandardCharsets.UTF_8);
                BufferedReader in =
                        new BufferedReader(
                                new InputStreamReader(
                                        process.getInputStream(), StandardCharsets.UTF_8))) {
            out.write(json.writeValueAsString(question));
            out.newLine();
            out.flush();
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (line.startsWith("{")) {
                    hear.accept(json.readValue(line, Said.class));
                }
            }
        } catch (IOException | RuntimeException e) {
            // Ended on Enough, out of memory or fallen: the plan stays as it is.
            LOG.info("The solver has ended: {}", e.getMessage());
        } finally {
            process.destroyForcibly();
            over.run();
        }
    }
}
