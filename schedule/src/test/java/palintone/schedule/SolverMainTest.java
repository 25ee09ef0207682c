package palintone.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import palintone.core.plan.PlanChecker;
import palintone.core.plan.SmallWeeks;
import palintone.core.plan.Workload;
import tools.jackson.databind.json.JsonMapper;

/** The process itself: asked by a line, answering by lines, and never left behind. */
class SolverMainTest {

    private static final Workload LOAD = SmallWeeks.of(4);

    private final JsonMapper json = JsonMapper.builder().build();

    private static Process started() throws Exception {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        "palintone.schedule.SolverMain")
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    private String question(final Workload load) {
        return json.writeValueAsString(
                new Ask(Ask.What.PLAN, load, Optional.empty(), 20, 1, List.of()));
    }

    @Test
    void answersByLinesAndEnds() throws Exception {
        final Process process = started();
        try (var out = process.outputWriter(StandardCharsets.UTF_8);
                BufferedReader in =
                        new BufferedReader(
                                new InputStreamReader(
                                        process.getInputStream(), StandardCharsets.UTF_8))) {
            out.write(question(LOAD));
            out.newLine();
            out.flush();
            final List<Said> said =
                    in.lines().map(line -> json.readValue(line, Said.class)).toList();
            assertThat(said.get(said.size() - 1).kind()).isEqualTo(Said.Kind.DONE);
            assertThat(said).extracting(Said::kind).contains(Said.Kind.FOUND, Said.Kind.PROVEN);
            for (final Said one : said) {
                one.plan().ifPresent(p -> assertThat(PlanChecker.broken(LOAD, p)).isEmpty());
            }
        }
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    }

    /** Killed, a server closes what it asked through: then nobody wants an answer any more. */
    @Test
    void endsWithWhoeverAsked() throws Exception {
        final Process process = started();
        final var out = process.outputWriter(StandardCharsets.UTF_8);
        out.write(question(LOAD));
        out.newLine();
        out.close();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    }
}
