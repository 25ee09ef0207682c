package palintone.server.temper;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import palintone.core.temper.trace.Sample;
import palintone.server.problem.TooBusyException;

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

    /** Packs that may wait while the disk is busy; whoever comes later is told to come again. */
    private static final int MOST_WAITING = 500;

    private static final long LONGEST_WAIT_S = 20;
    private static final Logger LOG = LoggerFactory.getLogger(Ingest.class);

    private final ReadingStore store;
    private final LiveBowls live;
    private final TemperNews news;
    private final Clock clock;
    private final LinkedBlockingQueue<Job> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
    private final Listeners listeners;
    private final Thread writer = new Thread(this::write, "readings");
    private volatile boolean over;

    Ingest(
            final Listeners listeners,
            final ReadingStore store,
            final LiveBowls live,
            final TemperNews news,
            final Clock clock) {
        this.clock = clock;
        this.listeners = listeners;
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
        if (!waiting.offer(job)) {
            throw new TooBusyException("More readings come in than can be written.");
        }
        try {
            return job.answer().get(LONGEST_WAIT_S, TimeUnit.SECONDS);
        } catch (final ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        } catch (final TimeoutException e) {
            // Not taken yet, or written twice when sent again: the key makes that harmless.
            waiting.remove(job);
            throw new TooBusyException("The disk does not keep up with the readings.");
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new TooBusyException("The server is ending.");
        }
    }

    /** What time it is for a probe: that of the bowl it stands in, or the workshop's. */
    public Instant clockOf(final String probe) {
        final Instant now = clock.instant();
        return listeners
                .of(probe)
                .map(bowl -> bowl.beganAt().plusNanos((long) (bowl.clockS(now) * 1e9)))
                .filter(there -> there.isAfter(now))
                .orElse(now);
    }

    /** Packs that wait to be written. */
    int waiting() {
        return waiting.size();
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
                oneByOne(jobs, e);
            } catch (final Error e) {
                // Whatever it was: the thread that writes for all goes on.
                LOG.error("Readings could not be written", e);
                jobs.forEach(job -> job.answer().completeExceptionally(e));
            }
        }
    }

    /** What one pack cannot have written must not keep the others from it. */
    private void oneByOne(final List<Job> jobs, final RuntimeException together) {
        for (final Job job : jobs) {
            if (job.answer().isDone()) {
                continue;
            }
            if (jobs.size() == 1) {
                job.answer().completeExceptionally(together);
                continue;
            }
            try {
                together(List.of(job));
            } catch (final RuntimeException e) {
                job.answer().completeExceptionally(e);
            }
        }
    }

    private void together(final List<Job> jobs) {
        final Map<String, Optional<TemperBowlEntity>> heardBy = new HashMap<>();
        for (final Job job : jobs) {
            for (final ProbeReading reading : job.readings()) {
                if (!heardBy.containsKey(reading.probe())) {
                    heardBy.put(reading.probe(), listeners.of(reading.probe()));
                }
            }
        }
        // A bowl is made from the books before the new rows are in them.
        final Map<UUID, LiveBowl> before = new HashMap<>();
        heardBy.values().stream()
                .flatMap(Optional::stream)
                .forEach(bowl -> before.put(bowl.id(), made(bowl)));
        final Set<ReadingStore.Key> fresh =
                store.keep(
                        jobs.stream()
                                .flatMap(job -> job.readings().stream())
                                .map(reading -> row(reading, heardBy.get(reading.probe())))
                                .toList());
        final Map<TemperBowlEntity, List<Sample>> byBowl = new LinkedHashMap<>();
        for (final Job job : jobs) {
            job.answer().complete(taken(job, fresh, heardBy, byBowl));
        }
        byBowl.forEach((bowl, samples) -> passOrMakeAnew(bowl, samples, before.get(bowl.id())));
    }

    /** Null where it cannot be made: its readings are kept all the same. */
    private LiveBowl made(final TemperBowlEntity bowl) {
        try {
            return live.of(bowl);
        } catch (final RuntimeException e) {
            LOG.error("Bowl {} cannot be followed", bowl.id(), e);
            return null;
        }
    }

    /** The readings are on disk: a bowl that cannot take them in must not keep the others out. */
    private void passOrMakeAnew(
            final TemperBowlEntity bowl, final List<Sample> samples, final LiveBowl at) {
        try {
            pass(bowl, samples, at);
        } catch (final RuntimeException e) {
            LOG.error("Bowl {} could not take its readings in", bowl.id(), e);
            live.forget(bowl.id());
        }
    }

    /** Counts what a job brought, and gathers it by bowl; of two that are the same, the first. */
    private static Taken taken(
            final Job job,
            final Set<ReadingStore.Key> fresh,
            final Map<String, Optional<TemperBowlEntity>> heardBy,
            final Map<TemperBowlEntity, List<Sample>> byBowl) {
        int kept = 0;
        int unheard = 0;
        for (final ProbeReading reading : job.readings()) {
            final Optional<TemperBowlEntity> bowl = heardBy.get(reading.probe());
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

    private static ReadingStore.Row row(
            final ProbeReading reading, final Optional<TemperBowlEntity> heardBy) {
        return new ReadingStore.Row(
                reading.probe(),
                ReadingStore.micros(reading.at()),
                0,
                heardBy.map(TemperBowlEntity::id),
                reading.celsius());
    }

    private static Sample sample(
            final TemperBowlEntity bowl, final long atUs, final double celsius) {
        return new Sample((atUs - ReadingStore.micros(bowl.beganAt())) / 1e6, celsius);
    }

    private void pass(final TemperBowlEntity bowl, final List<Sample> samples, final LiveBowl at) {
        samples.sort(Comparator.comparingDouble(Sample::timeS));
        // One made anew meanwhile may have read these rows already: it is made once more.
        boolean inOrder = at != null && live.holds(bowl.id(), at);
        for (final Sample sample : samples) {
            inOrder = inOrder && at.reading(sample);
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
