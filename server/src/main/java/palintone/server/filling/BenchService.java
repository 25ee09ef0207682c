package palintone.server.filling;

import org.springframework.stereotype.Service;
import palintone.core.filling.quality.FillingProperties;

/** Appraises recipes while they are being written. */
@Service
public class BenchService {

    private final BenchReader reader;

    BenchService(final BenchReader reader) {
        this.reader = reader;
    }

    public SheetView sheet(final SheetRequest request) {
        final OnBench bench = reader.read(request);
        return sheet(bench.properties(), request, bench);
    }

    static SheetView sheet(
            final FillingProperties properties, final SheetRequest request, final OnBench bench) {
        return SheetView.of(properties, request.recipe().styleOrUsual(), bench);
    }
}
