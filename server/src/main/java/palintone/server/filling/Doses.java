package palintone.server.filling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.filling.Filling;
import palintone.core.filling.pot.RecipeLine;
import palintone.core.filling.record.TaughtDose;
import palintone.core.work.BenchDoses;
import palintone.server.figure.FigureView;

/** What goes in by taste: what was noted of it at the Bench, and what that says of a recipe. */
@Service
public class Doses {

    /** The newest count: a new bottle is of another strength. */
    private static final int NEWEST = 12;

    private final DoseRepository doses;
    private final FillingRepository fillings;
    private final BenchReader reader;

    Doses(final DoseRepository doses, final FillingRepository fillings, final BenchReader reader) {
        this.doses = doses;
        this.fillings = fillings;
        this.reader = reader;
    }

    /**
     * What was tasted of one line of a recipe.
     *
     * @param writtenG of it in the recipe
     * @param tasted so often, here
     * @param inRecipe what tastes right here
     * @param recipe with so much of it
     */
    record TaughtDoseView(
            String name, double writtenG, int tasted, FigureView inRecipe, RecipeDraft recipe) {}

    /**
     * A recipe, and whose tastings count.
     *
     * @param on with the id of its filling
     */
    record DosesRequest(@Valid @NotNull SheetRequest on) {}

    /** What the tastings say of a recipe on the bench, each line that was tasted. */
    @Transactional(readOnly = true)
    List<TaughtDoseView> taught(final DosesRequest request) {
        final String id = request.on().filling();
        if (id == null || !fillings.existsById(id)) {
            return List.of();
        }
        final OnBench bench = reader.read(request.on());
        final Map<String, List<Double>> shares = new LinkedHashMap<>();
        doses.findByFillingIdOrderByNotedAtDesc(id, Limit.of(NEWEST))
                .forEach(
                        dose ->
                                shares.computeIfAbsent(
                                                dose.ingredientId(), any -> new ArrayList<>())
                                        .add(dose.share()));
        final List<TaughtDoseView> views = new ArrayList<>();
        for (final RecipeLine line :
                bench.operations().stream().flatMap(op -> op.toTaste().stream()).toList()) {
            final List<Double> of = shares.getOrDefault(line.ingredient().id(), List.of());
            TaughtDose.of(bench.operations(), line, of)
                    .map(
                            taught ->
                                    new TaughtDoseView(
                                            line.ingredient().name(),
                                            line.massG(),
                                            of.size(),
                                            FigureView.of(taught.inRecipe()),
                                            FillingBooks.draft(
                                                    request.on().recipe().name(),
                                                    request.on().recipe().styleOrUsual(),
                                                    taught.operations(),
                                                    bench.pots(),
                                                    request.on().recipe().version())))
                    .ifPresent(views::add);
        }
        return views;
    }

    /**
     * What a batch has noted, worked out here, written when it is run: what it noted before is
     * replaced.
     *
     * @param made the fillings of its piece
     * @param noted at the Bench
     * @param at now
     */
    public Runnable fromBench(
            final UUID batch,
            final List<Filling> made,
            final List<BenchDoses> noted,
            final Instant at) {
        final List<DoseEntity> rows = new ArrayList<>();
        for (final BenchDoses dose : noted) {
            for (final Filling filling : made) {
                final Filling recipe = filling.flavour().map(f -> f.base()).orElse(filling);
                final List<RecipeLine> lines = recipe.toTaste();
                if (recipe.name().equals(dose.filling()) && dose.place() < lines.size()) {
                    final RecipeLine line = lines.get(dose.place());
                    rows.add(
                            new DoseEntity(
                                    id(batch) + dose.task(),
                                    recipe.id(),
                                    line.ingredient().id(),
                                    TaughtDose.share(recipe.operations(), line, dose.share()),
                                    at));
                    break;
                }
            }
        }
        return () -> {
            final List<String> kept = rows.stream().map(DoseEntity::id).toList();
            doses.findByIdStartingWith(id(batch)).stream()
                    .filter(row -> !kept.contains(row.id()))
                    .forEach(doses::delete);
            doses.saveAllAndFlush(rows);
        };
    }

    private static String id(final UUID batch) {
        return "bench-" + batch + "-";
    }
}
