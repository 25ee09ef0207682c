package palintone.server.filling;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Appraisal;
import palintone.core.filling.Conditions;
import palintone.core.filling.Quality;
import palintone.core.filling.Style;
import palintone.core.filling.pot.Cooking;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.record.Correction;
import palintone.core.filling.record.Difference;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Keeps fillings with their versions, tastings and measurements. */
@Service
public class FillingBooks {

    private final FillingRepository fillings;
    private final FillingVersionRepository versions;
    private final FillingNoteRepository notes;
    private final RecipeReader reader;

    FillingBooks(
            final FillingRepository fillings,
            final FillingVersionRepository versions,
            final FillingNoteRepository notes,
            final RecipeReader reader) {
        this.fillings = fillings;
        this.versions = versions;
        this.notes = notes;
        this.reader = reader;
    }

    /** A filling in the list. */
    public record FillingSummaryView(String id, String name, Style style, int number) {}

    /** A recipe as it stands, ready to be changed. */
    public record RecipeView(String id, int number, RecipeDraft recipe) {}

    /** One version in the list. */
    public record RecipeVersionView(int number, Instant savedAt, String note) {}

    /** What was noted of a version. */
    public record FillingNoteView(
            int number,
            Instant notedAt,
            FillingNoteEntity.Kind kind,
            @Nullable Double measured,
            @Nullable Integer score,
            String words) {}

    /** A tasting or a measurement as it was written down. */
    public record FillingNoteDraft(
            @Nullable Integer number,
            FillingNoteEntity.Kind kind,
            @Nullable Double measured,
            @Nullable Integer score,
            @Nullable String words) {}

    @Transactional(readOnly = true)
    public PageView<FillingSummaryView> list(final String part, final int page, final int size) {
        return PageView.of(
                fillings.findByNameContainingIgnoreCaseOrderByName(
                        part, PageView.request(page, size)),
                f -> new FillingSummaryView(f.id(), f.name(), f.style(), f.number()));
    }

    @Transactional(readOnly = true)
    public RecipeView recipe(final String id) {
        return view(byId(id));
    }

    private static RecipeView view(final FillingEntity f) {
        return new RecipeView(
                f.id(),
                f.number(),
                draft(f.name(), f.style(), f.filling().operations(), f.version()));
    }

    static RecipeDraft draft(
            final String name,
            final Style style,
            final List<Operation> operations,
            final long version) {
        return new RecipeDraft(
                name,
                style,
                operations.stream().map(RecipeDraft.OperationDraft::of).toList(),
                null,
                version);
    }

    /**
     * Writes a filling, new or known, as its next version.
     *
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public RecipeView save(final String id, final RecipeDraft draft) {
        final RecipeReader.Read read = reader.read(Require.text("id", id, 64), draft);
        // What cannot be cooked is not kept.
        read.filling().cooked();
        final FillingEntity entity = fillings.findById(id).orElseGet(() -> new FillingEntity(id));
        if (!entity.fresh()) {
            StaleVersionException.check(entity.name(), draft.version(), entity.version());
        }
        return write(entity, draft, read);
    }

    /** Writes without asking what it rests on; used by the import. */
    @Transactional
    public void put(final String id, final RecipeDraft draft) {
        final RecipeReader.Read read = reader.read(Require.text("id", id, 64), draft);
        read.filling().cooked();
        write(fillings.findById(id).orElseGet(() -> new FillingEntity(id)), draft, read);
    }

    private RecipeView write(
            final FillingEntity entity, final RecipeDraft draft, final RecipeReader.Read read) {
        entity.take(read.filling(), draft.styleOrUsual(), read.steps(), read.lines());
        final FillingEntity kept = fillings.saveAndFlush(entity);
        final String note = draft.note() == null ? "" : draft.note();
        versions.saveAndFlush(
                new FillingVersionEntity(
                        kept,
                        Instant.now(),
                        note.substring(0, Math.min(500, note.length())),
                        read.steps(),
                        read.lines()));
        return view(kept);
    }

    @Transactional(readOnly = true)
    public List<RecipeVersionView> versions(final String id) {
        return versions.findByFillingIdOrderByNumberDesc(byId(id).id()).stream()
                .map(v -> new RecipeVersionView(v.number(), v.savedAt(), v.note()))
                .toList();
    }

    /** A version as a draft on top of the newest state, to look at or to return to. */
    @Transactional(readOnly = true)
    public RecipeView version(final String id, final int number) {
        final FillingEntity f = byId(id);
        return new RecipeView(
                id,
                number,
                draft(f.name(), f.style(), byNumber(id, number).operations(), f.version()));
    }

    @Transactional(readOnly = true)
    public Difference difference(final String id, final int from, final int to) {
        return Difference.between(byNumber(id, from).operations(), byNumber(id, to).operations());
    }

    @Transactional(readOnly = true)
    public List<FillingNoteView> notes(final String id) {
        return notes.findByFillingIdOrderByNotedAtDesc(byId(id).id()).stream()
                .map(
                        n ->
                                new FillingNoteView(
                                        n.number(),
                                        n.notedAt(),
                                        n.kind(),
                                        n.measured(),
                                        n.score(),
                                        n.words()))
                .toList();
    }

