package palintone.server.shell;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.casting.fill.FilledShell;
import palintone.core.casting.learn.ShellLearning;
import palintone.core.casting.learn.ShellLearning.Weighing;
import palintone.core.casting.learn.SimulatedScale;
import palintone.core.casting.learn.WeighedShells;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.mould.Mould;
import palintone.core.temper.crystal.Crystals;
import palintone.server.figure.SentenceView;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldService;
import palintone.server.problem.NotHereException;
import palintone.server.web.WrittenOnce;

/** Weighed shells in the books, and what is learned of them. */
@Service
public class ShellWeighings {

    private static final Logger LOG = LoggerFactory.getLogger(ShellWeighings.class);

    /** The newest so many count: moulds wear and bags change. */
    private static final int NEWEST = 30;

    private static final int KEPT = 64;

    /** A ganache. */
    private static final double USUAL_FILL_G_PER_ML = 1.2;

    /** Cast as alike as this, they share what is computed of them. */
    private static final double ALIKE_K = 0.5;

    private static final double ALIKE_MOULD_K = 2;

    private static final double ALIKE_S = 15;
    private static final double ALIKE_PERCENT = 0.25;

    private final ShellWeighingRepository weighings;
    private final LarderService larder;
    private final MouldService moulds;
    private final WeighedFills fills;
    private final Clock clock;
    private final ShellLearning learning = new ShellLearning();

    private final Cache<String, Learned> known = Caffeine.newBuilder().maximumSize(KEPT).build();

    ShellWeighings(
            final ShellWeighingRepository weighings,
            final LarderService larder,
            final MouldService moulds,
            final WeighedFills fills,
            final Clock clock) {
        this.fills = fills;
        this.weighings = weighings;
        this.larder = larder;
        this.moulds = moulds;
        this.clock = clock;
    }

    private List<ShellWeighingEntity> of(final CastOrder order) {
        return weighings.findByMouldIdAndCouvertureIdAndVibrationAndVoidedFalseOrderByNotedAtDesc(
                order.mould().id(),
                order.bowl().couverture().ingredient().id(),
                order.vibration(),
                Limit.of(NEWEST));
    }

    /** Every one of them as a wait and a thickness. */
    public List<CastView.WeighedPointView> points(final CastOrder order) {
        final List<CastView.WeighedPointView> points = new ArrayList<>();
        for (final ShellWeighingEntity row : of(order)) {
            try {
                points.add(
                        new CastView.WeighedPointView(
                                row.waitS(),
                                FilledShell.shellMm(
                                        order.mould().cavity(),
                                        row.shellsG()
                                                / row.cavities()
                                                / order.bowl()
                                                        .couverture()
                                                        .castingDensityGPerMl())));
            } catch (final OutOfRangeException noShell) {
                // Weighed when the mould was written with another cavity: it is no point of this.
                continue;
            }
        }
        return points;
    }

    /**
     * What is known of castings like this one: weighed in this mould; where nothing is, in another
     * size of its form; nothing before the first weighing.
     */
    public Learned learned(final CastOrder order) {
        final List<ShellWeighingEntity> rows = of(order);
        return rows.isEmpty()
                ? kin(order).map(Kin::learned).orElse(Learned.NOTHING)
                : learned(rows);
    }

    /** What was weighed in another size of a form. */
    private record Kin(Mould mould, Learned learned) {}

    private Optional<Kin> kin(final CastOrder order) {
        for (final Mould mould : moulds.kin(order.mould())) {
            final List<ShellWeighingEntity> rows =
                    weighings
                            .findByMouldIdAndCouvertureIdAndVibrationAndVoidedFalseOrderByNotedAtDesc(
                                    mould.id(),
                                    order.bowl().couverture().ingredient().id(),
                                    order.vibration(),
                                    Limit.of(NEWEST));
            if (!rows.isEmpty()) {
                return Optional.of(new Kin(mould, learned(rows).inAnotherSize()));
            }
        }
        return Optional.empty();
    }

