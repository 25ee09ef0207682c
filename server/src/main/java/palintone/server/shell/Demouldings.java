package palintone.server.shell;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.casting.cold.ColdAnswer;
import palintone.core.casting.cold.Released;
import palintone.core.casting.cold.ShellCooling;
import palintone.core.casting.fill.CapSetting;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Range;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.mould.Mould;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.mould.MouldService;
import palintone.server.problem.NotHereException;
import palintone.server.web.WrittenOnce;

/** Moulds turned out: when they let go, which cavities stuck, and what that teaches. */
@Service
public class Demouldings {

    private static final int NEWEST = 30;

    /** One piece in twenty broken is more than handling; common practice, no source. */
    private static final double MANY_BROKEN = 0.05;

    private final DemouldingRepository found;
    private final ShellService shells;
    private final ShellSteps steps;
    private final MouldService moulds;
    private final Clock clock;

    Demouldings(
            final DemouldingRepository found,
            final ShellService shells,
            final ShellSteps steps,
            final MouldService moulds,
            final Clock clock) {
        this.moulds = moulds;
        this.found = found;
        this.shells = shells;
        this.steps = steps;
        this.clock = clock;
    }

    private List<DemouldingEntity> of(
            final String mouldId, final String couvertureId, final boolean capped) {
        return found
                .findByMouldIdAndCouvertureIdAndVoidedFalseOrderByNotedAtDesc(
                        mouldId, couvertureId, Limit.of(NEWEST * 2))
                .stream()
                .filter(row -> row.capped() == capped)
                .limit(NEWEST)
                .toList();
    }

    private static Released released(final List<DemouldingEntity> rows) {
        return Released.of(rows.stream().map(DemouldingEntity::check).toList());
    }

    /** What open shells of a mould and couverture are known to take. */
    @Transactional(readOnly = true)
    public Released released(final String mouldId, final String couvertureId) {
        return released(moulds.mould(mouldId), couvertureId, false);
    }

    /** Found in this mould; where nothing was, in another size of its form. */
    private Released released(final Mould mould, final String couvertureId, final boolean capped) {
        final List<DemouldingEntity> here = of(mould.id(), couvertureId, capped);
        if (!here.isEmpty()) {
            return released(here);
        }
        return moulds.kin(mould).stream()
                .map(kin -> of(kin.id(), couvertureId, capped))
                .filter(rows -> !rows.isEmpty())
                .findFirst()
                .map(rows -> released(rows).inAnotherSize())
                .orElse(Released.NOTHING);
    }

    /** By the model alone, s in the cold; empty where it never lets go. */
    private Optional<Range> model(final DemouldRequest request, final CastOrder order) {
        if (!ShellAnswer.sets(order.bowl())) {
            return Optional.empty();
        }
        final Range lets;
        if (request.capMm() == null) {
            final ColdAnswer cold = shells.asSet(request.cold(), Released.NOTHING);
            if (cold.release().isEmpty()) {
                return Optional.empty();
            }
            final ShellCooling cooling = cold.cooling();
            lets = cooling.releaseS();
        } else {
            final CapSetting cap = steps.cap(order, request.capMm(), request.cold().airC());
            lets = new Range(cap.usualFirmS(), Math.max(cap.usualFirmS(), cap.firmS().high()));
        }
        return Double.isFinite(lets.low())
                ? Optional.of(
                        new Range(
                                lets.low(),
                                Double.isFinite(lets.high()) ? lets.high() : 1.5 * lets.low()))
                : Optional.empty();
    }

    /** When it lets go, and what has been found of such moulds. */
    public DemouldView view(final DemouldRequest request) {
        final CastOrder order = shells.order(request.cold().cast());
        final List<DemouldingEntity> rows =
                of(
                        order.mould().id(),
                        order.bowl().couverture().ingredient().id(),
                        request.capMm() != null);
        final Mould mould = order.mould();
        final Released released =
                released(
                        mould,
                        order.bowl().couverture().ingredient().id(),
                        request.capMm() != null);
        final Optional<Range> model = model(request, order);
        final double margin = Math.exp(ShellAnswer.EIGHT_IN_TEN * released.spread());
        return new DemouldView(
                model.map(lets -> letsGo(lets, released)).orElse(null),
                mould.usable(),
                Math.min(mould.usable(), mould.rows()),
                released.factor(),
                released.factor() / margin,
                released.factor() * margin,
                rows.stream()
                        .map(
                                row ->
                                        new DemouldView.TurnedOutView(
                                                row.id(),
                                                row.notedAt(),
                                                row.foretoldS() / 60,
                                                row.coldS() / 60,
                                                row.cavities(),
                                                row.stuck(),
                                                row.broken(),
                                                row.note()))
                        .toList(),
                says(rows, released, model).stream().map(SentenceView::of).toList());
    }

