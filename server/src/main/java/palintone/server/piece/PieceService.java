package palintone.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import palintone.core.casting.CastPlan;
import palintone.core.casting.pour.BowlAt;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.filling.Filling;
import palintone.core.piece.BatchHabits;
import palintone.core.piece.BatchSize;
import palintone.core.piece.CastPiece;
import palintone.core.piece.Materials;
import palintone.core.piece.Piece;
import palintone.core.piece.ShelledPiece;
import palintone.core.piece.WorkedBowls;
import palintone.core.piece.Workplace;
import palintone.core.temper.Couverture;
import palintone.core.temper.method.TemperCurve;
import palintone.core.temper.method.TemperingMethod;
import palintone.core.tool.Tools;
import palintone.core.work.BatchPlan;
import palintone.server.coat.CoatWeighings;
import palintone.server.house.HouseEntity;
import palintone.server.house.HouseService;
import palintone.server.mould.MouldService;
import palintone.server.problem.NotHereException;
import palintone.server.shell.ShellTimes;
import palintone.server.temper.HouseBowls;
import palintone.server.web.PageView;

/** Lists pieces and lays out batches of them by the rules of the house. */
@Service
public class PieceService {

    private static final int MOST_PLANS = 100;

    /** A batch as it is looked at, and a moment later begun. */
    private record Planned(String piece, String stamp, @Nullable Long house, BatchWish wish) {}

    private final Cache<Planned, BatchPlan> plans =
            Caffeine.newBuilder().maximumSize(MOST_PLANS).build();

    private final PieceRepository pieces;
    private final HouseService houses;
    private final PieceShelf shelf;
    private final PieceBooks books;
    private final MouldService moulds;
    private final ShellTimes shells;
    private final CoatWeighings coats;

    /** Playing a curve costs more than everything else of a batch; the same bowl is asked often. */
    private final HouseBowls bowls;

    PieceService(
            final PieceRepository pieces,
            final HouseService houses,
            final PieceShelf shelf,
            final PieceBooks books,
            final MouldService moulds,
            final ShellTimes shells,
            final CoatWeighings coats,
            final HouseBowls bowls) {
        this.bowls = bowls;
        this.coats = coats;
        this.shells = shells;
        this.moulds = moulds;
        this.books = books;
        this.pieces = pieces;
        this.houses = houses;
        this.shelf = shelf;
    }

    /** Pieces whose name holds some letters, by name. */
    @Transactional(readOnly = true)
    public PageView<PieceRowView> list(
            final String part, final boolean archived, final int page, final int size) {
        final Page<PieceEntity> found =
                pieces.findByArchivedAndNameContainingIgnoreCaseOrderByName(
                        archived, part, PageView.request(page, size));
        return PageView.of(found, shelf.rows(found.getContent(), houses.house().pressureHPa()));
    }

    @Transactional(readOnly = true)
    public PieceView view(final String id) {
        return byId(id).view(books.around());
    }

    public NeedsView needs(final String id, final BatchWish wish) {
        final HouseEntity house = houses.house();
        final PieceShelf.Shelved shelved = shelf.of(id, house.pressureHPa());
        final BatchPlan plan = plan(shelved, wish, house);
        final List<Sentence> remarks = remarks(plan, house.tools());
        shelved.piece().wishedOtherwise(plan.materials().piece()).ifPresent(remarks::add);
        return NeedsView.of(plan, remarks);
    }

    /** Where the tools of the house set a limit. */
    private static List<Sentence> remarks(final BatchPlan plan, final Tools tools) {
        final Materials needs = plan.materials();
        final List<Sentence> remarks =
                Tools.said(
                        tools.melting(needs.toMelt().value()),
                        tools.cooling(needs.size().moulds()),
                        plan.place().tempering().flatMap(c -> tools.reading(c.worked())));
        needs.fillings().stream()
                .flatMap(filling -> filling.recipe().portions().stream())
                .map(p -> tools.weighing(p.ingredient().name(), p.massG()))
                .flatMap(Optional::stream)
                .distinct()
                .forEach(remarks::add);
        remarks.addAll(needs.declared());
        return remarks;
    }

    /** The batch as it would be made today. */
    public BatchPlan plan(final String id, final BatchWish wish) {
        final HouseEntity house = houses.house();
        return plan(shelf.of(id, house.pressureHPa()), wish, house);
    }

    /** Laid out once, until something it rests on is written. */
    private BatchPlan plan(
            final PieceShelf.Shelved shelved, final BatchWish wish, final HouseEntity house) {
        final Planned asked =
                new Planned(shelved.piece().id(), shelved.stamp(), house.version(), wish);
        final BatchPlan known = plans.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        final BatchPlan fresh = laidOut(shelved, wish, house);
        plans.put(asked, fresh);
        return fresh;
    }

    @EventListener
    void changed(final HouseService.AllIsNew change) {
        plans.invalidateAll();
    }

