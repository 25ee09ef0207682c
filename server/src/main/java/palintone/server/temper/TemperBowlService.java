package palintone.server.temper;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.temper.Couverture;
import palintone.core.temper.TemperTargets;
import palintone.core.temper.advice.AdvisedStep;
import palintone.core.temper.advice.Adviser;
import palintone.core.temper.advice.Alarm;
import palintone.core.temper.advice.ColdCentres;
import palintone.core.temper.advice.PlanFollower;
import palintone.core.temper.advice.Situation;
import palintone.core.temper.flow.CassonFlow;
import palintone.core.temper.trace.Sample;
import palintone.core.temper.trace.TraceReader;
import palintone.server.figure.BandView;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.problem.NotHereException;
import palintone.server.web.PageView;

/** Bowls being tempered, and those that were. */
@Service
public class TemperBowlService {

    private static final int TYPED_SHOWN = 30;
    private static final int MOVES_SHOWN = 4;

    private final TemperBowlRepository bowls;
    private final BowlEventRepository events;
    private final ReadingStore readings;
    private final LiveBowls live;
    private final LarderService larder;
    private final HouseService houses;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;

    TemperBowlService(
            final TemperBowlRepository bowls,
            final BowlEventRepository events,
            final ReadingStore readings,
            final LiveBowls live,
            final LarderService larder,
            final HouseService houses,
            final Clock clock,
            final ApplicationEventPublisher publisher) {
        this.bowls = bowls;
        this.events = events;
        this.readings = readings;
        this.live = live;
        this.larder = larder;
        this.houses = houses;
        this.clock = clock;
        this.publisher = publisher;
    }

    /** Told after the books are closed on a change. */
    public record BowlChanged(UUID id) {}

    @Transactional(readOnly = true)
    public PageView<TemperBowlView.SummaryView> list(
            final TemperBowlEntity.State state, final int page, final int size) {
        return PageView.of(
                bowls.findByStateOrderByBeganAtDesc(state, PageView.request(page, size)),
                TemperBowlView.SummaryView::of);
    }

    /** Begins a bowl; one with this id already begun is returned as it stands. */
    @Transactional
    public TemperBowlView begin(final BowlDraft draft) {
        if (draft.id() != null && bowls.existsById(draft.id())) {
            return view(draft.id());
        }
        larder.couverture(draft.couverture());
        final BowlDraft whole = draft.roomC() == null ? withRoom(draft) : draft;
        final TemperBowlEntity bowl =
                bowls.saveAndFlush(
                        new TemperBowlEntity(whole, now(), TemperBowlEntity.Source.LIVE));
        publisher.publishEvent(new BowlChanged(bowl.id()));
        return view(bowl);
    }

    private BowlDraft withRoom(final BowlDraft d) {
        return new BowlDraft(
                d.id(),
                d.name(),
                d.couverture(),
                d.massG(),
                houses.house().air().temperatureC(),
                d.vessel() == null ? houses.house().vessel() : d.vessel(),
                d.method(),
                d.darkWindow(),
                d.probe(),
                d.simulated());
    }

    @Transactional(readOnly = true)
    public TemperBowlView view(final UUID id) {
        return view(byId(id));
    }

    /**
     * A bowl that is under way.
     *
     * @throws NotHereException where there is none, or it has ended
     */
    @Transactional(readOnly = true)
    public TemperBowlView.SummaryView open(final UUID id) {
        final TemperBowlEntity bowl = byId(id);
        if (bowl.state() != TemperBowlEntity.State.OPEN) {
            throw new NotHereException("bowl under way", id);
        }
        return TemperBowlView.SummaryView.of(bowl);
    }

