package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.MixedCut;
import palintone.core.coat.RoundLayout;
import palintone.core.coat.Sheet;
import palintone.core.coat.SheetCurl;
import palintone.core.coat.SlabCut;
import palintone.core.coat.SlabSize;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Sentence;
import palintone.core.figure.Source;
import palintone.core.figure.Unit;
import palintone.core.temper.crystal.CoatingCrystals;
import palintone.core.temper.crystal.CrystalConstants;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;

/** Slabs and sheets: what comes out of them, and when they are cut. */
@Service
public class SheetService {

    private static final double WIRE_MM = 0.6;
    private static final double USUAL_GAP_MM = 1;
    private static final double FOLLOWED_S = 7200;
    private static final double CURLS_MM = 0.3;

    /** So much less of the slab is worth another size. */
    private static final double LESS_WASTE = 0.04;

    private static final double COUVERTURE_G_PER_ML = 1.25;

    private final Centres centres;
    private final CoatBowls bowls;
    private final HouseService houses;

    SheetService(final Centres centres, final HouseService houses, final CoatBowls bowls) {
        this.bowls = bowls;
        this.centres = centres;
        this.houses = houses;
    }

    private static double or(final @Nullable Double given, final double otherwise) {
        return given == null ? otherwise : given;
    }

    /** A slab of filling in its frame. */
    public SlabView slab(final SlabRequest request) {
        Require.between("height of the slab", request.heightMm(), 2, 100, "mm");
        final double precoatMm = or(request.precoatMm(), 0);
        Require.between("precoat", precoatMm, 0, 5, "mm");
        final SlabCut cut =
                SlabCut.of(
                        new SlabCut.Slab(
                                request.lengthMm(),
                                request.widthMm(),
                                or(request.trimMm(), 0),
                                or(request.kerfMm(), WIRE_MM),
                                request.pieceMm(),
                                request.acrossMm()));
        final double gPerMl =
                centres.of(
                                new CentreRequest(
                                        CentreRequest.Shape.BLOCK,
                                        request.filling(),
                                        null,
                                        request.pieceMm(),
                                        request.acrossMm(),
                                        request.heightMm()))
                        .centre()
                        .gPerMl();
        final double slabMm2 = request.lengthMm() * request.widthMm();
        final double slabG = slabMm2 * request.heightMm() / 1000 * gPerMl;
        final double pieceG =
                request.pieceMm() * request.acrossMm() * request.heightMm() / 1000 * gPerMl;
        final Basis mass =
                Basis.of("length × width × height × density")
                        .with("length", request.lengthMm(), Unit.MILLIMETRE)
                        .with("width", request.widthMm(), Unit.MILLIMETRE)
                        .with("height", request.heightMm(), Unit.MILLIMETRE)
                        .with("density (g/ml)", gPerMl, Unit.ONE)
                        .from(Source.definition("shape × density"));
        final Basis layout =
                Basis.of("pieces × weight / slab")
                        .with("pieces", cut.pieces().size(), Unit.PIECE)
                        .with("no cutting gives more than", cut.bound(), Unit.PIECE)
                        .from(SlabCut.SOURCE);
        final List<Sentence> remarks = new ArrayList<>();
        if (cut.wasteShare() > 0.2) {
            remarks.add(
                    Sentence.of(
                                    "{waste} of the slab is left over: melt it back into the next"
                                            + " batch of the same filling, or cut another size.")
                            .with("waste", cut.wasteShare() * 100, Unit.PERCENT));
        }
        SlabSize.near(
                        new SlabCut.Slab(
                                request.lengthMm(),
                                request.widthMm(),
                                or(request.trimMm(), 0),
                                or(request.kerfMm(), WIRE_MM),
                                request.pieceMm(),
                                request.acrossMm()))
                .filter(size -> size.wasteShare() < cut.wasteShare() - LESS_WASTE)
                .ifPresent(
                        size ->
                                remarks.add(
                                        Sentence.of(
                                                        "Cut {long} by {wide} instead: {pieces}, and"
                                                                + " only {waste} of the slab is left"
                                                                + " over.")
                                                .with("long", size.lengthMm(), Unit.MILLIMETRE)
                                                .with("wide", size.acrossMm(), Unit.MILLIMETRE)
                                                .with("pieces", size.pieces(), Unit.PIECE)
                                                .with(
                                                        "waste",
                                                        size.wasteShare() * 100,
                                                        Unit.PERCENT)));
        if (precoatMm == 0) {
            remarks.add(
                    Sentence.of(
                            "Without a precoat underneath, the centre clings to the wires and to the"
                                    + " fork: brush on half a millimetre before it is cut."));
        }
        return new SlabView(
                cut.pieces().size(),
                cut.bound(),
                SlabView.CutPieceView.of(cut.pieces()),
                FigureView.of(Figure.of("the slab", slabG, Unit.GRAM, mass)),
                FigureView.of(Figure.of("one piece", pieceG, Unit.GRAM, mass)),
                FigureView.of(
                        Figure.of(
                                "comes out as pieces",
                                100 * cut.pieces().size() * pieceG / slabG,
                                Unit.PERCENT,
                                layout)),
                precoatMm == 0
                        ? null
                        : FigureView.of(
                                Figure.of(
                                        "precoat",
                                        slabMm2 * precoatMm / 1000 * COUVERTURE_G_PER_ML,
                                        Unit.GRAM,
                                        Basis.of("length × width × thickness × density")
                                                .with("precoat", precoatMm, Unit.MILLIMETRE)
                                                .from(Source.definition("shape × density")))),
                remarks.stream().map(SentenceView::of).toList());
    }

