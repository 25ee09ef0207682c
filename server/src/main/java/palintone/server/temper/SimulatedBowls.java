package palintone.server.temper;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import palintone.core.temper.Couverture;
import palintone.core.temper.bowl.BowlState;
import palintone.core.temper.bowl.BowlVessel;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.rehearsal.PlayedBowl;
import palintone.core.temper.rehearsal.RehearsalAct;
import palintone.core.temper.rehearsal.SimulatedProbe;
import palintone.core.temper.trace.BowlEvent;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;

/**
 * The truth of simulated bowls: the core's own model, acted upon by what makers note. Made anew
 * from the notes after a restart.
 */
@Component
public class SimulatedBowls {

    private static final double MELTED_C = 40;
    private static final double STEP_S = 5;

    private final Map<UUID, Played> played = new ConcurrentHashMap<>();
    private final TemperBowlRepository bowls;
    private final BowlEventRepository events;
    private final LarderService larder;
    private final HouseService houses;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;

    SimulatedBowls(
            final TemperBowlRepository bowls,
            final BowlEventRepository events,
            final LarderService larder,
            final HouseService houses,
            final Clock clock,
            final ApplicationEventPublisher publisher) {
        this.publisher = publisher;
        this.bowls = bowls;
        this.events = events;
        this.larder = larder;
        this.houses = houses;
        this.clock = clock;
    }

    /** A bowl that is played, and what its probe is like. */
    private record Played(PlayedBowl bowl, List<BowlEvent> due) {}

    /** The truth of a simulated bowl now. */
    public record Truth(
            UUID id, String probe, SimulatedProbe faults, double epochS, double temperatureC) {}

    /** Brings all open ones up to their clock. */
    @Transactional(readOnly = true)
    public List<Truth> now() {
        final List<Truth> truths = new ArrayList<>();
        final List<TemperBowlEntity> open =
                bowls.findByStateAndSource(
                        TemperBowlEntity.State.OPEN, TemperBowlEntity.Source.SIMULATED);
        played.keySet().retainAll(open.stream().map(TemperBowlEntity::id).toList());
        for (final TemperBowlEntity bowl : open) {
            final double clockS = bowl.clockS(clock.instant());
            final Played at = played.computeIfAbsent(bowl.id(), id -> made(bowl));
            final double celsius = upTo(at, clockS);
            truths.add(
                    new Truth(
                            bowl.id(),
                            bowl.probe().orElse(""),
                            bowl.simulatedProbe().orElseThrow(),
                            bowl.beganAt().toEpochMilli() / 1000.0 + clockS,
                            celsius));
        }
        return truths;
    }

    /**
     * Nobody works at a bowl for so long: it was forgotten, and its readings would go on for ever.
     */
    static final Duration LONGEST = Duration.ofHours(4);

    /** Ends simulated bowls that were forgotten. */
    @Scheduled(fixedDelay = 60_000)
    @Transactional
    public void endForgotten() {
        final Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        bowls
                .findByStateAndSource(
                        TemperBowlEntity.State.OPEN, TemperBowlEntity.Source.SIMULATED)
                .stream()
                .filter(bowl -> bowl.beganAt().plus(LONGEST).isBefore(now))
                .forEach(
                        bowl -> {
                            bowl.end(now);
                            bowls.save(bowl);
                            publisher.publishEvent(new TemperBowlService.BowlChanged(bowl.id()));
                        });
    }

    /** A note was changed: the bowl is played anew from its notes. */
    @TransactionalEventListener
    void revised(final BowlNotes.Revised what) {
        played.remove(what.bowl());
    }

    @TransactionalEventListener
    void happened(final BowlNotes.Happened what) {
        final Played at = played.get(what.bowl());
        if (at != null) {
            synchronized (at) {
                at.due().add(what.event());
            }
        }
    }

    private Played made(final TemperBowlEntity bowl) {
        final Couverture couverture = larder.couverture(bowl.couvertureId());
        final Crystals start =
                bowl.startC() >= MELTED_C ? Crystals.NONE : couverture.tempered(bowl.startC());
        final PlayedBowl truth =
                new PlayedBowl(
                        couverture,
                        CrystalConstants.CALIBRATED,
                        BowlVessel.holding(
                                bowl.vessel(), bowl.massG(), couverture.castingDensityGPerMl()),
                        houses.house().equipment(),
                        bowl.roomC(),
                        new BowlState(0, bowl.meltedG(), bowl.startC(), start));
        return new Played(
                truth,
                new ArrayList<>(
                        events.findByBowlIdAndVoidedAtIsNullOrderByTimeS(bowl.id()).stream()
                                .map(BowlEventEntity::event)
                                .toList()));
    }

    /** Plays on to a moment; an act that lasts longer is over before the clock gets there. */
    private static double upTo(final Played at, final double clockS) {
        synchronized (at) {
            while (!at.due().isEmpty() && at.due().get(0).timeS() <= clockS) {
                idle(at.bowl(), at.due().get(0).timeS());
                play(at.bowl(), at.due().remove(0));
            }
            idle(at.bowl(), clockS);
            return at.bowl().temperatureAt(clockS);
        }
    }

    private static void idle(final PlayedBowl bowl, final double untilS) {
        while (bowl.now().timeS() < untilS) {
            bowl.idle(Math.min(STEP_S, untilS - bowl.now().timeS()));
        }
    }

    private static void play(final PlayedBowl bowl, final BowlEvent event) {
        switch (event.kind()) {
            case SEED -> bowl.act(new RehearsalAct(RehearsalAct.ActKind.SEED, event.amount()));
            case TAKEN -> bowl.act(new RehearsalAct(RehearsalAct.ActKind.TAKE, event.amount()));
            case HEAT ->
                    bowl.act(
                            new RehearsalAct(
                                    RehearsalAct.ActKind.HEAT, Math.min(1800, event.amount())));
            case BATH ->
                    bowl.act(
                            new RehearsalAct(
                                    RehearsalAct.ActKind.BATH,
                                    Math.max(5, Math.min(3600, event.amount()))));
            case TABLED ->
                    bowl.act(
                            new RehearsalAct(
                                    RehearsalAct.ActKind.TABLE,
                                    Math.max(30, Math.min(1800, event.seconds()))));
            default -> {
                // Seen, not done: the bowl does not change.
            }
        }
    }
}
