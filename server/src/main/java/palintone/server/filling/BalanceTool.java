package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Unit;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Balance;
import palintone.core.filling.balance.BalanceTask;
import palintone.core.filling.balance.CookedOtherwise;
import palintone.core.filling.balance.Keep;
import palintone.core.filling.balance.Lever;
import palintone.core.filling.balance.PropertyConstraint;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.balance.Staying;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.quality.Conditions;
import palintone.core.filling.quality.FillingProperties;
import palintone.core.filling.quality.Quality;
import palintone.core.substance.KitchenUnit;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.larder.LarderService;

/** Balances a recipe: what is weighed, and where its maker allows it what is done. */
@Service
public class BalanceTool {

    private final BenchReader reader;
    private final LarderService larder;

    BalanceTool(final BenchReader reader, final LarderService larder) {
        this.reader = reader;
        this.larder = larder;
    }

    /** A quality between two numbers. */
    public record ConstraintDraft(@NotNull Quality quality, double low, double high) {}

    /**
     * A recipe to be balanced.
     *
     * @param locked lines that stay, counted from 0 through the recipe
     * @param freed lines its maker lets move although the filling is made of them or named after
     *     them
     * @param wishes bands; where there are none, those of the style or of the ready wish
     * @param ready a wish in a word
     * @param mayAdd ingredients that may be added although they are not in yet
     * @param moveOperations whether what is done may change too: boiled down further, sugar cooked
     *     hotter; left out, it may not
     * @param keep what must not pay for it
     */
    public record BalanceRequest(
            @Valid @NotNull SheetRequest on,
            @Nullable List<@NotNull Integer> locked,
            @Nullable List<@NotNull Integer> freed,
            @Nullable List<@NotNull @Valid ConstraintDraft> wishes,
            @Nullable ReadyConstraint ready,
            @Nullable List<@NotNull String> mayAdd,
            @Nullable Boolean moveOperations,
            @Nullable List<@NotNull Keep> keep) {

        boolean keeps(final Keep what) {
            return keep != null && keep.contains(what);
        }
    }

    /** One line that changes. */
    public record AmountMoveView(
            int line, String ingredient, double fromG, double toG, SentenceView why) {}

    /**
     * An operation that changes.
     *
     * @param operation its place in the balanced recipe, from 0
     * @param words what is done, and in which pot
     */
    public record OperationMoveView(
            int operation, String words, Unit unit, double from, double to, SentenceView why) {}

    /**
     * A wish that is not met, or that keeps others from it.
     *
     * @param reached the nearest it comes
     * @param curesAll without it all others are met
     */
    public record MissedView(
            Quality quality,
            String words,
            double low,
            double high,
            FigureView reached,
            boolean curesAll) {}

