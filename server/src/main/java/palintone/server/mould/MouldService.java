package palintone.server.mould;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.core.mould.Mould;
import palintone.core.substance.Allergen;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Finds and keeps moulds. */
@Service
public class MouldService {

    private final MouldRepository moulds;

    MouldService(final MouldRepository moulds) {
        this.moulds = moulds;
    }

    @Transactional(readOnly = true)
    public PageView<MouldView> list(
            final String part, final boolean archived, final int page, final int size) {
        return PageView.of(
                moulds.findByArchivedAndNameContainingIgnoreCaseOrderByName(
                        archived, part, PageView.request(page, size)),
                MouldView::of);
    }

    @Transactional(readOnly = true)
    public MouldView view(final String id) {
        return MouldView.of(byId(id));
    }

    /** Every mould in use, by name, as the core knows it. */
    @Transactional(readOnly = true)
    public List<Mould> inUse() {
        return moulds.findByArchivedFalseOrderByName().stream().map(MouldEntity::mould).toList();
    }

    /** Moulds of the same form as this one in other sizes, the nearest in size first. */
    @Transactional(readOnly = true)
    public List<Mould> kin(final Mould mould) {
        final MouldEntity row = moulds.findById(mould.id()).orElse(null);
        if (row == null) {
            return List.of();
        }
        final double ml = mould.cavity().volumeMl();
        return moulds.findByArchivedFalseOrderByName().stream()
                .filter(other -> other.shape() == row.shape())
                .map(MouldEntity::mould)
                .filter(mould::kinOf)
                .sorted(
                        Comparator.comparingDouble(
                                other -> Math.abs(Math.log(other.cavity().volumeMl() / ml))))
                .toList();
    }

    /**
     * The mould as the core knows it.
     *
     * @throws NotHereException when there is none of that id
     */
    @Transactional(readOnly = true)
    public Mould mould(final String id) {
        return byId(id).mould();
    }

    /** The mould as it would be: drawn and measured, not kept. */
    public MouldView trial(final MouldDraft draft) {
        final MouldEntity entity = new MouldEntity("trial");
        entity.take(draft);
        return MouldView.of(entity);
    }

    /**
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public MouldView change(final String id, final MouldDraft draft) {
        final Optional<MouldEntity> known = moulds.findById(Require.text("mould", id, 64));
        StaleVersionException.check(
                "mould", id, draft.version(), known.map(MouldEntity::version).orElse(null));
        return MouldView.of(write(id, draft, known));
    }

    /** Writes a mould, new or known; used by the import. */
    @Transactional
    public void put(final String id, final MouldDraft draft) {
        write(id, draft, moulds.findById(Require.text("id", id, 64)));
    }

    private MouldEntity write(
            final String id, final MouldDraft draft, final Optional<MouldEntity> known) {
        final MouldEntity entity = known.orElseGet(() -> new MouldEntity(id));
        entity.take(draft);
        return moulds.saveAndFlush(entity);
    }

    /**
     * Puts a mould away, or brings it back; pieces and old batches keep reading as they were.
     *
     * @throws StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public MouldView archive(final String id, final boolean archived, final long version) {
        final MouldEntity entity = byId(id);
        StaleVersionException.check("mould " + id, version, entity.version());
        entity.archive(archived);
        return MouldView.of(moulds.saveAndFlush(entity));
    }

    /**
     * What a mould was cast full of stays in its seams until it is washed: written down when a
     * batch ends, and said wherever a piece does not declare it.
     */
    @Transactional
    public void held(final String id, final Set<Allergen> allergens) {
        moulds.findById(id).ifPresent(mould -> mould.held(allergens));
    }

    /** It was washed hot and dried: it brings nothing into the next piece. */
    @Transactional
    public MouldView washed(final String id) {
        final MouldEntity mould = byId(id);
        mould.washed();
        return MouldView.of(moulds.saveAndFlush(mould));
    }

    /** Every mould in use, as it would be written down. */
    @Transactional(readOnly = true)
    public Map<String, MouldDraft> drafts() {
        return drafts(moulds.findByArchivedFalseOrderByName());
    }

    /** Those of the ids that are in the books, as they would be written down. */
    @Transactional(readOnly = true)
    public Map<String, MouldDraft> drafts(final Collection<String> ids) {
        return drafts(moulds.findAllById(ids));
    }

    private static Map<String, MouldDraft> drafts(final List<MouldEntity> entities) {
        final Map<String, MouldDraft> drafts = new LinkedHashMap<>();
        entities.forEach(e -> drafts.put(e.id(), MouldDraft.of(e)));
        return drafts;
    }

    /** Ids by name of those in use. */
    @Transactional(readOnly = true)
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        drafts().forEach((id, draft) -> ids.put(draft.name(), id));
        return ids;
    }

    /** Ids and names of all of them, put away ones too: a name taken is taken. */
    @Transactional(readOnly = true)
    public List<String> ids() {
        return moulds.ids();
    }

    /** Its row, for books that point at it; empty where there is none. */
    public Optional<MouldEntity> row(final String id) {
        return moulds.findById(Require.text("mould", id, 64));
    }

    private MouldEntity byId(final String id) {
        return moulds.findById(Require.text("mould", id, 64))
                .orElseThrow(() -> new NotHereException("mould", id));
    }
}
