package palintone.server.piece;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.quality.Conditions;
import palintone.core.piece.ColourCoat;
import palintone.core.piece.Finish;
import palintone.core.piece.Piece;
import palintone.server.colour.ColourEntity;
import palintone.server.colour.ColourShelf;
import palintone.server.filling.FillingBooks;
import palintone.server.filling.FillingEntity;
import palintone.server.filling.FillingNotes;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.larder.IngredientEntity;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldEntity;
import palintone.server.mould.MouldService;
import palintone.server.problem.NotHereException;
import palintone.server.problem.StaleVersionException;
import palintone.server.problem.TakenException;

/** Writes pieces into the books, of whatever kind; the core has its say before anything is kept. */
@Service
public class PieceBooks {

    private static final int AT_A_TIME = 250;

    private final PieceRepository pieces;
    private final MouldService moulds;
    private final FillingBooks fillings;
    private final LarderService larder;
    private final HouseService houses;
    private final FillingNotes notes;
    private final ColourShelf colours;
    private final TastingRepository tastings;
    private final EntityManager entities;

    PieceBooks(
            final PieceRepository pieces,
            final MouldService moulds,
            final FillingBooks fillings,
            final LarderService larder,
            final HouseService houses,
            final FillingNotes notes,
            final ColourShelf colours,
            final TastingRepository tastings,
            final EntityManager entities) {
        this.tastings = tastings;
        this.entities = entities;
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

    /** Sheets first: a piece may wear a plate of one. */
    private static Map<String, PieceDraft> drafts(final List<PieceEntity> entities) {
        final Map<String, PieceDraft> drafts = new LinkedHashMap<>();
        entities.stream()
                .sorted(Comparator.comparing(p -> !(p instanceof SheetPieceEntity)))
                .forEach(p -> drafts.put(p.id(), p.draft()));
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
                tastings.liked());
    }

    /** Says of each row what it is to be, and is told how many the database has. */
    public interface Rows {

        /** One row; what is refused while it is written is that row's. */
        void each(String id, Consumer<PieceDraft> write);

        void done(int rows);
    }

    /** Writes many, new or known, some hundreds at a time: all of them or none. */
    @Transactional
    public void putAll(final Collection<String> ids, final Rows rows) {
        final List<String> all = List.copyOf(ids);
        for (int from = 0; from < all.size(); from += AT_A_TIME) {
            final List<String> some = all.subList(from, Math.min(all.size(), from + AT_A_TIME));
            final Map<String, PieceEntity> at = new HashMap<>();
            pieces.findAllById(some).forEach(each -> at.put(each.id(), each));
            for (final String id : some) {
                rows.each(
                        id,
                        draft -> {
                            final PieceEntity entity =
                                    entity(
                                            Require.text("id", id, 64),
                                            draft,
                                            Optional.ofNullable(at.get(id)));
                            entities.persist(entity);
                            at.put(id, entity);
                        });
            }
            entities.flush();
            // What is written need not be compared again by the next flush.
            at.values().forEach(entities::detach);
            rows.done(from + some.size());
        }
    }

    private PieceEntity write(
            final String id, final PieceDraft draft, final Optional<PieceEntity> known) {
        return pieces.saveAndFlush(entity(id, draft, known));
    }

    private PieceEntity entity(
            final String id, final PieceDraft draft, final Optional<PieceEntity> known) {
        if (draft instanceof PieceDraft.Moulded moulded) {
            return moulded(id, moulded, known);
        }
        if (draft instanceof PieceDraft.Solid solid) {
            final SolidPieceEntity entity =
                    of(SolidPieceEntity.class, known).orElseGet(() -> new SolidPieceEntity(id));
            entity.take(
                    solid,
                    mould(solid.mould()),
                    larder.byId(solid.couverture()),
                    worn(draft),
                    on(given("inclusions", solid.inclusions())));
            return entity;
        }
        if (draft instanceof PieceDraft.Dipped dipped) {
            final DippedPieceEntity entity =
                    of(DippedPieceEntity.class, known).orElseGet(() -> new DippedPieceEntity(id));
            given("coat", dipped.coatMm());
            entity.take(
                    dipped,
                    larder.byId(dipped.couverture()),
                    another(dipped.secondCouverture()),
                    plate(dipped.plate()),
                    centre(dipped.centre()),
                    worn(draft),
                    on(dipped.on()));
            return entity;
        }
        if (draft instanceof PieceDraft.Rolled rolled) {
            final RolledPieceEntity entity =
                    of(RolledPieceEntity.class, known).orElseGet(() -> new RolledPieceEntity(id));
            entity.take(rolled, centre(rolled.centre()), worn(draft), on(rolled.on()));
            return entity;
        }
        if (draft instanceof PieceDraft.Hollow hollow) {
            final HollowFigureEntity entity =
                    of(HollowFigureEntity.class, known).orElseGet(() -> new HollowFigureEntity(id));
            given("wall of the figure", hollow.shellMm());
            given("parts of the figure", hollow.parts());
            entity.take(
                    hollow,
                    mould(hollow.mould()),
                    larder.byId(hollow.couverture()),
                    another(hollow.secondCouverture()),
                    worn(draft));
            return entity;
        }
        final PieceDraft.Plates plates = (PieceDraft.Plates) draft;
        final SheetPieceEntity entity =
                of(SheetPieceEntity.class, known).orElseGet(() -> new SheetPieceEntity(id));
        given("thickness of the sheet", plates.thickMm());
        given("length of the sheet", plates.lengthMm());
        given("width of the sheet", plates.widthMm());
        entity.take(
                plates,
                larder.byId(plates.couverture()),
                another(plates.secondCouverture()),
                worn(draft),
                on(plates.on()));
        return entity;
    }

