package palintone.server.filling;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import palintone.core.figure.Require;
import palintone.core.filling.Style;
import palintone.core.filling.pot.Operation;
import palintone.core.filling.record.Difference;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Keeps fillings with their versions. */
@Service
public class FillingBooks {

    private static final int LONGEST_NOTE = 500;

    private final FillingRepository fillings;
    private final FillingVersionRepository versions;
    private final RecipeReader reader;
    private final Clock clock;
    private final TransactionTemplate writing;

    FillingBooks(
            final FillingRepository fillings,
            final FillingVersionRepository versions,
            final RecipeReader reader,
            final Clock clock,
            final PlatformTransactionManager transactions) {
        writing = new TransactionTemplate(transactions);
        this.clock = clock;
        this.fillings = fillings;
        this.versions = versions;
        this.reader = reader;
    }

    /** A filling in the list. */
    public record FillingSummaryView(String id, String name, Style style, int number) {}

    /** A recipe as it stands, ready to be changed. */
    public record RecipeView(String id, int number, RecipeDraft recipe) {

        /** That of the state it shows. */
        public Long version() {
            return recipe.version();
        }
    }

    /** One version in the list. */
    public record RecipeVersionView(int number, Instant savedAt, String note) {}

    @Transactional(readOnly = true)
    public PageView<FillingSummaryView> list(
            final String part, final boolean archived, final int page, final int size) {
        return PageView.of(
                fillings.findByArchivedAndNameContainingIgnoreCaseOrderByName(
                        archived, part, PageView.request(page, size)),
                f -> new FillingSummaryView(f.id(), f.name(), f.style(), f.number()));
    }

    /**
     * Puts a filling away, or brings it back; pieces and old batches keep reading as they were.
     *
     * @throws StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public RecipeView archive(final String id, final boolean archived, final long version) {
        final FillingEntity entity =
                fillings.findById(Require.text("filling", id, 64))
                        .orElseThrow(() -> new NotHereException("filling", id));
        StaleVersionException.check("filling " + id, version, entity.version());
        entity.archive(archived);
        fillings.saveAndFlush(entity);
        return recipe(id);
    }

    /** Every filling in use, as it would be written down. */
    @Transactional(readOnly = true)
    public Map<String, RecipeDraft> drafts() {
        return drafts(fillings.findByArchivedFalseOrderByName());
    }

    /** Those of the ids that are in the books, as they would be written down. */
    @Transactional(readOnly = true)
    public Map<String, RecipeDraft> drafts(final Collection<String> ids) {
        return drafts(fillings.findAllById(ids));
    }

    private static Map<String, RecipeDraft> drafts(final List<FillingEntity> entities) {
        final Map<String, RecipeDraft> drafts = new LinkedHashMap<>();
        entities.forEach(f -> drafts.put(f.id(), view(f).recipe()));
        return drafts;
    }

    /** Ids by name of those in use. */
    @Transactional(readOnly = true)
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        fillings.findByArchivedFalseOrderByName().forEach(f -> ids.put(f.name(), f.id()));
        return ids;
    }

    @Transactional(readOnly = true)
    public RecipeView recipe(final String id) {
        return view(byId(id));
    }

    private static RecipeView view(final FillingEntity f) {
        return new RecipeView(
                f.id(),
                f.number(),
                draft(
                        f.name(),
                        f.style(),
                        f.filling().operations(),
                        f.filling().pots(),
                        f.version()));
    }

    static RecipeDraft draft(
            final String name,
            final Style style,
            final List<Operation> operations,
            final List<String> pots,
            final Long version) {
        return new RecipeDraft(
                name,
                style,
                operations.stream().map(RecipeDraft.OperationDraft::of).toList(),
                pots.isEmpty() ? null : pots,
                null,
                version);
    }

    /**
     * Writes a filling, new or known, as its next version.
     *
     * @throws StaleVersionException when the draft rests on an older state
     * @throws palintone.server.problem.TakenException when it is new and its id is taken
     */
    public RecipeView save(final String id, final RecipeDraft draft) {
        final RecipeReader.Read read = reader.read(Require.text("id", id, 64), draft);
        // What cannot be cooked is not kept; cooked with no connection held.
        read.filling().cooked();
        return writing.execute(
                none -> {
                    final Optional<FillingEntity> known = fillings.findById(id);
                    StaleVersionException.check(
                            "filling",
                            id,
                            draft.version(),
                            known.map(FillingEntity::version).orElse(null));
                    return write(known.orElseGet(() -> new FillingEntity(id)), draft, read);
                });
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
        final String note = Require.words("what changed", draft.note(), LONGEST_NOTE);
        versions.saveAndFlush(
                new FillingVersionEntity(
                        kept, clock.instant(), note, read.steps(), read.lines(), read.pots()));
        return view(kept);
    }

    @Transactional(readOnly = true)
    public PageView<RecipeVersionView> versions(final String id, final int page, final int size) {
        return PageView.of(
                versions.findByFillingIdOrderByNumberDesc(
                        byId(id).id(), PageView.request(page, size)),
                v -> new RecipeVersionView(v.number(), v.savedAt(), v.note()));
    }

    /** A version as a draft on top of the newest state, to look at or to return to. */
    @Transactional(readOnly = true)
    public RecipeView version(final String id, final int number) {
        final FillingEntity f = byId(id);
        final FillingVersionEntity then = byNumber(id, number);
        return new RecipeView(
                id,
                number,
                draft(f.name(), f.style(), then.operations(), then.pots(), f.version()));
    }

    @Transactional(readOnly = true)
    public Difference difference(final String id, final int from, final int to) {
        return Difference.between(byNumber(id, from).operations(), byNumber(id, to).operations());
    }

    /** A recipe as schema.org describes one. */
    @Transactional(readOnly = true)
    public Map<String, Object> linked(final String id) {
        final FillingEntity f = byId(id);
        return LinkedRecipe.of(f.filling());
    }

    /** Its row, for books that point at it; empty where there is none. */
    public Optional<FillingEntity> row(final String id) {
        return fillings.findById(Require.text("filling", id, 64));
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
