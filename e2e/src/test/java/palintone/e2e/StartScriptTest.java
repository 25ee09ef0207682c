package palintone.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is wrong: one clear sentence, an exit code, nothing damaged. */
class StartScriptTest {

    private final House house = House.shared();

    @TempDir private Path folder;

    @Test
    void aTakenPortIsNamed() throws IOException, InterruptedException {
        final House.Ran ran =
                House.run(
                        "start",
                        "--port",
                        String.valueOf(house.port()),
                        "--data",
                        folder.toString());
        assertThat(ran.code()).isNotZero();
        assertThat(ran.said()).contains("port " + house.port() + " is taken");
        assertThat(folder.resolve("mariadb")).doesNotExist();
    }

    @Test
    void aSecondStartOnTheSameDataIsRefused() throws IOException, InterruptedException {
        final House.Ran ran =
                House.run(
                        "start",
                        "--port",
                        String.valueOf(House.freePort()),
                        "--data",
                        house.data().toString());
        assertThat(ran.code()).isNotZero();
        assertThat(ran.said()).contains("already started from");
        assertThat(house.get("/actuator/health").statusCode()).isEqualTo(200);
    }

    @Test
    void aFolderThatIsNotOursIsLeftAlone() throws IOException, InterruptedException {
        Files.createDirectories(folder.resolve("mariadb"));
        Files.writeString(folder.resolve("mariadb/precious"), "keep");
        final House.Ran ran =
                House.run(
                        "start",
                        "--port",
                        String.valueOf(House.freePort()),
                        "--data",
                        folder.toString());
        assertThat(ran.code()).isNotZero();
        assertThat(ran.said()).contains("is not a finished data directory of ours");
        assertThat(Files.readString(folder.resolve("mariadb/precious"))).isEqualTo("keep");
    }

    @Test
    void oddWordsAreRefused() throws IOException, InterruptedException {
        assertThat(House.run("start", "--port", "eighty").said()).contains("allowed: 1 to 65535");
        assertThat(House.run("start", "--colour", "red").said()).contains("no option --colour");
        final House.Ran dance = House.run("dance");
        assertThat(dance.code()).isNotZero();
        assertThat(dance.said()).contains("there is no command \"dance\"");
        assertThat(House.run("help").said()).contains("./palintone start");
        assertThat(House.run("stop", "--data", folder.toString()).said()).contains("Nothing runs");
    }

    /** A slip in that file would cost every start two seconds, and say nothing. */
    @Test
    void theServerReadsWhatItsCompilerIsSpared() throws IOException {
        assertThat(house.data().resolve("run/server.log"))
                .content()
                .contains("1 compiler directives added");
    }
}
