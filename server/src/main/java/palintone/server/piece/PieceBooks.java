package palintone.server.piece;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Conditions;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Finish;
import palintone.core.piece.Piece;
import palintone.server.colour.ColourEntity;
import palintone.server.colour.ColourShelf;
import palintone.server.filling.FillingEntity;
import palintone.server.filling.FillingNotes;
import palintone.server.filling.FillingRepository;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.IngredientEntity;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldEntity;
import palintone.server.mould.MouldRepository;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.problem.TakenException;

/** Writes pieces into the books, of whatever kind; the core has its say before anything is kept. */
@Service
public class PieceBooks {

    private final PieceRepository pieces;
    private final MouldRepository moulds;
    private final FillingRepository fillings;
    private final LarderService larder;
    private final HouseService houses;
    private final FillingNotes notes;
    private final ColourShelf colours;

    PieceBooks(
            final PieceRepository pieces,
            final MouldRepository moulds,
            final FillingRepository fillings,
            final LarderService larder,
            final HouseService houses,
            final FillingNotes notes,
            final ColourShelf colours) {
        this.pieces = pieces;
        this.moulds = moulds;
        this.fillings = fillings;
        this.larder = larder;
        this.houses = houses;
        this.notes = notes;
        this.colours = colours;
    }

    /**
     * Writes a piece as somebody has changed it.
     *
     * @throws StaleVersionException when the draft rests on an older state
     */
    @Transactional
    public PieceView change(final String id, final PieceDraft draft) {
        final Optional<PieceEntity> known = pieces.findById(Require.text("piece", id, 64));
        StaleVersionException.check(
                "piece", id, draft.version(), known.map(PieceEntity::version).orElse(null));
        return write(id, draft, known).view(around());
    }

    /** The piece as it would be, without keeping it. */
    @Transactional(readOnly = true)
    public PieceView trial(final PieceDraft draft) {
        return entity("trial", draft, Optional.empty()).view(around());
    }

    /** The piece as the core would know it, without keeping it. */
    @Transactional(readOnly = true)
    public Piece thought(final PieceDraft draft) {
        return entity("trial", draft, Optional.empty()).piece(houses.house().pressureHPa());
    }

    /**
     * Puts a piece away, or brings it back; old batches keep reading as they were.
     *
     * @throws StaleVersionException when somebody has changed it meanwhile
     */
    @Transactional
    public PieceView archive(final String id, final boolean archived, final long version) {
        final PieceEntity entity =
                pieces.findById(Require.text("piece", id, 64))
                        .orElseThrow(() -> new NotHereException("piece", id));
        StaleVersionException.check("piece " + id, version, entity.version());
        entity.archive(archived);
        return pieces.saveAndFlush(entity).view(around());
    }

    /** Every piece in use, as it would be written down. */
    @Transactional(readOnly = true)
    public Map<String, PieceDraft> drafts() {
        return drafts(pieces.findByArchivedFalseOrderByName());
    }

    /** Those of the ids that are in the books, as they would be written down. */
    @Transactional(readOnly = true)
    public Map<String, PieceDraft> drafts(final Collection<String> ids) {
        return drafts(pieces.findAllById(ids));
    }

    private static Map<String, PieceDraft> drafts(final List<PieceEntity> entities) {
        final Map<String, PieceDraft> drafts = new LinkedHashMap<>();
        entities.forEach(p -> drafts.put(p.id(), p.draft()));
        return drafts;
    }

    /** Ids by name of those in use. */
    @Transactional(readOnly = true)
    public Map<String, String> idsByName() {
        final Map<String, String> ids = new LinkedHashMap<>();
        pieces.findByArchivedFalseOrderByName().forEach(p -> ids.put(p.name(), p.id()));
        return ids;
    }

    /** How pieces are judged in this house today. */
    PieceView.Around around() {
        final HouseEntity house = houses.house();
        return new PieceView.Around(
                house.pressureHPa(),
                house.air().temperatureC(),
                filling -> Conditions.USUAL.measured(notes.corrections(filling.id())),
                true);
    }

    /** Writes a piece, new or known; used by the import. */
    @Transactional
    public void put(final String id, final PieceDraft draft) {
        write(id, draft, pieces.findById(Require.text("id", id, 64)));
    }

    private PieceEntity write(
            final String id, final PieceDraft draft, final Optional<PieceEntity> known) {
        return pieces.saveAndFlush(entity(id, draft, known));
    }