    /** A thin spread, cut while it sets. */
    public DecorSheetView sheet(final DecorSheetRequest request) {
        final double roomC = or(request.roomC(), houses.house().air().temperatureC());
        final BowlAt bowl =
                bowls.bowl(
                        request.couverture(),
                        request.fluidity(),
                        request.bowlC(),
                        request.stablePercent());
        final Sheet sheet =
                Sheet.of(bowl, request.thickMm(), request.lengthMm(), request.widthMm(), roomC);
        final List<SlabCut.Cut> rectangles = new ArrayList<>();
        final List<RoundLayout.Middle> rounds = new ArrayList<>();
        final int bound;
        final double waste;
        final double pieceMm2;
        if (request.cut() == DecorSheetRequest.Cut.ROUNDS) {
            final RoundLayout layout =
                    RoundLayout.of(
                            request.lengthMm(),
                            request.widthMm(),
                            request.acrossMm(),
                            or(request.gapMm(), USUAL_GAP_MM));
            rounds.addAll(layout.rounds());
            bound = layout.bound();
            waste = layout.wasteShare();
            pieceMm2 = Math.PI / 4 * request.acrossMm() * request.acrossMm();
        } else if (request.cut() == DecorSheetRequest.Cut.BOTH) {
            final MixedCut mixed =
                    MixedCut.of(
                            request.lengthMm(),
                            request.widthMm(),
                            new MixedCut.CutWish(
                                    request.acrossMm(),
                                    or(request.gapMm(), USUAL_GAP_MM),
                                    given("rounds wanted", request.rounds()),
                                    given("length of a strip", request.stripMm()),
                                    given("width of a strip", request.stripAcrossMm())));
            rounds.addAll(mixed.rounds());
            rectangles.addAll(mixed.strips());
            bound = mixed.bound();
            waste = mixed.wasteShare();
            pieceMm2 = Math.PI / 4 * request.acrossMm() * request.acrossMm();
        } else {
            if (request.otherMm() == null) {
                throw new OutOfRangeException("the other side", "missing", "a number of mm");
            }
            final SlabCut cut =
                    SlabCut.of(
                            new SlabCut.Slab(
                                    request.lengthMm(),
                                    request.widthMm(),
                                    0,
                                    0,
                                    request.acrossMm(),
                                    request.otherMm()));
            rectangles.addAll(cut.pieces());
            bound = cut.bound();
            waste = cut.wasteShare();
            pieceMm2 = request.acrossMm() * request.otherMm();
        }
        final double longMm =
                Math.max(
                        request.acrossMm(),
                        Math.max(or(request.otherMm(), 0), or(request.stripMm(), 0)));
        final double curlsMm = SheetCurl.risesMm(sheet.curvePerMm(), longMm);
        final Basis sets =
                Basis.of("heat and crystals of the sheet in this room")
                        .with("thick", request.thickMm(), Unit.MILLIMETRE)
                        .with("bowl", bowl.temperatureC(), Unit.CELSIUS)
                        .with("room", roomC, Unit.CELSIUS)
                        .from(Sheet.SOURCE)
                        .from(
                                bowl.couverture().compound()
                                        ? CoatingCrystals.SOURCE
                                        : CrystalConstants.SOURCE);
        final Basis mass =
                Basis.of("area × thickness × density")
                        .with("length", request.lengthMm(), Unit.MILLIMETRE)
                        .with("width", request.widthMm(), Unit.MILLIMETRE)
                        .with("thick", request.thickMm(), Unit.MILLIMETRE)
                        .from(Source.definition("shape × density"));
        final boolean inTemper = bowls.sets(bowl);
        return new DecorSheetView(
                FigureView.of(Figure.of("the sheet", sheet.massG(), Unit.GRAM, mass)),
                FigureView.of(
                        Figure.of(
                                "one piece",
                                sheet.massG() * pieceMm2 / (request.lengthMm() * request.widthMm()),
                                Unit.GRAM,
                                mass)),
                request.cut() != DecorSheetRequest.Cut.BOTH
                        ? null
                        : FigureView.of(
                                Figure.of(
                                        "one strip",
                                        sheet.massG()
                                                * request.stripMm()
                                                * request.stripAcrossMm()
                                                / (request.lengthMm() * request.widthMm()),
                                        Unit.GRAM,
                                        mass)),
                inTemper ? within("cut from", sheet.cutFromS(), sets) : null,
                inTemper ? within("cut until", sheet.cutUntilS(), sets) : null,
                inTemper ? within("peels from", sheet.peelsS(), sets) : null,
                FigureView.of(
                        Figure.of(
                                "curls up by",
                                curlsMm,
                                Unit.MILLIMETRE,
                                Basis.of("one half of it draws in more than the other")
                                        .with("thick", request.thickMm(), Unit.MILLIMETRE)
                                        .with("long", longMm, Unit.MILLIMETRE)
                                        .from(SheetCurl.SOURCE)
                                        .from(Sheet.SOURCE))),
                rectangles.size() + rounds.size(),
                bound,
                waste,
                SlabView.CutPieceView.of(rectangles),
                DecorSheetView.RoundView.of(rounds),
                remarks(request, bowl, sheet, inTemper, curlsMm, roomC).stream()
                        .map(SentenceView::of)
                        .toList());
    }

