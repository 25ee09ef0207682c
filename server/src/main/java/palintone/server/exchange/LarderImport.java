package palintone.server.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import palintone.core.mould.Bar;
import palintone.core.mould.Cavity;
import palintone.core.mould.Dome;
import palintone.core.mould.HalfSphere;
import palintone.core.mould.Mould;
import palintone.core.substance.Allergen;
import palintone.core.substance.FunctionalClass;
import palintone.core.temper.CouvertureKind;
import palintone.server.larder.IngredientDraft;
import palintone.server.larder.LarderService;
import palintone.server.larder.TraitsView;
import palintone.server.mould.MouldEntity;
import palintone.server.mould.MouldRepository;

/** Reads ingredients.csv and moulds.csv. */
@Component
class LarderImport {

    private final LarderService larder;
    private final MouldRepository moulds;
    private final ImportProgress progress;

    LarderImport(
            final LarderService larder,
            final MouldRepository moulds,
            final ImportProgress progress) {
        this.progress = progress;
        this.larder = larder;
        this.moulds = moulds;
    }

    /**
     * One ingredient a row: id, name, couverture, density_g_per_ml, allergens (separated by
     * spaces), source, from_memory, and if wanted ph, piece_g, price_per_kg, gel_strength, natures,
     * estimated; and a column in g per 100 g for each component that occurs.
     */
    int ingredients(final NamedFile file) {
        final List<CsvRow> rows = CsvRow.read(file);
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        progress.begin(file.name(), rows.size());
        for (final CsvRow row : rows) {
            row.take(
                    () -> {
                        final IngredientDraft draft = ingredient(row);
                        draft.check(row.text("id"));
                        drafts.put(row.text("id"), draft);
                    });
        }
        larder.putAll(drafts, progress::done);
        return rows.size();
    }

    private static TraitsView traits(final CsvRow row) {
        final List<FunctionalClass> natures = new ArrayList<>();
        Arrays.stream(row.optional("natures").split("\\s+"))
                .filter(word -> !word.isEmpty())
                .forEach(word -> natures.add(row.choice("natures", word, FunctionalClass.class)));
        return new TraitsView(
                optional(row, "ph"),
                optional(row, "piece_g"),
                optional(row, "price_per_kg"),
                optional(row, "gel_strength"),
                natures,
                "yes".equals(row.optional("estimated")));
    }

    private static Double optional(final CsvRow row, final String column) {
        return row.optional(column).isEmpty() ? null : row.number(column);
    }

    private static IngredientDraft ingredient(final CsvRow row) {
        final Map<palintone.core.substance.Component, Double> parts =
                new EnumMap<>(palintone.core.substance.Component.class);
        for (final var component : palintone.core.substance.Component.values()) {
            final double grams = row.numberOrZero(component.name().toLowerCase(Locale.ROOT));
            if (grams != 0) {
                parts.put(component, grams);
            }
        }
        final Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        Arrays.stream(row.optional("allergens").split("\\s+"))
                .filter(word -> !word.isEmpty())
                .forEach(word -> allergens.add(row.choice("allergens", word, Allergen.class)));
        final String kind = row.optional("couverture");
        return new IngredientDraft(
                row.text("name"),
                row.number("density_g_per_ml"),
                parts,
                allergens,
                kind.isEmpty() ? null : row.choice("couverture", kind, CouvertureKind.class),
                row.text("source"),
                "yes".equals(row.optional("from_memory")),
                traits(row),
                null);
    }

    /**
     * One mould a row: id, name, shape, length_mm (diameter of round shapes), width_mm, depth_mm,
     * draft_degrees, cavities, owned.
     */
    int moulds(final NamedFile file) {
        final List<CsvRow> rows = CsvRow.read(file);
        for (final CsvRow row : rows) {
            row.take(
                    () -> {
                        final Mould mould =
                                new Mould(
                                        row.text("id"),
                                        row.text("name"),
                                        cavity(row),
                                        row.whole("cavities"),
                                        row.whole("owned"));
                        final MouldEntity entity =
                                moulds.findById(mould.id())
                                        .orElseGet(() -> new MouldEntity(mould.id()));
                        entity.take(mould);
                        moulds.save(entity);
                    });
        }
        return rows.size();
    }

    private static Cavity cavity(final CsvRow row) {
        return switch (row.choice("shape", row.text("shape"), MouldEntity.Shape.class)) {
            case HALF_SPHERE -> new HalfSphere(row.number("length_mm"));
            case DOME -> new Dome(row.number("length_mm"), row.number("depth_mm"));
            case BAR ->
                    new Bar(
                            row.number("length_mm"),
                            row.number("width_mm"),
                            row.number("depth_mm"),
                            row.number("draft_degrees"));
        };
    }
}
