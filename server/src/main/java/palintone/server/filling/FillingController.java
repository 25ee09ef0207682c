package palintone.server.filling;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import palintone.core.figure.Unit;
import palintone.core.filling.Style;
import palintone.core.filling.balance.Keep;
import palintone.core.filling.balance.ReadyConstraint;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.pot.OperationKind;
import palintone.core.filling.pot.OperationSetting;
import palintone.core.filling.pot.ReducedLook;
import palintone.core.filling.quality.Quality;
import palintone.core.filling.record.Difference;
import palintone.core.substance.KitchenUnit;
import palintone.server.figure.BandView;
import palintone.server.larder.LarderService;
import palintone.server.problem.Within;
import palintone.server.web.PageView;
import palintone.server.web.PutAway;

@RestController
@RequestMapping("/api/fillings")
class FillingController {

    private final FillingBooks books;
    private final FillingNotes notes;
    private final BenchService bench;
    private final BalanceTool balance;
    private final RecipeTexts texts;
    private final LarderService larder;

    FillingController(
            final FillingBooks books,
            final FillingNotes notes,
            final BenchService bench,
            final BalanceTool balance,
            final RecipeTexts texts,
            final LarderService larder) {
        this.books = books;
        this.notes = notes;
        this.bench = bench;
        this.balance = balance;
        this.texts = texts;
        this.larder = larder;
    }

    /**
     * A setting of an operation.
     *
     * @param usual where nothing is said; empty where it must be given or comes of the pot
     * @param byContent whether it comes of what is in the pot where nothing is said
     */
    public record SettingView(
            OperationSetting setting,
            String words,
            Unit unit,
            double low,
            double high,
            @jakarta.annotation.Nullable Double usual,
            boolean byContent) {}

    /** An operation and what can be set on it. */
    public record OperationKindView(
            OperationKind kind,
            String words,
            OperationKind.Lines lines,
            boolean takesFromPot,
            List<SettingView> settings) {}

    /** A style and its bands. */
    public record StyleView(Style style, String words, List<StyleBandView> bands) {}

    /** One band of a style. */
    public record StyleBandView(Quality quality, String words, Unit unit, BandView band) {}

    /** A quality that can be wished for. */
    public record QualityWordsView(Quality quality, String words, Unit unit) {}

    /** A ready wish. */
    public record ReadyConstraintView(ReadyConstraint wish, String words) {}

    /** What a balance can be told to keep. */
    public record KeepView(Keep keep, String words) {}

    /**
     * A look something is boiled down to.
     *
     * @param awayPercent that has boiled away by then, by custom
     */
    public record LookView(ReducedLook look, String words, double awayPercent) {}

    /** Everything the bench needs to know before anything is written. */
    public record BenchWordsView(
            List<OperationKindView> operations,
            List<StyleView> styles,
            List<QualityWordsView> qualities,
            List<ReadyConstraintView> wishes,
            List<KeepView> keeps,
            int mostPots,
            List<String> units,
            List<StartingTypes.TypeView> types,
            List<SugarTool.SugarStageView> stages,
            List<LookView> looks) {}

    /**
     * Words and limits of recipes: operations, settings, units, what stands in a list to choose
     * from.
     */
    @GetMapping("/words")
    BenchWordsView words() {
        return new BenchWordsView(
                Arrays.stream(OperationKind.values()).map(FillingController::operation).toList(),
                Arrays.stream(Style.values())
                        .map(
                                s ->
                                        new StyleView(
                                                s,
                                                s.words(),
                                                s.bands().entrySet().stream()
                                                        .map(
                                                                e ->
                                                                        new StyleBandView(
                                                                                e.getKey(),
                                                                                e.getKey().words(),
                                                                                e.getKey().unit(),
                                                                                BandView.of(
                                                                                        e
                                                                                                .getValue())))
                                                        .toList()))
                        .toList(),
                Arrays.stream(Quality.values())
                        .map(q -> new QualityWordsView(q, q.words(), q.unit()))
                        .toList(),
                Arrays.stream(ReadyConstraint.values())
                        .map(w -> new ReadyConstraintView(w, w.words()))
                        .toList(),
                Arrays.stream(Keep.values()).map(k -> new KeepView(k, k.words())).toList(),
                Operation.MOST_POTS,
                Arrays.stream(KitchenUnit.values()).map(KitchenUnit::symbol).toList(),
                StartingTypes.of(larder::nameOfFirst),
                SugarTool.stages(),
                Arrays.stream(ReducedLook.values())
                        .map(l -> new LookView(l, l.words(), l.awayPercent()))
                        .toList());
    }

