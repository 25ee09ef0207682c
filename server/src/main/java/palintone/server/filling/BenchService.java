package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.filling.Conditions;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.FillingProperties;
import palintone.core.filling.Quality;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.PropertyConstraint;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.substance.KitchenUnit;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.larder.LarderService;

/** Appraises and balances recipes while they are being written. */
@Service
public class BenchService {

    private final BenchReader reader;
    private final LarderService larder;

    BenchService(final BenchReader reader, final LarderService larder) {
        this.reader = reader;
        this.larder = larder;
    }

    /** A quality between two numbers. */
    public record ConstraintDraft(@NotNull Quality quality, double low, double high) {}

    /**
     * A recipe to be balanced.
     *
     * @param locked lines that stay, counted from 0 through the recipe
     * @param wishes bands; where there are none, those of the style or of the ready wish
     * @param ready a wish in a word
     * @param mayAdd ingredients that may be added although they are not in yet
     */
    public record BalanceRequest(
            @Valid @NotNull SheetRequest on,
            @Nullable List<@NotNull Integer> locked,
            @Nullable List<@NotNull @Valid ConstraintDraft> wishes,
            @Nullable ReadyConstraint ready,
            @Nullable List<@NotNull String> mayAdd) {}

    /** One line that changes. */
    public record AmountMoveView(
            int line, String ingredient, double fromG, double toG, SentenceView why) {}

    /** A wish that stands against others. */
    public record ClashView(
            Quality quality,
            String words,
            double low,
            double high,
            FigureView reached,
            boolean curesAll) {}

    /** Before and after. */
    public record BalanceView(
            boolean met,
            List<AmountMoveView> moves,
            List<ClashView> clashes,
            List<ConstraintDraft> wishes,
            RecipeDraft recipe,
            SheetView before,
            SheetView after) {}

    @Transactional(readOnly = true)
    public SheetView sheet(final SheetRequest request) {
        final OnBench bench = reader.read(request);
        return sheet(bench.properties(), request, bench.grams());
    }

    private static SheetView sheet(
            final FillingProperties properties, final SheetRequest request, final double[] grams) {
        return SheetView.of(
                FillingFigures.of(properties, request.recipe().styleOrUsual().bands()), grams);
    }

    @Transactional(readOnly = true)
    public BalanceView balance(final BalanceRequest request) {
        final SheetRequest on = request.on();
        final OnBench bench = reader.read(on);
        final List<Double> grams = new ArrayList<>(Arrays.stream(bench.grams()).boxed().toList());
        final int own = grams.size();
        final List<Operation> operations = withHelpers(bench.operations(), request.mayAdd(), grams);
        final Conditions conditions = bench.conditions();
        final FillingProperties now =
                FillingProperties.of(
                        Cooking.cook(
                                operations,
                                grams.stream().mapToDouble(d -> d).toArray(),
                                conditions.pressureHPa()),
                        conditions);
        final List<PropertyConstraint> wishes = wishes(request, now);
        final Set<Integer> locked =
                new HashSet<>(request.locked() == null ? List.of() : request.locked());
        locked.addAll(strainedOut(operations));
        if (locked.size() >= own && own == grams.size()) {
            throw new OutOfRangeException(
                    "locked", "all " + own + " lines", "at least one line left free to change");
        }
        final Balance balance =
                Balance.solve(
                        new BalanceTask(
                                operations,
                                grams,
                                locked,
                                wishes.stream().map(BenchService::aLittleInside).toList(),
                                conditions));
        final double[] after = balance.grams().stream().mapToDouble(d -> d).toArray();
        return new BalanceView(
                balance.met(),
                balance.moves().stream()
                        .map(
                                m ->
                                        new AmountMoveView(
                                                m.line(),
                                                m.ingredient(),
                                                m.fromG(),
                                                m.toG(),
                                                SentenceView.of(m.why())))
                        .toList(),
                balance.clashes().stream()
                        .map(
                                c ->
                                        new ClashView(
                                                c.wish().quality(),
                                                c.wish().quality().words(),
                                                c.wish().low(),
                                                c.wish().high(),
                                                FigureView.of(
                                                        palintone.core.figure.Figure.of(
                                                                c.wish().quality().words(),
                                                                c.reached(),
                                                                c.wish().quality().unit(),
                                                                palintone.core.figure.Basis.of(
                                                                                "as near as the other wishes let it come")
                                                                        .from(Balance.SOURCE))),
                                                c.curesAll()))
                        .toList(),
                wishes.stream()
                        .map(w -> new ConstraintDraft(w.quality(), w.low(), w.high()))
                        .toList(),
                recipe(on.recipe(), operations, after),
                sheet(balance.before(), on, grams.stream().mapToDouble(d -> d).toArray()),
                sheet(balance.after(), on, after));
    }

