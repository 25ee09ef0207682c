package palintone.server.piece;

import jakarta.annotation.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.filling.Conditions;
import palintone.core.filling.Filling;
import palintone.core.piece.BatchSize;
import palintone.core.piece.Materials;
import palintone.core.piece.Piece;
import palintone.core.temper.SeedPractice;
import palintone.core.temper.TemperTargets;
import palintone.core.work.BatchPlan;
import palintone.core.work.BatchPlanner;
import palintone.server.filling.FillingNotes;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.problem.NotHereException;
import palintone.server.web.PageView;

/** Lists pieces and lays out batches of them by the rules of the house. */
@Service
public class PieceService {

    private final PieceRepository pieces;
    private final HouseService houses;
    private final FillingNotes notes;

    PieceService(
            final PieceRepository pieces, final HouseService houses, final FillingNotes notes) {
        this.pieces = pieces;
        this.houses = houses;
        this.notes = notes;
    }

    @Transactional(readOnly = true)
    public PageView<PieceView> list(final int page, final int size) {
        final double pressure = houses.house().pressureHPa();
        return PageView.of(
                pieces.findAllByOrderByName(PageView.request(page, size)),
                entity -> PieceView.of(entity, pressure));
    }

    @Transactional(readOnly = true)
    public PieceView view(final String id) {
        return PieceView.of(byId(id), houses.house().pressureHPa());
    }

    @Transactional(readOnly = true)
    public NeedsView needs(final String id, final Size size) {
        final HouseEntity house = houses.house();
        final Piece piece = byId(id).piece(house.pressureHPa());
        return NeedsView.of(plan(piece, size, house), targets(piece, house), practice(size, house));
    }

    /** The batch as it would be made today. */
    @Transactional(readOnly = true)
    public BatchPlan plan(final String id, final Size size) {
        final HouseEntity house = houses.house();
        return plan(byId(id).piece(house.pressureHPa()), size, house);
    }

    /**
     * How much is to be made: moulds or pieces, one of the two.
     *
     * @param practice of seeding where it is not the one of the house
     */
    public record Size(
            @Nullable Integer moulds, @Nullable Integer pieces, @Nullable SeedPractice practice) {

        BatchSize of(final int cavitiesPerMould) {
            if ((moulds == null) == (pieces == null)) {
                throw new OutOfRangeException(
                        "size", moulds == null ? "not given" : "given twice", "moulds or pieces");
            }
            return moulds != null
                    ? BatchSize.ofMoulds(moulds, cavitiesPerMould)
                    : BatchSize.ofPieces(pieces, cavitiesPerMould);
        }
    }

    private BatchPlan plan(final Piece piece, final Size size, final HouseEntity house) {
        return BatchPlanner.plan(
                Materials.of(
                        piece, size.of(piece.mould().cavities()), house.habits(), this::conditions),
                targets(piece, house),
                practice(size, house),
                house.air(),
                house.firstCabinetC(),
                house.heat());
    }

    /** As usual, moved by what was measured of the filling: the same verdict as on its sheet. */
    private Conditions conditions(final Filling filling) {
        return Conditions.USUAL.measured(notes.corrections(filling.id()));
    }

    private static TemperTargets targets(final Piece piece, final HouseEntity house) {
        return TemperTargets.of(piece.couverture().kind(), house.darkWindow());
    }

    private static SeedPractice practice(final Size size, final HouseEntity house) {
        return size.practice() != null ? size.practice() : house.seedPractice();
    }

    private PieceEntity byId(final String id) {
        return pieces.whole(Require.text("piece", id, 64))
                .orElseThrow(() -> new NotHereException("piece", id));
    }
}