    private PieceEntity entity(
            final String id, final PieceDraft draft, final Optional<PieceEntity> known) {
        final MouldEntity mould =
                moulds.findById(Require.text("mould", draft.mould(), 64))
                        .orElseThrow(() -> unknown("mould", draft.mould()));
        final IngredientEntity couverture = larder.byId(draft.couverture());
        if (draft instanceof PieceDraft.Moulded moulded) {
            final MouldedPieceEntity entity =
                    of(MouldedPieceEntity.class, known).orElseGet(() -> new MouldedPieceEntity(id));
            final List<PieceDraft.Layer> layers = given("layers", moulded.layers());
            final IngredientEntity cap =
                    moulded.capCouverture() == null || moulded.capCouverture().isBlank()
                            ? null
                            : larder.byId(moulded.capCouverture());
            entity.take(
                    moulded, mould, couverture, cap, worn(draft), layers(layers), inserts(layers));
            return entity;
        }
        final PieceDraft.Solid solid = (PieceDraft.Solid) draft;
        final SolidPieceEntity entity =
                of(SolidPieceEntity.class, known).orElseGet(() -> new SolidPieceEntity(id));
        entity.take(
                solid,
                mould,
                couverture,
                worn(draft),
                inclusions(given("inclusions", solid.inclusions())));
        return entity;
    }

    /** Colours looked up by their id, or taken by name. */
    private PieceEntity.Worn worn(final PieceDraft draft) {
        final List<PieceEntity.CoatRow> coats = new ArrayList<>();
        for (final PieceDraft.Coat coat :
                draft.colours() == null ? List.<PieceDraft.Coat>of() : draft.colours()) {
            final ColourEntity colour =
                    coat.colour() == null || coat.colour().isBlank()
                            ? null
                            : colours.byId(coat.colour());
            coats.add(
                    new PieceEntity.CoatRow(
                            colour,
                            new ColourCoat(
                                    colour == null ? coat.name() : colour.name(),
                                    given("film of the colour", coat.filmMm()),
                                    coat.how() == null ? ColourCoat.How.SPRAYED : coat.how())));
        }
        final List<Finish> finishes =
                draft.finishes() == null
                        ? List.of()
                        : draft.finishes().stream()
                                .map(f -> new Finish(given("finishing", f.kind()), f.words()))
                                .toList();
        return new PieceEntity.Worn(coats, finishes);
    }

    /** A piece stays of the kind it is. */
    private static <T extends PieceEntity> Optional<T> of(
            final Class<T> kind, final Optional<PieceEntity> known) {
        known.filter(k -> !kind.isInstance(k))
                .ifPresent(
                        k -> {
                            throw new TakenException("piece of another kind", k.id());
                        });
        return known.map(kind::cast);
    }

    private List<MouldedPieceEntity.LayerRow> layers(final List<PieceDraft.Layer> drafts) {
        return drafts.stream()
                .map(
                        layer ->
                                new MouldedPieceEntity.LayerRow(
                                        filling(layer.filling()), layer.amount()))
                .toList();
    }

    private List<MouldedPieceEntity.InsertRow> inserts(final List<PieceDraft.Layer> drafts) {
        final Set<String> ids = new TreeSet<>();
        drafts.forEach(
                layer ->
                        setIn(layer)
                                .forEach(i -> ids.add(Require.text("insert", i.ingredient(), 64))));
        final Map<String, IngredientEntity> found = larder.byIds(ids);
        final List<MouldedPieceEntity.InsertRow> rows = new ArrayList<>();
        for (int i = 0; i < drafts.size(); i++) {
            for (final PieceDraft.Insert insert : setIn(drafts.get(i))) {
                rows.add(
                        new MouldedPieceEntity.InsertRow(
                                i,
                                found.get(insert.ingredient()),
                                given("mass of an insert", insert.eachG())));
            }
        }
        return rows;
    }

    private static List<PieceDraft.Insert> setIn(final PieceDraft.Layer layer) {
        return layer.inserts() == null ? List.of() : layer.inserts();
    }

    private FillingEntity filling(final String id) {
        return fillings.findById(Require.text("filling", id, 64))
                .orElseThrow(() -> unknown("filling", id));
    }

    private List<SolidPieceEntity.InclusionRow> inclusions(final List<PieceDraft.In> drafts) {
        final Set<String> ids = new TreeSet<>();
        drafts.forEach(in -> ids.add(Require.text("inclusion", in.ingredient(), 64)));
        final Map<String, IngredientEntity> found = larder.byIds(ids);
        return drafts.stream()
                .map(
                        in ->
                                new SolidPieceEntity.InclusionRow(
                                        found.get(in.ingredient()),
                                        in.eachG(),
                                        given("placing", in.placing())))
                .toList();
    }

    private static <T> T given(final String field, final T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", "a value");
        }
        return value;
    }

    private static OutOfRangeException unknown(final String field, final String id) {
        return new OutOfRangeException(field, "\"" + id + "\"", "an id that is in the books");
    }
}