    private TemperBowlView view(final TemperBowlEntity bowl) {
        final LiveBowl at = live.of(bowl);
        final List<BowlEventEntity> noted =
                events.findByBowlIdAndVoidedAtIsNullOrderByTimeS(bowl.id());
        final double clockS = bowl.clockS(clock.instant());
        final Optional<LiveBowl.BowlNow> now = at.now();
        final Optional<LiveBowl.OnPlan> onPlan = at.onPlan();
        final List<AdvisedStep> moves = moves(at, now, onPlan, noted);
        final boolean open = bowl.state() == TemperBowlEntity.State.OPEN;
        final List<Alarm> alarms =
                open ? now.map(n -> alarms(bowl, at, n, clockS)).orElse(List.of()) : List.of();
        return new TemperBowlView(
                TemperBowlView.SummaryView.of(bowl),
                clockS,
                BandView.of(at.targets.melt()),
                BandView.of(at.targets.work()),
                now.map(n -> nowView(at, n, moves, onPlan)).orElse(null),
                onPlan.map(TemperBowlView.PlanView::of).orElse(null),
                moves.stream().limit(MOVES_SHOWN).map(TemperBowlView.MoveView::of).toList(),
                alarms.stream().map(TemperBowlView.AlarmView::of).toList(),
                noted.stream()
                        .sorted(
                                Comparator.comparingDouble(
                                        (BowlEventEntity h) -> -h.event().timeS()))
                        .map(TemperBowlView.BowlEventView::of)
                        .toList(),
                readings.typed(bowl.id(), TYPED_SHOWN).stream()
                        .map(t -> TemperBowlView.TypedView.of(t, bowl.beganAt()))
                        .toList());
    }

    /** The plan's own move first; then what else can be done, each played ahead. */
    private static List<AdvisedStep> moves(
            final LiveBowl bowl,
            final Optional<LiveBowl.BowlNow> now,
            final Optional<LiveBowl.OnPlan> onPlan,
            final List<BowlEventEntity> noted) {
        if (now.isEmpty()) {
            return List.of();
        }
        final List<AdvisedStep> moves = new ArrayList<>();
        onPlan.flatMap(p -> p.here().move()).ifPresent(moves::add);
        final Set<AdvisedStep.StepKind> planned =
                moves.stream().map(AdvisedStep::kind).collect(Collectors.toSet());
        Adviser.next(situation(bowl, now.get(), noted)).stream()
                .filter(m -> !planned.contains(m.kind()))
                .forEach(moves::add);
        return moves;
    }

    private static Situation situation(
            final LiveBowl bowl, final LiveBowl.BowlNow now, final List<BowlEventEntity> noted) {
        return new Situation(
                bowl.couverture,
                bowl.targets,
                bowl.vessel,
                bowl.equipment,
                bowl.roomC,
                now.massG(),
                now.temperatureC(),
                ColdCentres.watts(
                        bowl.couverture,
                        noted.stream().map(BowlEventEntity::event).toList(),
                        now.timeS(),
                        now.temperatureC(),
                        bowl.roomC),
                now.estimate());
    }

    private static List<Alarm> alarms(
            final TemperBowlEntity bowl,
            final LiveBowl at,
            final LiveBowl.BowlNow now,
            final double clockS) {
        final boolean probed = bowl.probe().isPresent();
        return Alarm.of(
                at.targets,
                at.couverture.crystals().curve(),
                now.temperatureC(),
                now.estimate(),
                probed ? Math.max(0, clockS - now.timeS()) / bowl.pace() : 0,
                now.doubting());
    }

    private static TemperBowlView.NowView nowView(
            final LiveBowl at,
            final LiveBowl.BowlNow now,
            final List<AdvisedStep> moves,
            final Optional<LiveBowl.OnPlan> onPlan) {
        final var e = now.estimate();
        return new TemperBowlView.NowView(
                now.timeS(),
                now.temperatureC(),
                now.massG(),
                at.couverture.kind(),
                e.middle().stable() * 100,
                e.stable().low() * 100,
                e.stable().high() * 100,
                e.middle().unstable() * 100,
                e.verdict(),
                e.verdict().words(),
                e.likelihood(),
                TemperBowlView.closes(moves).orElse(null),
                CassonFlow.thickening(at.couverture.ingredient().composition(), e.middle()),
                now.readings(),
                now.apart(),
                onPlan.map(p -> p.here().standing())
                        .orElseGet(() -> PlanFollower.unplanned(at.targets, now.temperatureC(), e)),
                onPlan.map(p -> p.here().byK())
                        .orElseGet(() -> Math.abs(at.targets.work().outBy(now.temperatureC()))));
    }

