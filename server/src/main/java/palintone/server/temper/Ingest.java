package palintone.server.temper;

import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.core.temper.trace.Sample;

/**
 * Takes readings of probes: on disk first, then through the bowl in memory, then to the screens.
 * Sent twice they are written once.
 *
 * <p>One thread writes for all: what has come in while the disk was busy is written together, so
 * that many probes cost hardly more than one, and readings of a bowl are never mixed up on the way.
 */
@Service
public class Ingest {

    private static final int MOST_TOGETHER = 2000;

    private final TemperBowlRepository bowls;
    private final ReadingStore store;
    private final LiveBowls live;
    private final TemperNews news;
    private final LinkedBlockingQueue<Job> waiting = new LinkedBlockingQueue<>();
    private final Map<String, Optional<TemperBowlEntity>> listening = new ConcurrentHashMap<>();
    private final Thread writer = new Thread(this::write, "readings");
    private volatile boolean over;

    Ingest(
            final TemperBowlRepository bowls,
            final ReadingStore store,
            final LiveBowls live,
            final TemperNews news) {
        this.bowls = bowls;
        this.store = store;
        this.live = live;
        this.news = news;
        writer.setDaemon(true);
        writer.start();
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

    private record Job(List<ProbeReading> readings, CompletableFuture<Taken> answer) {}

    /** Returns when the readings are on disk. */
    public Taken take(final List<ProbeReading> readings) {
        if (readings.isEmpty()) {
            return new Taken(0, 0, 0);
        }
        final Job job = new Job(readings, new CompletableFuture<>());
        waiting.add(job);
        try {
            return job.answer().join();
        } catch (final CompletionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw e;
        }
    }

    /** A bowl was begun or ended: probes may have a new listener. */
    @TransactionalEventListener
    void changed(final TemperBowlService.BowlChanged change) {
        listening.clear();
    }

    @PreDestroy
    void close() {
        over = true;
        writer.interrupt();
    }

    private void write() {
        while (!over) {
            final List<Job> jobs = new ArrayList<>();
            try {
                jobs.add(waiting.take());
            } catch (final InterruptedException e) {
                return;
            }
            waiting.drainTo(jobs, MOST_TOGETHER);
            try {
                together(jobs);
            } catch (final RuntimeException e) {
                jobs.forEach(job -> job.answer().completeExceptionally(e));
            }
        }
    }

    private void together(final List<Job> jobs) {
        final List<ReadingStore.Row> rows = new ArrayList<>();
        for (final Job job : jobs) {
            job.readings().forEach(reading -> rows.add(row(reading)));
        }
        // A bowl is made from the books before the new rows are in them.
        rows.stream().map(row -> listener(row.probe())).flatMap(Optional::stream).forEach(live::of);
        final Set<ReadingStore.Key> fresh = store.keep(rows);
        final Map<TemperBowlEntity, List<Sample>> byBowl = new LinkedHashMap<>();
        for (final Job job : jobs) {
            job.answer().complete(taken(job, fresh, byBowl));
        }
        byBowl.forEach(this::pass);
    }

    /** Counts what a job brought, and gathers it by bowl; of two that are the same, the first. */
    private Taken taken(
            final Job job,
            final Set<ReadingStore.Key> fresh,
            final Map<TemperBowlEntity, List<Sample>> byBowl) {
        int kept = 0;
        int unheard = 0;
        for (final ProbeReading reading : job.readings()) {
            final Optional<TemperBowlEntity> bowl = listener(reading.probe());
            unheard += bowl.isPresent() ? 0 : 1;
            final long atUs = ReadingStore.micros(reading.at());
            if (fresh.remove(new ReadingStore.Key(reading.probe(), atUs))) {
                kept++;
                bowl.ifPresent(
                        b ->
                                byBowl.computeIfAbsent(b, x -> new ArrayList<>())
                                        .add(sample(b, atUs, reading.celsius())));
            }
        }
        return new Taken(kept, job.readings().size() - kept, unheard);
    }

    private ReadingStore.Row row(final ProbeReading reading) {
        return new ReadingStore.Row(
                reading.probe(),
                ReadingStore.micros(reading.at()),
                0,
                listener(reading.probe()).map(TemperBowlEntity::id),
                reading.celsius());
    }

    private Optional<TemperBowlEntity> listener(final String probe) {
        return listening.computeIfAbsent(
                probe,
                p ->
                        bowls.findFirstByProbeAndStateOrderByBeganAtDesc(
                                p, TemperBowlEntity.State.OPEN));
    }

    private static Sample sample(
            final TemperBowlEntity bowl, final long atUs, final double celsius) {
        return new Sample((atUs - ReadingStore.micros(bowl.beganAt())) / 1e6, celsius);
    }

    private void pass(final TemperBowlEntity bowl, final List<Sample> samples) {
        samples.sort(Comparator.comparingDouble(Sample::timeS));
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
