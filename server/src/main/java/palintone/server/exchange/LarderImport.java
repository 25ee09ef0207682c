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
import palintone.core.figure.OutOfRangeException;
import palintone.core.mould.MouldBody;
import palintone.core.mould.Shape;
import palintone.core.substance.Allergen;
import palintone.core.substance.FunctionalClass;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.flow.FluidityClass;
import palintone.server.larder.BagDraft;
import palintone.server.larder.IngredientDraft;
import palintone.server.larder.LarderService;
import palintone.server.larder.TraitsView;
import palintone.server.mould.MouldDraft;
import palintone.server.mould.MouldService;

/** Reads ingredients.csv and moulds.csv. */
@Component
class LarderImport {

    private final LarderService larder;
    private final MouldService moulds;
    private final ImportProgress progress;

    LarderImport(
            final LarderService larder, final MouldService moulds, final ImportProgress progress) {
        this.progress = progress;
        this.larder = larder;
        this.moulds = moulds;
    }

    /**
     * One ingredient a row: id, name, couverture, density_g_per_ml, allergens (separated by
     * spaces), source, from_memory, and if wanted ph, piece_g, price_per_kg, gel_strength, natures,
     * estimated, fluidity, bag_melt_c, bag_cool_c, bag_work_c; and a column in g per 100 g for each
     * component that occurs.
     */
    int ingredients(final NamedFile file) {
        final List<CsvRow> rows = CsvRow.read(file);
        progress.begin(file.name(), rows.size());
        larder.putAll(ingredientDrafts(rows), progress::done);
        return rows.size();
    }

    static Map<String, IngredientDraft> ingredientDrafts(final List<CsvRow> rows) {
        final Map<String, IngredientDraft> drafts = new LinkedHashMap<>();
        for (final CsvRow row : rows) {
            row.take(
                    () -> {
                        final IngredientDraft draft = ingredient(row);
                        draft.check(row.text("id"));
                        drafts.put(row.text("id"), draft);
                    });
        }
        return drafts;
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

    private static Set<Allergen> allergens(final CsvRow row, final String column) {
        final Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        Arrays.stream(row.optional(column).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .forEach(word -> allergens.add(row.choice(column, word, Allergen.class)));
        return allergens;
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
        final String kind = row.optional("couverture");
        return new IngredientDraft(
                row.text("name"),
                row.number("density_g_per_ml"),
                parts,
                allergens(row, "allergens"),
                kind.isEmpty() ? null : row.choice("couverture", kind, CouvertureKind.class),
                row.text("source"),
                "yes".equals(row.optional("from_memory")),
                traits(row),
                bag(row),
                null);
    }

    private static BagDraft bag(final CsvRow row) {
        return new BagDraft(
                row.optional("fluidity").isEmpty()
                        ? null
                        : row.choice("fluidity", row.text("fluidity"), FluidityClass.class),
                optional(row, "bag_melt_c"),
                optional(row, "bag_cool_c"),
                optional(row, "bag_work_c"));
    }

    /**
     * One mould a row: id, name, shape, cavities, owned, and those measures its shape asks for:
     * length_mm (diameter of round shapes), width_mm, depth_mm, floor_mm, draft_degrees, water_g,
     * water_c, outline (points as across:down, separated by spaces); if wanted rows, material,
     * build, wall_mm, scratched and last_held (allergens separated by spaces).
     */
    int moulds(final NamedFile file) {
        final List<CsvRow> rows = CsvRow.read(file);
        for (final CsvRow row : rows) {
            row.take(() -> moulds.put(row.text("id"), mould(row)));
        }
        return rows.size();
    }

    static MouldDraft mould(final CsvRow row) {
        final Shape shape = row.choice("shape", row.text("shape"), Shape.class);
        return new MouldDraft(
                row.text("name"),
                shape,
                optional(row, "length_mm"),
                optional(row, "width_mm"),
                optional(row, "depth_mm"),
                optional(row, "floor_mm"),
                optional(row, "draft_degrees"),
                optional(row, "water_g"),
                optional(row, "water_c"),
                points(row),
                row.whole("cavities"),
                row.optional("rows").isEmpty() ? 1 : row.whole("rows"),
                row.whole("owned"),
                row.optional("material").isEmpty()
                        ? MouldBody.USUAL.material()
                        : row.choice("material", row.text("material"), MouldBody.Material.class),
                row.optional("build").isEmpty()
                        ? MouldBody.USUAL.build()
                        : row.choice("build", row.text("build"), MouldBody.Build.class),
                row.optional("wall_mm").isEmpty()
                        ? MouldBody.USUAL.wallMm()
                        : row.number("wall_mm"),
                "yes".equals(row.optional("scratched")),
                allergens(row, "last_held"),
                null);
    }

    private static List<MouldDraft.DrawnPoint> points(final CsvRow row) {
        final String outline = row.optional("outline");
        if (outline.isEmpty()) {
            return null;
        }
        final List<MouldDraft.DrawnPoint> points = new ArrayList<>();
        for (final String pair : outline.split("\\s+")) {
            final String[] both = pair.split(":");
            try {
                points.add(
                        new MouldDraft.DrawnPoint(
                                Double.valueOf(both[0]), Double.valueOf(both[1])));
            } catch (NumberFormatException | ArrayIndexOutOfBoundsException wrong) {
                throw new OutOfRangeException(
                        "outline", "\"" + pair + "\"", "points as 12.5:0 in mm, across:down");
            }
        }
        return points;
    }
}