    private static OperationKindView operation(final OperationKind kind) {
        return new OperationKindView(
                kind,
                kind.words(),
                kind.lines(),
                kind.takesFromPot(),
                kind.defaults().entrySet().stream()
                        .map(
                                e ->
                                        new SettingView(
                                                e.getKey(),
                                                e.getKey() == OperationSetting.PERCENT
                                                        ? kind.shareWords()
                                                        : e.getKey().words(),
                                                e.getKey().unit(),
                                                e.getKey().low(),
                                                e.getKey().high(),
                                                e.getValue().isNaN() || kind.isByContent(e.getKey())
                                                        ? null
                                                        : e.getValue(),
                                                kind.isByContent(e.getKey())))
                        .toList());
    }

    /** Fillings by name, a page at a time. */
    @GetMapping
    PageView<FillingBooks.FillingSummaryView> fillings(
            @RequestParam(defaultValue = "") final String find,
            @RequestParam(defaultValue = "false") final boolean archived,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "100") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return books.list(find, archived, page, size);
    }

    /** A recipe as it stands, ready to be changed. */
    @GetMapping("/{id}")
    FillingBooks.RecipeView filling(@PathVariable final String id) {
        return books.recipe(id);
    }

    /** Writes a recipe as its next version. */
    @PutMapping("/{id}")
    FillingBooks.RecipeView save(
            @PathVariable final String id, @Valid @RequestBody final RecipeDraft draft) {
        return books.save(id, draft);
    }

    /** Puts a filling away, or brings it back. */
    @PutMapping("/{id}/archived")
    FillingBooks.RecipeView archive(
            @PathVariable final String id, @Valid @RequestBody final PutAway wish) {
        return books.archive(id, wish.archived(), wish.version());
    }

    /** The versions of a filling, newest first. */
    @GetMapping("/{id}/versions")
    PageView<FillingBooks.RecipeVersionView> versions(
            @PathVariable final String id,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "50") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return books.versions(id, page, size);
    }

    /** One version as a draft on top of the newest state. */
    @GetMapping("/{id}/versions/{number}")
    FillingBooks.RecipeView version(@PathVariable final String id, @PathVariable final int number) {
        return books.version(id, number);
    }

    /** What changed between two versions. */
    @GetMapping("/{id}/difference")
    Difference difference(
            @PathVariable final String id,
            @RequestParam final int from,
            @RequestParam final int to) {
        return books.difference(id, from, to);
    }

    /** What was measured and noted of a filling, newest first. */
    @GetMapping("/{id}/notes")
    PageView<FillingNotes.FillingNoteView> notes(
            @PathVariable final String id,
            @RequestParam(defaultValue = "0") @Within(low = 0, high = PageView.MOST_PAGES)
                    final int page,
            @RequestParam(defaultValue = "50") @Within(low = 1, high = PageView.MOST_ROWS)
                    final int size) {
        return notes.notes(id, page, size);
    }

    /** Notes a measurement or words on a filling. */
    @PostMapping("/{id}/notes")
    PageView<FillingNotes.FillingNoteView> note(
            @PathVariable final String id,
            @Valid @RequestBody final FillingNotes.FillingNoteDraft draft) {
        return notes.note(id, draft);
    }

    /** A recipe worked out: water, pH, texture, shelf life, cautions. */
    @PostMapping("/sheet")
    SheetView sheet(@Valid @RequestBody final SheetRequest request) {
        return bench.sheet(request);
    }

    /** Moves the grams until the wishes are met, or says why they cannot be. */
    @PostMapping("/balance")
    BalanceTool.BalanceView balance(@Valid @RequestBody final BalanceTool.BalanceRequest request) {
        return balance.balance(request);
    }

    /** Reads a recipe as people write it; says what it is not sure of. */
    @PostMapping("/read")
    RecipeTexts.ReadRecipeView read(@Valid @RequestBody final RecipeTexts.TextDraft text) {
        return texts.read(text);
    }

    /** The recipe in words of schema.org, for other programs. */
    @GetMapping(path = "/{id}/recipe.jsonld", produces = "application/ld+json")
    Map<String, Object> linked(@PathVariable final String id) {
        return books.linked(id);
    }
}
