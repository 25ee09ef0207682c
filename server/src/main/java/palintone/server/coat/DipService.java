package palintone.server.coat;

import jakarta.annotation.Nullable;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import palintone.core.casting.pour.BowlAt;
import palintone.core.coat.BowlEmptied;
import palintone.core.coat.Centre;
import palintone.core.coat.Coat;
import palintone.core.coat.ColdCentre;
import palintone.core.coat.DipOrder;
import palintone.core.coat.DipSolve;
import palintone.core.coat.Foot;
import palintone.core.coat.Powder;
import palintone.core.figure.Band;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.OutOfRangeException;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;
import palintone.core.heat.RoomAir;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;

/** What the books know of a dip, asked of the core. */
@Service
public class DipService {

    private static final double USUAL_UNDER_S = 2;
    private static final double USUAL_TAPPED_S = 6;
    private static final int USUAL_PIECES = 40;
    private static final double USUAL_EVERY_S = 10;
    private static final double HOUR_S = 3600;

    private final Centres centres;
    private final HouseService houses;
    private final CoatWeighings weighings;
    private final CoatBowls bowls;

    DipService(
            final Centres centres,
            final HouseService houses,
            final CoatWeighings weighings,
            final CoatBowls bowls) {
        this.bowls = bowls;
        this.weighings = weighings;
        this.centres = centres;
        this.houses = houses;
    }

    private static double or(final @Nullable Double given, final double otherwise) {
        return given == null ? otherwise : given;
    }

    /** One coat, the tray, and the bowl. */
    public DipView dip(final DipRequest request) {
        final double roomC = or(request.roomC(), houses.house().air().temperatureC());
        final BowlAt bowl =
                bowls.bowl(
                        request.couverture(),
                        request.fluidity(),
                        request.bowlC(),
                        request.stablePercent());
        final Centres.Made made = centres.of(request.centre());
        final DipOrder asked = order(request, bowl, made.centre(), roomC);
        final DipSolve.Tapped tapped =
                request.wantedG() == null
                        ? new DipSolve.Tapped(asked, true)
                        : DipSolve.tappedFor(asked, request.wantedG());
        final DipOrder order = tapped.order();
        final Coat coat = Coat.of(order);
        final int pieces = request.pieces() == null ? USUAL_PIECES : request.pieces();
        Require.between("pieces to dip", pieces, 1, 5000, "");
        final double enoughG = BowlEmptied.enoughG(order, coat.massG() * pieces);
        final Band work = bowls.work(bowl);
        final BowlEmptied emptied =
                BowlEmptied.of(
                        new BowlEmptied.Tray(
                                order,
                                pieces,
                                or(request.everyS(), USUAL_EVERY_S),
                                or(request.bowlG(), enoughG),
                                work.low()));
        final ColdCentre cold =
                ColdCentre.of(
                        order,
                        new RoomAir(roomC, houses.house().air().humidityPercent())
                                .dewPoint()
                                .value());
        return view(
                order,
                tapped.found(),
                coat,
                emptied,
                made,
                work,
                cold,
                pieces,
                Optional.ofNullable(request.powder()));
    }

    /** As it would be dipped here, by what was weighed of such coats. */
    private DipOrder order(
            final DipRequest request, final BowlAt bowl, final Centre centre, final double roomC) {
        return new DipOrder(
                bowl,
                centre,
                request.centreC(),
                or(request.underS(), USUAL_UNDER_S),
                or(request.tappedS(), USUAL_TAPPED_S),
                Boolean.TRUE.equals(request.blown()),
                roomC,
                weighings.learned(request.couverture()).factor());
    }

    /** Coats on the scale, dipped so. */
    public CoatsWeighedView weigh(final CoatWeighingRequest request) {
        final DipRequest dip = request.dip();
        final double roomC = or(dip.roomC(), houses.house().air().temperatureC());
        final BowlAt bowl =
                bowls.bowl(dip.couverture(), dip.fluidity(), dip.bowlC(), dip.stablePercent());
        if (!bowls.sets(bowl)) {
            throw new OutOfRangeException(
                    "bowl of these coats",
                    bowl.temperatureC() + " °C",
                    "a bowl in temper: what is weighed of another teaches nothing");
        }
        return weighings.keep(request, order(dip, bowl, centres.of(dip.centre()).centre(), roomC));
    }