    /** A couverture besides the first; null where there is none. */
    private @Nullable IngredientEntity another(final @Nullable String id) {
        return id == null || id.isBlank() ? null : larder.byId(id);
    }

    /** Plates of a sheet; null where none is laid on. */
    private @Nullable SheetPieceEntity plate(final @Nullable String id) {
        if (id == null || id.isBlank()) {
            return null;
        }
        final PieceEntity entity = pieces.findById(id).orElseThrow(() -> unknown("plate", id));
        if (entity instanceof SheetPieceEntity sheet) {
            return sheet;
        }
        throw new OutOfRangeException("plate", entity.name(), "a piece that is cut from a sheet");
    }

    private MouldEntity mould(final String id) {
        return moulds.row(id).orElseThrow(() -> unknown("mould", id));
    }

    private CentreRow centre(final PieceDraft.Centre draft) {
        given("centre", draft);
        given("shape of the centre", draft.shape());
        given("how the centre is formed", draft.forming());
        return new CentreRow(filling(draft.filling()), draft);
    }

    private MouldedPieceEntity moulded(
            final String id, final PieceDraft.Moulded moulded, final Optional<PieceEntity> known) {
        final MouldEntity mould = mould(moulded.mould());
        final IngredientEntity couverture = larder.byId(moulded.couverture());
        final MouldedPieceEntity entity =
                of(MouldedPieceEntity.class, known).orElseGet(() -> new MouldedPieceEntity(id));
        final List<PieceDraft.Layer> layers = given("layers", moulded.layers());
        final IngredientEntity cap = another(moulded.capCouverture());
        entity.take(
                moulded,
                mould,
                couverture,
                cap,
                worn(moulded),
                layers(layers),
                inserts(layers),
                flavours(layers));
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
                                    coat.how() == null ? ColourCoat.How.SPRAYED : coat.how(),
                                    Optional.ofNullable(coat.allergens()))));
        }
        final List<Finish> finishes =
                draft.finishes() == null
                        ? List.of()
                        : draft.finishes().stream()
                                .map(
                                        f ->
                                                new Finish(
                                                        given("finishing", f.kind()),
                                                        f.words(),
                                                        Optional.ofNullable(f.allergens())))
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
                                        filling(layer.filling()),
                                        layer.amount(),
                                        layer.sealMm() == null ? 0 : layer.sealMm(),
                                        inside(layer),
                                        layer.insideG()))
                .toList();
    }

    private @Nullable FillingEntity inside(final PieceDraft.Layer layer) {
        if (layer.inside() == null || layer.inside().isBlank()) {
            if (layer.insideG() != null) {
                throw new OutOfRangeException(
                        "filling inside " + layer.filling(), "missing", "a filling, or no grams");
            }
            return null;
        }
        given("grams of the filling inside", layer.insideG());
        return filling(layer.inside());
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

    private List<MouldedPieceEntity.FlavourRow> flavours(final List<PieceDraft.Layer> drafts) {
        final Set<String> ids = new TreeSet<>();
        drafts.forEach(
                layer ->
                        stirredIn(layer)
                                .forEach(
                                        f -> ids.add(Require.text("flavour", f.ingredient(), 64))));
        final Map<String, IngredientEntity> found = larder.byIds(ids);
        final List<MouldedPieceEntity.FlavourRow> rows = new ArrayList<>();
        for (int i = 0; i < drafts.size(); i++) {
            for (final PieceDraft.Flavouring flavour : stirredIn(drafts.get(i))) {
                rows.add(
                        new MouldedPieceEntity.FlavourRow(
                                i,
                                found.get(flavour.ingredient()),
                                given("grams of a flavour", flavour.per100G())));
            }
        }
        return rows;
    }

    private static List<PieceDraft.Flavouring> stirredIn(final PieceDraft.Layer layer) {
        return layer.flavours() == null ? List.of() : layer.flavours();
    }

    private static List<PieceDraft.Insert> setIn(final PieceDraft.Layer layer) {
        return layer.inserts() == null ? List.of() : layer.inserts();
    }

    private FillingEntity filling(final String id) {
        return fillings.row(id).orElseThrow(() -> unknown("filling", id));
    }

    /** What is in it or on it; nothing where nothing is said. */
    private List<OnRow> on(final List<PieceDraft.In> drafts) {
        if (drafts == null) {
            return List.of();
        }
        final Set<String> ids = new TreeSet<>();
        drafts.forEach(in -> ids.add(Require.text("inclusion", in.ingredient(), 64)));
        final Map<String, IngredientEntity> found = larder.byIds(ids);
        return drafts.stream()
                .map(
                        in ->
                                new OnRow(
                                        found.get(in.ingredient()),
                                        given("mass on one piece", in.eachG()),
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
