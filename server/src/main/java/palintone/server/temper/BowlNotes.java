package palintone.server.temper;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.temper.trace.BowlEvent;
import palintone.core.work.IllegalMoveException;
import palintone.server.problem.NotHereException;

/**
 * What makers write down at a bowl: notes and typed readings, each under an id of its own,
 * corrected and taken back by rows that are added. On disk first; memory and screens follow the
 * commit.
 */
@Service
public class BowlNotes {

    /** Clocks of screens differ a little; further ahead nothing can have been done. */
    private static final double FUTURE_S = 60;

    /** Below what any probe or maker tells apart, °C. */
    private static final double SAME_C = 1e-6;

    private final TemperBowlRepository bowls;
    private final BowlEventRepository events;
    private final ReadingStore readings;
    private final LiveBowls live;
    private final TemperBowlService views;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final TransactionTemplate transaction;

    BowlNotes(
            final TemperBowlRepository bowls,
            final BowlEventRepository events,
            final ReadingStore readings,
            final LiveBowls live,
            final TemperBowlService views,
            final Clock clock,
            final ApplicationEventPublisher publisher,
            final TransactionTemplate transaction) {
        this.bowls = bowls;
        this.events = events;
        this.readings = readings;
        this.live = live;
        this.views = views;
        this.clock = clock;
        this.publisher = publisher;
        this.transaction = transaction;
    }

    /** Told after the books are closed on something done. */
    record Happened(UUID bowl, BowlEvent event) {}

    /** Told after the books are closed on a note that was changed or lies in the past. */
    record Revised(UUID bowl) {}

    /** Notes something done or seen; what is there already under its id is left as it is. */
    public TemperBowlView note(final UUID id, final BowlEventDraft draft) {
        return written(id, () -> write(open(id), draft, null));
    }

    /** Puts another note in the place of one; the first one is kept and no longer counts. */
    public TemperBowlView correct(final UUID id, final UUID note, final BowlEventDraft draft) {
        return written(
                id,
                () -> {
                    final TemperBowlEntity bowl = open(id);
                    final BowlEventEntity old = noteOf(id, note);
                    if (events.existsById(draft.id())) {
                        return;
                    }
                    if (!old.stands()) {
                        throw new IllegalMoveException(
                                "This note was corrected or taken back meanwhile: look again.");
                    }
                    old.takeBack(now());
                    events.saveAndFlush(old);
                    final Double timeS =
                            draft.timeS() == null ? old.event().timeS() : draft.timeS();
                    write(bowl, draft.at(timeS), note);
                });
    }

    /** Takes a note back; it is kept and no longer counts. */
    public TemperBowlView takeBack(final UUID id, final UUID note) {
        return written(
                id,
                () -> {
                    open(id);
                    final BowlEventEntity old = noteOf(id, note);
                    if (old.stands()) {
                        old.takeBack(now());
                        events.saveAndFlush(old);
                        publisher.publishEvent(new Revised(id));
                    }
                });
    }

    private BowlEventEntity noteOf(final UUID bowl, final UUID note) {
        return events.findById(note)
                .filter(n -> n.bowlId().equals(bowl))
                .orElseThrow(() -> new NotHereException("note", note));
    }

    private void write(
            final TemperBowlEntity bowl, final BowlEventDraft draft, final UUID replaces) {
        if (events.existsById(draft.id())) {
            return;
        }
        final double clockS = bowl.clockS(clock.instant());
        final double timeS = draft.timeS() == null ? clockS : draft.timeS();
        Require.between("time of the note", timeS, -86_400, clockS + FUTURE_S, "s");
        final BowlEvent event =
                new BowlEvent(
                        draft.kind(),
                        timeS,
                        draft.amount() == null ? 0 : draft.amount(),
                        draft.seconds() == null ? 0 : draft.seconds());
        final String text = draft.text() == null ? "" : draft.text().strip();
        if (text.length() > 2000) {
            throw new OutOfRangeException(
                    "text", text.length() + " characters", "up to 2000 characters");
        }
        events.saveAndFlush(
                new BowlEventEntity(draft.id(), bowl.id(), event, text, now(), replaces));
        if (draft.timeS() == null) {
            publisher.publishEvent(new Happened(bowl.id(), event));
        } else {
            publisher.publishEvent(new Revised(bowl.id()));
        }
    }