    /** That it rests on weighings in another mould, where it does. */
    public Optional<Sentence> fromAnotherSize(final CastOrder order) {
        return order.learned().weighings() > 0 && of(order).isEmpty()
                ? kin(order)
                        .map(
                                kin ->
                                        Sentence.of(
                                                "Nothing was weighed in this mould yet: what was in "
                                                        + kin.mould().name()
                                                        + ", the same form in another size, is taken"
                                                        + " for it, and is less sure here."))
                : Optional.empty();
    }

    /** What is known of castings like this one however it is shaken, in one question. */
    public Map<Vibration, Learned> learnedShaken(final String mouldId, final String couvertureId) {
        final Map<Vibration, Learned> here = shakenIn(mouldId, couvertureId);
        if (anything(here)) {
            return here;
        }
        for (final Mould kin : moulds.kin(moulds.mould(mouldId))) {
            final Map<Vibration, Learned> there = shakenIn(kin.id(), couvertureId);
            if (anything(there)) {
                there.replaceAll(
                        (v, known) -> known == Learned.NOTHING ? known : known.inAnotherSize());
                return there;
            }
        }
        return here;
    }

    private static boolean anything(final Map<Vibration, Learned> known) {
        return known.values().stream().anyMatch(learned -> learned.weighings() > 0);
    }