    private static DipView view(
            final DipOrder order,
            final boolean found,
            final Coat coat,
            final BowlEmptied emptied,
            final Centres.Made made,
            final Band work,
            final ColdCentre cold,
            final int pieces,
            final Optional<Powder> powder) {
        final Basis film =
                Basis.of("film drawn out and draining, over what has set on the centre")
                        .with("bowl", order.bowl().temperatureC(), Unit.CELSIUS)
                        .with("yield value there", order.bowl().flow().yieldPa(), Unit.PASCAL)
                        .with("centre", order.centreC(), Unit.CELSIUS)
                        .with("tapped", order.tappedS(), Unit.SECOND)
                        .with("on its sides", coat.sidesMm(), Unit.MILLIMETRE)
                        .with("on its top", coat.topMm(), Unit.MILLIMETRE)
                        .with("set to the centre", coat.crustMm(), Unit.MILLIMETRE)
                        .with("film against the model's", order.filmFactor() * 100, Unit.PERCENT)
                        .from(Coat.SOURCE);
        final Basis sets =
                Basis.of("heat and crystals of coat and centre in this room")
                        .with("film", coat.filmMm(), Unit.MILLIMETRE)
                        .with("centre", order.centreC(), Unit.CELSIUS)
                        .with("room", order.roomC(), Unit.CELSIUS)
                        .from(Coat.SOURCE);
        final Basis batch =
                Basis.of("coats, thicker as the bowl cools, and what the fork needs to dive")
                        .with("pieces", pieces, Unit.PIECE)
                        .with("left for the fork", emptied.reserveG(), Unit.GRAM)
                        .from(BowlEmptied.SOURCE);
        final boolean inTemper = CoatBowls.sets(order.bowl(), work);
        return new DipView(
                found,
                FigureView.of(
                        Figure.of(
                                "one centre",
                                order.centre().massG(),
                                Unit.GRAM,
                                Basis.of("shape × density")
                                        .with("density (g/ml)", order.centre().gPerMl(), Unit.ONE)
                                        .from(Coat.SOURCE))),
                FigureView.of(Figure.of("coat of one", coat.massG(), Unit.GRAM, film)),
                FigureView.of(Figure.of("film, mean", coat.filmMm(), Unit.MILLIMETRE, film)),
                FigureView.of(Figure.of("tapped", order.tappedS(), Unit.SECOND, film)),
                FigureView.of(foot(order, coat)),
                FigureView.of(
                        Figure.of(
                                "centres that cost the bowl a degree",
                                emptied.line().get(0).bowlG()
                                        * order.bowl().couverture().cpJPerGK()
                                        / Math.max(1e-3, coat.tookJ()),
                                Unit.PIECE,
                                film)),
                FigureView.of(
                        Figure.of(
                                "coats in all",
                                emptied.coatsG() / Math.max(1, emptied.dipped()) * pieces,
                                Unit.GRAM,
                                batch)),
                FigureView.of(
                        Figure.of("chocolate to begin with", emptied.startG(), Unit.GRAM, batch)),
                inTemper ? within("roll until", coat.skinS(), sets) : null,
                inTemper ? within("may be lifted from", coat.liftsS(), sets) : null,
                FigureView.of(
                        Figure.of(
                                "coldest centre to dip",
                                cold.coldestC(),
                                Unit.CELSIUS,
                                sets.with("tears its coat below", cold.tearsBelowC(), Unit.CELSIUS)
                                        .with("dew point of the room", cold.dewC(), Unit.CELSIUS)
                                        .from(ColdCentre.SOURCE))),
                made.firmBelowC().stream()
                        .mapToObj(
                                c ->
                                        FigureView.of(
                                                Figure.of(
                                                        "firm on the fork below",
                                                        c,
                                                        Unit.CELSIUS,
                                                        made.firmness())))
                        .findFirst()
                        .orElse(null),
                powder.map(p -> sticks(p, order, coat, pieces, "sticks to all", 1)).orElse(null),
                powder.map(
                                p ->
                                        sticks(
                                                p,
                                                order,
                                                coat,
                                                pieces,
                                                "powder to have ready",
                                                Powder.STICKS_OF_TRAY))
                        .orElse(null),
                work.low(),
                emptied.dipped(),
                emptied.line().stream().map(DipView.DipPointView::of).toList(),
                orNull(emptied.warmAt()),
                orNull(emptied.thickAt()),
                orNull(emptied.shallowAt()),
                Stream.concat(
                                DipRemarks.of(order, found, coat, emptied, made, work, cold)
                                        .stream(),
                                powder.stream().flatMap(p -> DipRemarks.powder(p).stream()))
                        .map(SentenceView::of)
                        .toList());
    }

    private static Figure foot(final DipOrder order, final Coat coat) {
        final Foot foot = Foot.of(order, coat);
        return Figure.of(
                "foot",
                foot.massG(),
                Unit.GRAM,
                Basis.of("what is thicker on its sides than its yield value holds")
                        .with("on its sides", coat.sidesMm(), Unit.MILLIMETRE)
                        .with("stays where it is", foot.heldMm(), Unit.MILLIMETRE)
                        .with("set to the centre", coat.crustMm(), Unit.MILLIMETRE)
                        .from(Foot.SOURCE));
    }

    private static FigureView sticks(
            final Powder powder,
            final DipOrder order,
            final Coat coat,
            final int pieces,
            final String name,
            final double ofTray) {
        final double side = order.centre().shape().areaMm2();
        // As much larger as its volume under the coat has it.
        final double grown =
                Math.pow(
                        order.centre().shape().grownMl(coat.filmMm())
                                / order.centre().shape().volumeMl(),
                        2.0 / 3);
        return FigureView.of(
                Figure.of(
                        name,
                        powder.sticksG(side * grown) * pieces / ofTray,
                        Unit.GRAM,
                        Basis.of("what sticks to a square centimetre × surface × pieces")
                                .with("surface of one (cm²)", side * grown / 100, Unit.ONE)
                                .with("pieces", pieces, Unit.PIECE)
                                .with("of what lies ready sticks", 100 * ofTray, Unit.PERCENT)
                                .from(Powder.SOURCE)));
    }

    private static @Nullable Integer orNull(final OptionalInt dip) {
        return dip.isPresent() ? dip.getAsInt() : null;
    }

    private static @Nullable FigureView within(
            final String name, final double seconds, final Basis basis) {
        return seconds > HOUR_S
                ? null
                : FigureView.of(Figure.of(name, seconds / 60, Unit.MINUTE, basis));
    }
}