    private BatchPlan laidOut(
            final PieceShelf.Shelved shelved, final BatchWish wish, final HouseEntity house) {
        final Piece piece = shelved.piece();
        final BatchSize size =
                piece.batchOf(
                        Optional.ofNullable(wish.moulds()), Optional.ofNullable(wish.pieces()));
        final Materials needs = piece.materials(size, house.habits(), shelved::conditions);
        final Workplace place = workplace(needs, shelved, wish, house);
        final Piece willBe = piece.asItWillBe(needs, place);
        if (willBe != piece) {
            final Materials then = willBe.materials(size, house.habits(), shelved::conditions);
            return BatchPlan.of(then, workplace(then, shelved, wish, house));
        }
        return BatchPlan.of(needs, place);
    }

    /** Names of the pieces of this house that are not archived, by id. */
    @Transactional(readOnly = true)
    public Map<String, String> names() {
        final Map<String, String> names = new LinkedHashMap<>();
        pieces.findByArchivedFalseOrderByName().forEach(p -> names.put(p.id(), p.name()));
        return names;
    }

    /** The fillings in it, as they are now; none where there is no such piece any more. */
    public List<Filling> fillings(final String id) {
        return pieces.existsById(id)
                ? shelf.of(id, houses.house().pressureHPa()).piece().fillings()
                : List.of();
    }

    /**
     * The moulds of a batch of this piece were cast: what they have held by the piece as it is now,
     * worked out here, written when it is run.
     */
    public Runnable cast(final String id) {
        if (!pieces.existsById(id)) {
            return () -> {};
        }
        final PieceShelf.Shelved shelved = shelf.of(id, houses.house().pressureHPa());
        final Piece piece = shelved.piece();
        final Materials needs =
                piece.materials(
                        piece.batchOf(Optional.of(1), Optional.empty()),
                        new BatchHabits(1, 0, 0),
                        shelved::conditions);
        return piece instanceof CastPiece held
                ? () -> moulds.held(held.mould().id(), needs.allergens())
                : () -> {};
    }

    /** How the shells of a piece are planned to be cast; empty where it has none. */
    public Optional<CastPlan> casting(final String id) {
        final BatchPlan plan = plan(id, new BatchWish(1, null, null, null, null));
        return plan.materials().piece() instanceof ShelledPiece shelled
                ? Optional.of(shelled.casting(plan.materials(), plan.place()))
                : Optional.empty();
    }

    /**
     * What is wanted of a batch.
     *
     * @param moulds or pieces, one of the two
     * @param method of tempering where it is not the one of the house
     * @param bowl tempered for it where it is not said
     * @param fillings whether they are made with it; they are where it is not said
     */
    public record BatchWish(
            @Nullable Integer moulds,
            @Nullable Integer pieces,
            @Nullable TemperingMethod method,
            @Nullable Workplace.Fillings fillings,
            @Nullable Workplace.BowlIs bowl) {}

    private Workplace workplace(
            final Materials needs,
            final PieceShelf.Shelved shelved,
            final BatchWish wish,
            final HouseEntity house) {
        final Optional<TemperCurve> tempering =
                needs.piece()
                        .tempered()
                        .map(couverture -> curve(couverture, needs, shelved, wish, house));
        return new Workplace(
                tempering,
                house.air(),
                house.firstCabinetC(),
                house.heat(),
                wish.fillings() != null ? wish.fillings() : Workplace.Fillings.MADE_WITH_IT,
                wish.bowl() != null ? wish.bowl() : Workplace.BowlIs.TEMPERED_FOR_IT,
                house.darkWindow(),
                shells.in(house.tools().cabinets().get(0), shelved.cast(), house.colourPractice()),
                coats.times(shelved.coats()),
                // Tempered another way than this house does, it is another bowl than the stations'.
                wish.method() == null || wish.method() == house.method() || tempering.isEmpty()
                        ? couverture -> bowl(couverture, shelved, house)
                        : WorkedBowls.by(tempering.get()));
    }

    /** The piece's own couverture is as fluid as its bag, which is at hand. */
    private BowlAt bowl(
            final Couverture couverture,
            final PieceShelf.Shelved shelved,
            final HouseEntity house) {
        return shelved.piece().tempered().filter(couverture::equals).isPresent()
                ? bowls.of(couverture, shelved.fluidity(), house)
                : bowls.of(couverture, house);
    }

    private TemperCurve curve(
            final Couverture couverture,
            final Materials needs,
            final PieceShelf.Shelved shelved,
            final BatchWish wish,
            final HouseEntity house) {
        return bowls.planned(
                HouseBowls.order(
                        couverture,
                        shelved.fluidity(),
                        needs.toMelt().value(),
                        wish.method() != null ? wish.method() : house.method(),
                        house));
    }

    private PieceEntity byId(final String id) {
        return pieces.whole(Require.text("piece", id, 64))
                .orElseThrow(() -> new NotHereException("piece", id));
    }
}