    private Map<Vibration, Learned> shakenIn(final String mouldId, final String couvertureId) {
        final Map<Vibration, List<ShellWeighingEntity>> rows =
                weighings
                        .findByMouldIdAndCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
                                mouldId, couvertureId, Limit.of(NEWEST * Vibration.values().length))
                        .stream()
                        .collect(Collectors.groupingBy(ShellWeighingEntity::vibration));
        final Map<Vibration, Learned> known = new EnumMap<>(Vibration.class);
        for (final Vibration vibration : Vibration.values()) {
            final List<ShellWeighingEntity> of = rows.getOrDefault(vibration, List.of());
            known.put(
                    vibration,
                    of.isEmpty()
                            ? Learned.NOTHING
                            : learned(of.subList(0, Math.min(NEWEST, of.size()))));
        }
        return known;
    }

    /**
     * What a season of weighings says takes some seconds to work out: begun with the house, so that
     * the first question does not wait for it.
     */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        final Thread thread =
                new Thread(
                        () -> {
                            try {
                                weighings.findByVoidedFalseOrderByNotedAtDesc().stream()
                                        .map(row -> List.of(row.mouldId(), row.couvertureId()))
                                        .distinct()
                                        .forEach(of -> learnedShaken(of.get(0), of.get(1)));
                            } catch (final RuntimeException notNow) {
                                // Only sooner than asked for: the question itself will say.
                                LOG.debug("Weighings are learned from when asked for", notNow);
                            }
                        },
                        "weighings");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private Learned learned(final List<ShellWeighingEntity> rows) {
        final String key = rows.stream().map(ShellWeighingEntity::id).toList().toString();
        final Learned before = known.getIfPresent(key);
        if (before != null) {
            return before;
        }
        // What is read of the books is read before; two that ask at once may both work it out.
        final List<Weighing> weighed = rows.stream().map(row -> rounded(row).weighing()).toList();
        return known.get(key, none -> learning.after(weighed));
    }

    private static double near(final double value, final double step) {
        return Math.round(value / step) * step;
    }

    /**
     * A weighing as if cast on round numbers, so that many share what is computed of them.
     *
     * @param weighing scaled to the round numbers
     * @param exactG what the model foretells of it as it was cast
     * @param scale from the round numbers to as it was cast
     */
    private record Rounded(Weighing weighing, double exactG, double scale) {}

    private Rounded rounded(final ShellWeighingEntity row) {
        final ShellWeighingDraft draft = ShellWeighingDraft.of(row);
        final CastOrder exact = order(draft);
        final double bowlC = near(row.bowlC(), ALIKE_K);
        final CastOrder round =
                new CastOrder(
                        new BowlAt(
                                exact.bowl().couverture(),
                                row.fluidity(),
                                bowlC,
                                new Crystals(near(row.stablePercent(), ALIKE_PERCENT) / 100, 0)),
                        exact.mould(),
                        Math.min(bowlC, near(row.mouldC(), ALIKE_MOULD_K)),
                        near(row.roomC(), ALIKE_MOULD_K),
                        row.vibration(),
                        row.drainS(),
                        row.rockedDegrees(),
                        Learned.NOTHING);
        final double waitS = near(row.waitS(), ALIKE_S);
        final double exactG = new ShellCast(exact).after(row.waitS()).massG();
        final double scale = exactG / learning.predictG(round, waitS, Learned.NOTHING);
        return new Rounded(
                WeighedShells.weighing(round, waitS, row.shellsG() / scale, row.cavities()),
                exactG,
                scale);
    }

    /** Keeps a weighing. */
    public void keep(final CastOrder order, final WeighingRequest request) {
        final int cavities =
                request.cavities() == null ? order.mould().usable() : request.cavities();
        Require.between("cavities weighed", cavities, 1, order.mould().usable(), "");
        Require.between("empty mould", request.emptyG(), 0, 50_000, "g");
        Require.between("mould with its shells", request.shelledG(), 0, 50_000, "g");
        final double shellsG = request.shelledG() - request.emptyG();
        // Refuses what such a cavity cannot hold.
        WeighedShells.weighing(order, request.cast().value(), shellsG, cavities);
        final String note =
                request.note() == null || request.note().isBlank()
                        ? ""
                        : Require.text("note", request.note().strip(), 400);
        final Double fillG = more("mould filled", request.shelledG(), request.filledG());
        if (request.filledG() == null && request.cappedG() != null) {
            throw new OutOfRangeException("mould filled", "missing", "weighed before it is capped");
        }
        final Double capG =
                request.filledG() == null
                        ? null
                        : more("mould capped", request.filledG(), request.cappedG());
        fills.check(order, cavities, shellsG, fillG, capG, request.filling());
        final String id = WrittenOnce.id(request.id());
        final ShellWeighingEntity row =
                new ShellWeighingEntity(
                        id,
                        order,
                        request.cast().value(),
                        cavities,
                        shellsG,
                        note,
                        request.notedAt() == null ? Instant.now(clock) : request.notedAt());
        row.went(request.filling(), fillG, capG);
        WrittenOnce.keep(weighings, id, row);
    }

    /** What came into it between two weighings. */
    private static @Nullable Double more(
            final String name, final double before, final @Nullable Double after) {
        return after == null ? null : Require.between(name, after, before, 50_000, "g") - before;
    }

    /** What a scale to practise on reads: a workshop that differs from the model in its own way. */
    public SimulatedScale scale(final CastOrder order, final WeighingRequest request) {
        return SimulatedScale.of(
                order,
                request.cast().value(),
                request.cavities() == null ? order.mould().usable() : request.cavities(),
                request.filling() == null
                        ? USUAL_FILL_G_PER_ML
                        : fills.recipeGPerMl(request.filling()),
                new Random());
    }

    /** Everything that counts, by id, newest first. */
    @Transactional(readOnly = true)
    public Map<String, ShellWeighingDraft> drafts() {
        final Map<String, ShellWeighingDraft> drafts = new LinkedHashMap<>();
        weighings
                .findByVoidedFalseOrderByNotedAtDesc()
                .forEach(row -> drafts.put(row.id(), ShellWeighingDraft.of(row)));
        return drafts;
    }

    /** Those of the ids that are in the books. */
    @Transactional(readOnly = true)
    public Map<String, ShellWeighingDraft> drafts(final Collection<String> ids) {
        final Map<String, ShellWeighingDraft> drafts = new LinkedHashMap<>();
        weighings.findAllById(ids).forEach(row -> drafts.put(row.id(), ShellWeighingDraft.of(row)));
        return drafts;
    }

    /**
     * Looks at a weighing before it is written.
     *
     * @throws palintone.core.figure.OutOfRangeException when it cannot be
     */
    public void check(final ShellWeighingDraft draft) {
        // A table may leave any of these out; the form cannot.
        Require.text("mould", draft.mould(), 64);
        Require.text("noted at", draft.notedAt() == null ? "" : draft.notedAt().toString(), 64);
        if (draft.note() != null && !draft.note().isBlank()) {
            Require.text("note", draft.note(), 400);
        }
        final CastOrder order = order(draft);
        Require.between("cavities weighed", draft.cavities(), 1, order.mould().usable(), "");
        WeighedShells.weighing(order, draft.waitS(), draft.shellsG(), draft.cavities());
        fills.check(
                order,
                draft.cavities(),
                draft.shellsG(),
                draft.fillG(),
                draft.capG(),
                draft.filling());
    }

    /** Writes a weighing, new or known; used by the import. */
    @Transactional
    public void put(final String id, final ShellWeighingDraft draft) {
        check(draft);
        final ShellWeighingEntity row =
                new ShellWeighingEntity(
                        Require.text("weighing", id, 64),
                        order(draft),
                        draft.waitS(),
                        draft.cavities(),
                        draft.shellsG(),
                        draft.note() == null ? "" : draft.note(),
                        draft.notedAt());
        row.went(draft.filling(), draft.fillG(), draft.capG());
        weighings.saveAndFlush(row);
    }

    /** What was weighed at the Bench: written, written again, or no longer counted. */
    @Transactional
    public void fromBench(final String id, final Optional<ShellWeighingDraft> draft) {
        if (draft.isPresent()) {
            put(id, draft.get());
        } else {
            weighings.findById(id).ifPresent(ShellWeighingEntity::takeBack);
        }
    }

    private CastOrder order(final ShellWeighingDraft draft) {
        return new CastOrder(
                new BowlAt(
                        larder.couverture(draft.couverture()),
                        draft.fluidity() == null
                                ? larder.fluidity(draft.couverture())
                                : draft.fluidity(),
                        draft.bowlC(),
                        new Crystals(draft.stablePercent() / 100, 0)),
                moulds.mould(draft.mould()),
                draft.mouldC(),
                draft.roomC(),
                draft.vibration(),
                draft.drainS(),
                draft.rockedDegrees(),
                Learned.NOTHING);
    }

    /**
     * Takes a weighing back; it stays in the books and counts no more.
     *
     * @throws NotHereException when there is none of that id
     */
    @Transactional
    public void takeBack(final String id) {
        weighings.findById(id).orElseThrow(() -> new NotHereException("weighing", id)).takeBack();
    }

    /** What they say, each beside what was foretold. */
    public WeighedView view(final CastOrder order) {
        final List<ShellWeighingEntity> rows = of(order);
        final Learned learned = rows.isEmpty() ? Learned.NOTHING : learned(rows);
        final List<WeighedView.WeighedRowView> views = new ArrayList<>();
        final List<Weighing> newestFirst = new ArrayList<>();
        for (final ShellWeighingEntity row : rows) {
            final Rounded rounded = rounded(row);
            newestFirst.add(rounded.weighing());
            views.add(
                    new WeighedView.WeighedRowView(
                            row.id(),
                            row.notedAt(),
                            row.waitS(),
                            row.bowlC(),
                            row.mouldC(),
                            row.cavities(),
                            row.shellsG() / row.cavities(),
                            rounded.exactG(),
                            predictG(rounded.weighing(), learned) * rounded.scale(),
                            each(row.fillG(), row),
                            each(row.capG(), row),
                            fills.weighed(order, row).map(FilledShell::capMm).orElse(null),
                            row.note()));
        }
        final WeighedShells says = WeighedShells.of(learned, newestFirst, this::predictG);
        return new WeighedView(
                learned.yieldFactor(),
                low(learned.yieldFactor(), learned.yieldSpread()),
                high(learned.yieldFactor(), learned.yieldSpread()),
                learned.heatFactor(),
                low(learned.heatFactor(), learned.heatSpread()),
                high(learned.heatFactor(), learned.heatSpread()),
                views,
                fills.views(order, rows),
                says.says().stream().map(SentenceView::of).toList(),
                says.drift().map(SentenceView::of).orElse(null),
                Optional.of(says.next()).map(SentenceView::of).orElse(null));
    }

    private static @Nullable Double each(
            final @Nullable Double allG, final ShellWeighingEntity row) {
        return allG == null ? null : allG / row.cavities();
    }

    private double predictG(final Weighing weighing, final Learned learned) {
        return learning.predictG(weighing.order(), weighing.waitS(), learned);
    }

    private static double low(final double factor, final double spread) {
        return factor * Math.exp(-ShellAnswer.EIGHT_IN_TEN * spread);
    }

    private static double high(final double factor, final double spread) {
        return factor * Math.exp(ShellAnswer.EIGHT_IN_TEN * spread);
    }
}