    @Transactional
    public List<FillingNoteView> note(final String id, final FillingNoteDraft draft) {
        final FillingEntity filling = byId(id);
        if (draft.kind() == null) {
            throw new OutOfRangeException("kind of note", "missing", "tasting, measurement");
        }
        final int number = draft.number() == null ? filling.number() : draft.number();
        byNumber(id, number);
        check(draft);
        notes.saveAndFlush(
                new FillingNoteEntity(
                        filling,
                        number,
                        Instant.now(),
                        draft.kind(),
                        draft.measured(),
                        draft.score(),
                        draft.words() == null ? "" : draft.words()));
        return notes(id);
    }

    private static void check(final FillingNoteDraft draft) {
        if (draft.score() != null) {
            Require.between("score", draft.score(), 1, 10, "");
        }
        final double value = draft.measured() == null ? Double.NaN : draft.measured();
        switch (draft.kind()) {
            case WATER_ACTIVITY -> Require.between("water activity", value, 0.05, 1, "");
            case PH -> Require.between("pH", value, 1, 12, "");
            case FIRMNESS -> Require.between("firmness", value, 0, 12, "");
            default -> {
                if (draft.score() == null && (draft.words() == null || draft.words().isBlank())) {
                    throw new OutOfRangeException("tasting", "empty", "a score or some words");
                }
            }
        }
    }

    /** What the workshop's own measurements say of the models for this recipe. */
    @Transactional(readOnly = true)
    public Map<Correction.Of, Correction> corrections(final String id) {
        final Map<Correction.Of, List<Double>> differences = new EnumMap<>(Correction.Of.class);
        final Map<Integer, Appraisal> cooked = new HashMap<>();
        for (final FillingNoteEntity n : notes.findByFillingIdOrderByNotedAtDesc(id)) {
            if (n.measured() == null || n.kind() == FillingNoteEntity.Kind.TASTING) {
                continue;
            }
            final Appraisal then =
                    cooked.computeIfAbsent(
                            n.number(),
                            number ->
                                    Appraisal.of(
                                            Cooking.cook(byNumber(id, number).operations()),
                                            Conditions.USUAL));
            final Correction.Of what = Correction.Of.valueOf(n.kind().name());
            differences
                    .computeIfAbsent(what, w -> new ArrayList<>())
                    .add(n.measured() - then.value(quality(what)));
        }
        final Map<Correction.Of, Correction> corrections = new EnumMap<>(Correction.Of.class);
        differences.forEach((what, list) -> corrections.put(what, Correction.of(what, list)));
        return corrections;
    }

    private static Quality quality(final Correction.Of what) {
        return switch (what) {
            case WATER_ACTIVITY -> Quality.WATER_ACTIVITY;
            case PH -> Quality.ACIDITY;
            case FIRMNESS -> Quality.FIRMNESS;
        };
    }

    /** A recipe as schema.org describes one. */
    @Transactional(readOnly = true)
    public Map<String, Object> linked(final String id) {
        final FillingEntity f = byId(id);
        final List<String> ingredients = new ArrayList<>();
        final List<Map<String, String>> steps = new ArrayList<>();
        for (final Operation op : f.filling().operations()) {
            op.lines()
                    .forEach(
                            l ->
                                    ingredients.add(
                                            number(l.amount())
                                                    + " "
                                                    + l.unit().symbol()
                                                    + " "
                                                    + l.ingredient().name()));
            steps.add(Map.of("@type", "HowToStep", "text", words(op)));
        }
        final Map<String, Object> recipe = new java.util.LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", f.name());
        recipe.put("recipeIngredient", ingredients);
        recipe.put("recipeInstructions", steps);
        return recipe;
    }

    private static String words(final Operation op) {
        final StringBuilder text = new StringBuilder(op.kind().words());
        op.settings()
                .forEach(
                        (setting, value) ->
                                text.append(
                                                setting == palintone.core.filling.pot.Setting.MASS_G
                                                        ? " to "
                                                        : " ")
                                        .append(number(value))
                                        .append(' ')
                                        .append(setting.unit().symbol()));
        if (!op.lines().isEmpty()) {
            text.append(" with ")
                    .append(
                            op.lines().stream()
                                    .map(l -> l.ingredient().name())
                                    .collect(java.util.stream.Collectors.joining(", ")));
        }
        return text.append('.').toString();
    }

    private static String number(final double value) {
        return java.math.BigDecimal.valueOf(Math.round(value * 1000) / 1000.0)
                .stripTrailingZeros()
                .toPlainString();
    }

    private FillingEntity byId(final String id) {
        return fillings.findById(Require.text("filling", id, 64))
                .orElseThrow(() -> new NotHereException("filling", id));
    }

    private FillingVersionEntity byNumber(final String id, final int number) {
        return versions.findByFillingIdAndNumber(id, number)
                .orElseThrow(() -> new NotHereException("version", String.valueOf(number)));
    }
}