    private static <T> T given(final String what, final @Nullable T value) {
        if (value == null) {
            throw new OutOfRangeException(what, "missing", "a number");
        }
        return value;
    }

    private static @Nullable FigureView within(
            final String name, final double seconds, final Basis basis) {
        return seconds > FOLLOWED_S
                ? null
                : FigureView.of(Figure.of(name, seconds / 60, Unit.MINUTE, basis));
    }

    /** Cut, and still not to be had off its film: then the cold, and how long. */
    private Sentence peels(final DecorSheetRequest request, final BowlAt bowl, final double roomC) {
        final double coldC = houses.house().firstCabinetC();
        final double peelsS =
                Sheet.of(bowl, request.thickMm(), request.lengthMm(), request.widthMm(), coldC)
                        .peelsS();
        return peelsS > FOLLOWED_S || coldC >= roomC
                ? Sentence.of(
                                "In a room of {room} it does not come off its film within two hours:"
                                        + " it wants a colder place, flat under its board.")
                        .with("room", roomC, Unit.CELSIUS)
                : Sentence.of(
                                "In a room of {room} it does not come off its film within two hours."
                                        + " Once it is cut: into the cabinet at {cold}, flat under its"
                                        + " board; there it peels from {peels}.")
                        .with("room", roomC, Unit.CELSIUS)
                        .with("cold", coldC, Unit.CELSIUS)
                        .with("peels", peelsS / 60, Unit.MINUTE);
    }

    private List<Sentence> remarks(
            final DecorSheetRequest request,
            final BowlAt bowl,
            final Sheet sheet,
            final boolean inTemper,
            final double curlsMm,
            final double roomC) {
        final List<Sentence> remarks = new ArrayList<>();
        CoatBowls.remark(bowl).ifPresent(remarks::add);
        if (bowl.couverture().compound() && sheet.cutFromS() <= FOLLOWED_S) {
            remarks.add(
                    Sentence.of(
                                    "It goes from wet to brittle at once: {window} to cut it all."
                                            + " Have the cutters ready, or spread less at a time.")
                            .with("window", sheet.cutUntilS() - sheet.cutFromS(), Unit.SECOND));
        }
        if (!inTemper) {
            remarks.add(
                    Sentence.of(
                            "This bowl is not in temper: the sheet bends, turns grey and does not"
                                    + " come off its film."));
        } else if (sheet.cutFromS() > FOLLOWED_S) {
            remarks.add(
                    Sentence.of("In a room of {room} it does not set within two hours.")
                            .with("room", roomC, Unit.CELSIUS));
        } else if (sheet.peelsS() > FOLLOWED_S) {
            remarks.add(peels(request, bowl, roomC));
        }
        if (request.cutAtMin() != null && inTemper) {
            final double at = Require.between("cut after", request.cutAtMin(), 0, 600, "min") * 60;
            if (at < sheet.cutFromS()) {
                remarks.add(
                        Sentence.of("After {at} it is still wet: the cut runs together again.")
                                .with("at", at / 60, Unit.MINUTE));
            } else if (at > sheet.cutUntilS()) {
                remarks.add(
                        Sentence.of(
                                        "After {at} it has set: it breaks under the cutter. Warm the"
                                                + " cutter, or spread anew.")
                                .with("at", at / 60, Unit.MINUTE));
            }
        }
        if (curlsMm > CURLS_MM) {
            remarks.add(
                    Sentence.of(
                                    "Left to itself a piece curls up by {curls}, its open side"
                                            + " inwards: flat under a board and a weight until it"
                                            + " peels.")
                            .with("curls", curlsMm, Unit.MILLIMETRE));
        }
        return remarks;
    }
}
