package palintone.server.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import palintone.core.casting.cold.CabinetLoad;
import palintone.core.casting.cold.ColdAnswer;
import palintone.core.casting.cold.Released;
import palintone.core.casting.learn.SimulatedScale;
import palintone.core.casting.pour.BowlAt;
import palintone.core.casting.pour.MouldWarmth;
import palintone.core.casting.pour.Vibration;
import palintone.core.casting.shell.CastOrder;
import palintone.core.casting.shell.Learned;
import palintone.core.casting.shell.Opening;
import palintone.core.casting.shell.Shell;
import palintone.core.casting.shell.ShellAnswer;
import palintone.core.casting.shell.ShellCast;
import palintone.core.figure.Basis;
import palintone.core.figure.Figure;
import palintone.core.figure.Require;
import palintone.core.figure.Unit;
import palintone.core.heat.AirFlow;
import palintone.core.heat.RoomAir;
import palintone.core.mould.Mould;
import palintone.core.temper.Couverture;
import palintone.core.temper.CouvertureKind;
import palintone.core.temper.crystal.Crystals;
import palintone.core.temper.flow.FluidityClass;
import palintone.core.tool.Cabinet;
import palintone.server.figure.FigureView;
import palintone.server.figure.SentenceView;
import palintone.server.house.HouseService;
import palintone.server.larder.LarderService;
import palintone.server.mould.MouldService;
import palintone.server.temper.HouseBowls;

/** Reads what a casting rests on from the books, and asks the core. */
@Service
public class ShellService {

    private static final double USUAL_DRAIN_S = 20;
    private static final int USUAL_SHELVES = 3;
    private static final double WARM_AIR_C = 45;

    private static final double NEVER_COLDER_C = 18;
    private static final double[] SCHOOLS_C = {9, 15};
    private static final String[] SCHOOLS = {"8 to 10 °C", "14 to 16 °C"};

    private final LarderService larder;
    private final MouldService moulds;
    private final HouseService houses;
    private final ShellWeighings weighings;
    private final HouseBowls bowls;

    ShellService(
            final LarderService larder,
            final MouldService moulds,
            final HouseService houses,
            final ShellWeighings weighings,
            final HouseBowls bowls) {
        this.bowls = bowls;
        this.weighings = weighings;
        this.larder = larder;
        this.moulds = moulds;
        this.houses = houses;
    }

    /** What is given, or what holds otherwise. */
    static double or(final Double given, final double otherwise) {
        return given == null ? otherwise : given;
    }

    /** As it is asked for, with what has been weighed of such castings. */
    CastOrder order(final CastRequest request) {
        final CastOrder asked = asked(request);
        return asked.learning(weighings.learned(asked));
    }

    /** What was weighed of castings like this one, and what it says. */
    public WeighedView weighed(final CastRequest request) {
        return weighings.view(asked(request));
    }

    /** Keeps a weighing, and says what is known then. */
    public WeighedView weigh(final WeighingRequest request) {
        final CastOrder order = asked(request.cast());
        weighings.keep(order, request);
        return weighings.view(order);
    }

    /** What a scale to practise on reads of such a casting. */
    public SimulatedScale scale(final WeighingRequest request) {
        return weighings.scale(asked(request.cast()), request);
    }

    private CastOrder asked(final CastRequest request) {
        final double roomC = or(request.roomC(), houses.house().air().temperatureC());
        final BowlAt bowl =
                bowl(
                        request.couverture(),
                        request.fluidity(),
                        request.bowlC(),
                        request.stablePercent());
        return new CastOrder(
                bowl,
                moulds.mould(request.mould()),
                or(request.mouldC(), Math.min(roomC, bowl.temperatureC())),
                roomC,
                request.vibration() == null ? Vibration.TAPPED : request.vibration(),
                or(request.drainS(), USUAL_DRAIN_S),
                or(request.rockedDegrees(), 0),
                Learned.NOTHING);
    }

    /** A bowl as asked for; what is left out is as its bag, its window and the books have it. */
    public BowlAt bowl(
            final String couvertureId,
            final FluidityClass fluidity,
            final Double bowlC,
            final Double stablePercent) {
        final Couverture couverture = larder.couverture(couvertureId);
        final BowlAt ours =
                bowls.of(couverture, fluidity == null ? larder.fluidity(couvertureId) : fluidity);
        return new BowlAt(
                couverture,
                ours.fluidity(),
                or(bowlC, ours.temperatureC()),
                stablePercent == null
                        ? ours.crystals()
                        : new Crystals(
                                Require.between(
                                                "stable crystals",
                                                stablePercent,
                                                0,
                                                20,
                                                "% of the fat")
                                        / 100,
                                0));
    }

    private RoomAir air(final double roomC) {
        return new RoomAir(roomC, houses.house().air().humidityPercent());
    }

