package palintone.server.coat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.coat.Coat;
import palintone.core.coat.CoatLearned;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipPlan;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.piece.DipTimes;
import palintone.core.work.BenchCoats;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.problem.NotHereException;
import palintone.server.web.WrittenOnce;

/** Weighed coats in the books, and what is learned of them. */
@Service
public class CoatWeighings {

    private static final int SHOWN = 40;
    private static final int KEPT = 256;
    private static final int LONGEST_NOTE = 400;

    private final CoatWeighingRepository weighings;
    private final Clock clock;

    /** A plan of dips takes some hundredths of a second, and the same is asked at every press. */
    private final Cache<Asked, DipPlan> plans = Caffeine.newBuilder().maximumSize(KEPT).build();

    CoatWeighings(final CoatWeighingRepository weighings, final Clock clock) {
        this.weighings = weighings;
        this.clock = clock;
    }

    private record Asked(DipOrder order, double coatG) {}

    /** What this workshop's coats of a couverture have said. */
    @Transactional(readOnly = true)
    public CoatLearned learned(final String couvertureId) {
        return CoatLearned.of(rows(couvertureId).stream().map(CoatWeighingEntity::factor).toList());
    }

    private List<CoatWeighingEntity> rows(final String couvertureId) {
        return weighings.findByCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
                couvertureId, Limit.of(SHOWN));
    }

    /** Times of a batch's dips, by what was weighed. */
    public DipTimes times(final CoatLearned learned) {
        return (order, coatG) ->
                plans.get(
                        new Asked(order.filmed(learned.factor()), coatG),
                        asked -> DipPlan.of(asked.order(), asked.coatG()));
    }

    /** What was weighed of a couverture, and what is made of it. */
    @Transactional(readOnly = true)
    public CoatsWeighedView view(final String couvertureId) {
        final List<CoatWeighingEntity> rows = rows(Require.text("couverture", couvertureId, 64));
        final CoatLearned learned =
                CoatLearned.of(rows.stream().map(CoatWeighingEntity::factor).toList());
        final Figure film =
                Figure.of(
                        "film against the model's",
                        learned.factor() * 100,
                        Unit.PERCENT,
                        Basis.of(
                                        "mean of the last twelve weighings and of what is assumed"
                                                + " before any, by their logarithms")
                                .with("weighings", learned.weighings(), Unit.ONE)
                                .with("assumed before any", DipOrder.UNWEIGHED * 100, Unit.PERCENT)
                                .with("spread of one", learned.spread() * 100, Unit.PERCENT)
                                .from(
                                        learned.weighings() == 0
                                                ? Coat.SOURCE
                                                : Source.workshop("coats weighed here")));
        return new CoatsWeighedView(
                FigureView.of(film),
                SentenceView.of(said(learned)),
                rows.stream()
                        .map(
                                row ->
                                        new CoatsWeighedView.CoatWeighedView(
                                                row.id(),
                                                row.coatG(),
                                                row.plannedG(),
                                                row.note(),
                                                row.notedAt()))
                        .toList());
    }

    private static Sentence said(final CoatLearned learned) {
        if (learned.weighings() == 0) {
            return Sentence.of(
                    "Nothing weighed yet: coats are foretold as common practice has them. Weigh ten"
                            + " centres, and ten of them dipped.");
        }
        return learned.weighings() == 1
                ? Sentence.of(
                        "One weighing: coats are foretold half way towards it. Two or three more make"
                                + " it yours.")
                : Sentence.of("Single coats lie within {spread} of it, two times in three.")
                        .with("spread", learned.spread() * 100, Unit.PERCENT);
    }

    /**
     * Keeps a weighing made by hand.
     *
     * @param order as it was dipped; its factor is of no account
     */
    public CoatsWeighedView keep(final CoatWeighingRequest request, final DipOrder order) {
        final double centreG =
                Require.between(
                        "one centre", given("one centre", request.centreG()), 0.1, 500, "g");
        final double pieceG =
                Require.between("one piece", given("one piece", request.pieceG()), 0.1, 1000, "g");
        final double otherG =
                request.otherG() == null
                        ? 0
                        : Require.between("what else is on it", request.otherG(), 0, 500, "g");
        final double coatG = pieceG - centreG - otherG;
        if (coatG <= 0) {
            throw new OutOfRangeException(
                    "one piece",
                    pieceG + " g",
                    "more than its centre and what else is on it, "
                            + Math.round((centreG + otherG) * 100) / 100.0
                            + " g");
        }
        final Instant at = request.notedAt() == null ? clock.instant() : request.notedAt();
        if (at.isAfter(clock.instant().plusSeconds(60))) {
            throw new OutOfRangeException("when", at.toString(), "no later than now");
        }
        final String couverture = order.bowl().couverture().ingredient().id();
        final double modelG = Coat.of(order.filmed(1)).massG();
        final double foretoldG = Coat.of(order.filmed(learned(couverture).factor())).massG();
        final double factor = factorFor(order, coatG, modelG);
        final String id = WrittenOnce.id(request.id());
        WrittenOnce.keep(
                weighings,
                id,
                new CoatWeighingEntity(
                        id,
                        couverture,
                        coatG,
                        foretoldG,
                        factor,
                        request.note() == null
                                ? ""
                                : Require.words("note", request.note(), LONGEST_NOTE),
                        at));
        return view(couverture);
    }

    /** A thicker film weighs more than in proportion, around a ball: two steps find it. */
    private static double factorFor(final DipOrder order, final double coatG, final double modelG) {
        double factor = within(coatG / modelG);
        for (int i = 0; i < 4; i++) {
            factor = within(factor * coatG / Coat.of(order.filmed(factor)).massG());
        }
        final double found = Coat.of(order.filmed(factor)).massG();
        if (Math.abs(found - coatG) > 0.05 * coatG) {
            throw new OutOfRangeException(
                    "coat of one",
                    Math.round(coatG * 100) / 100.0 + " g",
                    "a fifth to five times what is foretold of such a dip, "
                            + Math.round(modelG * 100) / 100.0
                            + " g: look whether bowl and centre are those that were weighed");
        }
        return factor;
    }

    private static double within(final double factor) {
        return Math.max(0.2, Math.min(5, factor));
    }

    private static double given(final String name, final Double value) {
        if (value == null) {
            throw new OutOfRangeException(name, "missing", "a number");
        }
        return value;
    }

    /** One weighing a batch, however often it is corrected. */
    @Transactional
    public void fromBench(
            final String id, final String couvertureId, final Optional<BenchCoats> coats) {
        final OptionalDouble says =
                coats.map(BenchCoats::saysFactor).orElse(OptionalDouble.empty());
        if (says.isEmpty()) {
            weighings.findById(id).ifPresent(CoatWeighingEntity::takeBack);
            return;
        }
        weighings.save(
                new CoatWeighingEntity(
                        id,
                        couvertureId,
                        coats.get().weighedG(),
                        coats.get().coatG(),
                        says.getAsDouble(),
                        "Weighed at the Bench",
                        coats.get().at()));
    }

    /** No longer counts. */
    @Transactional
    public void takeBack(final String id) {
        weighings
                .findById(Require.text("weighing", id, 64))
                .orElseThrow(() -> new NotHereException("weighing", id))
                .takeBack();
    }
}