    /** Everything that is drawn of a bowl. */
    @Transactional(readOnly = true)
    public ChartView chart(final UUID id) {
        final TemperBowlEntity bowl = byId(id);
        return ChartView.of(readings.of(id, bowl.beganAt()), live.of(bowl).lane()).thinned();
    }

    /** Ends a bowl; it can be read back from then on. */
    @Transactional
    public TemperBowlView end(final UUID id) {
        final TemperBowlEntity bowl =
                bowls.held(id).orElseThrow(() -> new NotHereException("bowl", id));
        if (bowl.state() == TemperBowlEntity.State.OPEN) {
            bowl.end(now());
            bowls.saveAndFlush(bowl);
            publisher.publishEvent(new BowlChanged(id));
        }
        return view(bowl);
    }

    /** Reads a bowl back: phases, rules, verdict, what to change. */
    @Transactional(readOnly = true)
    public ReadBackView readBack(final UUID id) {
        final TemperBowlEntity bowl = byId(id);
        final Couverture couverture = larder.couverture(bowl.couvertureId());
        final TemperTargets targets = live.targets(bowl);
        final List<BowlEventEntity> noted = events.findByBowlIdAndVoidedAtIsNullOrderByTimeS(id);
        final List<Sample> samples = readings.of(id, bowl.beganAt());
        final TraceReader.TraceReading reading =
                TraceReader.read(
                        couverture,
                        targets,
                        bowl.meltedG(),
                        bowl.roomC(),
                        samples,
                        noted.stream().map(BowlEventEntity::event).toList());
        return new ReadBackView(
                TemperBowlView.SummaryView.of(bowl),
                ChartView.of(reading.trace().good(), reading.lane()).thinned(),
                BandView.of(targets.work()),
                reading.phases().stream().map(ReadBackView.StretchView::of).toList(),
                reading.rules().stream().map(ReadBackView.RuleView::of).toList(),
                reading.verdict(),
                reading.verdict().words(),
                reading.likelihood(),
                reading.changes().stream().map(palintone.server.figure.SentenceView::of).toList(),
                ReadBackView.apart(reading),
                samples.size(),
                reading.trace().gaps().size(),
                reading.trace().maybeFahrenheit(),
                noted.stream().map(TemperBowlView.BowlEventView::of).toList());
    }

    /** A bowl with its readings, for an export. */
    @Transactional(readOnly = true)
    public Recorded recorded(final UUID id) {
        final TemperBowlEntity bowl = byId(id);
        return new Recorded(TemperBowlView.SummaryView.of(bowl), readings.of(id, bowl.beganAt()));
    }

    /** A bowl and what was read of it. */
    public record Recorded(TemperBowlView.SummaryView summary, List<Sample> samples) {}

    /** Takes over a trace from a file as a bowl that has ended. */
    @Transactional
    public UUID takeOver(final BowlDraft draft, final Instant beganAt, final List<Sample> samples) {
        larder.couverture(draft.couverture());
        if (draft.id() != null && bowls.existsById(draft.id())) {
            return draft.id();
        }
        final TemperBowlEntity bowl =
                new TemperBowlEntity(
                        draft.roomC() == null ? withRoom(draft) : draft,
                        beganAt,
                        TemperBowlEntity.Source.FILE);
        final double last =
                samples.stream()
                        .mapToDouble(Sample::timeS)
                        .filter(Double::isFinite)
                        .max()
                        .orElse(0);
        bowl.end(beganAt.plusMillis((long) (last * 1000)));
        bowls.saveAndFlush(bowl);
        readings.keep(FileRows.of(bowl.id(), beganAt, samples));
        publisher.publishEvent(new BowlChanged(bowl.id()));
        return bowl.id();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private TemperBowlEntity byId(final UUID id) {
        return bowls.findById(id).orElseThrow(() -> new NotHereException("bowl", id));
    }
}
