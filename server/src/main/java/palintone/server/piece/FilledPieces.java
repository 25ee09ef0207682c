package palintone.server.piece;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.layer.MoistureBetween;
import palintone.core.piece.DippedPiece;
import palintone.core.piece.FormedCentre;
import palintone.core.piece.MouldedFigures;
import palintone.core.piece.MouldedMasses;
import palintone.core.piece.MouldedPiece;
import palintone.core.piece.Piece;
import palintone.core.piece.PieceMoisture;
import palintone.core.piece.RolledPiece;
import palintone.server.figure.FigureView;
import palintone.server.filling.FillingNotes;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.problem.Longest;
import palintone.server.problem.NotHereException;
import palintone.server.problem.Within;

/** What pieces mean for their fillings: how many are filled, how warm, and water between layers. */
@Service
public class FilledPieces {

    private static final int LONGEST_WORDS = 500;

    private final PieceRepository pieces;
    private final Clock clock;
    private final CrunchRepository bites;
    private final HouseService houses;
    private final FillingNotes notes;
    private final PieceBooks books;

    FilledPieces(
            final PieceRepository pieces,
            final Clock clock,
            final CrunchRepository bites,
            final HouseService houses,
            final FillingNotes notes,
            final PieceBooks books) {
        this.books = books;
        this.pieces = pieces;
        this.clock = clock;
        this.bites = bites;
        this.houses = houses;
        this.notes = notes;
    }

    /**
     * A piece that holds a filling.
     *
     * @param eachG filling in one of them
     * @param pieces that a mass of filling fills
     * @param cavitiesPerMould pieces of a mould; 0 where it comes out of none
     * @param layers how many fillings it has
     * @param warmest it may be filled; nothing where no shell bears it
     */
    public record FilledView(
            String id,
            String name,
            double eachG,
            @Nullable Integer pieces,
            int cavitiesPerMould,
            int layers,
            @Nullable FigureView warmest) {}

    /** Water activity of every layer at a day. */
    public record MoistureAtView(double days, List<Double> activity) {}

    /** A logged bite. */
    public record BiteView(double days, boolean crisp, double barrierMm, String words) {}

    /** A bite to be logged. */
    public record BiteDraft(
            @Nullable UUID id,
            @Within(low = 0, high = 400, unit = "days") double days,
            boolean crisp,
            @Nullable @Within(low = 0, high = 5, unit = "mm") Double barrierMm,
            @Nullable @Longest(500) String words) {}

    /** Water moving between the layers of a piece. */
    public record MoistureView(
            String piece,
            List<String> layers,
            int crispLayer,
            List<MoistureAtView> bare,
            List<MoistureAtView> behindFat,
            @Nullable FigureView daysBare,
            @Nullable FigureView daysBehindFat,
            double factor,
            double softFrom,
            double softAt,
            double softTo,
            List<BiteView> bites) {}

    /**
     * @param filling id
     * @param grams of it, to be counted in pieces
     */
    @Transactional(readOnly = true)
    public List<FilledView> holding(final String filling, @Nullable final Double grams) {
        final HouseEntity house = houses.house();
        final double room = Math.max(5, Math.min(26, house.air().temperatureC()));
        final List<FilledView> views = new ArrayList<>();
        for (final MouldedPieceEntity entity : pieces.moulded()) {
            final MouldedPiece piece = entity.piece(house.pressureHPa());
            final MouldedMasses masses = piece.masses();
            for (int i = 0; i < piece.layers().size(); i++) {
                if (!piece.layers().get(i).filling().id().equals(filling)) {
                    continue;
                }
                final double each = masses.layers().get(i).value();
                views.add(
                        new FilledView(
                                piece.id(),
                                piece.name(),
                                each,
                                count(grams, each),
                                piece.atOnce(),
                                piece.layers().size(),
                                FigureView.of(
                                        MouldedFigures.warmestFill(
                                                        piece,
                                                        piece.layers().get(i).filling(),
                                                        room)
                                                .advised())));
            }
        }
        for (final PieceEntity entity : pieces.centred()) {
            final Piece piece = entity.piece(house.pressureHPa());
            final FormedCentre centre =
                    piece instanceof DippedPiece dipped
                            ? dipped.centre()
                            : ((RolledPiece) piece).centre();
            if (centre.filling().id().equals(filling)) {
                final double eachG =
                        centre.fillingG(
                                piece instanceof DippedPiece dipped
                                        ? dipped.inclusions()
                                        : ((RolledPiece) piece).inclusions());
                views.add(
                        new FilledView(
                                piece.id(), piece.name(), eachG, count(grams, eachG), 0, 1, null));
            }
        }
        return views;
    }

