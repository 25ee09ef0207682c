package palintone.server.temper;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import palintone.core.temper.trace.Sample;

/** Readings of a file as rows: none is lost, be there two of a moment or one without a time. */
final class FileRows {

    private FileRows() {}

    static List<ReadingStore.Row> of(
            final UUID bowl, final Instant beganAt, final List<Sample> samples) {
        final long began = ReadingStore.micros(beganAt);
        final Map<Long, Integer> copies = new HashMap<>();
        final List<ReadingStore.Row> rows = new ArrayList<>(samples.size());
        long last = began;
        for (final Sample sample : samples) {
            final long at =
                    Double.isFinite(sample.timeS())
                            ? began + Math.round(sample.timeS() * 1e6)
                            : last;
            last = at;
            final int copy = copies.merge(at, 1, Integer::sum) - 1;
            rows.add(
                    new ReadingStore.Row(
                            "file:" + bowl, at, copy, Optional.of(bowl), sample.temperatureC()));
        }
        return rows;
    }
}