    /** Amounts are rounded to what a scale shows: that must not push them over the edge again. */
    private static PropertyConstraint aLittleInside(final PropertyConstraint wish) {
        final double inset = 0.1 * wish.quality().step();
        return wish.high() - wish.low() < 4 * inset
                ? wish
                : new PropertyConstraint(
                        wish.quality(),
                        // Nothing is less than none.
                        wish.low() > 0 ? wish.low() + inset : wish.low(),
                        wish.high() - inset);
    }

    /** A spice is not a lever: what is strained out again stays as it is. */
    private static List<Integer> strainedOut(final List<Operation> operations) {
        final List<Integer> places = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            for (int k = 0; k < op.lines().size(); k++, next++) {
                if (op.kind() == OperationKind.INFUSE) {
                    places.add(next);
                }
            }
        }
        return places;
    }

    /** What may be added goes in by an operation of its own at the end, with nothing of it yet. */
    private List<Operation> withHelpers(
            final List<Operation> operations, final List<String> mayAdd, final List<Double> grams) {
        if (mayAdd == null || mayAdd.isEmpty()) {
            return operations;
        }
        final List<RecipeLine> lines = new ArrayList<>();
        for (final String id : mayAdd) {
            lines.add(new RecipeLine(larder.byId(id).ingredient(), 1, KitchenUnit.GRAM));
            grams.add(0.0);
        }
        final List<Operation> more = new ArrayList<>(operations);
        more.add(Operation.of(OperationKind.ADD, lines));
        return more;
    }

    private static List<PropertyConstraint> wishes(
            final BalanceRequest request, final FillingProperties now) {
        final Style style = request.on().recipe().styleOrUsual();
        if (request.ready() != null) {
            return request.ready().from(now, style.bands());
        }
        if (request.wishes() != null && !request.wishes().isEmpty()) {
            final List<PropertyConstraint> wishes = new ArrayList<>();
            request.wishes()
                    .forEach(
                            w ->
                                    wishes.add(
                                            new PropertyConstraint(
                                                    w.quality(), w.low(), w.high())));
            return wishes;
        }
        final List<PropertyConstraint> wishes = new ArrayList<>();
        style.bands()
                .forEach(
                        (quality, band) ->
                                wishes.add(
                                        new PropertyConstraint(quality, band.low(), band.high())));
        final double yield = now.value(Quality.YIELD);
        wishes.add(new PropertyConstraint(Quality.YIELD, 0.97 * yield, 1.03 * yield));
        return wishes;
    }

    /** The same recipe with the new amounts, each still in its maker's unit. */
    private static RecipeDraft recipe(
            final RecipeDraft draft, final List<Operation> operations, final double[] grams) {
        final List<RecipeDraft.OperationDraft> changed = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            final List<RecipeDraft.RecipeLineDraft> lines = new ArrayList<>();
            for (final RecipeLine line : op.lines()) {
                final double g = grams[next++];
                if (g > 0.05) {
                    lines.add(
                            new RecipeDraft.RecipeLineDraft(
                                    line.ingredient().id(),
                                    tidy(line.unit().fromGrams(g, line.ingredient())),
                                    line.unit().symbol()));
                }
            }
            if (!lines.isEmpty() || op.kind().lines() != OperationKind.Lines.WANTED) {
                changed.add(new RecipeDraft.OperationDraft(op.kind(), op.settings(), lines));
            }
        }
        return new RecipeDraft(draft.name(), draft.style(), changed, null, draft.version());
    }

    /** No scale at a bench is finer. */
    private static double tidy(final double amount) {
        final double step = amount < 20 ? 100 : 10;
        return Math.max(0.01, Math.round(amount * step) / step);
    }
}