    /**
     * Before and after.
     *
     * @param worthFreeing lines that stay and that, freed, would let every wish be met
     */
    public record BalanceView(
            Balance.Outcome outcome,
            List<AmountMoveView> moves,
            List<OperationMoveView> operationMoves,
            List<SentenceView> says,
            List<MissedView> missed,
            List<Integer> worthFreeing,
            List<ConstraintDraft> wishes,
            RecipeDraft recipe,
            SheetView before,
            SheetView after) {}

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
        final List<PropertyConstraint> wishes = new ArrayList<>(wishes(request, now));
        if (request.keeps(Keep.COST)
                && wishes.stream().noneMatch(w -> w.quality() == Quality.COST)) {
            wishes.add(new PropertyConstraint(Quality.COST, 0, now.value(Quality.COST)));
        }
        final Set<Integer> byHand = lines("locked", request.locked(), own);
        if (request.keeps(Keep.FRUIT)) {
            byHand.addAll(Keep.fruitLines(operations));
        }
        final Map<Integer, Staying.Why> staying = new TreeMap<>(bench.staying());
        lines("freed", request.freed(), own)
                .forEach(line -> staying.computeIfPresent(line, BalanceTool::freed));
        final Set<Integer> locked = new HashSet<>(byHand);
        locked.addAll(staying.keySet());
        final boolean cooking = Boolean.TRUE.equals(request.moveOperations());
        final List<Lever> levers =
                Lever.all(operations, cooking, now.cooked()).stream()
                        .filter(l -> !(request.keeps(Keep.FRUIT) && Keep.takesFruit(operations, l)))
                        .filter(l -> !Keep.takes(operations, staying.keySet(), l))
                        .toList();
        if (byHand.size() >= own && own == grams.size() && levers.isEmpty()) {
            throw new OutOfRangeException(
                    "locked", "all " + own + " lines", "at least one line left free to change");
        }
        if (locked.size() >= grams.size() && levers.isEmpty()) {
            throw new OutOfRangeException(
                    "what may move",
                    "nothing: every line is locked, or the filling is made of it or named after it",
                    "at least one line freed, or something that may be added");
        }
        final BalanceTask task =
                new BalanceTask(
                                operations,
                                grams,
                                locked,
                                wishes.stream().map(BalanceTool::aLittleInside).toList(),
                                conditions,
                                levers,
                                Set.of())
                        .sugarFirst(now.value(Quality.SWEETNESS));
        final CookedOtherwise found =
                cooking
                        ? CookedOtherwise.solve(task)
                        : CookedOtherwise.asItIs(task, Balance.solve(task));
        return view(
                on,
                wishes,
                found,
                found.balance().met()
                        ? Set.of()
                        : CookedOtherwise.worthFreeing(
                                task, main(operations, staying, byHand), cooking),
                conditions);
    }

    /** Lines somebody named, each one of the recipe. */
    private static Set<Integer> lines(
            final String what, final @Nullable List<Integer> named, final int own) {
        final Set<Integer> lines = new HashSet<>(named == null ? List.of() : named);
        lines.forEach(line -> Require.between(what + " line", line, 0, own - 1, ""));
        return lines;
    }

    /** What is there for its taste is not to be freed. */
    @Nullable
    private static Staying.Why freed(final Integer line, final Staying.Why why) {
        return why.isMain() ? null : why;
    }

    /** What stays only until it is freed, ingredient by ingredient. */
    private static List<Set<Integer>> main(
            final List<Operation> operations,
            final Map<Integer, Staying.Why> staying,
            final Set<Integer> byHand) {
        final List<RecipeLine> lines =
                operations.stream().flatMap(op -> op.lines().stream()).toList();
        final Map<String, Set<Integer>> main = new LinkedHashMap<>();
        staying.forEach(
                (line, why) -> {
                    if (why.isMain() && !byHand.contains(line)) {
                        main.computeIfAbsent(
                                        lines.get(line).ingredient().id(), id -> new TreeSet<>())
                                .add(line);
                    }
                });
        return List.copyOf(main.values());
    }

    private BalanceView view(
            final SheetRequest on,
            final List<PropertyConstraint> wishes,
            final CookedOtherwise found,
            final Set<Integer> worthFreeing,
            final Conditions conditions) {
        final Balance balance = found.balance();
        final double[] after = balance.grams().stream().mapToDouble(d -> d).toArray();
        final RecipeDraft recipe = recipe(on.recipe(), found, after);
        return new BalanceView(
                balance.outcome(),
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
                balance.turns().stream().map(turn -> move(recipe, balance, turn)).toList(),
                says(found),
                balance.missed().stream()
                        .map(
                                c ->
                                        new MissedView(
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
                worthFreeing.stream().sorted().toList(),
                wishes.stream()
                        .map(w -> new ConstraintDraft(w.quality(), w.low(), w.high()))
                        .toList(),
                recipe,
                sheet(on, reader.read(on)),
                sheet(
                        on,
                        new OnBench(
                                recipe.name(),
                                weighing(balance.operations(), after),
                                recipe.potNames(),
                                conditions)));
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

    /** What may be added goes in by an operation of its own at the end, with nothing of it yet. */
    private List<Operation> withHelpers(
            final List<Operation> operations, final List<String> mayAdd, final List<Double> grams) {
        if (mayAdd == null || mayAdd.isEmpty()) {
            return operations;
        }
        final List<RecipeLine> lines = new ArrayList<>();
        for (final String id : mayAdd) {
            lines.add(new RecipeLine(larder.ingredient(id), 1, KitchenUnit.GRAM));
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
            final RecipeDraft draft, final CookedOtherwise found, final double[] grams) {
        final List<Operation> operations = found.balance().operations();
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
            if (!lines.isEmpty()
                    || op.from().isPresent()
                    || op.kind().lines() != OperationKind.Lines.WANTED) {
                changed.add(RecipeDraft.OperationDraft.of(tidy(op)).weighing(lines));
            }
        }
        return new RecipeDraft(
                draft.name(), draft.style(), changed, pots(draft, found), null, draft.version());
    }

    /** A pan that came with the balance is called by what is in it. */
    private static List<String> pots(final RecipeDraft draft, final CookedOtherwise found) {
        if (!found.ownPot()) {
            return draft.pots();
        }
        final Operation puts = found.balance().operations().get(found.boiledFirst().getAsInt() - 1);
        final List<String> names = new ArrayList<>(draft.potNames());
        while (names.size() <= puts.pot()) {
            names.add("");
        }
        final String fruit = puts.lines().get(0).ingredient().name();
        names.set(puts.pot(), fruit.substring(0, Math.min(40, fruit.length())).strip());
        return names;
    }

    private static OperationMoveView move(
            final RecipeDraft recipe, final Balance balance, final Balance.Turn turn) {
        final Lever lever = turn.lever();
        final Operation op = balance.operations().get(lever.operation());
        final int pot = lever.of() == Lever.Of.TAKEN ? op.from().orElseThrow().pot() : op.pot();
        final List<String> names = recipe.potNames();
        final String name = pot < names.size() ? names.get(pot) : "";
        final String words =
                lever.of() == Lever.Of.TAKEN ? "taken out of another pot" : op.kind().words();
        return new OperationMoveView(
                lever.operation(),
                name.isEmpty() ? words : words + ", " + name,
                lever.of().unit(),
                turn.from(),
                turn.to(),
                SentenceView.of(turn.why()));
    }

    private static List<SentenceView> says(final CookedOtherwise found) {
        return found.boiledFirst().isEmpty()
                ? List.of()
                : List.of(
                        SentenceView.of(
                                Sentence.of(
                                        found.ownPot()
                                                ? "The fruit is boiled down in a pot of its own"
                                                        + " before it goes in: all of it stays, its"
                                                        + " water goes. Low heat and a wide pan keep"
                                                        + " its fresh taste; stir, it spatters."
                                                : "The fruit is boiled down before anything else"
                                                        + " goes in: all of it stays, its water goes."
                                                        + " Low heat and a wide pan keep its fresh"
                                                        + " taste; stir, it spatters.")));
    }

    private static SheetView sheet(final SheetRequest on, final OnBench bench) {
        return BenchService.sheet(bench.properties(), on, bench);
    }

    private static List<Operation> weighing(
            final List<Operation> operations, final double[] grams) {
        final List<Operation> weighed = new ArrayList<>();
        int next = 0;
        for (final Operation op : operations) {
            final List<RecipeLine> lines = new ArrayList<>();
            for (final RecipeLine line : op.lines()) {
                lines.add(line.weighing(Math.max(1e-6, grams[next++])));
            }
            weighed.add(new Operation(op.kind(), lines, op.settings(), op.pot(), op.from()));
        }
        return weighed;
    }

    /** Settings as they can be read off a scale and a thermometer. */
    private static Operation tidy(final Operation op) {
        Operation tidied = op;
        for (final OperationSetting setting : op.settings().keySet()) {
            tidied = tidied.with(setting, Math.round(op.value(setting) * 10) / 10.0);
        }
        return op.from().isEmpty() || op.from().get().massG().isEmpty()
                ? tidied
                : tidied.taking(
                        FromPot.some(
                                op.from().get().pot(),
                                tidy(op.from().get().massG().getAsDouble())));
    }

    /** No scale at a bench is finer. */
    private static double tidy(final double amount) {
        final double step = amount < 20 ? 100 : 10;
        return Math.max(0.01, Math.round(amount * step) / step);
    }
}
