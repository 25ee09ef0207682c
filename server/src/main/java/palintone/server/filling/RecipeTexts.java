package palintone.server.filling;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Style;
import palintone.core.filling.pot.FromPot;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.read.EverydayNames;
import palintone.core.filling.read.LarderNames;
import palintone.core.filling.read.Likeness;
import palintone.core.filling.read.PartUse;
import palintone.core.filling.read.WrittenLine;
import palintone.core.filling.read.WrittenRecipe;
import palintone.core.substance.KitchenUnit;
import palintone.server.larder.LarderService;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Recipes from outside: plain text, schema.org Recipe in JSON-LD, a table, or our own JSON. What it
 * is, is told by how it begins; every line is held against the larder, and what is not surely found
 * is asked about.
 */
@Service
public class RecipeTexts {

    private static final int LONGEST = 100_000;

    private final LarderService larder;
    private final JsonMapper json;
    private final EverydayNames everyday;

    RecipeTexts(
            final LarderService larder,
            final JsonMapper json,
            @Value("classpath:larder/everyday-names.txt") final Resource names)
            throws IOException {
        everyday = new EverydayNames(names.getContentAsString(StandardCharsets.UTF_8));
        this.larder = larder;
        this.json = json;
    }

    /** Text of a recipe in any of the four ways. */
    public record TextDraft(@NotNull String text) {}

    /** A name of the larder that may be meant. */
    public record CandidateView(String id, String name, double score) {}

    /**
     * A line as it was read.
     *
     * @param ingredient the id where it was surely or likely found
     * @param grams of it, where it was found and can be weighed
     */
    public record ReadLineView(
            String raw,
            double amount,
            String unit,
            String words,
            @Nullable String ingredient,
            LarderNames.Sureness sureness,
            @Nullable Double grams,
            List<CandidateView> candidates) {}

    /**
     * An operation as it was read.
     *
     * @param asks settings the text ought to say and does not
     * @param pot which pot it is done to, counted from 0
     * @param fromPot the pot something is taken out of
     * @param takenG how much of it, g
     * @param takenPercent or which share of it, %; all of it where neither is said
     */
    public record ReadOperationView(
            OperationKind kind,
            Map<OperationSetting, Double> settings,
            List<OperationSetting> asks,
            List<ReadLineView> lines,
            int pot,
            @Nullable Integer fromPot,
            @Nullable Double takenG,
            @Nullable Double takenPercent) {}

    /**
     * A piece of the text with what of it was not used.
     *
     * @param parts of it; none where all of it was left out
     * @param putFirst whether it is a line that no sentence names: it goes in first
     */
    public record UnusedView(String text, List<String> parts, boolean putFirst) {

        static UnusedView of(final WrittenRecipe.Unused unused) {
            return new UnusedView(
                    unused.text(),
                    unused.parts().stream()
                            .filter(part -> !part.equals(WrittenRecipe.PUT_FIRST))
                            .toList(),
                    unused.parts().contains(WrittenRecipe.PUT_FIRST));
        }
    }

    /**
     * A recipe as it was read.
     *
     * @param style what it is most likely meant to be
     * @param text that was read: places of spans are places in it
     * @param spans where each part of it went
     * @param pots what its pots are called, none where there is one
     */
    public record ReadRecipeView(
            String name,
            String format,
            Style style,
            List<ReadOperationView> operations,
            List<UnusedView> unused,
            int unmatched,
            String text,
            List<SpanView> spans,
            List<String> pots) {}

    /**
     * A stretch of the text.
     *
     * @param from where it begins
     * @param to where it ends, exclusive
     */
    public record SpanView(int from, int to, PartUse went) {}

    public ReadRecipeView read(final TextDraft draft) {
        final String text = Require.text("recipe", draft.text(), LONGEST).strip();
        if (text.startsWith("{") || text.startsWith("[")) {
            return json(text);
        }
        final String first = text.lines().findFirst().orElse("");
        if (first.toLowerCase(java.util.Locale.ROOT)
                .matches("\"?ingredient\"?[,;\\t].*\\b(amount|unit)\\b.*")) {
            return view("", "table", table(text, first));
        }
        return view(title(text), "text", text);
    }