    /** A reading typed by hand, now; sent twice under one id it is written once. */
    public TemperBowlView type(final UUID id, final UUID reading, final double temperatureC) {
        possible(temperatureC);
        return written(
                id,
                () -> {
                    final TemperBowlEntity bowl = open(id);
                    if (readings.knows(reading)) {
                        return;
                    }
                    keepTyped(bowl, reading, temperatureC);
                });
    }

    /**
     * Corrects a typed reading; what it said first is kept.
     *
     * @param was what the maker saw there, °C; where another has corrected it meanwhile this one is
     *     refused. Null of who did not look.
     */
    public TemperBowlView retype(
            final UUID id,
            final UUID reading,
            final double temperatureC,
            @Nullable final Double was) {
        possible(temperatureC);
        return written(
                id,
                () -> {
                    open(id);
                    final double says =
                            readings.says(id, reading)
                                    .orElseThrow(() -> new NotHereException("reading", reading));
                    if (was != null && Math.abs(says - was) > SAME_C) {
                        throw new IllegalMoveException(
                                "This reading was corrected or taken back meanwhile: look again.");
                    }
                    readings.correct(id, reading, temperatureC);
                });
    }

    /** Takes a typed reading back; its row stays in the books. */
    public TemperBowlView untype(final UUID id, final UUID reading) {
        return written(
                id,
                () -> {
                    open(id);
                    if (!readings.takeBack(id, reading)) {
                        throw new NotHereException("reading", reading);
                    }
                });
    }

    /**
     * Keeps something done or seen as part of what the caller writes; a bowl that has ended takes
     * nothing more, and the caller goes on.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(
            final UUID bowl, final UUID note, final BowlEvent.EventKind kind, final double amount) {
        going(bowl, b -> write(b, new BowlEventDraft(note, kind, null, amount, null, null), null));
    }

    /** Takes back what was kept so, as part of what the caller writes. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void drop(final UUID bowl, final UUID note) {
        going(
                bowl,
                b -> {
                    events.findById(note)
                            .filter(n -> n.bowlId().equals(bowl) && n.stands())
                            .ifPresent(
                                    n -> {
                                        n.takeBack(now());
                                        events.saveAndFlush(n);
                                    });
                    if (readings.knows(note)) {
                        readings.takeBack(bowl, note);
                    }
                });
    }

    /** Keeps a reading as part of what the caller writes, or corrects it where it is there. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keepReading(final UUID bowl, final UUID reading, final double temperatureC) {
        possible(temperatureC);
        going(
                bowl,
                b -> {
                    // Looked for first: an update that finds nothing locks the gap the next
                    // reading of another bowl is to be written into.
                    if (readings.knows(reading)) {
                        readings.correct(bowl, reading, temperatureC);
                    } else {
                        keepTyped(b, reading, temperatureC);
                    }
                });
    }

    private void going(final UUID id, final Consumer<TemperBowlEntity> write) {
        bowls.held(id)
                .filter(b -> b.state() == TemperBowlEntity.State.OPEN)
                .ifPresent(
                        b -> {
                            write.accept(b);
                            publisher.publishEvent(new Revised(id));
                            publisher.publishEvent(new TemperBowlService.BowlChanged(id));
                        });
    }

    private void keepTyped(
            final TemperBowlEntity bowl, final UUID reading, final double temperatureC) {
        final double timeS = bowl.clockS(clock.instant());
        final Instant when = bowl.beganAt().plusNanos((long) (timeS * 1e9));
        readings.keep(
                List.of(
                        new ReadingStore.Row(
                                ReadingStore.typedBy(reading),
                                ReadingStore.micros(when),
                                0,
                                Optional.of(bowl.id()),
                                temperatureC)));
    }

    private static void possible(final double temperatureC) {
        if (!(temperatureC > -15 && temperatureC < 130)) {
            throw new OutOfRangeException("temperature", temperatureC + " °C", "-15 to 130 °C");
        }
    }

    /** On disk first; memory and screens follow the commit, never before it. */
    private TemperBowlView written(final UUID id, final Runnable write) {
        transaction.executeWithoutResult(
                status -> {
                    write.run();
                    publisher.publishEvent(new TemperBowlService.BowlChanged(id));
                });
        live.forget(id);
        return views.view(id);
    }

    /** Held while it is written into: what a note is checked against does not change meanwhile. */
    private TemperBowlEntity open(final UUID id) {
        final TemperBowlEntity bowl =
                bowls.held(id).orElseThrow(() -> new NotHereException("bowl", id));
        if (bowl.state() != TemperBowlEntity.State.OPEN) {
            throw new IllegalMoveException(
                    bowl.name() + " has ended; nothing more can be written into it.");
        }
        return bowl;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