    private static FigureView letsGo(final Range model, final Released released) {
        final Range here = released.of(model);
        return FigureView.of(
                Figure.of(
                                "lets go, in the cold",
                                here.low() / 60,
                                Unit.MINUTE,
                                Basis.of("time to let go by the model × release factor")
                                        .with("by the model", model.low() / 60, Unit.MINUTE)
                                        .with("release factor", released.factor(), Unit.ONE)
                                        .with("moulds turned out", released.checks(), Unit.ONE)
                                        .from(ShellCooling.SOURCE)
                                        .from(Released.SOURCE))
                        .spread(here.low() / 60, here.high() / 60));
    }

    private static List<Sentence> says(
            final List<DemouldingEntity> rows,
            final Released released,
            final Optional<Range> model) {
        final List<Sentence> says = new ArrayList<>();
        if (model.isEmpty()) {
            says.add(
                    Sentence.of(
                            "By its numbers it does not let go within the hour: nothing to count"
                                    + " down to. Not in temper, too warm a cabinet, or too many"
                                    + " moulds at once."));
        }
        if (released.checks() > 0 && released.factor() > 1.15) {
            says.add(
                    Sentence.of(
                                    "These moulds take {more} longer to let go than computed: wash"
                                            + " and polish them, or look at the temper.")
                            .with("more", (released.factor() - 1) * 100, Unit.PERCENT));
        } else if (released.checks() > 0 && released.factor() < 0.87) {
            says.add(
                    Sentence.of("These moulds let go {less} sooner than computed.")
                            .with("less", (1 - released.factor()) * 100, Unit.PERCENT));
        }
        final double turned = rows.stream().mapToInt(DemouldingEntity::cavities).sum();
        final double broken = rows.stream().mapToInt(row -> row.broken().size()).sum();
        if (turned > 0 && broken > MANY_BROKEN * turned) {
            says.add(
                    Sentence.of(
                                    "{share} came out broken: thicker shells, or later out of the"
                                            + " cold.")
                            .with("share", broken / turned * 100, Unit.PERCENT));
        }
        return says;
    }

    /** Keeps what was found. */
    public DemouldView keep(final DemouldRequest request) {
        final CastOrder order = shells.order(request.cold().cast());
        final int cavities = order.mould().usable();
        final double coldS =
                Require.between(
                                "time in the cold",
                                request.coldMin() == null ? Double.NaN : request.coldMin(),
                                1,
                                1440,
                                "min")
                        * 60;
        final List<Integer> stuck = numbers("stuck", request.stuck(), cavities);
        final List<Integer> broken = numbers("broken", request.broken(), cavities);
        // Without a time of the model's there is nothing to compare: an hour stands for never.
        final Range model = model(request, order).orElse(new Range(3600, 3600));
        final String id = WrittenOnce.id(request.id());
        WrittenOnce.keep(
                found,
                id,
                new DemouldingEntity(
                        id,
                        order.mould().id(),
                        order.bowl().couverture().ingredient().id(),
                        request.capMm() != null,
                        new Released.Check(
                                Math.min(7200, Math.sqrt(model.low() * model.high())),
                                coldS,
                                (cavities - stuck.size()) / (double) cavities),
                        cavities,
                        stuck,
                        broken,
                        request.note() == null || request.note().isBlank()
                                ? ""
                                : Require.text("note", request.note().strip(), 400),
                        request.notedAt() == null ? Instant.now(clock) : request.notedAt()));
        return view(request);
    }

    private static List<Integer> numbers(
            final String what, final List<Integer> given, final int cavities) {
        final TreeSet<Integer> numbers = new TreeSet<>();
        if (given != null) {
            for (final Integer number : given) {
                Require.between(
                        "number of a " + what + " cavity",
                        number == null ? Double.NaN : number,
                        1,
                        cavities,
                        "");
                numbers.add(number);
            }
        }
        return List.copyOf(numbers);
    }

    /**
     * Takes one back; it stays in the books and counts no more.
     *
     * @throws NotHereException when there is none of that id
     */
    @Transactional
    public void takeBack(final String id) {
        found.findById(id).orElseThrow(() -> new NotHereException("demoulding", id)).takeBack();
    }
}