    private static @Nullable Integer count(final @Nullable Double grams, final double each) {
        return grams == null
                ? null
                : (int) Math.floor(Require.between("filling", grams, 0, 1e6, "g") / each);
    }

    @Transactional(readOnly = true)
    public MoistureView moisture(final String id, final double barrierMm, final double days) {
        final MouldedPiece piece = byId(id).piece(houses.house().pressureHPa());
        final List<CrunchEntity> logged = bites.findByPieceIdOrderByDays(id);
        final PieceMoisture m =
                PieceMoisture.of(
                        piece,
                        filling -> notes.corrections(filling.id()),
                        barrierMm,
                        days,
                        logged.stream().map(CrunchEntity::bite).toList());
        return view(
                piece.name(),
                m,
                logged.stream()
                        .map(
                                b ->
                                        new BiteView(
                                                b.bite().days(),
                                                b.bite().crisp(),
                                                b.bite().barrierMm(),
                                                b.words()))
                        .toList());
    }

    /** The same of a piece that is only thought of. */
    @Transactional(readOnly = true)
    public MoistureView moisture(
            final PieceDraft draft, final double barrierMm, final double days) {
        if (!(books.thought(draft) instanceof MouldedPiece piece)) {
            throw new OutOfRangeException("piece", "cast full", "a filled piece");
        }
        return view(
                piece.name(),
                PieceMoisture.of(
                        piece,
                        filling -> notes.corrections(filling.id()),
                        barrierMm,
                        days,
                        List.of()),
                List.of());
    }

    static MoistureView view(final String name, final PieceMoisture m, final List<BiteView> bites) {
        return new MoistureView(
                name,
                m.names(),
                m.crispLayer(),
                path(m.bare()),
                path(m.behindFat()),
                m.daysBare().stream().findFirst().map(FigureView::of).orElse(null),
                m.daysBehindFat().stream().findFirst().map(FigureView::of).orElse(null),
                m.factor(),
                MoistureBetween.SOFT_FROM,
                MoistureBetween.SOFT_AT,
                MoistureBetween.SOFT_TO,
                bites);
    }

    private static List<MoistureAtView> path(final List<MoistureBetween.At> path) {
        return path.stream().map(at -> new MoistureAtView(at.days(), at.activity())).toList();
    }

    @Transactional
    public void bite(final String id, final BiteDraft draft) {
        // Held first: what is read before the lock is as it was before the one who had it.
        pieces.held(Require.text("piece", id, 64));
        final MouldedPiece piece = byId(id).piece(houses.house().pressureHPa());
        // A filling inside another is a part of its own, as in PieceMoisture.
        if (piece.layers().size() < 2 && piece.layers().get(0).inside().isEmpty()) {
            throw new OutOfRangeException(
                    "layers of " + piece.name(), "one", "a piece with two fillings or more");
        }
        // Refused before it is written: what stands in the books is asked at every visit.
        final PieceMoisture.Bite bite =
                new PieceMoisture.Bite(
                        draft.days(),
                        draft.crisp(),
                        draft.barrierMm() == null ? 0 : draft.barrierMm());
        if (draft.id() != null && bites.existsById(draft.id())) {
            return;
        }
        bites.saveAndFlush(
                new CrunchEntity(
                        draft.id() == null ? UUID.randomUUID() : draft.id(),
                        clock.instant(),
                        id,
                        bite,
                        Require.words("words", draft.words(), LONGEST_WORDS)));
    }

    private MouldedPieceEntity byId(final String id) {
        return pieces.moulded(Require.text("piece", id, 64))
                .orElseThrow(() -> new NotHereException("piece", id));
    }
}
