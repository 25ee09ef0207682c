package palintone.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import palintone.server.door.BeforeThePort;
import palintone.server.larder.LarderService;

/**
 * Fills empty books with the invented workshop, through the same import a maker has, before anybody
 * can look in.
 */
@Component
class DemoLoader extends BeforeThePort {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final ImportService imports;
    private final LarderService larder;
    private final String folder;

    DemoLoader(
            final ImportService imports,
            final LarderService larder,
            @Value("${palintone.demo}") final String folder) {
        super(2); // the other house says only then that it is ready for its port
        this.imports = imports;
        this.larder = larder;
        this.folder = folder;
    }

    @Override
    protected void prepare() {
        if (folder.isBlank() || !larder.ids().isEmpty()) {
            return;
        }
        try {
            imports.take(files(), "", true, List.of());
        } catch (IOException e) {
            throw new UncheckedIOException("The demo cannot be read: " + folder, e);
        }
        LOG.info("The invented workshop was loaded from {}", folder);
    }

    private List<NamedFile> files() throws IOException {
        final List<NamedFile> files = new ArrayList<>();
        try (Stream<Path> paths = Files.walk(Path.of(folder))) {
            for (final Path path : paths.filter(Files::isRegularFile).sorted().toList()) {
                final String name = path.getFileName().toString();
                if (!name.endsWith(".md")) {
                    files.add(new NamedFile(name, Files.readAllBytes(path)));
                }
            }
        }
        return files;
    }
}
