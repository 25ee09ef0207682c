package palintone.server.colour;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.Require;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.web.PageView;

/** Finds and keeps coloured cocoa butters. */
@Service
public class ColourShelf {

    private final ColourRepository colours;

    ColourShelf(final ColourRepository colours) {
        this.colours = colours;
    }

    @Transactional(readOnly = true)
    public PageView<ColourStockView> list(
            final String part, final boolean archived, final int page, final int size) {
        return PageView.of(
                colours.findByArchivedAndNameContainingIgnoreCaseOrderByName(
                        archived, part, PageView.request(page, size)),
                ColourStockView::of);
    }

    @Transactional(readOnly = true)
    public ColourStockView view(final String id) {
        return ColourStockView.of(byId(id));
    }

    /** The colour as it would be, not kept. */
    public ColourStockView trial(final ColourDraft draft) {
        final ColourEntity entity = new ColourEntity("trial");
        entity.take(draft);
        return ColourStockView.of(entity);
    }

    /**
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public ColourStockView change(final String id, final ColourDraft draft) {
        final Optional<ColourEntity> known = colours.findById(Require.text("colour", id, 64));
        StaleVersionException.check(
                "colour", id, draft.version(), known.map(ColourEntity::version).orElse(null));
        return ColourStockView.of(write(id, draft, known));
    }

    /** Writes a colour, new or known; used by the import. */
    @Transactional
    public void put(final String id, final ColourDraft draft) {
        write(id, draft, colours.findById(Require.text("id", id, 64)));
    }

    private ColourEntity write(
            final String id, final ColourDraft draft, final Optional<ColourEntity> known) {
        final ColourEntity entity = known.orElseGet(() -> new ColourEntity(id));
        entity.take(draft);
        return colours.saveAndFlush(entity);
    }

    /**
     * Puts a colour away, or brings it back; pieces keep reading as they were.
     *
     * @throws StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public ColourStockView archive(final String id, final boolean archived, final long version) {
        final ColourEntity entity = byId(id);
        StaleVersionException.check("colour " + id, version, entity.version());
        entity.archive(archived);
        return ColourStockView.of(colours.saveAndFlush(entity));
    }

    /** Every colour in use, as it would be written down. */
    @Transactional(readOnly = true)
    public Map<String, ColourDraft> drafts() {
        return drafts(colours.findByArchivedFalseOrderByName());
    }

    /** Those of the ids that are in the books, as they would be written down. */
    @Transactional(readOnly = true)
    public Map<String, ColourDraft> drafts(final Collection<String> ids) {
        return drafts(colours.findAllById(ids));
    }

    private static Map<String, ColourDraft> drafts(final List<ColourEntity> entities) {
        final Map<String, ColourDraft> drafts = new LinkedHashMap<>();
        entities.forEach(c -> drafts.put(c.id(), c.draft()));
        return drafts;
    }

    /**
     * @throws NotHereException when there is none of that id
     */
    public ColourEntity byId(final String id) {
        return colours.findById(Require.text("colour", id, 64))
                .orElseThrow(() -> new NotHereException("colour", id));
    }
}