    /** The first line that is neither ingredient nor operation makes a title. */
    private static String title(final String text) {
        final String first = text.lines().findFirst().orElse("").strip();
        return first.length() <= 120
                        && !first.matches(".*\\d.*|.*:.*")
                        && WrittenLine.read(first).isEmpty()
                ? first
                : "";
    }

    private ReadRecipeView json(final String text) {
        final JsonNode tree;
        try {
            tree = json.readTree(text);
        } catch (JacksonException e) {
            throw new OutOfRangeException(
                    "recipe",
                    e.getLocation() == null
                            ? "JSON that cannot be read"
                            : "JSON that breaks off at line " + e.getLocation().getLineNr(),
                    "whole JSON, or plain text");
        }
        final JsonNode recipe = recipeNode(tree);
        if (recipe.has("recipeIngredient")) {
            final StringBuilder lines = new StringBuilder();
            recipe.get("recipeIngredient").forEach(n -> lines.append(n.asString("")).append('\n'));
            instructions(recipe.path("recipeInstructions"), lines);
            return view(recipe.path("name").asString(""), "schema.org Recipe", lines.toString());
        }
        if (recipe.has("operations")) {
            return own(recipe);
        }
        throw new OutOfRangeException(
                "recipe",
                "JSON without recipeIngredient or operations",
                "a schema.org Recipe, or a recipe saved here");
    }

    private static JsonNode recipeNode(final JsonNode tree) {
        final JsonNode inside = tree.has("@graph") ? tree.get("@graph") : tree;
        if (inside.isArray()) {
            for (final JsonNode each : inside) {
                if (each.has("recipeIngredient") || each.has("operations")) {
                    return each;
                }
            }
        }
        return inside.has("recipe") ? inside.get("recipe") : inside;
    }

    private static void instructions(final JsonNode node, final StringBuilder lines) {
        if (node.isString()) {
            lines.append(node.asString()).append('\n');
        } else if (node.isArray()) {
            node.forEach(each -> instructions(each, lines));
        } else if (node.has("text")) {
            lines.append(node.get("text").asString("")).append('\n');
        } else if (node.has("itemListElement")) {
            instructions(node.get("itemListElement"), lines);
        }
    }

    private ReadRecipeView own(final JsonNode recipe) {
        final RecipeDraft draft;
        try {
            draft = json.treeToValue(recipe, RecipeDraft.class);
        } catch (JacksonException e) {
            throw new OutOfRangeException(
                    "recipe",
                    "JSON of another shape",
                    "a recipe saved here: " + e.getOriginalMessage());
        }
        final List<Likeness.Named> named = larder.named();
        final List<ReadOperationView> operations = new ArrayList<>();
        int unmatched = 0;
        for (final RecipeDraft.OperationDraft op : draft.operations()) {
            final List<ReadLineView> lines = new ArrayList<>();
            for (final RecipeDraft.RecipeLineDraft line :
                    op.lines() == null ? List.<RecipeDraft.RecipeLineDraft>of() : op.lines()) {
                final boolean here = named.stream().anyMatch(n -> n.id().equals(line.ingredient()));
                unmatched += here ? 0 : 1;
                lines.add(
                        new ReadLineView(
                                line.ingredient(),
                                line.amount(),
                                line.unit(),
                                line.ingredient(),
                                here ? line.ingredient() : null,
                                here ? LarderNames.Sureness.SURE : LarderNames.Sureness.GUESSED,
                                null,
                                candidates(line.ingredient().replace('-', ' '), named)));
            }
            operations.add(
                    new ReadOperationView(
                            op.kind(),
                            op.settings() == null ? Map.of() : op.settings(),
                            List.of(),
                            lines,
                            op.pot() == null ? 0 : op.pot(),
                            op.fromPot(),
                            op.takenG(),
                            op.takenPercent()));
        }
        return new ReadRecipeView(
                draft.name() == null ? "" : draft.name(),
                "ours",
                draft.styleOrUsual(),
                operations,
                List.of(),
                unmatched,
                "",
                List.of(),
                draft.potNames());
    }

