package palintone.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import palintone.server.larder.LarderService;

/** Fills empty books with the invented workshop, through the same import a maker has. */
@Component
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final ImportService imports;
    private final LarderService larder;
    private final String folder;

    DemoLoader(
            final ImportService imports,
            final LarderService larder,
            @Value("${palintone.demo}") final String folder) {
        this.imports = imports;
        this.larder = larder;
        this.folder = folder;
    }

    @Override
    public void run(final ApplicationArguments arguments) throws IOException {
        if (folder.isBlank() || !larder.ids().isEmpty()) {
            return;
        }
        final List<NamedFile> files = new ArrayList<>();
        try (Stream<Path> paths = Files.walk(Path.of(folder))) {
            for (final Path path : paths.filter(Files::isRegularFile).sorted().toList()) {
                final String name = path.getFileName().toString();
                if (!name.endsWith(".md")) {
                    files.add(new NamedFile(name, Files.readAllBytes(path)));
                }
            }
        }
        imports.take(files, "", true, List.of());
        LOG.info("The invented workshop was loaded from {}", folder);
    }
}
