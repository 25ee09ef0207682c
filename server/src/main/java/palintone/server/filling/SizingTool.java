package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import palintone.core.filling.FillingFigures;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.size.Leftover;
import palintone.core.filling.size.RecipeVessel;
import palintone.core.filling.size.Scaling;
import palintone.core.substance.Allergen;
import palintone.core.substance.KitchenMeasure;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.problem.Within;

/** Bigger and smaller recipes, and the label of what is left over. */
@Service
public class SizingTool {

    private final BenchReader reader;
    private final HouseService houses;
    private final Clock clock;

    SizingTool(final BenchReader reader, final HouseService houses, final Clock clock) {
        this.clock = clock;
        this.reader = reader;
        this.houses = houses;
    }

    /**
     * A recipe to be made bigger or smaller: by a factor, to a yield, to a line at hand, or to
     * pieces.
     *
     * @param line counted from 0, with grams at hand
     * @param eachG filling in one of the pieces
     * @param panMl what the pan holds; each left out where it does not matter
     * @param leftoverG what will be left over
     */
    public record ScaleRequest(
            @Valid @NotNull SheetRequest on,
            @Nullable Double factor,
            @Nullable @Within(low = 0, above = true, high = 1_000_000, unit = "g") Double yieldG,
            @Nullable Integer line,
            @Nullable Double grams,
            @Nullable @Within(low = 0, above = true, high = 10_000, unit = "g") Double eachG,
            @Nullable @Within(low = 1, high = 1_000_000) Integer pieces,
            @Nullable @Within(low = 20, high = 500_000, unit = "ml") Double panMl,
            @Nullable @Within(low = 20, high = 500_000, unit = "ml") Double blenderMl,
            @Nullable @Within(low = 20, high = 500_000, unit = "ml") Double bowlMl,
            @Nullable @Within(low = 0, above = true, high = 1_000_000, unit = "g")
                    Double leftoverG) {}

    /** The label of a jar. */
    public record LeftoverView(
            String name,
            double grams,
            LocalDate made,
            LocalDate useBy,
            boolean keepCold,
            List<Allergen> allergens,
            List<SentenceView> ideas) {}

    /**
     * How a line is measured out.
     *
     * @param spoons cups, spoons and pinches, the largest first; empty where it is weighed
     */
    public record MeasuredView(double grams, List<SpoonView> spoons) {

        static MeasuredView of(final RecipeLine line) {
            return new MeasuredView(
                    line.massG(),
                    KitchenMeasure.of(line.amount(), line.unit()).spoons().stream()
                            .map(s -> new SpoonView(s.amount(), s.unit().symbol()))
                            .toList());
        }
    }

    /** So many of a unit, as its symbol is written; halves, quarters and eighths at most. */
    public record SpoonView(double amount, String unit) {}

    /**
     * The recipe in its new size.
     *
     * @param measured how its lines are measured out, operation by operation
     */
    public record ScaleView(
            double factor,
            double yieldG,
            int rounds,
            List<SentenceView> says,
            RecipeDraft recipe,
            List<List<MeasuredView>> measured,
            @Nullable LeftoverView leftover) {}

    public ScaleView scale(final ScaleRequest request) {
        final RecipeDraft recipe = request.on().recipe();
        final OnBench bench = reader.read(request.on());
        final List<Operation> operations = bench.operations();
        final Scaling.Kitchen kitchen =
                new Scaling.Kitchen(vessels(request), bench.conditions().pressureHPa());
        final Scaling scaling;
        if (request.pieces() != null && request.eachG() != null) {
            scaling =
                    Scaling.toPieces(
                            operations,
                            request.eachG(),
                            request.pieces(),
                            houses.house().habits().fillingSurplus(),
                            kitchen);
        } else if (request.yieldG() != null) {
            scaling = Scaling.toYield(operations, request.yieldG(), kitchen);
        } else if (request.line() != null && request.grams() != null) {
            scaling = Scaling.toLine(operations, request.line(), request.grams(), kitchen);
        } else {
            scaling =
                    Scaling.by(
                            operations, request.factor() == null ? 1 : request.factor(), kitchen);
        }
        return new ScaleView(
                scaling.factor(),
                scaling.yieldG(),
                scaling.rounds(),
                scaling.says().stream().map(SentenceView::of).toList(),
                FillingBooks.draft(
                        recipe.name(),
                        recipe.styleOrUsual(),
                        scaling.operations(),
                        bench.pots(),
                        recipe.version()),
                scaling.operations().stream()
                        .map(op -> op.lines().stream().map(MeasuredView::of).toList())
                        .toList(),
                leftover(request, bench));
    }

    private static Map<RecipeVessel, Double> vessels(final ScaleRequest request) {
        final Map<RecipeVessel, Double> vessels = new EnumMap<>(RecipeVessel.class);
        put(vessels, RecipeVessel.PAN, request.panMl());
        put(vessels, RecipeVessel.BLENDER, request.blenderMl());
        put(vessels, RecipeVessel.BOWL, request.bowlMl());
        return vessels;
    }

    private static void put(
            final Map<RecipeVessel, Double> vessels,
            final RecipeVessel vessel,
            final Double holdsMl) {
        if (holdsMl != null) {
            vessels.put(vessel, holdsMl);
        }
    }

    private LeftoverView leftover(final ScaleRequest request, final OnBench bench) {
        if (request.leftoverG() == null) {
            return null;
        }
        final Leftover jar =
                Leftover.of(
                        request.on().recipe().name(),
                        request.leftoverG(),
                        LocalDate.ofInstant(clock.instant(), houses.house().zone()),
                        FillingFigures.of(
                                bench.properties(), request.on().recipe().styleOrUsual().bands()));
        return new LeftoverView(
                jar.name(),
                jar.grams(),
                jar.made(),
                jar.useBy(),
                jar.keepCold(),
                List.copyOf(jar.allergens()),
                jar.ideas().stream().map(SentenceView::of).toList());
    }
}
