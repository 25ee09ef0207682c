package palintone.server.temper;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.temper.trace.Sample;

/**
 * Takes readings of probes: on disk first, then through the bowl in memory, then to the screens.
 * Sent twice they are written once.
 */
@Service
public class Ingest {

    private final TemperBowlRepository bowls;
    private final ReadingStore store;
    private final LiveBowls live;
    private final TemperNews news;
    private final TransactionTemplate transaction;

    Ingest(
            final TemperBowlRepository bowls,
            final ReadingStore store,
            final LiveBowls live,
            final TemperNews news,
            final TransactionTemplate transaction) {
        this.bowls = bowls;
        this.store = store;
        this.live = live;
        this.news = news;
        this.transaction = transaction;
    }

    /** A reading of a probe, °C. */
    public record ProbeReading(String probe, Instant at, double celsius) {}

    /**
     * What came of it.
     *
     * @param kept written now
     * @param known there already, or another value at the same moment: the first one stays
     * @param unheard written, but no open bowl listens to their probe
     */
    public record Taken(int kept, int known, int unheard) {}

    public Taken take(final List<ProbeReading> readings) {
        if (readings.isEmpty()) {
            return new Taken(0, 0, 0);
        }
        final Map<String, Optional<TemperBowlEntity>> listening = new HashMap<>();
        final List<ReadingStore.Row> rows = new ArrayList<>(readings.size());
        final Map<UUID, List<Sample>> byBowl = new LinkedHashMap<>();
        final Map<UUID, TemperBowlEntity> entities = new HashMap<>();
        for (final ProbeReading reading : readings) {
            final Optional<TemperBowlEntity> bowl =
                    listening.computeIfAbsent(reading.probe(), this::listener);
            rows.add(
                    new ReadingStore.Row(
                            reading.probe(),
                            ReadingStore.micros(reading.at()),
                            0,
                            bowl.map(TemperBowlEntity::id),
                            reading.celsius()));
            bowl.ifPresent(
                    b -> {
                        entities.put(b.id(), b);
                        byBowl.computeIfAbsent(b.id(), id -> new ArrayList<>())
                                .add(sample(b, reading));
                    });
        }
        // The bowl is made from the books before the new rows are in them.
        entities.values().forEach(live::of);
        final Integer fresh = transaction.execute(status -> store.keep(rows));
        final int kept = fresh == null ? 0 : fresh;
        if (kept > 0) {
            byBowl.forEach((id, samples) -> pass(entities.get(id), samples));
        }
        final int unheard = (int) rows.stream().filter(r -> r.bowl().isEmpty()).count();
        return new Taken(kept, rows.size() - kept, unheard);
    }

    private Optional<TemperBowlEntity> listener(final String probe) {
        return bowls.findFirstByProbeAndStateOrderByBeganAtDesc(probe, TemperBowlEntity.State.OPEN);
    }

    private static Sample sample(final TemperBowlEntity bowl, final ProbeReading reading) {
        final long began = ReadingStore.micros(bowl.beganAt());
        return new Sample((ReadingStore.micros(reading.at()) - began) / 1e6, reading.celsius());
    }

    private void pass(final TemperBowlEntity bowl, final List<Sample> samples) {
        final LiveBowl at = live.of(bowl);
        boolean inOrder = true;
        for (final Sample sample : samples) {
            inOrder &= at.reading(sample);
        }
        if (!inOrder) {
            live.forget(bowl.id());
        }
        news.readings(bowl.id(), json(bowl.id(), samples));
    }

    private static String json(final UUID id, final List<Sample> samples) {
        return String.format(
                "{\"bowl\":\"%s\",\"timeS\":[%s],\"celsius\":[%s]}",
                id,
                samples.stream().map(s -> number(s.timeS())).collect(Collectors.joining(",")),
                samples.stream()
                        .map(s -> number(s.temperatureC()))
                        .collect(Collectors.joining(",")));
    }

    private static String number(final double value) {
        return Double.isFinite(value) ? String.format(Locale.ROOT, "%.3f", value) : "null";
    }
}