    /** A table of ingredient, amount, unit and, if there is one, operation. */
    private static String table(final String text, final String header) {
        final char comma = header.contains(";") ? ';' : header.contains("\t") ? '\t' : ',';
        final CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(comma)
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setIgnoreHeaderCase(true)
                        .setTrim(true)
                        .get();
        final StringBuilder lines = new StringBuilder();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            String open = "";
            for (final CSVRecord row : parser) {
                for (final String column : List.of("amount", "unit")) {
                    if (!row.isMapped(column) || !row.isSet(column)) {
                        throw new OutOfRangeException(
                                "table, row " + (row.getRecordNumber() + 1) + " " + column,
                                "missing",
                                "columns ingredient, amount, unit and, if wanted, operation");
                    }
                }
                final String line =
                        row.get("amount") + " " + row.get("unit") + " " + row.get("ingredient");
                final String op =
                        row.isMapped("operation") && row.isSet("operation")
                                ? row.get("operation")
                                : "";
                if (op.isBlank()) {
                    lines.append(line).append('\n');
                } else {
                    lines.append(op.equals(open) ? "add" : op)
                            .append(": ")
                            .append(line)
                            .append('\n');
                    open = op;
                }
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            throw new OutOfRangeException("table", "not readable", "a table with a header");
        }
        return lines.toString();
    }

    private ReadRecipeView view(final String name, final String format, final String text) {
        final WrittenRecipe written = WrittenRecipe.read(text);
        final LarderNames names = new LarderNames(everyday, larder.named());
        final List<ReadOperationView> operations = new ArrayList<>();
        int unmatched = 0;
        for (final WrittenRecipe.Doing doing : written.doings()) {
            final List<ReadLineView> lines = new ArrayList<>();
            for (final var line : doing.lines()) {
                final ReadLineView read = line(line, names);
                unmatched += read.ingredient() == null ? 1 : 0;
                lines.add(read);
            }
            operations.add(
                    new ReadOperationView(
                            doing.kind(),
                            doing.settings(),
                            doing.asks(),
                            lines,
                            doing.pot(),
                            doing.from().map(FromPot::pot).orElse(null),
                            RecipeDraft.gramsOf(doing.from()),
                            RecipeDraft.percentOf(doing.from())));
        }
        return new ReadRecipeView(
                name,
                format,
                written.likely(),
                operations,
                written.unused().stream()
                        .filter(u -> !u.text().equals(name))
                        .map(UnusedView::of)
                        .toList(),
                unmatched,
                text,
                written.spans().stream()
                        // The name is used: it is the recipe's.
                        .filter(span -> !text.startsWith(name) || span.to() > name.length())
                        .map(span -> new SpanView(span.from(), span.to(), span.went()))
                        .toList(),
                written.pots());
    }

    private ReadLineView line(final WrittenLine line, final LarderNames names) {
        final LarderNames.Found found = names.of(line.words());
        final String id = found.id().orElse(null);
        return new ReadLineView(
                line.raw(),
                line.amount(),
                line.unit().symbol(),
                line.words(),
                id,
                found.sureness(),
                id == null ? null : grams(id, line.amount(), line.unit()),
                found.near().stream()
                        .map(c -> new CandidateView(c.id(), c.name(), c.score()))
                        .toList());
    }

    private @Nullable Double grams(final String id, final double amount, final KitchenUnit unit) {
        try {
            return unit.toGrams(amount, larder.ingredient(id));
        } catch (OutOfRangeException e) {
            // Nobody has said what a piece of it weighs: the bench asks when it is used.
            return null;
        }
    }

    private static List<CandidateView> candidates(
            final String words, final List<Likeness.Named> named) {
        return Likeness.nearest(words, named).stream()
                .map(c -> new CandidateView(c.id(), c.name(), c.score()))
                .toList();
    }
}