    /** Thickness of a wait, or the wait for a thickness or a weight. */
    public CastView cast(final CastRequest request) {
        final CastOrder order = order(request);
        final ShellAnswer answer = ShellAnswer.of(order, request.asked(), request.value());
        final Mould mould = order.mould();
        final Basis basis = answer.mean().basis();
        return new CastView(
                answer.found(),
                FigureView.of(answer.waiting()),
                FigureView.of(answer.mean()),
                mm("floor", answer.shell().floorMm(), basis),
                mm("wall", answer.shell().wallMm(), basis),
                mm("rim", answer.shell().rimMm(), basis),
                FigureView.of(answer.thinnest()),
                FigureView.of(answer.mass()),
                FigureView.of(
                        Figure.of(
                                "shells of one mould",
                                answer.mass().value() * mould.usable(),
                                Unit.GRAM,
                                Basis.of("one shell × cavities")
                                        .with("one shell", answer.mass().value(), Unit.GRAM)
                                        .with("cavities", mould.usable(), Unit.PIECE)
                                        .from(ShellCast.SOURCE))),
                FigureView.of(
                        Figure.of(
                                "brim-full, one mould",
                                mould.brim().value() * mould.usable(),
                                Unit.GRAM,
                                mould.brim().basis())),
                answer.perTenSecondsMm(),
                answer.perMouldKelvinMm(),
                answer.shell().setMm(),
                CastView.growth(answer),
                mould.cavity().profile(0, mould.cavity().depthMm()).stream()
                        .map(CastView.WallView::of)
                        .toList(),
                answer.shell().places().stream().map(CastView.PlaceView::of).toList(),
                order.bowl().couverture().kind(),
                warmth(order),
                order.learned().weighings(),
                weighings.points(order),
                Stream.concat(answer.remarks().stream(), weighings.fromAnotherSize(order).stream())
                        .map(SentenceView::of)
                        .toList());
    }

    private static FigureView mm(final String name, final double value, final Basis basis) {
        return FigureView.of(Figure.of(name, value, Unit.MILLIMETRE, basis));
    }

    private CastView.WarmthView warmth(final CastOrder order) {
        final double bowlC = order.bowl().temperatureC();
        final MouldWarmth band =
                MouldWarmth.of(
                        order.bowl(),
                        order.mould(),
                        order.roomC(),
                        air(order.roomC()).dewPoint().value());
        final double aimC = Math.max(band.fromC(), Math.min(band.toC(), bowlC - 3));
        return CastView.warmth(
                band,
                order.mouldC(),
                MouldWarmth.warmingS(order.mould(), order.mouldC(), aimC, WARM_AIR_C),
                MouldWarmth.losesOneKelvinS(order.mould(), aimC, order.roomC()),
                List.of(
                        new CastView.MouldPracticeView(
                                "2 to 4 °C under the chocolate",
                                bowlC - 4,
                                bowlC - 2,
                                "It fills every line and shines; it must be warmed, and cools while"
                                        + " you pour."),
                        new CastView.MouldPracticeView(
                                "Room temperature, never cold",
                                Math.max(NEVER_COLDER_C, band.fromC()),
                                Math.min(24, band.toC()),
                                "Nothing to warm; the shell is a little thicker and sets sooner.")));
    }

    /** The cabinet as asked, and both schools beside it. */
    public List<ColdView> cold(final ColdRequest request, final Released released) {
        final ColdOne one = new ColdOne(request, released);
        final List<ColdView> ways = new ArrayList<>();
        ways.add(ColdView.of("as set", one.airC, one.kind(), one.at(one.airC)));
        for (int i = 0; i < SCHOOLS.length; i++) {
            ways.add(ColdView.of(SCHOOLS[i], SCHOOLS_C[i], one.kind(), one.at(SCHOOLS_C[i])));
        }
        return ways;
    }

    /** The cabinet as asked. */
    ColdAnswer asSet(final ColdRequest request, final Released released) {
        final ColdOne one = new ColdOne(request, released);
        return one.at(one.airC);
    }

    /** A cast shell before it goes into the cold. */
    private final class ColdOne {

        private final ColdRequest request;
        private final Released released;
        private final ShellCast cast;
        private final Shell shell;
        private final double airC;
        private final double metresPerS;

        ColdOne(final ColdRequest request, final Released released) {
            this.request = request;
            this.released = released;
            cast = new ShellCast(order(request.cast()));
            shell =
                    cast.after(
                            ShellAnswer.waitS(
                                    cast, request.cast().asked(), request.cast().value()));
            final Cabinet first = houses.house().tools().cabinets().get(0);
            airC = or(request.airC(), first.temperatureC());
            metresPerS =
                    or(
                            request.metresPerS(),
                            first.air() == Cabinet.Air.MOVING ? AirFlow.MOVING_M_PER_S : 0);
        }

        CouvertureKind kind() {
            return cast.order().bowl().couverture().kind();
        }

        ColdAnswer at(final double cabinetC) {
            return ColdAnswer.of(
                    cast,
                    shell,
                    request.movedMin() == null
                            ? -1
                            : Require.between(
                                            "time before the cold",
                                            request.movedMin(),
                                            0,
                                            60,
                                            "min")
                                    * 60,
                    new CabinetLoad(
                            cabinetC,
                            metresPerS,
                            request.moulds() == null ? 1 : request.moulds(),
                            request.shelves() == null ? USUAL_SHELVES : request.shelves(),
                            or(request.coolingW(), CabinetLoad.USUAL_COOLING_W)),
                    request.opening() == null ? Opening.UP : request.opening(),
                    air(cast.order().roomC()),
                    released);
        }
    }
}
